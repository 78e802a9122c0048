package app.fret.desktop.model;

import app.fret.score.Passage;
import app.fret.study.PencilMarks;
import java.util.Optional;

/**
 * Music that is being planned, to look at meanwhile.
 *
 * @param passageId number of the passage in the book
 * @param music the music, with the fingers and bow signs of its last plan where they are known
 * @param isMarked whether they are
 */
public record Preview(long passageId, Passage music, boolean isMarked) {
  /**
   * Music as it is read.
   *
   * @param lastPlan the marks of the last plan; empty where it was never planned as it stands
   */
  static Preview of(long passageId, Passage music, Optional<String> lastPlan) {
    return lastPlan
        .flatMap(marks -> PencilMarks.on(music, marks))
        .map(marked -> new Preview(passageId, marked, true))
        .orElseGet(() -> new Preview(passageId, music, false));
  }
}
