package app.fret.lefthand.hand;

import app.fret.score.Finger;

/**
 * One note taken on one string.
 *
 * @param string string, 1 the highest
 * @param finger finger that stops or touches it, {@link Finger#OPEN} for none
 * @param semitone the note that sounds, in semitones above the open string: 0 when open, less on a
 *     string that is lengthened beyond the nut
 * @param touchedAt for a natural harmonic the place of its node, to the nearest semitone above the
 *     open string; 0 for any other note
 */
public record Stop(int string, Finger finger, int semitone, int touchedAt) {
  public Stop {
    boolean open = finger == Finger.OPEN;
    if (open ? semitone > 0 || touchedAt != 0 : semitone == 0) {
      throw new IllegalArgumentException("finger " + finger.sign() + " at semitone " + semitone);
    }
  }

  /** A stopped or open note. */
  public Stop(int string, Finger finger, int semitone) {
    this(string, finger, semitone, 0);
  }

  /** Whether no finger touches the string. */
  public boolean isOpen() {
    return finger == Finger.OPEN;
  }

  /** Whether it is a natural harmonic, only touched. */
  public boolean isHarmonic() {
    return touchedAt != 0;
  }

  /** Whether the string is pressed down. */
  public boolean isPressed() {
    return !isOpen() && !isHarmonic();
  }

  /** Where the finger stands, in semitones above the open string. */
  public int place() {
    return isHarmonic() ? touchedAt : semitone;
  }
}
