package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.instrument.PlayerSetup;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files that cannot be opened as usual: each gets its own sentence, and stays as it is. */
class BookAccessTest {
  @TempDir private Path folder;

  private Path file() {
    return folder.resolve("test.fretbook");
  }

  private void makeBook() throws BookException {
    try (Book book = Book.open(file())) {
      book.addPlayer("Ada Brandling", PlayerSetup.usual("violin"));
    }
  }

  private List<String> besideTheBook() throws IOException {
    try (Stream<Path> files = Files.list(folder)) {
      return files
          .map(f -> f.getFileName().toString())
          .filter(n -> !n.equals(".test.fretbook.lock"))
          .toList();
    }
  }

  /** Opens and expects a refusal that changes nothing and leaves nothing behind. */
  private void refusedUnchanged(String words) throws IOException {
    byte[] before = Files.readAllBytes(file());
    assertThatThrownBy(() -> Book.open(file()))
        .isInstanceOf(BookException.class)
        .hasMessageStartingWith("test.fretbook")
        .hasMessageContaining(words);
    assertThat(Files.readAllBytes(file())).isEqualTo(before);
    assertThat(besideTheBook()).containsExactly("test.fretbook");
  }

  private void execute(String... statements) throws SQLException {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement()) {
      for (String one : statements) {
        statement.execute(one);
      }
    }
  }

  @Test
  void aReadOnlyFileOpensForReadingAndStaysByteForByte() throws BookException, IOException {
    makeBook();
    byte[] before = Files.readAllBytes(file());
    Files.setPosixFilePermissions(file(), PosixFilePermissions.fromString("r--r--r--"));
    try (Book book = Book.open(file())) {
      assertThat(book.readOnlyReason()).contains("the file test.fretbook is read-only");
      assertThat(book.players().rows()).hasSize(1);
      assertThatThrownBy(() -> book.addPlayer("B", PlayerSetup.usual("viola")))
          .isInstanceOf(BookFaultException.class)
          .hasMessage(
              "This book is open for reading only, since the file test.fretbook is read-only;"
                  + " nothing was kept.");
    }
    assertThat(Files.readAllBytes(file())).isEqualTo(before);
    assertThat(besideTheBook()).containsExactly("test.fretbook");
  }

  @Test
  void aReadOnlyFolderOpensForReading() throws BookException, IOException {
    makeBook();
    Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("r-xr-xr-x"));
    try (Book book = Book.open(file())) {
      assertThat(book.readOnlyReason()).contains("the folder of test.fretbook is read-only");
      assertThat(book.players().rows()).hasSize(1);
    } finally {
      Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
    }
    assertThat(besideTheBook()).containsExactly("test.fretbook");
  }

  /** A real second process holds the book. */
  @Test
  void aSecondProgramReadsWhatTheFirstHasKept() throws Exception {
    makeBook();
    Process other =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("java.class.path"),
                BookHolder.class.getName(),
                file().toString())
            .redirectError(ProcessBuilder.Redirect.DISCARD)
            .start();
    try (BufferedReader said =
        new BufferedReader(new InputStreamReader(other.getInputStream(), StandardCharsets.UTF_8))) {
      assertThat(said.readLine()).isEqualTo("open");
      try (Book second = Book.open(file())) {
        assertThat(second.readOnlyReason()).contains("it is open in another window of Fret");
        assertThat(second.players().rows())
            .extracting(BookPlayer::name)
            .containsExactly("Ada Brandling", "added by the other");
        assertThatThrownBy(() -> second.keepSetup(1, PlayerSetup.usual("bass")))
            .hasMessageContaining("open for reading only");
      }
    } finally {
      other.toHandle().destroyForcibly();
      assertThat(other.waitFor(30, TimeUnit.SECONDS)).isTrue();
    }
    try (Book again = Book.open(file())) {
      assertThat(again.readOnlyReason()).as("the lock goes with its holder").isEmpty();
      assertThat(again.players().rows()).hasSize(2);
    }
  }

  @Test
  void aSecondWindowOfOneProgramReadsToo() throws BookException {
    try (Book first = Book.open(file());
        Book second = Book.open(file())) {
      assertThat(first.readOnlyReason()).isEmpty();
      assertThat(second.readOnlyReason()).isPresent();
    }
  }

  @Test
  void aBookLockedByAnotherKindOfProgramSaysSo() throws BookException, SQLException {
    makeBook();
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement();
        Book book = Book.open(file())) {
      statement.execute("BEGIN IMMEDIATE");
      assertThatThrownBy(() -> book.addPlayer("B", PlayerSetup.usual("viola")))
          .isInstanceOf(BookFaultException.class)
          .hasMessage(
              "This was not kept: test.fretbook is locked by another program; close it there and try again.");
      statement.execute("ROLLBACK");
      assertThat(book.addPlayer("B", PlayerSetup.usual("viola")).id()).isEqualTo(2);
    }
  }

  @Test
  void aFullDiskIsNamedAndTheNextChangeIsKept() throws BookException {
    try (Book book = Book.open(file())) {
      book.limitPages(1);
      assertThatThrownBy(
              () -> {
                for (int i = 0; i < 3000; i++) {
                  book.addPlayer("Player number " + i, PlayerSetup.usual("viola"));
                }
              })
          .isInstanceOf(BookFaultException.class)
          .hasMessage(
              "This was not kept: the disk is full, and test.fretbook stays as it was; make room"
                  + " and try again.");
      int kept = book.players().rows().size();
      book.limitPages(1_000_000);
      book.addPlayer("after", PlayerSetup.usual("bass"));
      assertThat(book.players().rows()).hasSize(kept + 1);
    }
  }

  @Test
  void aStrayMarkIsNamedOnAForeignFileAndOnABook() throws Exception {
    execute("CREATE TABLE recipe (name TEXT)", "PRAGMA application_id = 1179796820");
    refusedUnchanged("carries Fret's mark but holds no practice book");
    Files.delete(file());
    makeBook();
    execute("PRAGMA application_id = 7");
    refusedUnchanged("looks like a practice book but carries another program's mark");
  }

  @Test
  void aForeignDatabaseWithAJournalKeepsItsJournal() throws Exception {
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file());
        Statement statement = connection.createStatement()) {
      statement.execute("PRAGMA journal_mode = WAL");
      statement.execute("CREATE TABLE recipe (name TEXT)");
      byte[] journal = Files.readAllBytes(folder.resolve("test.fretbook-wal"));
      assertThatThrownBy(() -> Book.open(file())).hasMessageContaining("is not a practice book");
      assertThat(Files.readAllBytes(folder.resolve("test.fretbook-wal"))).isEqualTo(journal);
    }
  }

  @Test
  void aTornHeadIsDamageAndTextIsNoBook() throws Exception {
    Files.writeString(file(), "SQLite format 3\0short");
    refusedUnchanged("is damaged and was left as it is");
    Files.writeString(file(), "Dear diary");
    refusedUnchanged("is not a practice book");
  }

  @Test
  void aFolderIsNoBook() throws IOException {
    Files.createDirectory(file());
    assertThatThrownBy(() -> Book.open(file()))
        .hasMessage("test.fretbook is a folder; name a practice book in it");
  }

  /** The one page that a database has after it is set up and before its first table. */
  @Test
  void aBookWhoseFirstStartWasInterruptedIsMadeAnew() throws Exception {
    byte[] page = new byte[4096];
    byte[] head = "SQLite format 3\0".getBytes(StandardCharsets.US_ASCII);
    System.arraycopy(head, 0, page, 0, head.length);
    ByteBuffer bytes = ByteBuffer.wrap(page);
    bytes.putShort(16, (short) 4096).put(18, (byte) 2).put(19, (byte) 2);
    bytes.put(21, (byte) 64).put(22, (byte) 32).put(23, (byte) 32);
    bytes.putInt(24, 1).putInt(28, 1).putInt(92, 1).putInt(96, 3046000);
    page[100] = 13;
    bytes.putShort(105, (short) 4096);
    Files.write(file(), page);
    makeBook();
    try (Book book = Book.open(file())) {
      assertThat(book.players().rows()).hasSize(1);
    }
  }

  @Test
  void aBookIsMadeUnderAnotherNameFirst() throws BookException, IOException {
    makeBook();
    assertThat(besideTheBook()).containsExactly("test.fretbook");
    byte[] whole = Files.readAllBytes(file());
    assertThat(ByteBuffer.wrap(whole).getInt(68)).isEqualTo(BookLook.APPLICATION_ID);
    Files.write(file(), Arrays.copyOf(whole, 0));
    makeBook();
    try (Book book = Book.open(file())) {
      assertThat(book.players().rows()).hasSize(1);
    }
  }

  @Test
  void aFolderThatIsNotThereIsNamed() {
    assertThatThrownBy(() -> Book.open(folder.resolve("gone/test.fretbook")))
        .isInstanceOf(BookException.class)
        .hasMessageContaining("its folder is not there");
  }

  @Test
  void anUnwritableTemporaryFolderIsNamed() throws Exception {
    makeBook();
    Process opener =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Djava.io.tmpdir=" + folder.resolve("gone"),
                "-cp",
                System.getProperty("java.class.path"),
                BookHolder.class.getName(),
                file().toString())
            .redirectErrorStream(true)
            .start();
    String said = new String(opener.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(opener.waitFor(30, TimeUnit.SECONDS)).isTrue();
    assertThat(said).contains("the folder for temporary files", "cannot be written");
  }
}
