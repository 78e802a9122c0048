package app.fret.lefthand.effort.frame;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;

/**
 * Broken octaves, sixths, tenths and fifths are one frame that moves: both notes lie under one hand
 * on two strings, an octave without open strings, a fifth under one finger or on two open strings.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class BrokenPairTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "broken-pair",
          "frames of broken intervals",
          "points",
          Facets.of(Moment.Sign.PAIR_SECOND),
          MoveLook.FINGERS);

  private static final double IN_ONE_FRAME = -0.5;

  /**
   * On the violin and viola, and over the thumb, the frame is kept; elsewhere open strings are
   * usual.
   */
  private static final double NO_OCTAVE_FRAME = 0.8;

  private static final int OCTAVE = 12;
  private static final int FIFTH = 7;

  private final int[] open;
  private final boolean framesAllOctaves;

  /** The term as it is for a player. */
  public BrokenPairTerm(Player player) {
    framesAllOctaves = player.instrument().handling().lettersHaveFingers();
    open = new int[player.instrument().stringCount() + 1];
    for (int string = 1; string < open.length; string++) {
      open[string] = player.instrument().open(string).midi();
    }
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return moment.is(Moment.Sign.PAIR_SECOND);
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (!moment.is(Moment.Sign.PAIR_SECOND) || !from.isSingle() || !to.isSingle()) {
      return 0;
    }
    if (isInOneFrame(from, to)) {
      return IN_ONE_FRAME;
    }
    return breaksOctaves(from, to) ? NO_OCTAVE_FRAME : 0;
  }

  private boolean isInOneFrame(Placement from, Placement to) {
    return isOneHand(from, to) && isFrame(from.top(), to.top());
  }

  /** Whether another than the frame takes an octave where a hand of octaves would be kept. */
  private boolean breaksOctaves(Placement from, Placement to) {
    Stop one = from.top();
    Stop other = to.top();
    boolean open = one.isOpen() || other.isOpen();
    boolean overThumb = from.inThumbPosition() && to.inThumbPosition();
    return Math.abs(sounding(one) - sounding(other)) == OCTAVE
        && (framesAllOctaves && open || overThumb);
  }

  private static boolean isOneHand(Placement from, Placement to) {
    return !from.usesHand() || !to.usesHand() || from.hand() == to.hand();
  }

  private boolean isFrame(Stop one, Stop other) {
    int strings = Math.abs(one.string() - other.string());
    boolean pressed = one.isPressed() && other.isPressed();
    return switch (Math.abs(sounding(one) - sounding(other))) {
      case OCTAVE ->
          pressed && (strings > 1 || strings == 1 && isOctaveFrame(one.finger(), other.finger()));
      case FIFTH ->
          strings == 1
              && (one.isOpen() && other.isOpen() || pressed && one.finger() == other.finger());
      default -> strings >= 1 && !one.isHarmonic() && !other.isHarmonic();
    };
  }

  /** On neighbouring strings: first and fourth finger, or the thumb and the third. */
  private static boolean isOctaveFrame(Finger one, Finger other) {
    Finger lower = one.rank() < other.rank() ? one : other;
    Finger upper = lower == one ? other : one;
    return lower == Finger.FIRST && upper == Finger.FOURTH
        || lower == Finger.THUMB && upper == Finger.THIRD;
  }

  private int sounding(Stop stop) {
    return open[stop.string()] + stop.semitone();
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return isInOneFrame(from, to)
        ? "Both notes of the broken interval lie under one hand."
        : "Among broken octaves this one is not taken by the frame of the hand.";
  }
}
