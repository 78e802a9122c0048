package app.fret.score;

/**
 * How far the part sounds from what is written, as the source states it.
 *
 * @param semitones semitones from written up to sounding pitch, octaves included
 */
public record Transposition(int semitones) {}
