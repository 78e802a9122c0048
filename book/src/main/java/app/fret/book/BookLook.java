package app.fret.book;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/**
 * Looks at a file that may be a practice book without changing a byte of it and without leaving a
 * journal beside it: what has no journal is opened as unchangeable, what has one is looked at in a
 * copy.
 */
final class BookLook {
  static final int APPLICATION_ID = 0x46524554;
  private static final byte[] SQLITE_HEAD = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
  private static final int HEAD_BYTES = 100;

  /** Place of the application id in the head of a file (SQLite file format, section 1.3). */
  private static final int ID_AT = 68;

  private static final Set<String> TABLES = Set.of("player", "passage", "log_entry");
  private static final String HISTORY = "flyway_schema_history";

  private final Path file;
  private final String name;

  /** What a file is. */
  enum Kind {
    /** There is none, or it is empty, or its making was interrupted: nothing is in it. */
    NOTHING,
    BOOK
  }

  /**
   * What was seen.
   *
   * @param kind what the file is
   * @param version number of the last change of its tables; 0 for nothing
   */
  record Seen(Kind kind, int version) {
    static final Seen NOTHING = new Seen(Kind.NOTHING, 0);
  }

  BookLook(Path file) {
    this.file = file;
    this.name = String.valueOf(file.getFileName());
  }

  /**
   * Looks at the file.
   *
   * @param newest number of the newest change of tables that this program knows
   * @throws BookException when it is no book, is damaged or is newer than this program
   */
  Seen look(int newest) throws BookException {
    try {
      if (Files.isDirectory(file)) {
        throw new BookException(name + " is a folder; name a practice book in it");
      }
      if (!Files.exists(file) || Files.size(file) == 0) {
        return Seen.NOTHING;
      }
      byte[] head = head();
      if (!Arrays.equals(Arrays.copyOf(head, SQLITE_HEAD.length), SQLITE_HEAD)) {
        throw notABook();
      }
      if (head.length < HEAD_BYTES) {
        throw new BookException(Causes.damaged(name));
      }
      int id = ByteBuffer.wrap(head).getInt(ID_AT);
      return Files.exists(journal())
          ? lookAtCopy(id, newest)
          : look(unchangeable(file), id, newest);
    } catch (IOException e) {
      throw new BookException(name + " cannot be read from disk; may you read it?", e);
    }
  }

  private byte[] head() throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      return in.readNBytes(HEAD_BYTES);
    }
  }

  private Path journal() {
    return file.resolveSibling(name + "-wal");
  }

  private BookException notABook() {
    return new BookException(
        name + " is not a practice book; choose another file. It was left as it is");
  }

  private Seen lookAtCopy(int id, int newest) throws BookException, IOException {
    try (Snapshot copy = Snapshot.ofFiles(file)) {
      return look(Databases.plain(copy.file()), id, newest);
    }
  }

  private static SQLiteDataSource unchangeable(Path file) {
    SQLiteConfig config = new SQLiteConfig();
    config.setReadOnly(true);
    SQLiteDataSource source = new SQLiteDataSource(config);
    source.setUrl("jdbc:sqlite:" + file.toAbsolutePath().toUri() + "?immutable=1");
    return source;
  }

  private Seen look(SQLiteDataSource source, int id, int newest) throws BookException {
    try (Connection connection = source.getConnection();
        Statement statement = connection.createStatement()) {
      if (!"ok".equals(answer(statement, "PRAGMA quick_check(1)"))) {
        throw new BookException(Causes.damaged(name));
      }
      Set<String> tables = tables(statement);
      if (tables.isEmpty() || isUnfinished(tables, statement)) {
        return Seen.NOTHING;
      }
      boolean ours = tables.containsAll(TABLES) && tables.contains(HISTORY);
      // The id may still stand in the journal only, where the head does not show it.
      boolean marked =
          id == APPLICATION_ID
              || String.valueOf(APPLICATION_ID).equals(answer(statement, "PRAGMA application_id"));
      if (marked && !ours) {
        throw new BookException(
            name
                + " carries Fret's mark but holds no practice book; choose another file. It was"
                + " left as it is");
      }
      if (!marked) {
        throw ours
            ? new BookException(
                name
                    + " looks like a practice book but carries another program's mark; open its"
                    + " newest .backup. It was left as it is")
            : notABook();
      }
      int version = version(statement);
      if (version > newest) {
        throw new BookException(
            name + " was written by a newer Fret and was left as it is; update Fret to open it");
      }
      return new Seen(Kind.BOOK, version);
    } catch (SQLException e) {
      throw new BookException(Causes.words(name, e), e);
    }
  }

  private static Set<String> tables(Statement statement) throws SQLException {
    Set<String> tables = new HashSet<>();
    try (ResultSet rows =
        statement.executeQuery(
            "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%'")) {
      while (rows.next()) {
        tables.add(rows.getString(1));
      }
    }
    return tables;
  }

  /** A book whose making was interrupted before its first table. */
  private static boolean isUnfinished(Set<String> tables, Statement statement) throws SQLException {
    return tables.equals(Set.of(HISTORY))
        && "0".equals(answer(statement, "SELECT COUNT(*) FROM " + HISTORY));
  }

  private static int version(Statement statement) throws SQLException {
    String version =
        answer(
            statement, "SELECT MAX(CAST(version AS INTEGER)) FROM " + HISTORY + " WHERE success");
    // Whatever stands there: one beyond all counting is one of a newer program, too.
    return version == null || version.isEmpty()
        ? 0
        : (int) Math.min(Integer.MAX_VALUE, Double.parseDouble(version));
  }

  private static String answer(Statement statement, String question) throws SQLException {
    try (ResultSet result = statement.executeQuery(question)) {
      return result.next() ? result.getString(1) : "";
    }
  }
}
