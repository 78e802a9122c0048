package app.fret.lefthand.effort.string;

import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;

/**
 * Plucked notes ring longest on a long string, and plucked chords of three or four notes are
 * doubtful.
 *
 * <p>Unit: semitones above the octave's fifth (common practice, no source).
 */
public final class PluckedTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "plucked", "fingers unfit for plucking", "semitones", Facets.of(Moment.Sign.PLUCKED));

  private static final double PER_SEMITONE = 0.03;
  private static final int UNTROUBLED_NOTE = 7;
  private static final double DOUBTFUL_CHORD = 0.40;
  private static final int CHORD = 3;

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    if (!moment.is(Moment.Sign.PLUCKED)) {
      return 0;
    }
    double effort = at.pressed() >= CHORD ? DOUBTFUL_CHORD : 0;
    for (int i = 0; i < at.stops().size(); i++) {
      effort += PER_SEMITONE * Math.max(0, at.stops().get(i).semitone() - UNTROUBLED_NOTE);
    }
    return effort;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    return at.pressed() >= CHORD
        ? "A plucked chord over so many stopped strings is doubtful."
        : "A plucked note rings less on so short a string.";
  }
}
