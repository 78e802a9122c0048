package app.fret.score;

/**
 * A pitch as it sounds, in semitones of equal temperament on the MIDI scale.
 *
 * <p>Kept apart from {@link WrittenPitch} in the types, since a double bass reads an octave above
 * what it sounds.
 *
 * @param midi semitone number, 60 is middle C; may lie outside the 0 to 127 that can be sent
 */
public record SoundingPitch(int midi) {
  /** Semitones from the other pitch up to this one; negative when this one is lower. */
  public int semitonesAbove(SoundingPitch other) {
    return midi - other.midi;
  }
}
