package app.fret.lefthand.advice;

import app.fret.instrument.HandFrame;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The finger that trills over a note, for a half step and for a whole step, as this hand brings it.
 *
 * @param note number of the note
 * @param halfStep finger for the half step above; empty when the hand brings none
 * @param wholeStep finger for the whole step above; empty when the hand brings none
 */
public record TrillFinger(int note, Optional<Finger> halfStep, Optional<Finger> wholeStep) {
  static List<TrillFinger> of(List<Placement> path, List<Moment> moments) {
    List<TrillFinger> trills = new ArrayList<>();
    for (int i = 0; i < path.size(); i++) {
      if (moments.get(i).is(Moment.Sign.TRILLED) && !path.get(i).isLeftOut()) {
        Placement at = path.get(i);
        trills.add(new TrillFinger(i, above(at, 1), above(at, 2)));
      }
    }
    return trills;
  }

  /** The lowest finger above the trilled one that the shape of the hand brings there. */
  private static Optional<Finger> above(Placement at, int semitones) {
    Stop trilled = at.top();
    if (trilled.isOpen()) {
      return Optional.of(Finger.FIRST);
    }
    int offset = trilled.place() + semitones - at.base();
    return at.frame().reaches().keySet().stream()
        .filter(f -> f.rank() > trilled.finger().rank())
        .filter(f -> at.frame().of(f).stream().anyMatch(r -> isOrdinary(r, offset)))
        .min(Comparator.comparingInt(Finger::rank));
  }

  private static boolean isOrdinary(HandFrame.Reach reach, int offset) {
    return reach.offset() == offset && reach.use() == HandFrame.Use.ORDINARY;
  }
}
