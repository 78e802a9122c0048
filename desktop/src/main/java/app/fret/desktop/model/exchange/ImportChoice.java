package app.fret.desktop.model.exchange;

import app.fret.book.BookPlayer;
import app.fret.score.Tempo;
import java.time.LocalDate;
import java.util.Optional;

/**
 * What a player decided when adding a passage.
 *
 * @param title title it gets
 * @param part index of the part
 * @param firstBar index of the first bar
 * @param lastBar index of the last bar
 * @param owner whose it is, empty for a new player
 * @param newPlayer name of the new player when there is no owner
 * @param instrument instrument of the new player
 * @param target the target tempo
 * @param dueOn day of the audition or recording, if there is one
 */
public record ImportChoice(
    String title,
    int part,
    int firstBar,
    int lastBar,
    Optional<BookPlayer> owner,
    String newPlayer,
    String instrument,
    Tempo target,
    Optional<LocalDate> dueOn) {}
