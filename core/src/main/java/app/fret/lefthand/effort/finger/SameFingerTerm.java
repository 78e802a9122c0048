package app.fret.lefthand.effort.finger;

import app.fret.instrument.Habits;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import java.util.List;

/**
 * One finger twice in a row: hopping to another string, lying flat across two, or sliding to
 * another place of the same string without a shift.
 *
 * <p>Unit: points, more in haste (common practice, no source).
 */
public final class SameFingerTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "same-finger",
          "one finger on two notes in a row",
          "points",
          Facets.HASTE.and(Moment.Sign.SLURRED, Moment.Sign.CHROMATIC, Moment.Sign.SAME_LETTER));

  private static final double HOP = 0.10;
  private static final double HOP_IN_SLUR = 0.30;
  private static final double BAR = 0.06;
  private static final double CHROMATIC_SLIDE = 0.25;

  /** Above first position half steps go by hands of three fingers rather than by slides. */
  private static final double CHROMATIC_SLIDE_HIGH = 0.55;

  private static final double DIATONIC_SLIDE = 0.80;
  private static final double SLIDE_IN_CLOSED_FRAME = 0.90;

  /** Semitones up to which the fingers of first position reach. */
  private static final int FIRST_POSITION = 6;

  private static final double WIDER_SLIDE = 0.90;
  private static final double CARRIED_TO_NEXT_LETTER = 0.30;
  private static final int STEP = 2;
  private static final double IN_HASTE = 0.35;

  private final boolean lettersHaveFingers;
  private final boolean slidesHalfSteps;

  /** The term as it is for a player. */
  public SameFingerTerm(Player player) {
    lettersHaveFingers = player.instrument().handling().lettersHaveFingers();
    slidesHalfSteps = player.habits().halfSteps() == Habits.HalfSteps.SLIDES;
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return !moment.comesAfterRest();
  }

  @Override
  public boolean canSpeakOf(List<Stop> from, List<Stop> to) {
    for (Stop one : from) {
      for (Stop other : to) {
        if (!one.isOpen() && one.finger() == other.finger()) {
          return true;
        }
      }
    }
    return false;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (moment.comesAfterRest()) {
      return 0;
    }
    int handMoves = to.hand() - from.hand();
    double effort = 0;
    if (from.isSingle() && to.isSingle()) {
      effort = between(moment, from.top(), to.top(), handMoves);
      return effort == 0 ? 0 : effort + IN_HASTE * moment.haste();
    }
    if (isPairCarriedOn(from, to)) {
      return 0;
    }
    // Counted loops: this runs for every pair of placements, where iterators weigh most.
    for (int i = 0; i < from.stops().size(); i++) {
      for (int j = 0; j < to.stops().size(); j++) {
        effort += between(moment, from.stops().get(i), to.stops().get(j), handMoves);
      }
    }
    return effort == 0 ? 0 : effort + IN_HASTE * moment.haste();
  }

  /**
   * Double stops in a row keep their pair of fingers on their strings; the hand takes them along.
   */
  private static boolean isPairCarriedOn(Placement from, Placement to) {
    if (from.hand() == to.hand() || from.stops().size() != to.stops().size()) {
      return false;
    }
    for (int i = 0; i < from.stops().size(); i++) {
      Stop one = from.stops().get(i);
      Stop other = to.stops().get(i);
      if (one.finger() != other.finger() || one.string() != other.string()) {
        return false;
      }
    }
    return true;
  }

  private double between(Moment moment, Stop one, Stop other, int handMoves) {
    if (one.isOpen() || one.finger() != other.finger()) {
      return 0;
    }
    if (one.string() == other.string()) {
      int slides = Math.abs(other.place() - one.place() - handMoves);
      return slides == 0 ? carried(moment, one, other) : slide(moment, slides, one.place());
    }
    if (one.place() == other.place()) {
      return BAR;
    }
    return moment.slurred() ? HOP + HOP_IN_SLUR : HOP;
  }

  /** What the finger slides beyond what the hand carries it. */
  private double slide(Moment moment, int semitones, int from) {
    if (semitones > 1) {
      return WIDER_SLIDE;
    }
    if (!lettersHaveFingers) {
      return SLIDE_IN_CLOSED_FRAME;
    }
    if (!mayStayOnFinger(moment)) {
      return DIATONIC_SLIDE;
    }
    if (slidesHalfSteps) {
      return moment.is(Moment.Sign.SAME_LETTER) ? CHROMATIC_SLIDE : DIATONIC_SLIDE;
    }
    return from > FIRST_POSITION ? CHROMATIC_SLIDE_HIGH : CHROMATIC_SLIDE;
  }

  /** The hand carries the finger a step further, where the next letter has a finger of its own. */
  private static double carried(Moment moment, Stop one, Stop other) {
    int semitones = Math.abs(other.place() - one.place());
    boolean isHeard = moment.slurred() || moment.haste() > 0;
    if (semitones == 0 || semitones > STEP || !isHeard || mayStayOnFinger(moment)) {
      return 0;
    }
    return CARRIED_TO_NEXT_LETTER * (1 + (other.finger().rank() - 1) / 3.0);
  }

  private static boolean mayStayOnFinger(Moment moment) {
    return moment.is(Moment.Sign.CHROMATIC) || moment.is(Moment.Sign.SAME_LETTER);
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    String finger = "Finger " + to.top().finger().sign();
    if (from.top().string() == to.top().string()) {
      return finger + " slides to the next note.";
    }
    return from.top().place() == to.top().place()
        ? finger + " lies across two strings."
        : finger + " hops to another string.";
  }
}
