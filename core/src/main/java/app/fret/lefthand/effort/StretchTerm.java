package app.fret.lefthand.effort;

import app.fret.instrument.HandFrame;
import app.fret.instrument.Player;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import java.util.Locale;

/**
 * Stretch: what the hand opens beyond ease, in mm, and what it is crowded by.
 *
 * <p>Unit: mm beyond the comfortable span of this player; a reach high up, where semitones are
 * narrow, has none. A place outside the hand at rest costs a little of itself.
 */
final class StretchTerm implements PlaceTerm {
  private static final double OUT_OF_FRAME = 0.35;
  private static final double DRAWN_BACK = 0.03;

  private final double perMm;

  StretchTerm(Player player) {
    perMm = player.instrument().handling().stretchEffortPerMm();
  }

  @Override
  public String name() {
    return "stretch";
  }

  @Override
  public String unit() {
    return "mm";
  }

  @Override
  public double effort(Moment moment, Placement at) {
    boolean outOfFrame = at.reachMm() > 0;
    double drawnBack = 0;
    for (Stop stop : at.stops()) {
      if (!stop.isOpen()) {
        outOfFrame |= isOutOfFrame(at, stop);
        drawnBack += stop.place() < at.hand() && !at.inThumbPosition() ? DRAWN_BACK : 0;
      }
    }
    return perMm * at.reachMm() + drawnBack + (outOfFrame ? OUT_OF_FRAME : 0);
  }

  private static boolean isOutOfFrame(Placement at, Stop stop) {
    int offset = stop.place() - at.base();
    for (HandFrame.Reach reach : at.frame().of(stop.finger())) {
      if (reach.offset() == offset) {
        return reach.use() != HandFrame.Use.ORDINARY;
      }
    }
    return false;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    if (at.reachMm() > 0) {
      return String.format(
          Locale.ROOT, "The hand opens %.0f mm beyond its comfortable span.", at.reachMm());
    }
    return at.top().place() < at.hand()
        ? "Finger 1 is drawn back a half step."
        : "Finger " + at.top().finger().sign() + " stands out of its usual place.";
  }
}
