package app.fret.bow;

/** The first stroke goes down on a first beat, unless it grows. */
final class FirstTerm extends NamedTerm {
  /** Levels a first stroke grows by when it may well go up. */
  private static final double GROWS = 1.5;

  FirstTerm() {
    super("first", Look.START);
  }

  @Override
  public double effort(Demand demand, Way way) {
    return demand.isFirstBeat() && way.isUp() && demand.growth() < GROWS ? 1 : 0;
  }

  @Override
  public String reason(Demand demand, Way way) {
    return "The first beat of all starts up.";
  }
}
