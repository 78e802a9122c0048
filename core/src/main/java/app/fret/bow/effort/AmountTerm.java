package app.fret.bow.effort;

import app.fret.bow.stroke.BowSpeeds;
import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;
import java.util.Locale;

/** How much bow: what the level asks for in the time. */
final class AmountTerm extends NamedTerm {
  private static final double OUTSIDE = 6;

  /** What is decided is kept before the bow is laid more comfortably. */
  private static final double DECIDED = 12;

  private static final double PER_LOG = 3;
  private static final double PER_LOG_SQUARED = 6;

  AmountTerm() {
    super("amount", Look.AMOUNT, "bow other than the level asks for", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    double cm = Math.max(way.amount() * demand.hairCm(), 0.05);
    double off = Math.log(cm / demand.targetCm());
    double effort = (demand.isAmountDecided() ? DECIDED : 1) * off * off;
    double beyond = Math.max(Math.log(demand.slowestCm() / cm), Math.log(cm / demand.fastestCm()));
    if (beyond > 0) {
      effort += OUTSIDE + PER_LOG * beyond + PER_LOG_SQUARED * beyond * beyond;
    }
    return effort + (BowSpeeds.runsOut(demand.slowestCm(), demand.hairCm()) ? OUTSIDE : 0);
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    double cm = way.amount() * demand.hairCm();
    if (BowSpeeds.runsOut(demand.slowestCm(), demand.hairCm())) {
      return String.format(
          Locale.ROOT,
          "All the hair there is: even at its slowest the level needs %.0f cm.",
          demand.slowestCm());
    }
    if (demand.isAmountDecided()) {
      return String.format(
          Locale.ROOT, "%.0f cm where %.0f cm are decided.", cm, demand.targetCm());
    }
    return String.format(
        Locale.ROOT,
        "%.0f cm where the level asks for %.0f cm in %.2f s.",
        cm,
        demand.targetCm(),
        demand.seconds());
  }
}
