package app.fret.lefthand.effort;

/**
 * Staying put: to leave a position for one note and come back is bad, the more the faster the
 * notes.
 *
 * <p>Unit: points (common practice, no source).
 */
final class StayingPutTerm implements TurnTerm {
  private static final double DETOUR = 0.25;
  private static final double IN_HASTE = 0.40;

  @Override
  public String name() {
    return "staying-put";
  }

  @Override
  public String unit() {
    return "points";
  }

  @Override
  public double effort(Moment moment, Trail before, Turn now) {
    boolean returns = Integer.signum(before.travel()) * Integer.signum(now.trail().travel()) < 0;
    return returns && !moment.comesAfterRest() ? DETOUR + IN_HASTE * moment.haste() : 0;
  }

  @Override
  public String reason(Moment moment, Trail before, Turn now) {
    return "The hand went away for one note and comes back.";
  }
}
