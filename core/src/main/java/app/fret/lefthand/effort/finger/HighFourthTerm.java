package app.fret.lefthand.effort.finger;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;

/**
 * The fourth finger high up: on the bass dear from nine semitones on, steeply from eleven, and not
 * used at the octave; on the cello dear from eleven on. The third takes over. Silent where each
 * finger has a letter.
 *
 * <p>Unit: semitones above where it is easy (common practice, no source).
 */
public final class HighFourthTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader("high-fourth", "fourth finger high up", "semitones", Facets.NONE);

  private static final int EASY_ON_BASS = 8;
  private static final int EASY_ON_CELLO = 10;
  private static final int STEEP_FROM = 11;
  private static final double PER_SEMITONE = 0.10;
  private static final double STEEP = 0.60;

  private final boolean speaks;
  private final int easyUpTo;

  /** The term as it is for a player. */
  public HighFourthTerm(Player player) {
    speaks = !player.instrument().handling().lettersHaveFingers();
    easyUpTo = player.instrument().handling().fourthBacked() ? EASY_ON_BASS : EASY_ON_CELLO;
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    double effort = 0;
    for (int i = 0; i < at.stops().size(); i++) {
      Stop stop = at.stops().get(i);
      if (speaks && stop.finger() == Finger.FOURTH) {
        effort += PER_SEMITONE * Math.max(0, stop.place() - easyUpTo);
        effort += STEEP * Math.max(0, stop.place() - STEEP_FROM + 1);
      }
    }
    return effort;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    return "So high up the third finger takes over from the fourth.";
  }
}
