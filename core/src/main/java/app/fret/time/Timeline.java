package app.fret.time;

import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.TempoMap;
import java.util.List;

/**
 * Start, end and silence of every note of a passage, in seconds.
 *
 * <p>Grace notes take {@link #GRACE_SECONDS} each out of the note before (common practice, no
 * source). Lengths are rounded to microseconds: differences of running times carry noise in the
 * last bits, and notes of one length must have equal lengths for a planner to recognise them.
 * Immutable.
 */
public final class Timeline {
  /** What a grace note takes out of the note before, in seconds. */
  public static final double GRACE_SECONDS = 0.08;

  private static final double SHORTEST_SECONDS = 1e-3;

  private final double[] startSeconds;
  private final double[] endSeconds;

  private Timeline(List<PlayedNote> notes, TempoMap tempos) {
    startSeconds = new double[notes.size()];
    endSeconds = new double[notes.size()];
    int graces = 0;
    for (int i = notes.size() - 1; i >= 0; i--) {
      PlayedNote note = notes.get(i);
      graces = note.isGrace() ? graces + 1 : 0;
      startSeconds[i] = tempos.seconds(note.onset()) - graces * GRACE_SECONDS;
      endSeconds[i] = note.isGrace() ? startSeconds[i] + GRACE_SECONDS : tempos.seconds(note.end());
      if (i + 1 < notes.size()) {
        endSeconds[i] = Math.min(endSeconds[i], startSeconds[i + 1]);
      }
    }
  }

  /** The timeline of a reading. */
  public static Timeline of(Reading reading, TempoMap tempos) {
    return new Timeline(reading.notes(), tempos);
  }

  /** Number of notes. */
  public int size() {
    return startSeconds.length;
  }

  /** When a note starts, in seconds from the start of the passage. */
  public double startSeconds(int note) {
    return startSeconds[note];
  }

  /** When a note is over, in seconds from the start of the passage. */
  public double endSeconds(int note) {
    return endSeconds[note];
  }

  /** How long a note sounds, at least a thousandth of a second. */
  public double lengthSeconds(int note) {
    return Math.max(SHORTEST_SECONDS, rounded(endSeconds[note] - startSeconds[note]));
  }

  /** Rest between the note before and this one, in seconds; 0 at the first. */
  public double silenceSeconds(int note) {
    return note == 0 ? 0 : Math.max(0, rounded(startSeconds[note] - endSeconds[note - 1]));
  }

  private static double rounded(double seconds) {
    return Math.rint(seconds * 1e6) / 1e6;
  }
}
