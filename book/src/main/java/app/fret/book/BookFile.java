package app.fret.book;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Optional;
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

  BookFile(Path file) {
    this.file = file;
  }

  /** A source of connections to the checked and migrated file. */
  SQLiteDataSource prepare() throws BookException {
    boolean exists = Files.exists(file);
    if (exists) {
      requireSqlite();
      requireSound();
    }
    Flyway flyway = flyway();
    try {
      MigrationInfo current = flyway.info().current();
      if (exists && current != null) {
        requireNotNewer(flyway, current);
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
        .locations("classpath:app/fret/book/migration")
        .ignoreMigrationPatterns("*:future")
        .load();
  }

  private void requireSqlite() throws BookException {
    try {
      if (Files.size(file) == 0) {
        return;
      }
      try (var in = Files.newInputStream(file)) {
        if (!Arrays.equals(in.readNBytes(SQLITE_HEAD.length), SQLITE_HEAD)) {
          throw new BookException(
              name() + " is not a practice book; choose another file. It was left as it is");
        }
      }
    } catch (IOException e) {
      throw new BookException(name() + " cannot be read from disk", e);
    }
  }

  private void requireSound() throws BookException {
    SQLiteConfig config = new SQLiteConfig();
    config.setReadOnly(true);
    SQLiteDataSource readOnly = new SQLiteDataSource(config);
    readOnly.setUrl("jdbc:sqlite:" + file);
    try (Connection connection = readOnly.getConnection();
        Statement statement = connection.createStatement();
        ResultSet result = statement.executeQuery("PRAGMA quick_check(1)")) {
      if (!result.next() || !"ok".equals(result.getString(1))) {
        throw damaged(null);
      }
    } catch (SQLException e) {
      throw damaged(e);
    }
  }

  private BookException damaged(SQLException cause) {
    return new BookException(
        name() + " is damaged and was left as it is; open its newest backup, which ends in .backup",
        cause);
  }

  private void requireNotNewer(Flyway flyway, MigrationInfo current) throws BookException {
    Optional<MigrationInfo> newest =
        Arrays.stream(flyway.info().all())
            .filter(i -> i.getScript() != null && !i.getState().name().startsWith("FUTURE"))
            .reduce((a, b) -> b);
    boolean newer = current.getState().name().startsWith("FUTURE");
    if (newer || newest.isEmpty()) {
      throw new BookException(
          name() + " was written by a newer Fret and was left as it is; update Fret to open it");
    }
  }

  private void backUpBeforeMigration(Flyway flyway, MigrationInfo current) throws BookException {
    if (flyway.info().pending().length == 0) {
      return;
    }
    Path backup = file.resolveSibling(name() + ".v" + current.getVersion() + ".backup");
    try {
      Files.copy(file, backup, StandardCopyOption.REPLACE_EXISTING);
    } catch (IOException e) {
      throw new BookException(name() + " cannot be backed up, so it was not changed", e);
    }
  }
}
