package app.fret.book;

import app.fret.practice.schedule.Learner;
import java.util.List;

/**
 * How a player practises as it stands in the book.
 *
 * @param learner minutes, days off and the like; the usual ones where they cannot be read
 * @param unreadable a sentence when they cannot be read
 */
public record Practised(Learner learner, List<String> unreadable) {
  public Practised {
    unreadable = List.copyOf(unreadable);
  }
}
