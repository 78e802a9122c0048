package app.fret.book;

import app.fret.files.PrivateFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermission;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.sqlite.SQLiteDataSource;

/**
 * Brings a book's file into shape before it is used.
 *
 * <p>A book is made whole under another name and then renamed, so that an interrupted start leaves
 * none behind. A file that is no book, is damaged or comes from a newer Fret is refused and left as
 * it is. An older one is copied aside before its tables are changed.
 */
final class BookFile {
  /** Number of the newest change of the tables, see the folder {@code migration}. */
  static final int NEWEST = 16;

  static final String MIGRATIONS = "classpath:app/fret/book/migration";

  private final Path file;
  private final int newest;
  private final String[] migrations;

  BookFile(Path file) {
    this(file, NEWEST, MIGRATIONS);
  }

  /** A file brought up to date by the migrations in these places, for tests of later versions. */
  BookFile(Path file, int newest, String... migrations) {
    this.file = file;
    this.newest = newest;
    this.migrations = migrations.clone();
  }

  String name() {
    return String.valueOf(file.getFileName());
  }

  /** Why a book can only be read; empty when it can be changed. */
  Optional<String> readOnlyReason() {
    if (Files.exists(file) && isProtected(file)) {
      return Optional.of("the file " + name() + " is read-only");
    }
    Path folder = file.toAbsolutePath().getParent();
    if (Files.exists(file) && isProtected(folder)) {
      return Optional.of("the folder of " + name() + " is read-only");
    }
    return Optional.empty();
  }

  /** Whoever takes all rights to write away means it, even where the system lets them write. */
  private static boolean isProtected(Path path) {
    try {
      boolean nobodyWrites =
          Files.getPosixFilePermissions(path, LinkOption.NOFOLLOW_LINKS).stream()
              .noneMatch(
                  p ->
                      p == PosixFilePermission.OWNER_WRITE
                          || p == PosixFilePermission.GROUP_WRITE
                          || p == PosixFilePermission.OTHERS_WRITE);
      return nobodyWrites || !Files.isWritable(path);
    } catch (UnsupportedOperationException | IOException e) {
      return !Files.isWritable(path);
    }
  }

  /** Looks at the file without touching it. */
  BookLook.Seen look() throws BookException {
    return new BookLook(file).look(newest);
  }

  /** A source of connections to the checked and migrated file. */
  SQLiteDataSource prepare() throws BookException {
    BookLook.Seen seen = look();
    try {
      clearAway();
      if (seen.kind() == BookLook.Kind.NOTHING) {
        make();
      } else if (seen.version() < newest) {
        backUpBefore(seen.version());
        migrate(Databases.book(file));
      }
      return Databases.book(file);
    } catch (FlywayException | SQLException | IOException | LinkageError e) {
      throw new BookException(Causes.words(name(), e), e);
    }
  }

  /** Deletes what a program that was ended by force left half made. */
  private void clearAway() throws IOException {
    Path folder = file.toAbsolutePath().getParent();
    try (Stream<Path> files = Files.list(folder)) {
      for (Path part : files.filter(this::isHalfMade).toList()) {
        Files.deleteIfExists(part);
      }
    }
  }

  private boolean isHalfMade(Path other) {
    String otherName = String.valueOf(other.getFileName());
    return otherName.startsWith("." + name() + ".")
        && otherName.matches(".*\\.part(-wal|-shm|-journal)?");
  }

  /** Makes the book under another name, then gives it its own. */
  private void make() throws IOException, SQLException {
    Path whole = file.resolveSibling("." + name() + "." + UUID.randomUUID() + ".part");
    try {
      PrivateFiles.create(whole); // its journal takes the same rights
      migrate(Databases.book(whole));
      settle(Databases.book(whole));
      for (String ending : new String[] {"-wal", "-shm"}) {
        // What an interrupted start left; its pages must not be taken for those of the new file.
        Files.deleteIfExists(file.resolveSibling(name() + ending));
      }
      Files.move(whole, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    } finally {
      for (String ending : new String[] {"", "-wal", "-shm"}) {
        Files.deleteIfExists(whole.resolveSibling(whole.getFileName() + ending));
      }
    }
  }

  private void migrate(SQLiteDataSource source) {
    Flyway.configure()
        .dataSource(source)
        .locations(migrations)
        .javaMigrations(new PinsByPlace())
        .target(String.valueOf(newest))
        // All or none: a program killed on the way leaves the version it found, never one between.
        .group(true)
        .load()
        .migrate();
  }

  /** Brings all pages from the journal into the file. */
  private static void settle(SQLiteDataSource source) throws SQLException {
    try (Connection connection = source.getConnection();
        Statement statement = connection.createStatement()) {
      statement.execute("PRAGMA wal_checkpoint(TRUNCATE)");
    }
  }

  private void backUpBefore(int version) throws BookException {
    Path backup = file.resolveSibling(name() + ".v" + version + ".backup");
    try (Connection connection = Databases.book(file).getConnection()) {
      Backups.copy(connection, backup);
    } catch (IOException | SQLException e) {
      throw new BookException(
          name() + " cannot be backed up, so it was not changed: " + Causes.words(name(), e), e);
    }
  }
}
