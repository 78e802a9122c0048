package app.fret.lefthand.advice;

import app.fret.brief.Brief;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.UpperFinger;
import app.fret.lefthand.moment.Moment;
import app.fret.reading.TrillNotes;
import app.fret.score.Finger;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The finger that trills over a note, as this hand brings it.
 *
 * @param note number of the note
 * @param upper the upper note
 * @param halfSteps how far it lies above: 1, 2, seldom 3
 * @param halfStep finger for a half step above; empty when the hand brings none
 * @param wholeStep finger for a whole step above; empty when the hand brings none
 * @param isLong whether it is so long that it may drift sharp
 */
public record TrillFinger(
    int note,
    WrittenPitch upper,
    int halfSteps,
    Optional<Finger> halfStep,
    Optional<Finger> wholeStep,
    boolean isLong) {
  /** A trill from here on has time to drift, in s (common practice, no source). */
  private static final double LONG_SECONDS = 1.0;

  static List<TrillFinger> of(Brief brief, List<Placement> path, List<Moment> moments) {
    List<TrillFinger> trills = new ArrayList<>();
    for (int i = 0; i < path.size(); i++) {
      if (moments.get(i).is(Moment.Sign.TRILLED) && !path.get(i).isLeftOut()) {
        Placement at = path.get(i);
        trills.add(
            new TrillFinger(
                i,
                TrillNotes.upper(brief.reading(), i),
                TrillNotes.halfSteps(brief.reading(), i),
                UpperFinger.of(at, 1),
                UpperFinger.of(at, 2),
                brief.timeline().lengthSeconds(i) >= LONG_SECONDS));
      }
    }
    return trills;
  }

  /** The finger for its own upper note; empty where this hand brings none there. */
  public Optional<Finger> finger() {
    return halfSteps <= 1 ? halfStep : halfSteps == 2 ? wholeStep : Optional.empty();
  }
}
