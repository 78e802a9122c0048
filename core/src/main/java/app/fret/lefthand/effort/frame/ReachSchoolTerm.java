package app.fret.lefthand.effort.frame;

import app.fret.instrument.Habits;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;

/**
 * Reach or move: players stretch for the odd note or move the whole hand. Where both are taught,
 * reaching back in haste is avoided.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class ReachSchoolTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader("reach-school", "reaching against your school", "points", Facets.HASTE);

  private static final double BACKWARD_IN_HASTE = 0.12;
  private static final double WITH_THE_SCHOOL = 0.25;

  private final Habits.Reach school;
  private final boolean lowFirstIsOrdinary;

  /** The term as it is for a player. */
  public ReachSchoolTerm(Player player) {
    school = player.habits().reach();
    lowFirstIsOrdinary = player.instrument().handling().lettersHaveFingers();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    boolean reaches = at.reachMm() > 0;
    double effort = isBackward(at) ? BACKWARD_IN_HASTE * moment.haste() : 0;
    return switch (school) {
      case MIXED -> effort;
      case REACH -> reaches ? -WITH_THE_SCHOOL : 0;
      case MOVE -> effort + (reaches ? WITH_THE_SCHOOL : 0);
    };
  }

  private boolean isBackward(Placement at) {
    if (lowFirstIsOrdinary) {
      return false;
    }
    for (int i = 0; i < at.stops().size(); i++) {
      Stop stop = at.stops().get(i);
      if (stop.finger() == Finger.FIRST && stop.place() < at.hand() && !at.inThumbPosition()) {
        return true;
      }
    }
    return false;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    return switch (school) {
      case MIXED -> "The first finger reaches back in haste.";
      case REACH -> "You stretch for the odd note rather than move the hand.";
      case MOVE -> "You move the hand rather than stretch.";
    };
  }
}
