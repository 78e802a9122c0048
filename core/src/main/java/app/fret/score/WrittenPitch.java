package app.fret.score;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A pitch as it is spelled on the page, in scientific octaves (C4 is middle C).
 *
 * @param step letter name
 * @param alter semitones up or down from the letter, -2 to 2
 * @param octave octave number, 0 to 9
 */
public record WrittenPitch(Step step, int alter, int octave) implements Comparable<WrittenPitch> {
  private static final Pattern NAME = Pattern.compile("([A-G])(##|#|bb|b)?([0-9])");
  private static final String[] ALTERS = {"bb", "b", "", "#", "##"};

  public WrittenPitch {
    if (alter < -2 || alter > 2) {
      throw new IllegalArgumentException("alteration " + alter + " is beyond a double accidental");
    }
    if (octave < 0 || octave > 9) {
      throw new IllegalArgumentException("octave " + octave + " is outside 0 to 9");
    }
  }

  /**
   * Reads a name such as {@code F#4}, {@code Bb3} or {@code C##5}.
   *
   * @throws IllegalArgumentException when the text is no pitch name
   */
  public static WrittenPitch parse(String name) {
    Matcher matcher = NAME.matcher(name);
    if (!matcher.matches()) {
      throw new IllegalArgumentException("'" + name + "' is no pitch; write one like F#4 or Bb3");
    }
    String alter = matcher.group(2) == null ? "" : matcher.group(2);
    int semitones = alter.startsWith("#") ? alter.length() : -alter.length();
    return new WrittenPitch(
        Step.valueOf(matcher.group(1)), semitones, Integer.parseInt(matcher.group(3)));
  }

  /** Semitones of the written pitch on the MIDI scale, where C4 is 60. */
  public int semitone() {
    return 12 * (octave + 1) + step.semitonesAboveC() + alter;
  }

  /** Letter steps above C0; neighbours on the staff differ by one. */
  public int staffStep() {
    return 7 * octave + step.ordinal();
  }

  /** Lower sounding first; of two spellings of one sound the lower letter first. */
  @Override
  public int compareTo(WrittenPitch other) {
    int bySound = Integer.compare(semitone(), other.semitone());
    return bySound != 0 ? bySound : Integer.compare(staffStep(), other.staffStep());
  }

  /** Scientific form, for example {@code F#4}. */
  @Override
  public String toString() {
    return step + ALTERS[alter + 2] + octave;
  }

  /** The name as a player reads it, with real accidental signs: F♯4. */
  public String display() {
    return toString().replace("#", "♯").replace("b", "♭");
  }
}
