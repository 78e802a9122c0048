package app.fret.bow.pattern;

import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Bar;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * The strokes of a pattern over a stretch of notes. A rest, a bar line and a change of note value
 * end what a pattern counts; grace notes go with their note.
 */
final class PatternGroups {
  private static final int FOUR = 4;
  private static final int THREE = 3;

  private final Reading reading;
  private final Span stretch;
  private final List<Span> groups = new ArrayList<>();

  private PatternGroups(Reading reading, Span stretch) {
    this.reading = reading;
    this.stretch = stretch;
  }

  /** The strokes as runs of notes, in order; every note of the stretch is in one. */
  static List<Span> of(Reading reading, Span stretch, Pattern pattern) {
    PatternGroups of = new PatternGroups(reading, stretch);
    switch (pattern) {
      case SEPARATE, HOOKED, AS_IT_COMES -> of.counted(k -> true);
      case TWO_AND_TWO -> of.counted(k -> k % 2 == 0);
      case THREE_AND_ONE -> of.counted(k -> k % FOUR == 0 || k % FOUR == THREE);
      case SLUR_TWO_TWO_SEPARATE -> of.counted(k -> k % FOUR != 1);
      case BEAT -> of.within(n -> reading.beats().beatOf(n.number()));
      case HALF_BAR -> of.within(of::half);
      case BAR -> of.within(n -> 0);
    }
    return List.copyOf(of.groups);
  }

  /**
   * Whether a pattern has anything to count in a stretch: three and one needs four notes of one
   * value in a row, two and two needs two, halves need bars that have them.
   */
  static boolean suits(Reading reading, Span stretch, Pattern pattern) {
    PatternGroups of = new PatternGroups(reading, stretch);
    return switch (pattern) {
      case THREE_AND_ONE, SLUR_TWO_TWO_SEPARATE -> of.longestRun() >= FOUR;
      case TWO_AND_TWO -> of.longestRun() >= 2;
      case HALF_BAR ->
          IntStream.rangeClosed(stretch.first(), stretch.last())
              .anyMatch(n -> of.half(reading.notes().get(n)) == 1);
      case HOOKED ->
          IntStream.rangeClosed(stretch.first(), stretch.last())
              .anyMatch(n -> PatternStrokes.isShortOfPair(reading, n, stretch));
      default -> true;
    };
  }

  private int longestRun() {
    int longest = 1;
    int run = 1;
    for (int i = stretch.first() + 1; i <= stretch.last(); i++) {
      run = isApart(i) || isOtherValue(i) ? 1 : run + 1;
      longest = Math.max(longest, run);
    }
    return longest;
  }

  /** Number of the half of its bar in which a note begins; a bar of odd beats is one. */
  private int half(PlayedNote note) {
    Bar bar = reading.passage().bars().get(note.bar());
    int beats = reading.beatGroups().get(note.bar()).beats(bar.metre()).size();
    Fraction place = bar.placeInMetre(note.onset());
    boolean isSecond = place.multiply(2).compareTo(bar.metre().barLength()) >= 0;
    return beats % 2 == 0 && isSecond ? 1 : 0;
  }

  /** Strokes over all notes of one part of a bar, a rest ends one. */
  private void within(Function<PlayedNote, Integer> part) {
    int first = stretch.first();
    for (int i = stretch.first() + 1; i <= stretch.last() + 1; i++) {
      boolean ends =
          i > stretch.last()
              || isApart(i)
              || !notes().get(i - 1).isGrace()
                  && !part.apply(notes().get(i)).equals(part.apply(notes().get(first)));
      if (ends) {
        groups.add(new Span(first, i - 1));
        first = i;
      }
    }
  }

  /**
   * Strokes by count within runs of one note value; a run that leaves off sooner is slurred as far
   * as it goes.
   *
   * @param begins whether a stroke begins with a note of a run, counted from 0
   */
  private void counted(IntPredicate begins) {
    int first = stretch.first();
    int counted = 0;
    for (int i = stretch.first() + 1; i <= stretch.last() + 1; i++) {
      boolean runEnds = i > stretch.last() || isApart(i) || isOtherValue(i);
      boolean ledTo = i <= stretch.last() && notes().get(i - 1).isGrace();
      counted = runEnds ? 0 : ledTo ? counted : counted + 1;
      if (runEnds || !ledTo && begins.test(counted)) {
        groups.add(new Span(first, i - 1));
        first = i;
      }
    }
  }

  private boolean isOtherValue(int note) {
    PlayedNote before = notes().get(note - 1);
    return !before.isGrace()
        && !notes().get(note).isGrace()
        && !before.length().equals(notes().get(note).length());
  }

  /** Whether a rest or a bar line stands before a note. */
  private boolean isApart(int note) {
    PlayedNote before = notes().get(note - 1);
    PlayedNote here = notes().get(note);
    return before.bar() != here.bar()
        || !before.isGrace() && before.end().compareTo(here.onset()) < 0;
  }

  private List<PlayedNote> notes() {
    return reading.notes();
  }
}
