package app.fret.book;

import java.util.List;

/**
 * What was found in the book: rows that can be read, and a sentence for each that cannot. A row
 * that cannot be read stays in the book as it is.
 *
 * @param rows the rows
 * @param unreadable which row, what is wrong with it
 */
public record Found<T>(List<T> rows, List<String> unreadable) {
  public Found {
    rows = List.copyOf(rows);
    unreadable = List.copyOf(unreadable);
  }
}
