package app.fret.lefthand.effort;

import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;

/**
 * What stopping several strings at once costs: each finger beyond the first, more for a bar.
 *
 * <p>Unit: fingers (common practice, no source).
 */
final class DoubleStopTerm implements PlaceTerm {
  private static final double PER_EXTRA_STOP = 0.15;
  private static final double PER_BAR = 0.30;

  @Override
  public String name() {
    return "double-stop";
  }

  @Override
  public String unit() {
    return "fingers";
  }

  @Override
  public double effort(Moment moment, Placement at) {
    if (at.isSingle()) {
      return 0;
    }
    int stopped = 0;
    int fingersUsed = 0;
    int fingers = 0;
    for (Stop stop : at.stops()) {
      if (!stop.isOpen()) {
        stopped++;
        int bit = 1 << stop.finger().ordinal();
        fingers += (fingersUsed & bit) == 0 ? 1 : 0;
        fingersUsed |= bit;
      }
    }
    return PER_EXTRA_STOP * Math.max(0, stopped - 1) + PER_BAR * (stopped - fingers);
  }

  @Override
  public String reason(Moment moment, Placement at) {
    return "Several strings are stopped at once.";
  }
}
