package app.fret.lefthand.effort.shift;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;

/**
 * Thumb position below where it is usual, fingers crowded over it and the fourth, and high notes
 * above there without the thumb's support. Where it is assumed to rest under a figure, its being
 * there costs nothing and to leave its frame does.
 *
 * <p>Unit: semitones below the usual place (common practice, no source).
 */
public final class ThumbTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader("thumb", "unusual use of the thumb", "semitones", Facets.of(Facet.THUMB));

  private static final double THUMB_ON_STRINGS = 0.25;
  private static final double PER_SEMITONE_LOW = 0.12;
  private static final double HIGH_WITHOUT_THUMB = 0.20;
  private static final double CROWDED = 0.06;
  private static final double OUT_OF_THE_FRAME = 0.30;
  private static final double FOURTH_OVER_THUMB = 0.50;

  private final int usualFrom;

  /** The term as it is for a player. */
  public ThumbTerm(Player player) {
    usualFrom = player.instrument().handling().thumbUsualFrom();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    if (!at.usesHand()) {
      return 0;
    }
    if (moment.isOverThumb() && !rests(moment, at)) {
      return OUT_OF_THE_FRAME;
    }
    if (at.inThumbPosition()) {
      return (moment.isOverThumb() ? 0 : onTheStrings(at))
          + (isCrowded(at) ? CROWDED : 0)
          + (usesFourth(at) ? FOURTH_OVER_THUMB : 0);
    }
    return at.hand() > usualFrom ? HIGH_WITHOUT_THUMB : 0;
  }

  private double onTheStrings(Placement at) {
    return THUMB_ON_STRINGS + PER_SEMITONE_LOW * Math.max(0, usualFrom - at.base());
  }

  private static boolean rests(Moment moment, Placement at) {
    return at.inThumbPosition() && at.base() == moment.thumbBase();
  }

  /** Whether a finger stands a half step closer to the thumb than it needs to. */
  private static boolean isCrowded(Placement at) {
    Stop stop = at.top();
    int offset = stop.place() - at.base();
    return at.isSingle() && stop.isPressed() && offset > 1 && offset == stop.finger().rank();
  }

  private static boolean usesFourth(Placement at) {
    for (int i = 0; i < at.stops().size(); i++) {
      if (at.stops().get(i).finger() == Finger.FOURTH) {
        return true;
      }
    }
    return false;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    if (moment.isOverThumb() && !rests(moment, at)) {
      return "The figure lies over a resting thumb, and this note leaves it.";
    }
    if (!at.inThumbPosition()) {
      return "So high up the hand has no support without the thumb on the strings.";
    }
    if (usesFourth(at)) {
      return "The fourth finger is rarely used over the thumb.";
    }
    if (isCrowded(at)) {
      return "Over the thumb this finger stands closer than it would by itself.";
    }
    return at.base() < usualFrom
        ? "The thumb lies on the strings below the octave."
        : "The thumb lies on the strings.";
  }
}
