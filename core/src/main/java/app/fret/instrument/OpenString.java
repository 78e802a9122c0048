package app.fret.instrument;

import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;

/**
 * One string as it is tuned.
 *
 * @param letter letter name of the open string, such as {@code F#}
 * @param pitch what the open string sounds
 * @param lowestSemitone lowest note above the open string in semitones: 0, or less where the string
 *     is lengthened beyond the nut
 */
public record OpenString(String letter, SoundingPitch pitch, int lowestSemitone) {
  /**
   * A string by its sound in scientific octaves, such as {@code F#1}.
   *
   * @throws IllegalArgumentException when the text is no pitch
   */
  public static OpenString sounding(String name) {
    WrittenPitch pitch = WrittenPitch.parse(name);
    return new OpenString(
        name.substring(0, name.length() - 1), new SoundingPitch(pitch.semitone()), 0);
  }

  /** The same string lengthened beyond the nut down to this semitone, 0 or less. */
  public OpenString withLowestSemitone(int semitone) {
    return new OpenString(letter, pitch, semitone);
  }
}
