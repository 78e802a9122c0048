package app.fret.practice;

import app.fret.score.NoteRef;
import java.util.List;
import java.util.OptionalDouble;

/**
 * What a player decided about practising a passage.
 *
 * @param cleanPerMinute what was clean before Fret kept a log, in the target's beat; empty where
 *     nobody said
 * @param cleanNeeded clean passes in a row that pass a rung, 1 to 10
 * @param isStrict whether the first miss goes back a rung, not the second
 * @param keepsBeat whether rhythms keep the beat, not the printed unit
 * @param chunkStarts first notes of the chunks where the player cut them; none for the proposed
 *     ones
 */
public record PracticeChoices(
    OptionalDouble cleanPerMinute,
    int cleanNeeded,
    boolean isStrict,
    boolean keepsBeat,
    List<NoteRef> chunkStarts) {
  private static final int MOST_NEEDED = 10;

  public PracticeChoices {
    chunkStarts = List.copyOf(chunkStarts);
    if (cleanNeeded < 1 || cleanNeeded > MOST_NEEDED) {
      throw new IllegalArgumentException(
          cleanNeeded + " clean passes; a rung needs 1 to " + MOST_NEEDED);
    }
    if (cleanPerMinute.isPresent() && !(cleanPerMinute.getAsDouble() > 0)) {
      throw new IllegalArgumentException("a clean tempo is above 0");
    }
  }

  /** Nothing decided. */
  public static PracticeChoices none() {
    return new PracticeChoices(OptionalDouble.empty(), Climb.CLEAN_NEEDED, false, false, List.of());
  }

  /** The same with another tempo that was clean. */
  public PracticeChoices withClean(OptionalDouble perMinute) {
    return new PracticeChoices(perMinute, cleanNeeded, isStrict, keepsBeat, chunkStarts);
  }

  /** The same with another number of clean passes. */
  public PracticeChoices withCleanNeeded(int needed) {
    return new PracticeChoices(cleanPerMinute, needed, isStrict, keepsBeat, chunkStarts);
  }

  /** The same, strict or not. */
  public PracticeChoices withStrict(boolean strict) {
    return new PracticeChoices(cleanPerMinute, cleanNeeded, strict, keepsBeat, chunkStarts);
  }

  /** The same with rhythms that keep the beat or not. */
  public PracticeChoices withBeatKept(boolean kept) {
    return new PracticeChoices(cleanPerMinute, cleanNeeded, isStrict, kept, chunkStarts);
  }

  /** The same with chunks cut elsewhere. */
  public PracticeChoices withChunkStarts(List<NoteRef> starts) {
    return new PracticeChoices(cleanPerMinute, cleanNeeded, isStrict, keepsBeat, starts);
  }
}
