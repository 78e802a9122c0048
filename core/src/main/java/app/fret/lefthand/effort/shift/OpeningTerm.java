package app.fret.lefthand.effort.shift;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Openings;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import java.util.Locale;

/**
 * Opening: a thumb frame that opens so far between two notes of a line that the hand moves costs
 * what a small shift costs.
 *
 * <p>Unit: points (common practice, no source).
 */
public final class OpeningTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "opening",
          "opening the thumb frame",
          "points",
          Facets.HASTE.and(Facets.of(Facet.THUMB)),
          MoveLook.FINGERS);

  private static final double LIKE_A_SHIFT = 0.60;
  private static final double IN_HASTE = 0.20;

  /** With the thumb on the strings the hand stays where it is while it opens. */
  private static final double OVER_THUMB = 0.5;

  private final Openings openings;

  /** The term as it is for a player. */
  public OpeningTerm(Player player) {
    this.openings = new Openings(player);
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return !handTravels && !moment.comesAfterRest();
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    boolean opens = !moment.comesAfterRest() && openings.joins(from, to);
    double share = to.inThumbPosition() ? OVER_THUMB : 1;
    return opens && !moment.isOverThumb() ? share * (LIKE_A_SHIFT + IN_HASTE * moment.haste()) : 0;
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return String.format(
        Locale.ROOT,
        "From finger %s to finger %s the hand opens over %.0f mm, which counts as a shift.",
        from.top().finger().sign(),
        to.top().finger().sign(),
        openings.spanMm(from, to));
  }
}
