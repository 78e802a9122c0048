package app.fret.book;

import app.fret.files.PrivateFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Copies of a book beside it: one for each day of use, the ten newest.
 *
 * <p>A copy is made under another name and renamed when it is whole; an old one goes only once the
 * new one stands.
 */
public final class Backups {
  /** How many days are kept. */
  public static final int KEPT = 10;

  private static final DateTimeFormatter MOMENT =
      DateTimeFormatter.ofPattern("yyyy-MM-dd_HH-mm-ss");

  private final Path book;
  private final Pattern daily;

  /**
   * A copy of a book.
   *
   * @param file where it lies
   * @param day the day on which it was made
   * @param bytes how large it is
   */
  public record Backup(Path file, LocalDate day, long bytes) {}

  /** The backups of a book. */
  public Backups(Path book) {
    this.book = book;
    this.daily = Pattern.compile(Pattern.quote(name()) + "\\.(\\d{4}-\\d{2}-\\d{2})\\.backup");
  }

  private String name() {
    return String.valueOf(book.getFileName());
  }

  /** The copies of days, the newest first. */
  public List<Backup> list() throws IOException {
    Path folder = book.toAbsolutePath().getParent();
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .map(this::backup)
          .flatMap(Optional::stream)
          .sorted(Comparator.comparing(Backup::day).reversed())
          .toList();
    }
  }

  private Optional<Backup> backup(Path file) {
    Matcher matcher = daily.matcher(String.valueOf(file.getFileName()));
    if (!matcher.matches()) {
      return Optional.empty();
    }
    try {
      LocalDate day = LocalDate.parse(matcher.group(1));
      return Optional.of(new Backup(file, day, Files.size(file)));
    } catch (IOException | DateTimeException e) {
      return Optional.empty();
    }
  }

  /** Makes the copy of a day if there is none yet, then lets the oldest beyond the ten go. */
  void makeFor(LocalDate day, Connection connection) throws IOException, SQLException {
    Path backup = book.resolveSibling(name() + "." + day + ".backup");
    if (!Files.exists(backup)) {
      copy(connection, backup);
    }
    for (Backup old : list().stream().skip(KEPT).toList()) {
      Files.deleteIfExists(old.file());
    }
  }

  /** SQLite's own copy, since the newest pages may still stand in the journal beside the file. */
  static void copy(Connection connection, Path backup) throws IOException, SQLException {
    Path whole =
        backup.resolveSibling("." + backup.getFileName() + "." + UUID.randomUUID() + ".part");
    PrivateFiles.create(whole); // an empty file is filled, with the rights it has
    try (Statement statement = connection.createStatement()) {
      statement.executeUpdate("VACUUM INTO '" + whole.toString().replace("'", "''") + "'");
      move(whole, backup);
    } finally {
      Files.deleteIfExists(whole);
    }
  }

  /**
   * Puts a copy in the place of the book, which must be closed. The book as it was, even a damaged
   * one, is kept beside it.
   *
   * @param now for the name under which the book as it was is kept
   * @return the file in which the book as it was is kept
   * @throws BookException when the copy is no sound book, or the disk says no; the book is then as
   *     it was
   */
  public Path restore(Path backup, LocalDateTime now) throws BookException {
    new BookFile(backup).look();
    Path whole = book.resolveSibling("." + name() + "." + UUID.randomUUID() + ".part");
    try {
      BookLock lock = BookLock.take(book).orElseThrow(this::openElsewhere);
      try {
        Path kept = keepAside(now);
        Files.copy(backup, whole);
        PrivateFiles.protect(whole);
        // Pages in an old journal must not be taken for those of the other file.
        Files.deleteIfExists(book.resolveSibling(name() + "-wal"));
        Files.deleteIfExists(book.resolveSibling(name() + "-shm"));
        move(whole, book);
        return kept;
      } finally {
        lock.close();
        Files.deleteIfExists(whole);
      }
    } catch (IOException e) {
      throw new BookException(Causes.words(name(), e), e);
    }
  }

  private Path keepAside(LocalDateTime now) throws IOException {
    Path kept = book.resolveSibling(name() + "." + MOMENT.format(now) + ".replaced.backup");
    for (String ending : List.of("", "-wal")) {
      Path file = book.resolveSibling(name() + ending);
      if (Files.exists(file)) {
        Path whole = book.resolveSibling("." + name() + "." + UUID.randomUUID() + ".part");
        Files.copy(file, whole);
        PrivateFiles.protect(whole);
        move(whole, kept.resolveSibling(kept.getFileName() + ending));
      }
    }
    return kept;
  }

  private static void move(Path whole, Path file) throws IOException {
    Files.move(whole, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
  }

  private BookException openElsewhere() {
    return new BookException(name() + " is open in another window; close it there first");
  }
}
