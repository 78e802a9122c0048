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
 * Equal intervals in a row keep their pair: octaves the same two fingers without an open string or
 * a harmonic among them, thirds and sixths the same two strings.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class PairKeptTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "pair-kept",
          "changes of the pair in double stops",
          "points",
          Facets.NONE,
          MoveLook.FINGERS);

  private static final double OTHER_FINGERS_OF_OCTAVE = 0.45;
  private static final double OPEN_AMONG_OCTAVES = 0.60;
  private static final double OTHER_STRINGS = 0.50;
  private static final double OCTAVE_BY_A_SHIFT = 0.35;

  /** On strings a fourth apart an octave lies over a skipped string, under first and fourth. */
  private static final int STRINGS_OVER_ONE = 2;

  private static final int OCTAVE = 12;
  private static final int WIDEST_OF_A_KIND = 1;

  private final int[] open;

  /** The term as it is for a player. */
  public PairKeptTerm(Player player) {
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
    return stringChanges;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (from.isSingle() && to.isSingle()) {
      return leapsAnOctave(from.top(), to.top()) && !isInFrame(from, to) ? OCTAVE_BY_A_SHIFT : 0;
    }
    if (from.stops().size() != 2 || to.stops().size() != 2) {
      return 0;
    }
    int before = interval(from);
    int now = interval(to);
    if (Math.abs(before - now) > WIDEST_OF_A_KIND) {
      return 0;
    }
    if (before == OCTAVE && now == OCTAVE) {
      return (fingersKept(from, to) ? 0 : OTHER_FINGERS_OF_OCTAVE)
          + (isPressed(from) == isPressed(to) ? 0 : OPEN_AMONG_OCTAVES);
    }
    return from.top().string() == to.top().string() ? 0 : OTHER_STRINGS;
  }

  private boolean leapsAnOctave(Stop one, Stop other) {
    return one.isPressed()
        && other.isPressed()
        && Math.abs(sounding(one) - sounding(other)) == OCTAVE
        && Math.abs(one.string() - other.string()) == STRINGS_OVER_ONE;
  }

  /** First and fourth finger, or thumb and third, from where the hand stands. */
  private static boolean isInFrame(Placement from, Placement to) {
    Stop low = from.top().string() > to.top().string() ? from.top() : to.top();
    Stop high = low == from.top() ? to.top() : from.top();
    boolean onThumb = low.finger() == Finger.THUMB && high.finger() == Finger.THIRD;
    boolean onNeck = low.finger() == Finger.FIRST && high.finger() == Finger.FOURTH;
    return from.hand() == to.hand() && (onThumb || onNeck);
  }

  private int interval(Placement at) {
    return sounding(at.top()) - sounding(at.bottom());
  }

  private int sounding(Stop stop) {
    return open[stop.string()] + stop.semitone();
  }

  private static boolean fingersKept(Placement from, Placement to) {
    return from.top().finger() == to.top().finger()
        && from.bottom().finger() == to.bottom().finger();
  }

  private static boolean isPressed(Placement at) {
    return at.top().isPressed() && at.bottom().isPressed();
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    if (to.isSingle()) {
      return "An octave lies under one hand, and here the hand moves for it.";
    }
    if (interval(to) == OCTAVE) {
      return isPressed(from) == isPressed(to)
          ? "Octaves in a row change their fingers."
          : "An open string or a harmonic stands among stopped octaves.";
    }
    return "The same interval goes to other strings.";
  }
}
