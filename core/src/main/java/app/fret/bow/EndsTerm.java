package app.fret.bow;

/** The very ends of the hair. */
final class EndsTerm extends NamedTerm {
  private static final double LAST = 0.03;
  private static final double EFFORT = 1.5;

  EndsTerm() {
    super("ends", Look.END);
  }

  @Override
  public double effort(Demand demand, Way way) {
    return EFFORT * (Math.max(0, LAST - way.end()) + Math.max(0, way.end() - (1 - LAST)));
  }

  @Override
  public String reason(Demand demand, Way way) {
    return "It goes to the very end of the hair.";
  }
}
