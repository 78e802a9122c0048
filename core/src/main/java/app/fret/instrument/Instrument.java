package app.fret.instrument;

import app.fret.score.SoundingPitch;
import app.fret.score.Transposition;
import app.fret.score.WrittenPitch;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * An instrument as one player has it set up.
 *
 * @param name word for it, such as {@code violin}
 * @param strings what the open strings sound, string I first
 * @param stringNames letter names of the open strings, string I first
 * @param writtenAboveSounding semitones the part is written above its sound by custom, 12 for bass
 * @param stringLengthMm vibrating length of the strings, in mm
 * @param bowHairMm usable length of the bow hair, in mm
 * @param highestSemitone highest note used, in semitones above each open string
 * @param frames shapes of the hand
 * @param positionNames names of the positions by base, see {@link #positionName(int)}
 * @param landmarkBases bases of the positions a hand finds most surely
 * @param handSize what hands span on it
 */
public record Instrument(
    String name,
    List<SoundingPitch> strings,
    List<String> stringNames,
    int writtenAboveSounding,
    double stringLengthMm,
    double bowHairMm,
    int highestSemitone,
    List<HandFrame> frames,
    Map<Integer, String> positionNames,
    List<Integer> landmarkBases,
    HandSize handSize) {

  private static final String[] NUMERALS = {"I", "II", "III", "IV", "V", "VI"};

  /**
   * Figures from which a player's span follows.
   *
   * @param standardFrameMm first-position closed frame at the standard string length, in mm
   * @param greatestFactor greatest span as a multiple of the comfortable one
   */
  public record HandSize(double standardFrameMm, double greatestFactor) {}

  public Instrument {
    strings = List.copyOf(strings);
    stringNames = List.copyOf(stringNames);
    frames = List.copyOf(frames);
    positionNames = Map.copyOf(positionNames);
    landmarkBases = List.copyOf(landmarkBases);
    if (strings.size() != stringNames.size() || strings.isEmpty()) {
      throw new IllegalArgumentException(name + " has " + strings.size() + " strings");
    }
  }

  /** Number of strings, 4 or 5. */
  public int stringCount() {
    return strings.size();
  }

  /** What an open string sounds; strings count from 1, the highest. */
  public SoundingPitch open(int string) {
    return strings.get(string - 1);
  }

  /** How an open string is written in this instrument's own parts. */
  public WrittenPitch writtenOpen(int string) {
    int octave = (open(string).midi() + writtenAboveSounding) / 12 - 1;
    return WrittenPitch.parse(stringNames.get(string - 1) + octave);
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
   * Name of the position whose first finger stands at this base, such as {@code 3} or {@code half}.
   */
  public String positionName(int base) {
    String name = positionNames.get(base);
    if (name != null) {
      return name;
    }
    int nearest =
        positionNames.keySet().stream().filter(b -> b < base).max(Integer::compare).orElse(1);
    return "above " + positionNames.get(nearest);
  }

  /** The same instrument with another string length in mm. */
  public Instrument withStringLengthMm(double lengthMm) {
    return new Instrument(
        name,
        strings,
        stringNames,
        writtenAboveSounding,
        lengthMm,
        bowHairMm,
        highestSemitone,
        frames,
        positionNames,
        landmarkBases,
        handSize);
  }
}
