package app.fret.practice.schedule;

import java.time.LocalDate;
import java.util.Optional;

/**
 * The player's word that what was taken off after it had hurt twice may come back.
 *
 * @param bar the label of the bar; empty for the whole passage
 * @param date when it was said
 */
public record PutBack(Optional<String> bar, LocalDate date) {}
