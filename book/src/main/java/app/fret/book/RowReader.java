package app.fret.book;

import app.fret.files.PlainWords;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.util.ArrayList;
import java.util.List;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.statement.Query;

/** Reads rows one by one, so that a bad one does not hide the others. */
final class RowReader<T> {
  private final String kind;
  private final Mapper<T> mapper;

  /** Makes a value of a row; throws an unchecked exception for one that makes no sense. */
  interface Mapper<T> {
    T map(ResultSet row) throws SQLException;
  }

  /**
   * A reader.
   *
   * @param kind what a row is, for the sentence about a bad one, such as {@code pass}
   */
  RowReader(String kind, Mapper<T> mapper) {
    this.kind = kind;
    this.mapper = mapper;
  }

  /** All rows of a question in which each row has an {@code id}. */
  Found<T> read(Handle handle, String sql, Object... arguments) {
    List<T> rows = new ArrayList<>();
    List<String> unreadable = new ArrayList<>();
    Query query = handle.createQuery(sql);
    for (int i = 0; i < arguments.length; i++) {
      query.bind(i, arguments[i]);
    }
    query
        .map(
            (row, context) -> {
              try {
                rows.add(mapper.map(row));
              } catch (IllegalArgumentException
                  | DateTimeException
                  | ArithmeticException
                  | NullPointerException
                  | IndexOutOfBoundsException e) {
                unreadable.add(sentence(row, e));
              }
              return true;
            })
        .list();
    return new Found<>(rows, unreadable);
  }

  private String sentence(ResultSet row, RuntimeException fault) throws SQLException {
    String why = fault.getMessage() == null ? "a value is missing" : fault.getMessage();
    return "A "
        + kind
        + " in the book (row "
        + row.getLong("id")
        + ") cannot be read: "
        + PlainWords.quoted(why)
        + ". It is kept as it is, and left out here.";
  }
}
