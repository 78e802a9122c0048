package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.instrument.PlayerSetup;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BackupsTest {
  private static final LocalDate FIRST_DAY = LocalDate.of(2026, 11, 1);

  @TempDir private Path folder;

  private Path file() {
    return folder.resolve("test.fretbook");
  }

  private List<String> names(Book book) {
    return book.players().rows().stream().map(BookPlayer::name).toList();
  }

  @Test
  void tenDaysAreKeptOneADay() throws BookException, IOException {
    try (Book book = Book.open(file())) {
      for (int day = 0; day < 14; day++) {
        book.backUp(FIRST_DAY.plusDays(day));
        book.addPlayer("day " + day, PlayerSetup.usual("violin"));
        book.backUp(FIRST_DAY.plusDays(day));
      }
      List<Backups.Backup> backups = book.backups().list();
      assertThat(backups).hasSize(Backups.KEPT);
      assertThat(backups.get(0).day()).isEqualTo(FIRST_DAY.plusDays(13));
      assertThat(backups.get(9).day()).isEqualTo(FIRST_DAY.plusDays(4));
      assertThat(backups).allMatch(b -> b.bytes() > 0);
      try (Book last = Book.open(backups.get(0).file())) {
        assertThat(names(last)).as("as the day began").hasSize(13).endsWith("day 12");
      }
    }
  }

  @Test
  void noOldCopyGoesWhenTheNewOneCannotBeMade() throws Exception {
    try (Book book = Book.open(file())) {
      for (int day = 0; day < 10; day++) {
        book.backUp(FIRST_DAY.plusDays(day));
      }
    }
    List<Backups.Backup> before = new Backups(file()).list();
    Connection closed = Databases.plain(file()).getConnection();
    closed.close();
    assertThatThrownBy(() -> new Backups(file()).makeFor(FIRST_DAY.plusDays(10), closed))
        .isInstanceOf(SQLException.class);
    assertThat(new Backups(file()).list()).isEqualTo(before).hasSize(10);
    try (Stream<Path> files = Files.list(folder)) {
      assertThat(files).noneMatch(f -> f.toString().endsWith(".part"));
    }
  }

  @Test
  void anEarlierDayIsPutBackAndTheBookAsItWasIsKept() throws BookException, IOException {
    Backups backups;
    try (Book book = Book.open(file())) {
      book.addPlayer("early", PlayerSetup.usual("violin"));
      book.backUp(FIRST_DAY);
      book.addPlayer("late", PlayerSetup.usual("violin"));
      backups = book.backups();
      assertThatThrownBy(
              () -> backups.restore(backups.list().get(0).file(), FIRST_DAY.atTime(9, 30)))
          .hasMessage("test.fretbook is open in another window; close it there first");
    }
    Path kept = backups.restore(backups.list().get(0).file(), FIRST_DAY.atTime(9, 30));
    assertThat(kept.getFileName()).hasToString("test.fretbook.2026-11-01_09-30-00.replaced.backup");
    try (Book book = Book.open(file());
        Book before = Book.open(kept)) {
      assertThat(names(book)).containsExactly("early");
      assertThat(names(before)).containsExactly("early", "late");
    }
  }

  @Test
  void aDamagedBookIsPutBackToo() throws BookException, IOException {
    try (Book book = Book.open(file())) {
      book.addPlayer("early", PlayerSetup.usual("violin"));
      book.backUp(FIRST_DAY);
    }
    Files.writeString(file(), "SQLite format 3\0torn");
    Backups backups = new Backups(file());
    backups.restore(backups.list().get(0).file(), LocalDateTime.of(2026, 11, 2, 8, 0));
    try (Book book = Book.open(file())) {
      assertThat(names(book)).containsExactly("early");
    }
  }

  @Test
  void aCopyThatIsNoBookIsNotPutBack() throws BookException, IOException {
    Book.open(file()).close();
    byte[] before = Files.readAllBytes(file());
    Path copy = folder.resolve("test.fretbook.2026-11-01.backup");
    Files.writeString(copy, "nothing of the kind");
    assertThatThrownBy(() -> new Backups(file()).restore(copy, FIRST_DAY.atStartOfDay()))
        .isInstanceOf(BookException.class);
    assertThat(Files.readAllBytes(file())).isEqualTo(before);
  }
}
