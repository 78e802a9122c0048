package app.fret.lefthand.effort.frame;

import app.fret.instrument.HandFrame;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import java.util.Locale;

/**
 * Stretch: what the hand opens beyond ease, in mm, and what it is crowded by.
 *
 * <p>Unit: mm beyond the comfortable span of this player; a reach high up, where semitones are
 * narrow, has none. A place outside the hand at rest costs a little of itself.
 */
public final class StretchTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader("stretch", "stretching", "mm", Facets.of(Moment.Sign.CHROMATIC));

  private static final double OUT_OF_FRAME = 0.70;

  /** A finger for each half step of a run, which draws the hand in. */
  private static final double DRAWN_IN_CHROMATICALLY = 0.05;

  private static final double TO_BE_WARNED_OF = 1.20;
  private static final double DRAWN_BACK = 0.005;
  private static final double DRAWN_BACK_IN_CHORD = 0.25;
  private static final double OPENED_BACK = 0.12;

  private final double perMm;

  /** The term as it is for a player. */
  public StretchTerm(Player player) {
    perMm = player.instrument().handling().stretchEffortPerMm();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    double outOfFrame = 0;
    double drawnBack = 0;
    for (Stop stop : at.stops()) {
      if (!stop.isOpen()) {
        outOfFrame = Math.max(outOfFrame, outOfFrame(moment, at, stop));
        drawnBack += drawnBack(at, stop);
      }
    }
    return perMm * at.reachMm() + drawnBack + outOfFrame;
  }

  /** A first finger below the hand: at no price in the frame of letters, opened in the others. */
  private static double drawnBack(Placement at, Stop stop) {
    if (stop.place() >= at.hand() || at.inThumbPosition()) {
      return 0;
    }
    if (at.frame().anchor() != 0) {
      return OPENED_BACK;
    }
    return at.isSingle() ? DRAWN_BACK : DRAWN_BACK_IN_CHORD;
  }

  /** Whether a finger stands nearer to the first than in the frame at rest. */
  private static boolean isDrawnIn(Placement at, Stop stop, int offset) {
    return at.frame().of(stop.finger()).stream()
        .filter(r -> r.use() == HandFrame.Use.ORDINARY)
        .allMatch(r -> r.offset() > offset);
  }

  private static double outOfFrame(Moment moment, Placement at, Stop stop) {
    int offset = stop.place() - at.base();
    if (moment.is(Moment.Sign.CHROMATIC) && isDrawnIn(at, stop, offset)) {
      return DRAWN_IN_CHROMATICALLY;
    }
    for (HandFrame.Reach reach : at.frame().of(stop.finger())) {
      if (reach.offset() == offset) {
        return switch (reach.use()) {
          case ORDINARY -> 0;
          case CAUTION -> TO_BE_WARNED_OF;
          case EXTENDED, PIVOT, DOUBLE_STOP -> OUT_OF_FRAME;
        };
      }
    }
    return 0;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    if (at.reachMm() > 0) {
      return String.format(
          Locale.ROOT, "The hand opens %.0f mm beyond its comfortable span.", at.reachMm());
    }
    return at.top().place() < at.hand()
        ? "Finger 1 is drawn back a half step."
        : "Finger " + at.top().finger().sign() + " stands out of its usual place.";
  }
}
