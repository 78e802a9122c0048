package app.fret.lefthand.advice;

import app.fret.brief.Brief;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Spans;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;

/**
 * What can hurt, in plain words. Common practice, no source; nobody is ever told to play through
 * pain.
 */
final class Cautions {
  /** Repeats of a flagged stretch in a row. */
  static final int MOST_IN_A_ROW = 5;

  /** Repeats of a flagged stretch in a day. */
  static final int MOST_A_DAY = 20;

  /** A stretch is to be counted from this part of the way from ease to the widest there is. */
  private static final double FLAGGED_PART = 0.75;

  private static final double LONG_LOUD_SECONDS = 20;
  private static final int PLUCKED_CHORD = 3;

  private final Brief brief;
  private final Spans spans;
  private final StringGeometry geometry;
  private final List<Moment> moments;
  private final List<Placement> path;

  private Cautions(Brief brief, List<Moment> moments, List<Placement> path) {
    this.brief = brief;
    this.spans = new Spans(brief.player());
    this.geometry = brief.player().instrument().geometry();
    this.moments = moments;
    this.path = path;
  }

  static List<String> of(Brief brief, List<Moment> moments, List<Placement> path) {
    Cautions cautions = new Cautions(brief, moments, path);
    List<String> all = new ArrayList<>();
    cautions.addStretches(all);
    cautions.addLoudness(all);
    cautions.addPluckedChords(all);
    return all;
  }

  /** Numbers of the notes that open the hand almost as far as it goes. */
  static List<Integer> wideReaches(Brief brief, List<Moment> moments, List<Placement> path) {
    Cautions cautions = new Cautions(brief, moments, path);
    return IntStream.range(0, path.size())
        .filter(i -> cautions.isWide(path.get(i)))
        .boxed()
        .toList();
  }

  /** The everyday extension is no stretch to warn of: what is always said is not heard. */
  private void addStretches(List<String> all) {
    List<Integer> wide =
        IntStream.range(0, path.size()).filter(i -> isWide(path.get(i))).boxed().toList();
    if (wide.isEmpty()) {
      return;
    }
    int widest =
        wide.stream().max(Comparator.comparingDouble(i -> path.get(i).reachMm())).orElseThrow();
    all.add(
        String.format(
            Locale.ROOT,
            "%d %s the hand almost as far as it goes, at most %.0f mm beyond its comfortable span"
                + " (%s). Warm up first, let the hand close after each, and play such a stretch at"
                + " most %d times in a row and %d times a day; stop at any pain and ask a teacher"
                + " or a clinician.",
            wide.size(),
            wide.size() == 1 ? "note opens" : "notes open",
            path.get(widest).reachMm(),
            bar(widest),
            MOST_IN_A_ROW,
            MOST_A_DAY));
  }

  private String bar(int note) {
    int bar = brief.notes().get(note).bar();
    return "bar " + brief.passage().bars().get(bar).label();
  }

  private boolean isWide(Placement placement) {
    if (placement.reachMm() == 0) {
      return false;
    }
    List<Stop> used = placement.stops().stream().filter(s -> !s.isOpen()).toList();
    for (Stop upper : used) {
      for (Stop lower : used) {
        if (lower.finger().rank() < upper.finger().rank()
            && isWide(lower.finger(), lower.place(), upper.finger(), upper.place())) {
          return true;
        }
      }
    }
    Finger base = placement.frame().baseFinger();
    Stop only = used.get(0);
    return used.size() == 1
        && only.finger() != base
        && isWide(base, placement.base(), only.finger(), only.place());
  }

  private boolean isWide(Finger lower, int lowerPlace, Finger upper, int upperPlace) {
    double ease = spans.comfortableMm(lower, lowerPlace, upper);
    double most = spans.greatestMm(lower, upper);
    return upperPlace > lowerPlace
        && geometry.spanMm(lowerPlace, upperPlace) >= ease + FLAGGED_PART * (most - ease);
  }

  private void addLoudness(List<String> all) {
    double longest = 0;
    double run = 0;
    for (Moment moment : moments) {
      run = moment.isLoud() && !moment.comesAfterRest() ? run + moment.lengthSeconds() : 0;
      longest = Math.max(longest, run);
    }
    if (longest >= LONG_LOUD_SECONDS) {
      all.add(
          String.format(
              Locale.ROOT,
              "%.0f s of loud playing without a rest: practise it softly most of the time, with a"
                  + " break of 5 minutes in every 25.",
              longest));
    }
  }

  private void addPluckedChords(List<String> all) {
    for (int i = 0; i < path.size(); i++) {
      if (moments.get(i).is(Moment.Sign.PLUCKED) && path.get(i).pressed() >= PLUCKED_CHORD) {
        all.add("Plucked chords over three stopped strings are doubtful: ask for them divided.");
        return;
      }
    }
  }
}
