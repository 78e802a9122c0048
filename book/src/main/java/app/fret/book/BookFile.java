package app.fret.book;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationInfo;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/**
 * Brings a book's file into shape before it is used.
 *
 * <p>A file that is no book, is damaged or comes from a newer Fret is refused and left as it is. An
 * older one is copied aside before its schema is migrated.
 */
final class BookFile {
  private static final byte[] SQLITE_HEAD = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
  private static final int APPLICATION_ID = 0x46524554;

  private final Path file;
  private final String[] migrations;

  BookFile(Path file) {
    this(file, "classpath:app/fret/book/migration");
  }

  /** A file brought up to date by the migrations in these places, for tests of later versions. */
  BookFile(Path file, String... migrations) {
    this.file = file;
    this.migrations = migrations.clone();
  }

  /** A source of connections to the checked and migrated file. */
  SQLiteDataSource prepare() throws BookException {
    boolean exists = Files.exists(file);
    if (exists && !isEmpty()) {
      requireSqlite();
      requireOurs();
    }
    Flyway flyway = flyway();
    try {
      MigrationInfo current = flyway.info().current();
      if (exists && current != null) {
        requireNotNewer(current);
        backUpBeforeMigration(flyway, current);
      }
      flyway.migrate();
      return source();
    } catch (FlywayException e) {
      throw new BookException(
          name() + ": its tables cannot be brought up to date; your file is unchanged", e);
    }
  }

  private String name() {
    return String.valueOf(file.getFileName());
  }

  private SQLiteDataSource source() {
    SQLiteConfig config = new SQLiteConfig();
    config.enforceForeignKeys(true);
    config.setJournalMode(SQLiteConfig.JournalMode.WAL);
    config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
    config.setBusyTimeout(5000);
    config.setApplicationId(APPLICATION_ID);
    SQLiteDataSource source = new SQLiteDataSource(config);
    source.setUrl("jdbc:sqlite:" + file);
    return source;
  }

  private Flyway flyway() {
    return Flyway.configure()
        .dataSource(source())
        .locations(migrations)
        .ignoreMigrationPatterns("*:future")
        .load();
  }

  private boolean isEmpty() throws BookException {
    try {
      return Files.size(file) == 0;
    } catch (IOException e) {
      throw unreadable(e);
    }
  }

  private BookException unreadable(IOException cause) {
    return new BookException(name() + " cannot be read from disk", cause);
  }

  private BookException notABook() {
    return new BookException(
        name() + " is not a practice book; choose another file. It was left as it is");
  }

  private void requireSqlite() throws BookException {
    try (InputStream in = Files.newInputStream(file)) {
      if (!Arrays.equals(in.readNBytes(SQLITE_HEAD.length), SQLITE_HEAD)) {
        throw notABook();
      }
    } catch (IOException e) {
      throw unreadable(e);
    }
  }

  /** Looks without writing: another program's database must not even change its journal. */
  private void requireOurs() throws BookException {
    SQLiteConfig config = new SQLiteConfig();
    config.setReadOnly(true);
    SQLiteDataSource readOnly = new SQLiteDataSource(config);
    readOnly.setUrl("jdbc:sqlite:" + file);
    try (Connection connection = readOnly.getConnection();
        Statement statement = connection.createStatement()) {
      if (!"ok".equals(answer(statement, "PRAGMA quick_check(1)"))) {
        throw damaged();
      }
      if (!String.valueOf(APPLICATION_ID).equals(answer(statement, "PRAGMA application_id"))) {
        throw notABook();
      }
    } catch (SQLException e) {
      throw damaged(e);
    }
  }

  private static String answer(Statement statement, String question) throws SQLException {
    try (ResultSet result = statement.executeQuery(question)) {
      return result.next() ? result.getString(1) : "";
    }
  }

  private BookException damaged() {
    return new BookException(damage());
  }

  private BookException damaged(SQLException cause) {
    return new BookException(damage(), cause);
  }

  private String damage() {
    return name()
        + " is damaged and was left as it is; if a file with its name that ends in .backup lies"
        + " beside it, open that";
  }

  private void requireNotNewer(MigrationInfo current) throws BookException {
    if (current.getState().name().startsWith("FUTURE")) {
      throw new BookException(
          name() + " was written by a newer Fret and was left as it is; update Fret to open it");
    }
  }

  /** SQLite's own copy, since the newest pages may still stand in the journal beside the file. */
  private void backUpBeforeMigration(Flyway flyway, MigrationInfo current) throws BookException {
    if (flyway.info().pending().length == 0) {
      return;
    }
    Path backup = file.resolveSibling(name() + ".v" + current.getVersion() + ".backup");
    try (Connection connection = source().getConnection();
        Statement statement = connection.createStatement()) {
      Files.deleteIfExists(backup);
      statement.executeUpdate("VACUUM INTO '" + backup.toString().replace("'", "''") + "'");
    } catch (IOException | SQLException e) {
      throw new BookException(name() + " cannot be backed up, so it was not changed", e);
    }
  }
}
