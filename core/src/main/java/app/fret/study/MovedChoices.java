package app.fret.study;

import app.fret.reading.NoteMoves;
import app.fret.score.Passage;
import java.util.List;
import java.util.Map;

/**
 * Decisions that stay with their notes when others are put in or taken out before them.
 *
 * @param choices the decisions at the places where their notes stand now
 * @param lost a phrase for each decision whose note is gone or another now
 */
public record MovedChoices(Choices choices, List<String> lost) {
  public MovedChoices {
    lost = List.copyOf(lost);
  }

  /**
   * Moves decisions along with their notes.
   *
   * @param eventsNow by event of the passage before: its number in the passage after; those that
   *     are gone are missing
   */
  public static MovedChoices of(
      Choices choices, Passage before, Passage after, Map<Integer, Integer> eventsNow) {
    NoteMoves moves = new NoteMoves(before, after, eventsNow);
    Choices moved =
        new Choices(
            choices.tempo().moved(moves),
            choices.leftHand().moved(moves),
            choices.reading().moved(moves),
            choices.layers().moved(moves),
            choices.bow().moved(moves),
            choices.shape().moved(moves),
            choices.practice().moved(moves));
    return new MovedChoices(moved, moves.lost());
  }
}
