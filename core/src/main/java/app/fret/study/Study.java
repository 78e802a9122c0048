package app.fret.study;

import app.fret.bow.BowPlan;
import app.fret.bow.BowPlanner;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.instrument.Range;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.PinConflictException;
import app.fret.practice.PracticePlan;
import app.fret.score.Passage;
import app.fret.score.PlayedNote;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Everything Fret works out for a passage, in one immutable value.
 *
 * @param passage the music
 * @param player who plays it
 * @param choices what the player decided
 * @param notes the notes of the passage
 * @param leftHand strings, fingers, positions
 * @param bow strokes
 * @param practice tempos
 */
public record Study(
    Passage passage,
    Player player,
    Choices choices,
    List<PlayedNote> notes,
    LeftHandPlan leftHand,
    BowPlan bow,
    PracticePlan practice) {

  public Study {
    notes = List.copyOf(notes);
  }

  /** Hears when a step of the work is done; for measuring, since the core has no clock. */
  public interface Steps {
    /** Called with the name of the step: {@code leftHand}, {@code bow}, {@code practice}. */
    void finished(String step);
  }

  /** Works out the whole passage. See {@link #of(Passage, Player, Choices, Steps)}. */
  public static Study of(Passage passage, Player player, Choices choices)
      throws OutOfRangeException, PinConflictException {
    return of(passage, player, choices, step -> {});
  }

  /**
   * Works out the whole passage, telling when each step is done.
   *
   * @throws OutOfRangeException when the instrument lacks a note
   * @throws PinConflictException when the pins cannot be met
   */
  public static Study of(Passage passage, Player player, Choices choices, Steps steps)
      throws OutOfRangeException, PinConflictException {
    List<PlayedNote> notes = PlayedNote.of(passage);
    Range.of(player.instrument()).require(passage, notes);
    LeftHandPlan leftHand =
        new LeftHandPlanner(player, choices.profile())
            .plan(passage, choices.target(), choices.pins());
    steps.finished("leftHand");
    BowPlan bow = new BowPlanner().plan(passage, choices.target());
    steps.finished("bow");
    PracticePlan practice = PracticePlan.of(passage, choices.target(), OptionalDouble.empty());
    steps.finished("practice");
    return new Study(passage, player, choices, notes, leftHand, bow, practice);
  }
}
