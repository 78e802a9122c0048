package app.fret.book;

import app.fret.files.PlainWords;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.format.DateTimeParseException;
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
                rows.add(sensible(() -> mapper.map(row)));
              } catch (IllegalArgumentException e) {
                unreadable.add(sentence(row, e));
              }
              return true;
            })
        .list();
    return new Found<>(rows, unreadable);
  }

  /** Something that reads a value. */
  interface Reading<T, E extends Exception> {
    T read() throws E;
  }

  /**
   * Reads a value.
   *
   * @throws IllegalArgumentException when it makes no sense, in words of Fret's own
   */
  static <T, E extends Exception> T sensible(Reading<T, E> reading) throws E {
    try {
      return reading.read();
    } catch (NumberFormatException | ArithmeticException e) {
      throw new IllegalArgumentException("a number makes no sense", e);
    } catch (DateTimeParseException e) {
      throw new IllegalArgumentException("'" + e.getParsedString() + "' is no day or moment", e);
    } catch (DateTimeException e) {
      throw new IllegalArgumentException("a day or moment makes no sense", e);
    } catch (NullPointerException e) {
      throw new IllegalArgumentException("a value is missing", e);
    } catch (IndexOutOfBoundsException e) {
      throw new IllegalArgumentException("a value is too short", e);
    }
  }

  /**
   * One of some names.
   *
   * @throws IllegalArgumentException for a name that this Fret does not know
   */
  static <E extends Enum<E>> E named(Class<E> kind, String name) {
    for (E one : kind.getEnumConstants()) {
      if (one.name().equals(name)) {
        return one;
      }
    }
    throw new IllegalArgumentException("'" + name + "' is a word that this Fret does not know");
  }

  private String sentence(ResultSet row, IllegalArgumentException fault) throws SQLException {
    return "A "
        + kind
        + " in the book (row "
        + row.getLong("id")
        + ") cannot be read: "
        + PlainWords.quoted(String.valueOf(fault.getMessage()))
        + ". It is kept as it is, and left out here.";
  }
}
