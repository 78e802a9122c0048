package app.fret.reading;

import app.fret.score.Bar;
import app.fret.score.Passage;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Where the music breathes: the cut into phrases for which most speaks.
 *
 * <p>Problem: what speaks for a breath before each note ({@link Breaths}) is held against what a
 * border costs and how likely a phrase of that length is. Method: exact; the best cut of the notes
 * up to each follows from the best cuts before it. Cost: for each note the notes since the last
 * sure border. Where nothing else speaks four bars are taken, but seven bars stay seven where the
 * music says so. Figures are Fret's own, tried on worked passages.
 */
final class Phrases {
  /** A border needs this much; where so much more speaks for it, it stands whatever follows. */
  private static final double BORDER = 0.75;

  private static final double SURE = 3;
  private static final int FEWEST_NOTES = 4;
  private static final double FOUR = 0.45;
  private static final double EIGHT = 0.2;
  private static final double TWO = 0.05;

  /** Three bars beside four are rather seven, and five beside three eight. */
  private static final double UNEVEN = -0.2;

  private static final double UNDER_A_BAR = -0.9;
  private static final double UNDER_TWO_BARS = -0.5;
  private static final double A_BAR_TOO_MANY = -0.15;
  private static final double LONG_FROM_BARS = 8;
  private static final double SHORT_BARS = 0.9;
  private static final double TWO_BARS = 1.8;
  private static final double ABOUT = 0.36;

  private final double[] strengths;
  private final double[] bars;

  private Phrases(Passage passage, List<PlayedNote> notes, Breaths breaths) {
    this.strengths = new double[notes.size()];
    this.bars = new double[notes.size() + 1];
    for (int i = 0; i < notes.size(); i++) {
      PlayedNote note = notes.get(i);
      strengths[i] = i == 0 ? SURE : breaths.before(i);
      bars[i] = bars(passage.bars().get(note.bar()), note.onset().doubleValue());
    }
    if (!notes.isEmpty()) {
      PlayedNote last = notes.get(notes.size() - 1);
      Bar bar = passage.bars().get(last.bar());
      bars[notes.size()] = bars(bar, bar.end().doubleValue());
    }
  }

  /** How many bars of the metre of its bar a moment lies from the start. */
  private static double bars(Bar bar, double moment) {
    return moment / bar.metre().barLength().doubleValue();
  }

  /** The phrases of a passage as runs of notes; every note is in one. */
  static List<Span> of(Passage passage, List<PlayedNote> notes, Breaths breaths) {
    return notes.isEmpty() ? List.of() : new Phrases(passage, notes, breaths).cut();
  }

  private List<Span> cut() {
    int count = strengths.length;
    double[] best = new double[count + 1];
    int[] from = new int[count + 1];
    for (int end = 1; end <= count; end++) {
      best[end] = Double.NEGATIVE_INFINITY;
      for (int first = end - 1; first >= 0; first--) {
        boolean canBegin = first == 0 || strengths[first] > 0;
        double value = canBegin ? best[first] + worth(first, end) : Double.NEGATIVE_INFINITY;
        if (value > best[end]) {
          best[end] = value;
          from[end] = first;
        }
        if (strengths[first] >= SURE && end - first >= FEWEST_NOTES) {
          break;
        }
      }
    }
    List<Span> phrases = new ArrayList<>();
    for (int end = count; end > 0; end = from[end]) {
      phrases.add(new Span(from[end], end - 1));
    }
    Collections.reverse(phrases);
    return List.copyOf(phrases);
  }

  private double worth(int first, int end) {
    double border = first == 0 ? 0 : strengths[first] - BORDER;
    return border + likely(first, end);
  }

  private double likely(int first, int end) {
    double length = bars[end] - bars[first];
    if (end - first < FEWEST_NOTES || length < SHORT_BARS) {
      return UNDER_A_BAR;
    }
    if (length < TWO_BARS) {
      return UNDER_TWO_BARS;
    }
    if (length > LONG_FROM_BARS) {
      return A_BAR_TOO_MANY * (length - LONG_FROM_BARS);
    }
    if (isAbout(length, 3) || isAbout(length, 5)) {
      return UNEVEN;
    }
    return isAbout(length, 4) ? FOUR : isAbout(length, 8) ? EIGHT : isAbout(length, 2) ? TWO : 0;
  }

  private static boolean isAbout(double length, int bars) {
    return Math.abs(length - bars) < ABOUT;
  }
}
