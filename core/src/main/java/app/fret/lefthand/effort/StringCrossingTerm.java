package app.fret.lefthand.effort;

import app.fret.instrument.Instrument;
import app.fret.lefthand.hand.Placement;

/**
 * String crossing: each costs, more in haste and inside a slur, most when a string is skipped.
 *
 * <p>Unit: strings crossed, weighed by haste (common practice, no source). Between chords the
 * nearest strings count.
 */
final class StringCrossingTerm implements MoveTerm {
  private static final double PER_CROSSING = 0.13;
  private static final double IN_HASTE = 0.14;
  private static final double IN_SLUR = 0.10;
  private static final double PER_STRING_SKIPPED = 0.10;
  private static final double SKIPPED_IN_HASTE = 0.25;

  @Override
  public String name() {
    return "string-crossing";
  }

  @Override
  public String unit() {
    return "strings";
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return stringChanges;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    int strings = stringsBetween(from, to);
    if (strings == 0) {
      return 0;
    }
    double effort = PER_CROSSING + IN_HASTE * moment.haste();
    if (moment.slurred()) {
      effort += IN_SLUR;
    }
    return effort + (PER_STRING_SKIPPED + SKIPPED_IN_HASTE * moment.haste()) * (strings - 1);
  }

  /** Strings the bow has to change by, 0 when it can stay. */
  private static int stringsBetween(Placement from, Placement to) {
    int fromTop = from.top().string();
    int fromBottom = from.bottom().string();
    int toTop = to.top().string();
    int toBottom = to.bottom().string();
    if (Math.min(toTop, toBottom) > Math.max(fromTop, fromBottom)) {
      return Math.min(toTop, toBottom) - Math.max(fromTop, fromBottom);
    }
    return Math.max(0, Math.min(fromTop, fromBottom) - Math.max(toTop, toBottom));
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    int strings = stringsBetween(from, to);
    String way =
        Instrument.numeral(from.top().string()) + " to " + Instrument.numeral(to.top().string());
    if (strings > 1) {
      return "Crossing from string " + way + " skips a string.";
    }
    return moment.slurred()
        ? "Crossing from string " + way + " inside a slur."
        : "Crossing from string " + way + ".";
  }
}
