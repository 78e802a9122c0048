package app.fret.lefthand.effort;

import app.fret.score.WrittenPitch;
import java.util.List;

/**
 * What is known of a note before fingers are chosen: the time it gives and what joins it to the
 * note before. All times in seconds at the target tempo.
 *
 * @param lengthSeconds how long it sounds
 * @param previousSeconds how long the note before sounded; infinite at the start
 * @param silenceSeconds rest between the note before and this one
 * @param first whether it is the first note of the passage
 * @param slurred whether one slur holds it and the note before
 * @param inSlur whether it stands under a slur at all
 * @param beatStart whether a beat begins with it
 * @param repeated whether it repeats the pitches of the note before
 * @param loudness level from 1 (pppp) to 10 (ffff)
 * @param trilled whether it carries a trill
 * @param pitches its pitches as spelled, lowest first; moves do not look at them
 */
public record Moment(
    double lengthSeconds,
    double previousSeconds,
    double silenceSeconds,
    boolean first,
    boolean slurred,
    boolean inSlur,
    boolean beatStart,
    boolean repeated,
    int loudness,
    boolean trilled,
    List<WrittenPitch> pitches) {

  /** Notes from here on can be given vibrato, in seconds (common practice, no source). */
  static final double VIBRATO_SECONDS = 0.45;

  /** Rests from here on let the hand travel unheard, in seconds (common practice, no source). */
  static final double COVERING_REST_SECONDS = 0.15;

  public Moment {
    pitches = List.copyOf(pitches);
  }

  /** The same moment without its pitches: equal for all notes that are joined alike. */
  public Moment joint() {
    return new Moment(
        lengthSeconds,
        previousSeconds,
        silenceSeconds,
        first,
        slurred,
        inSlur,
        beatStart,
        repeated,
        loudness,
        trilled,
        List.of());
  }

  /** Time from the start of the note before to the start of this one. */
  public double sincePreviousSeconds() {
    return previousSeconds + silenceSeconds;
  }

  /** Whether the note is long enough that a player would let it vibrate. */
  public boolean isLong() {
    return lengthSeconds >= VIBRATO_SECONDS;
  }

  /** Whether a rest before the note lets the hand travel unheard. */
  public boolean comesAfterRest() {
    return silenceSeconds >= COVERING_REST_SECONDS;
  }

  /** Whether it is to be played softly, piano or less. */
  public boolean isSoft() {
    return loudness <= 4;
  }

  /** Haste from 0 (slow) to 1 (eight notes a second) to 2 and no more (sixteen). */
  public double haste() {
    double perSecond = 1 / Math.max(sincePreviousSeconds(), 1e-3);
    return Math.max(0, Math.min(2, (perSecond - 2) / 6));
  }
}
