package app.fret.practice;

import app.fret.instrument.Instrument;
import app.fret.instrument.Instruments;
import app.fret.instrument.Range;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Step;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A scale or arpeggio up and down, as music with a ladder of its own.
 *
 * @param step letter of the tonic
 * @param alter -1 for a flat, 1 for a sharp
 * @param kind which notes it has
 * @param octaves how many, 1 to 4
 */
public record Scale(Step step, int alter, Kind kind, int octaves) {
  /** Most octaves that are asked of anybody. */
  public static final int MOST_OCTAVES = 4;

  private static final int LETTERS = 7;
  private static final int SEMITONES = 12;
  private static final int MOST_SIGNS = 7;
  private static final int MINOR_SIGNS = 3;

  /** Sharps of the major key of a letter; a sharp or flat of the tonic is seven more or less. */
  private static final int[] SHARPS = {0, 2, 4, -1, 1, 3, 5};

  /** Which notes. */
  public enum Kind {
    MAJOR("major", false, false),
    HARMONIC_MINOR("harmonic minor", true, false),
    MELODIC_MINOR("melodic minor", true, false),
    MAJOR_ARPEGGIO("major arpeggio", false, true),
    MINOR_ARPEGGIO("minor arpeggio", true, true);

    private final String words;
    private final boolean minor;
    private final boolean arpeggio;

    Kind(String words, boolean minor, boolean arpeggio) {
      this.words = words;
      this.minor = minor;
      this.arpeggio = arpeggio;
    }

    /** What it is called. */
    public String words() {
      return words;
    }
  }

  public Scale {
    if (octaves < 1 || octaves > MOST_OCTAVES) {
      throw new IllegalArgumentException("a scale has 1 to " + MOST_OCTAVES + " octaves");
    }
    if (Math.abs(fifths(step, alter, kind)) > MOST_SIGNS) {
      throw new IllegalArgumentException(
          name(step, alter) + " " + kind.words + " has no key signature; take its other name");
    }
  }

  private static int fifths(Step step, int alter, Kind kind) {
    return SHARPS[step.ordinal()] + LETTERS * alter - (kind.minor ? MINOR_SIGNS : 0);
  }

  private static String name(Step step, int alter) {
    return step.name() + (alter > 0 ? "♯" : alter < 0 ? "♭" : "");
  }

  /** What it is called, such as {@code D major, 3 octaves}. */
  public String title() {
    return name(step, alter)
        + " "
        + kind.words
        + ", "
        + octaves
        + (octaves == 1 ? " octave" : " octaves");
  }

  /**
   * Its music, from the lowest tonic the instrument has: eighths in common time, of an arpeggio in
   * six eight, ending on a long tonic.
   *
   * @throws IllegalArgumentException when the instrument has not so many octaves
   */
  public Passage music(Instrument instrument) {
    int low = lowest(instrument);
    List<WrittenPitch> pitches = pitches(low);
    Metre metre = kind.arpeggio ? Metre.of(6, 8) : Metre.of(4, 4);
    int inBar = kind.arpeggio ? 6 : 8;
    PassageBuilder music =
        new PassageBuilder()
            .title(title())
            .part(instrument.name())
            .metre(metre)
            .key(new Key(fifths(step, alter, kind)));
    int last = pitches.size() - 1;
    for (int i = 0; i <= last; i++) {
      if (i % inBar == 0) {
        music.clef(clef(instrument, pitches.subList(i, Math.min(last + 1, i + inBar)))).bar();
      }
      WrittenLength length =
          i < last ? WrittenLength.of(NoteValue.EIGHTH) : rest(inBar - i % inBar);
      music.sounding(length, List.of(Note.of(pitches.get(i))), Marks.NONE);
    }
    return music.build();
  }

  /** So many eighths as one note, all that are left of a bar. */
  private static WrittenLength rest(int eighths) {
    return switch (eighths) {
      case 8 -> WrittenLength.of(NoteValue.WHOLE);
      case 6 -> WrittenLength.of(NoteValue.HALF, 1);
      case 4 -> WrittenLength.of(NoteValue.HALF);
      default -> WrittenLength.of(NoteValue.QUARTER);
    };
  }

  /** How many octaves of a tonic an instrument has, at least 1. */
  public static int octavesOf(Step step, int alter, Instrument instrument) {
    int low = midi(step, alter, instrument, lowOctave(step, alter, instrument));
    return (Range.of(instrument).highest().midi() - low) / SEMITONES;
  }

  private static int lowOctave(Step step, int alter, Instrument instrument) {
    int octave = 0;
    while (midi(step, alter, instrument, octave) < Range.of(instrument).lowest().midi()) {
      octave++;
    }
    return octave;
  }

  private int lowest(Instrument instrument) {
    int octave = lowOctave(step, alter, instrument);
    int most = octavesOf(step, alter, instrument);
    if (octaves > most) {
      throw new IllegalArgumentException(
          "the "
              + instrument.name()
              + " has "
              + most
              + (most == 1 ? " octave" : " octaves")
              + " of "
              + name(step, alter)
              + ", not "
              + octaves);
    }
    return octave;
  }

  private static int midi(Step step, int alter, Instrument instrument, int octave) {
    return instrument.sounding(new WrittenPitch(step, alter, octave), Optional.empty()).midi();
  }

  private List<WrittenPitch> pitches(int lowOctave) {
    List<WrittenPitch> pitches = new ArrayList<>();
    int top = octaves * LETTERS;
    for (int degree = 0; degree < top; degree++) {
      add(pitches, lowOctave, degree, true);
    }
    for (int degree = top; degree >= 0; degree--) {
      add(pitches, lowOctave, degree, false);
    }
    return pitches;
  }

  private void add(List<WrittenPitch> pitches, int lowOctave, int degree, boolean rising) {
    int inScale = degree % LETTERS;
    boolean ofTriad = inScale == 0 || inScale == 2 || inScale == 4;
    if (kind.arpeggio && !ofTriad) {
      return;
    }
    int staff = step.ordinal() + degree;
    Step letter = Step.values()[staff % LETTERS];
    Key key = new Key(fifths(step, alter, kind));
    int raised = isRaised(inScale, rising) ? 1 : 0;
    pitches.add(
        new WrittenPitch(letter, key.alterOf(letter) + raised, lowOctave + staff / LETTERS));
  }

  /** The leading note of a minor scale, and on the way up of the melodic one also the sixth. */
  private boolean isRaised(int degree, boolean rising) {
    return switch (kind) {
      case HARMONIC_MINOR -> degree == 6;
      case MELODIC_MINOR -> rising && (degree == 5 || degree == 6);
      default -> false;
    };
  }

  /** The clef in which a bar has fewest leger lines, as the instrument's parts are written. */
  private static Clef clef(Instrument instrument, List<WrittenPitch> bar) {
    double mean = bar.stream().mapToInt(WrittenPitch::staffStep).average().orElseThrow();
    int a4 = WrittenPitch.parse("A4").staffStep();
    int d4 = WrittenPitch.parse("D4").staffStep();
    List<Clef> clefs = Instruments.customs(instrument.name()).clefs();
    if (mean > a4 && clefs.contains(Clef.TREBLE)) {
      return Clef.TREBLE;
    }
    return mean > d4 && clefs.contains(Clef.TENOR) ? Clef.TENOR : clefs.get(0);
  }
}
