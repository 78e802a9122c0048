package app.fret.lefthand.effort;

/**
 * Keep down: a finger that stays on the string and is used again is a gain.
 *
 * <p>Unit: points (common practice, no source).
 */
final class KeepDownTerm implements TurnTerm {
  private static final double GAIN = -0.04;
  private static final double IN_HASTE = -0.04;

  @Override
  public String name() {
    return "keep-down";
  }

  @Override
  public String inShort() {
    return "fingers kept down";
  }

  @Override
  public String unit() {
    return "points";
  }

  @Override
  public Facets facets() {
    return Facets.HASTE.and(Moment.Sign.RETURNS);
  }

  @Override
  public double effort(Moment moment, Trail before, Turn now) {
    boolean kept =
        moment.is(Moment.Sign.RETURNS)
            && now.fingerStays()
            && before.fromString() == now.intoString()
            && before.travel() == 0
            && now.trail().travel() == 0;
    return kept ? GAIN + IN_HASTE * moment.haste() : 0;
  }

  @Override
  public String reason(Moment moment, Trail before, Turn now) {
    return "The finger has stayed on the string and is used again.";
  }
}
