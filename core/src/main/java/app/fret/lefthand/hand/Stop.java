package app.fret.lefthand.hand;

import app.fret.score.Finger;

/**
 * One note taken on one string.
 *
 * @param string string, 1 the highest
 * @param finger finger that stops it, {@link Finger#OPEN} for none
 * @param semitone semitones above the open string, 0 when open
 */
public record Stop(int string, Finger finger, int semitone) {
  public Stop {
    if ((finger == Finger.OPEN) != (semitone == 0)) {
      throw new IllegalArgumentException("finger " + finger.sign() + " at semitone " + semitone);
    }
  }

  /** Whether the string is open. */
  public boolean isOpen() {
    return semitone == 0;
  }
}
