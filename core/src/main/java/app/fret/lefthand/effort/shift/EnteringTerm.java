package app.fret.lefthand.effort.shift;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Going up into a position, paid once: the higher it lies the dearer, and dearer between the
 * landmarks. Staying there is free, and so is coming back.
 *
 * <p>Unit: semitones from first position, or from where the hand was if higher (common practice, no
 * source).
 */
public final class EnteringTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "entering", "climbing into positions", "semitones", Facets.NONE, MoveLook.HANDS);

  private static final double PER_SEMITONE = 0.08;
  private static final double BETWEEN_LANDMARKS = 0.35;
  private static final int FIRST_POSITION = 2;

  private final Instrument instrument;
  private final Found found;

  /** The term as it is for a player. */
  public EnteringTerm(Player player) {
    this.instrument = player.instrument();
    this.found = new Found(instrument);
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return handTravels;
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    if (from.hand() == to.hand() || !to.usesHand()) {
      return 0;
    }
    double height = Math.max(0, to.hand() - Math.max(FIRST_POSITION, from.hand()));
    boolean isLandmark = found.isAt(to);
    return PER_SEMITONE * height + (isLandmark ? 0 : BETWEEN_LANDMARKS);
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return "The hand goes to " + PositionWords.of(instrument, to) + ".";
  }
}
