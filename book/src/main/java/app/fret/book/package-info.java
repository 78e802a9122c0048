/**
 * The practice book: one SQLite file with players, passages, decisions and the log.
 *
 * <p>Start at {@link app.fret.book.Book}. Every change is one transaction, written before the
 * method returns; the schema grows by numbered migrations. Knows nothing of screens; plans are not
 * stored but computed anew from the music and the choices.
 */
package app.fret.book;
