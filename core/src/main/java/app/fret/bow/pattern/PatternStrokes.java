package app.fret.bow.pattern;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Turns a pattern over a stretch of notes into decisions on strokes. */
public final class PatternStrokes {
  /** What a pattern decides itself; kinds, places and amounts that were decided stay. */
  private static final Set<Act> OF_A_PATTERN =
      EnumSet.of(
          Act.DOWN, Act.UP, Act.AS_IT_COMES, Act.SPLIT, Act.JOIN, Act.HOOK, Act.TWO, Act.RETAKE);

  /** A long note of a dotted pair is so many times its short one. */
  private static final double LEAST_DOTTED = 2.9;

  private static final double MOST_DOTTED = 7.1;

  private PatternStrokes() {}

  /** Whether a pattern has anything to do in a stretch. */
  public static boolean suits(Reading reading, Span stretch, Pattern pattern) {
    return PatternGroups.suits(reading, stretch, pattern);
  }

  /**
   * The decisions with a pattern over a stretch in place of all that was decided there of which
   * notes share a stroke.
   */
  public static BowChoices with(
      BowChoices choices, Reading reading, Span stretch, Pattern pattern) {
    List<StrokeAt> kept = new ArrayList<>();
    for (StrokeAt stroke : choices.strokes()) {
      boolean isThere =
          reading.places().find(stroke.at()).filter(h -> stretch.holds(h.note())).isPresent();
      if (!isThere || !OF_A_PATTERN.contains(stroke.decision().act())) {
        kept.add(stroke);
      }
    }
    return choices.withStrokes(kept).withAll(decisions(reading, stretch, pattern));
  }

  private static List<StrokeAt> decisions(Reading reading, Span stretch, Pattern pattern) {
    List<StrokeAt> decided = new ArrayList<>();
    for (Span group : PatternGroups.of(reading, stretch, pattern)) {
      for (int note = group.first() + 1; note <= group.last(); note++) {
        decided.add(at(reading, note, Act.JOIN));
      }
      if (group.last() < stretch.last()) {
        decided.add(at(reading, group.last(), Act.SPLIT));
      }
      if (pattern == Pattern.AS_IT_COMES) {
        decided.add(at(reading, group.first(), Act.AS_IT_COMES));
      }
      if (pattern == Pattern.HOOKED && isShortOfPair(reading, group.first(), stretch)) {
        decided.add(at(reading, group.first(), Act.HOOK));
      }
    }
    return decided;
  }

  private static StrokeAt at(Reading reading, int note, Act act) {
    return new StrokeAt(reading.places().top(note), StrokeDecision.of(act));
  }

  /** Whether a note is the short one of a dotted pair: never one of even notes or of a run. */
  static boolean isShortOfPair(Reading reading, int note, Span stretch) {
    if (note <= stretch.first()) {
      return false;
    }
    PlayedNote before = reading.notes().get(note - 1);
    PlayedNote here = reading.notes().get(note);
    if (here.isGrace() || before.isGrace() || before.bar() != here.bar()) {
      return false;
    }
    double ratio = before.length().doubleValue() / here.length().doubleValue();
    boolean runsOn =
        note + 1 < reading.notes().size()
            && reading.notes().get(note + 1).length().compareTo(here.length()) <= 0;
    return ratio >= LEAST_DOTTED
        && ratio <= MOST_DOTTED
        && before.end().equals(here.onset())
        && !reading.beats().begins(note)
        && !runsOn;
  }
}
