package app.fret.book;

import app.fret.score.Tempo;
import java.time.LocalDate;
import java.util.Optional;

/**
 * A passage about to be written into the book.
 *
 * @param playerId whose it is
 * @param title its title
 * @param fileName name of the file it came from
 * @param score the file's bytes as read
 * @param cut which part and bars of the file it is
 * @param target the target tempo
 * @param dueOn day of the audition or recording, if there is one
 */
public record NewPassage(
    long playerId,
    String title,
    String fileName,
    byte[] score,
    BookPassage.Cut cut,
    Tempo target,
    Optional<LocalDate> dueOn) {
  public NewPassage {
    score = score.clone();
  }

  @Override
  public byte[] score() {
    return score.clone();
  }
}
