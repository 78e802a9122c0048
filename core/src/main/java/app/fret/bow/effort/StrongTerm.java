package app.fret.bow.effort;

import app.fret.bow.stroke.BowPlace;
import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/** Accents and loud starts want a place that is strong for the direction. */
final class StrongTerm extends NamedTerm {
  private static final double EFFORT = 1.6;
  private static final double LOUD_AFTER_REST = 0.4;
  private static final double LOUD_LONG = 0.3;
  private static final double LOUD = 0.08;
  private static final double BITTEN = 0.25;
  private static final double ACCENT_UP = 0.35;
  private static final double QUICK_ACCENT = 0.4;
  private static final double QUICK_SECONDS = 0.25;

  StrongTerm() {
    super("strong", Look.START, "strong notes against the strong direction", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    double need = need(demand);
    if (need == 0) {
      return 0;
    }
    double strength = demand.strengths().at(way.direction(), way.start());
    double effort = EFFORT * need * (1 - strength);
    double accent = demand.accent();
    if (accent > 0 && way.isUp()) {
      effort += ACCENT_UP * accent * (demand.seconds() < QUICK_SECONDS ? QUICK_ACCENT : 1);
    }
    return effort;
  }

  private static double need(StrokeProfile demand) {
    if (demand.accent() > 0) {
      return demand.accent() * (demand.kind() == StrokeKind.MARTELE ? BITTEN : 1);
    }
    if (!demand.isLoud()) {
      return 0;
    }
    if (demand.comesAfterRest()) {
      return LOUD_AFTER_REST;
    }
    return demand.kind() == StrokeKind.LEGATO ? LOUD_LONG : LOUD;
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    boolean accented = demand.accent() > 0;
    return (accented ? "The accent" : "The loud start")
        + " falls "
        + BowPlace.words(way.start())
        + ", "
        + (way.isUp() ? "on an up-bow." : "on a down-bow.");
  }
}
