package app.fret.desktop.model.practice;

import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.desktop.model.work.Words;
import app.fret.practice.Climb;

/**
 * A line of the programme.
 *
 * @param owner whose passage it is
 * @param passage the passage
 * @param bars how many bars it has
 * @param climb where the player stands on its ladder
 */
public record ProgrammeEntry(BookPlayer owner, BookPassage passage, int bars, Climb climb) {
  /** Clean tempo as a share of the target, 0 to 1. */
  public double progress() {
    return climb.cleanPerMinute() / climb.ladder().target().perMinute();
  }

  /** The one thing to do next. */
  public String nextTask() {
    if (climb.isDone()) {
      return "upkeep: one clean run";
    }
    double rung = climb.ladder().rungs().get(climb.rung());
    return "next: rung "
        + Words.number(rung)
        + ", "
        + Words.count(climb.cleanLeft(), "clean pass", "clean passes");
  }
}
