package app.fret.practice;

import app.fret.practice.trial.TrialPlan;
import app.fret.reading.NoteMoves;
import app.fret.score.NoteRef;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a player decided about practising a passage.
 *
 * @param cleanPerMinute what was clean before Fret kept a log, in the target's beat; empty where
 *     nobody said
 * @param gate what opens a rung and closes it again
 * @param keepsBeat whether rhythms keep the beat, not the printed unit
 * @param chunkStarts first notes of the chunks where the player cut them; none for the proposed
 *     ones
 * @param trial two ways that are being tried
 */
public record PracticeChoices(
    OptionalDouble cleanPerMinute,
    Gate gate,
    boolean keepsBeat,
    List<NoteRef> chunkStarts,
    Optional<TrialPlan> trial) {
  public PracticeChoices {
    chunkStarts = List.copyOf(chunkStarts);
    if (cleanPerMinute.isPresent() && !(cleanPerMinute.getAsDouble() > 0)) {
      throw new IllegalArgumentException("a clean tempo is above 0");
    }
  }

  /** Nothing decided. */
  public static PracticeChoices none() {
    return new PracticeChoices(
        OptionalDouble.empty(), Gate.USUAL, false, List.of(), Optional.empty());
  }

  /** The same with another tempo that was clean. */
  public PracticeChoices withClean(OptionalDouble perMinute) {
    return new PracticeChoices(perMinute, gate, keepsBeat, chunkStarts, trial);
  }

  /** The same under another gate. */
  public PracticeChoices with(Gate newGate) {
    return new PracticeChoices(cleanPerMinute, newGate, keepsBeat, chunkStarts, trial);
  }

  /** The same with rhythms that keep the beat or not. */
  public PracticeChoices withBeatKept(boolean kept) {
    return new PracticeChoices(cleanPerMinute, gate, kept, chunkStarts, trial);
  }

  /** The same with chunks cut elsewhere. */
  public PracticeChoices withChunkStarts(List<NoteRef> starts) {
    return new PracticeChoices(cleanPerMinute, gate, keepsBeat, starts, trial);
  }

  /** The same with another trial, or none. */
  public PracticeChoices withTrial(Optional<TrialPlan> other) {
    return new PracticeChoices(cleanPerMinute, gate, keepsBeat, chunkStarts, other);
  }

  /** The same with borders and a trial that stay with their notes. */
  public PracticeChoices moved(NoteMoves moves) {
    List<NoteRef> starts =
        moves.each("the border of a chunk", chunkStarts, at -> at, (at, now) -> now);
    Optional<TrialPlan> trialNow = trial.flatMap(t -> t.moved(moves));
    if (trial.isPresent() && trialNow.isEmpty()) {
      moves.lose("the trial of two ways", trial.get().at());
    }
    return withChunkStarts(starts).withTrial(trialNow);
  }
}
