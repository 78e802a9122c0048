package app.fret.book;

import app.fret.score.Tempo;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A passage of the book, as it was read, without its notes.
 *
 * @param id number in the book
 * @param playerId whose it is
 * @param title its title
 * @param fileName name of the file it came from
 * @param cut which part and bars of the file it is
 * @param target the target tempo
 * @param dueOn day of the audition or recording, if there is one
 */
public record BookPassage(
    long id,
    long playerId,
    String title,
    String fileName,
    Cut cut,
    Tempo target,
    Optional<LocalDate> dueOn) {

  /** The same for another day. */
  public BookPassage withDue(Optional<LocalDate> day) {
    return new BookPassage(id, playerId, title, fileName, cut, target, day);
  }

  /**
   * What was taken from a file.
   *
   * @param part index of the part
   * @param firstBar index of the first bar
   * @param lastBar index of the last bar
   */
  public record Cut(int part, int firstBar, int lastBar) {}
}
