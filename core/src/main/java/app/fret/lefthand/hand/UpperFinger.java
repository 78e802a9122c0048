package app.fret.lefthand.hand;

import app.fret.instrument.HandFrame;
import app.fret.score.Finger;
import java.util.Comparator;
import java.util.Optional;

/** The finger that the shape of a hand brings above its top finger, such as for a trill. */
public final class UpperFinger {
  private UpperFinger() {}

  /**
   * The lowest finger above the top one that stands so many half steps higher; empty where the hand
   * brings none there.
   */
  public static Optional<Finger> of(Placement at, int halfSteps) {
    Stop trilled = at.top();
    if (trilled.isOpen()) {
      return Optional.of(Finger.FIRST);
    }
    int offset = trilled.place() + halfSteps - at.base();
    return at.frame().reaches().keySet().stream()
        .filter(f -> f.rank() > trilled.finger().rank())
        .filter(f -> at.frame().of(f).stream().anyMatch(r -> isOrdinary(r, offset)))
        .min(Comparator.comparingInt(Finger::rank));
  }

  private static boolean isOrdinary(HandFrame.Reach reach, int offset) {
    return reach.offset() == offset && reach.use() == HandFrame.Use.ORDINARY;
  }
}
