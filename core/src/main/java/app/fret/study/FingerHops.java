package app.fret.study;

import app.fret.bow.BowPlan;
import app.fret.bow.stroke.Stroke;
import app.fret.instrument.Instrument;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import java.util.ArrayList;
import java.util.List;

/**
 * Where the bow is best lighter because one finger hops to another string inside a stroke (common
 * practice, no source). The bow's plan knows strings but no fingers, so this is said where both
 * hands are known.
 */
final class FingerHops {
  private final LeftHandPlan leftHand;

  FingerHops(LeftHandPlan leftHand) {
    this.leftHand = leftHand;
  }

  /** The bow with a hint on each stroke in which a finger hops. */
  BowPlan addTo(BowPlan bow) {
    List<Stroke> strokes = new ArrayList<>();
    for (Stroke stroke : bow.strokes()) {
      strokes.add(stroke.saying(hints(stroke)));
    }
    return bow.withStrokes(strokes);
  }

  private List<String> hints(Stroke stroke) {
    List<String> hints = new ArrayList<>();
    for (int note = stroke.firstNote() + 1; note <= stroke.lastNote(); note++) {
      Placement before = leftHand.notes().get(note - 1).placement();
      Placement now = leftHand.notes().get(note).placement();
      if (isHop(before, now)) {
        hints.add(
            "Lighter while finger "
                + now.top().finger().sign()
                + " hops from string "
                + Instrument.numeral(before.top().string())
                + " to "
                + Instrument.numeral(now.top().string())
                + ".");
      }
    }
    return hints;
  }

  /** A finger that lies across two neighbouring strings at one place need not hop. */
  private static boolean isHop(Placement before, Placement now) {
    if (!before.isSingle() || !now.isSingle()) {
      return false;
    }
    Stop from = before.top();
    Stop to = now.top();
    int strings = Math.abs(to.string() - from.string());
    boolean liesAcross = strings == 1 && from.place() == to.place();
    return !from.isOpen()
        && !to.isOpen()
        && from.finger() == to.finger()
        && strings > 0
        && !liesAcross;
  }
}
