package app.fret.instrument;

import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import app.fret.score.Transposition;
import app.fret.score.WrittenPitch;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * An instrument as one player has it set up.
 *
 * @param name word for it, such as {@code violin}
 * @param strings the strings as tuned, string I first
 * @param writtenAboveSounding semitones the part is written above its sound by custom, 12 for bass
 * @param stringLengthMm vibrating length of the strings, in mm
 * @param bowHairMm usable length of the bow hair, in mm
 * @param highestSemitone highest note used, in semitones above each open string
 * @param frames shapes of the hand
 * @param positionNames names of the positions by base, see {@link #positionName(int)}
 * @param landmarkBases bases of the positions a hand finds most surely
 * @param handSize what hands span on it
 * @param handling how the left hand usually handles it
 * @param a4Hz pitch it is tuned to: the frequency of A4 in Hz
 */
public record Instrument(
    String name,
    List<OpenString> strings,
    int writtenAboveSounding,
    double stringLengthMm,
    double bowHairMm,
    int highestSemitone,
    List<HandFrame> frames,
    Map<Integer, String> positionNames,
    List<Integer> landmarkBases,
    HandSize handSize,
    Handling handling,
    double a4Hz) {

  private static final String[] NUMERALS = {"I", "II", "III", "IV", "V", "VI"};

  /** Name of every position in which the thumb lies on the strings. */
  public static final String THUMB_POSITION = "thumb";

  /** Pitch of the A in use, lowest and highest, in Hz (common practice, no source). */
  public static final double LOWEST_A4_HZ = 415;

  /** Highest A in use, in Hz (common practice, no source). */
  public static final double HIGHEST_A4_HZ = 446;

  private static final int SEMITONES_PER_OCTAVE = 12;

  /** From the smallest instruments for children to the longest built, against the usual (CP). */
  private static final double SHORTEST = 0.45;

  private static final double LONGEST = 1.5;

  /**
   * Figures from which a player's span follows.
   *
   * @param standardFrameMm first-position closed frame at the standard string length, in mm
   * @param greatestFactor greatest span as a multiple of the comfortable one
   * @param acrossStringsFactor how much more two fingers span on neighbouring strings than on one,
   *     by turning the forearm; 1 where the greatest spans are those of double stops
   * @param pairs what each two fingers of a medium hand span
   */
  public record HandSize(
      double standardFrameMm,
      double greatestFactor,
      double acrossStringsFactor,
      List<PairSpan> pairs) {
    public HandSize {
      pairs = List.copyOf(pairs);
    }
  }

  /**
   * What two fingers of a medium hand span.
   *
   * @param lower the lower finger
   * @param upper the upper finger
   * @param comfortableMm at ease, in mm
   * @param greatestMm at most, in mm
   * @param openingMm from where an opening between two notes of a line counts as a shift, in mm;
   *     infinite where it never does
   */
  public record PairSpan(
      Finger lower, Finger upper, double comfortableMm, double greatestMm, double openingMm) {}

  public Instrument {
    strings = List.copyOf(strings);
    frames = List.copyOf(frames);
    positionNames = Map.copyOf(positionNames);
    landmarkBases = List.copyOf(landmarkBases);
    if (strings.isEmpty() || strings.size() > NUMERALS.length) {
      throw new IllegalArgumentException(name + " has " + strings.size() + " strings");
    }
    if (!(stringLengthMm > 0)) {
      throw new IllegalArgumentException(
          "a string length of " + stringLengthMm + " mm; give one above 0");
    }
    if (!(a4Hz >= LOWEST_A4_HZ && a4Hz <= HIGHEST_A4_HZ)) {
      throw new IllegalArgumentException("an A of " + a4Hz + " Hz; give one from 415 to 446 Hz");
    }
  }

  /** Number of strings, 4 or 5. */
  public int stringCount() {
    return strings.size();
  }

  /** What an open string sounds; strings count from 1, the highest. */
  public SoundingPitch open(int string) {
    return strings.get(string - 1).pitch();
  }

  /** Lowest note of a string in semitones above it open: 0, or less where it is lengthened. */
  public int lowestSemitone(int string) {
    return strings.get(string - 1).lowestSemitone();
  }

  /** How an open string is written in this instrument's own parts. */
  public WrittenPitch writtenOpen(int string) {
    WrittenPitch sounding =
        WrittenPitch.parse(
            strings.get(string - 1).letter() + (open(string).midi() / SEMITONES_PER_OCTAVE - 1));
    int octaves = writtenAboveSounding / SEMITONES_PER_OCTAVE;
    return new WrittenPitch(sounding.step(), sounding.alter(), sounding.octave() + octaves);
  }

  /** The Roman numeral of a string, I the highest. */
  public static String numeral(int string) {
    return NUMERALS[string - 1];
  }

  /**
   * The string of a numeral or figure.
   *
   * @throws IllegalArgumentException when this instrument has no such string
   */
  public int stringOf(String text) {
    for (int string = 1; string <= stringCount(); string++) {
      if (numeral(string).equalsIgnoreCase(text) || String.valueOf(string).equals(text)) {
        return string;
      }
    }
    throw new IllegalArgumentException(
        "'" + text + "' is no string of the " + name + "; use I to " + numeral(stringCount()));
  }

  /** What sounds when this pitch is written for this instrument. */
  public SoundingPitch sounding(WrittenPitch written, Optional<Transposition> stated) {
    return new SoundingPitch(written.semitone() + soundingShift(stated));
  }

  /** Semitones from written up to sounding pitch; what the part states goes before custom. */
  public int soundingShift(Optional<Transposition> stated) {
    return stated.map(Transposition::semitones).orElse(-writtenAboveSounding);
  }

  /** Geometry of its strings. */
  public StringGeometry geometry() {
    return new StringGeometry(stringLengthMm);
  }

  /**
   * Name of the position in which the hand stands here, such as {@code 3}, {@code half} or {@code
   * thumb}. Counts semitones of the first finger above the open string, for a hand at rest.
   */
  public String positionName(int base) {
    String name = positionNames.get(base);
    if (name != null) {
      return name;
    }
    int nearest =
        positionNames.keySet().stream().filter(b -> b < base).max(Integer::compare).orElse(1);
    String below = positionNames.get(nearest);
    return below.equals(THUMB_POSITION) ? below : "above " + below;
  }

  /** Name of the position of a hand of this shape on this base. */
  public String positionName(int base, HandFrame frame) {
    return frame.region() == HandFrame.Region.THUMB
        ? THUMB_POSITION
        : positionName(base + frame.anchor());
  }

  /**
   * The same instrument with another string length in mm.
   *
   * @throws IllegalArgumentException for a length that no such instrument has
   */
  public Instrument withStringLengthMm(double lengthMm) {
    double least = SHORTEST * stringLengthMm;
    double most = LONGEST * stringLengthMm;
    if (!(lengthMm >= least && lengthMm <= most)) {
      throw new IllegalArgumentException(
          String.format(
              Locale.ROOT,
              "a string length of %s mm; give one from %.0f to %.0f mm for the %s",
              lengthMm,
              Math.ceil(least),
              Math.floor(most),
              name));
    }
    return with(strings, writtenAboveSounding, lengthMm, frames, a4Hz);
  }

  /** The same instrument tuned to another A, 415 to 446 Hz. */
  public Instrument withA4Hz(double hz) {
    return with(strings, writtenAboveSounding, stringLengthMm, frames, hz);
  }

  /** The same instrument with other strings; parts stay written as they were. */
  public Instrument withStrings(List<OpenString> newStrings) {
    return with(newStrings, writtenAboveSounding, stringLengthMm, frames, a4Hz);
  }

  /** The same instrument with parts written that many semitones above their sound. */
  public Instrument withWrittenAboveSounding(int semitones) {
    return with(strings, semitones, stringLengthMm, frames, a4Hz);
  }

  /** The same instrument with other shapes of the hand, as another school teaches. */
  public Instrument withFrames(List<HandFrame> newFrames) {
    return with(strings, writtenAboveSounding, stringLengthMm, newFrames, a4Hz);
  }

  private Instrument with(
      List<OpenString> newStrings,
      int newWrittenAbove,
      double newLengthMm,
      List<HandFrame> newFrames,
      double newA4Hz) {
    return new Instrument(
        name,
        newStrings,
        newWrittenAbove,
        newLengthMm,
        bowHairMm,
        highestSemitone,
        newFrames,
        positionNames,
        landmarkBases,
        handSize,
        handling,
        newA4Hz);
  }
}
