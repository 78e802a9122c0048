package app.fret.lefthand.effort.shift;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;

/**
 * Thumb position below where it is usual, the fourth finger over it, and high notes above there
 * without the thumb's support.
 *
 * <p>Unit: semitones below the usual place (common practice, no source).
 */
public final class ThumbTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader("thumb", "unusual use of the thumb", "semitones", Facets.NONE);

  private static final double THUMB_ON_STRINGS = 0.25;
  private static final double PER_SEMITONE_LOW = 0.12;
  private static final double HIGH_WITHOUT_THUMB = 0.20;
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
    if (at.inThumbPosition()) {
      return THUMB_ON_STRINGS
          + PER_SEMITONE_LOW * Math.max(0, usualFrom - at.base())
          + (usesFourth(at) ? FOURTH_OVER_THUMB : 0);
    }
    return at.hand() > usualFrom ? HIGH_WITHOUT_THUMB : 0;
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
    if (!at.inThumbPosition()) {
      return "So high up the hand has no support without the thumb on the strings.";
    }
    if (usesFourth(at)) {
      return "The fourth finger is rarely used over the thumb.";
    }
    return at.base() < usualFrom
        ? "The thumb lies on the strings below the octave."
        : "The thumb lies on the strings.";
  }
}
