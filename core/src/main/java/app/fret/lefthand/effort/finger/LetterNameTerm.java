package app.fret.lefthand.effort.finger;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.WrittenPitch;

/**
 * One finger a letter name: in a position each finger belongs to a letter, so a raised note keeps
 * its finger and a lowered one takes the next.
 *
 * <p>Unit: letters off (common practice, no source). Letters are read as written, so the term is
 * silent for a part in another transposition than the instrument's own.
 */
public final class LetterNameTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "letter-name",
          "letters on another finger than their own",
          "letters",
          Facets.of(Facet.PITCHES).and(Moment.Sign.ALTERED));

  private static final double PER_LETTER = 0.30;
  private static final double PER_LETTER_ALTERED = 0.12;
  private static final int[] LOW = {0, 0, 1, 2, 2, 3, 3, 4, 5, 5, 6, 6};
  private static final int[] HIGH = {0, 1, 1, 2, 2, 3, 4, 4, 5, 5, 6, 6};

  private final WrittenPitch[] open;

  /** The term as it is for a player. */
  public LetterNameTerm(Player player) {
    Instrument instrument = player.instrument();
    open = new WrittenPitch[instrument.stringCount() + 1];
    for (int string = 1; string <= instrument.stringCount(); string++) {
      open[string] = instrument.writtenOpen(string);
    }
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    double perLetter = moment.is(Moment.Sign.ALTERED) ? PER_LETTER_ALTERED : PER_LETTER;
    double effort = 0;
    for (int i = 0; i < at.stops().size(); i++) {
      Stop stop = at.stops().get(i);
      if (stop.isPressed()) {
        effort += perLetter * lettersOff(moment, at, i);
      }
    }
    return effort;
  }

  private int lettersOff(Moment moment, Placement at, int note) {
    Stop stop = at.stops().get(note);
    WrittenPitch pitch = moment.pitches().get(note);
    WrittenPitch openPitch = open[stop.string()];
    if (pitch.semitone() - openPitch.semitone() != stop.semitone()) {
      return 0;
    }
    int letter = pitch.staffStep() - openPitch.staffStep();
    int expectedLow = lowLetter(at.base()) + stop.finger().ordinal() - 1;
    int expectedHigh = highLetter(at.base()) + stop.finger().ordinal() - 1;
    return Math.max(0, Math.max(expectedLow - letter, letter - expectedHigh));
  }

  /** Fewest letter steps from the open string to a first finger at this base. */
  private static int lowLetter(int base) {
    return LOW[base % 12] + 7 * (base / 12);
  }

  /** Most letter steps from the open string to a first finger at this base. */
  private static int highLetter(int base) {
    return HIGH[base % 12] + 7 * (base / 12);
  }

  @Override
  public String reason(Moment moment, Placement at) {
    return "The letter of the note belongs to another finger of this position.";
  }
}
