package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.book.OtherItem.Heard;
import app.fret.book.OtherItem.Kind;
import app.fret.instrument.PlayerSetup;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Studies and recordings, which have no music in the book. */
class OtherItemsTest {
  private static final LocalDate DAY = LocalDate.of(2026, 11, 26);

  @TempDir private Path folder;

  private Book book;
  private long player;

  @BeforeEach
  void openBook() throws BookException {
    book = Book.open(folder.resolve("others.fretbook"));
    player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
  }

  @AfterEach
  void closeBook() {
    book.close();
  }

  @Test
  void whatWasHeardIsKept() throws BookException {
    OtherItem item = book.addOtherItem(player, Kind.LISTENING, "Two recordings", 8);
    assertThat(item.heard()).isEqualTo(Heard.NOTHING);
    Heard heard =
        new Heard(OptionalDouble.of(93.5), "slurs by the bar", "little, at the tip", "to bar 9");
    book.keepHeard(item.id(), heard);
    book.close();
    book = Book.open(folder.resolve("others.fretbook"));
    assertThat(book.otherItems(player).rows())
        .containsExactly(
            new OtherItem(item.id(), player, Kind.LISTENING, "Two recordings", 8, heard));
    book.keepHeard(item.id(), Heard.NOTHING);
    assertThat(book.otherItems(player).rows().get(0).heard()).isEqualTo(Heard.NOTHING);
  }

  /** A value that another program left; the rest of the player still makes a packet. */
  @Test
  void aRecordingWithoutASensibleTempoIsSetAsideAndThePacketMade() throws Exception {
    OtherItem bad = book.addOtherItem(player, Kind.LISTENING, "Two recordings", 8);
    book.addOtherItem(player, Kind.STUDY, "Study in thirds", 10);
    book.close();
    try (Connection connection =
            DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("others.fretbook"));
        Statement statement = connection.createStatement()) {
      statement.execute("PRAGMA ignore_check_constraints = ON");
      statement.execute("UPDATE other_item SET heard_per_minute = 0 WHERE id = " + bad.id());
    }
    book = Book.open(folder.resolve("others.fretbook"));
    assertThat(book.otherItems(player).unreadable()).hasSize(1);
    assertThat(book.packet(player).others()).hasSize(1);
  }

  @Test
  void turnsAreTickedAndTakenBack() {
    long one = book.addOtherItem(player, Kind.STUDY, "Study in thirds", 10).id();
    long other = book.addOtherItem(player, Kind.STUDY, "Study in sixths", 10).id();
    book.tickOtherItem(one, DAY, true);
    book.tickOtherItem(one, DAY, true);
    book.tickOtherItem(one, DAY.plusDays(2), true);
    book.tickOtherItem(other, DAY.plusDays(1), true);
    assertThat(book.turns(player))
        .isEqualTo(Map.of(one, List.of(DAY, DAY.plusDays(2)), other, List.of(DAY.plusDays(1))));
    book.tickOtherItem(one, DAY, false);
    assertThat(book.turns(player).get(one)).containsExactly(DAY.plusDays(2));
  }

  @Test
  void whatIsTakenOffIsGoneWithItsTurns() {
    long id = book.addOtherItem(player, Kind.STUDY, "Study in thirds", 10).id();
    book.tickOtherItem(id, DAY, true);
    book.removeOtherItem(id);
    assertThat(book.otherItems(player).rows()).isEmpty();
    assertThat(book.turns(player)).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "' ', 10, Give it a title.",
    "Study, 0, Minutes are 1 to 120.",
    "Study, 121, Minutes are 1 to 120."
  })
  void whatCannotStandIsRefusedInWords(String title, int minutes, String words) {
    assertThatThrownBy(() -> book.addOtherItem(player, Kind.STUDY, title, minutes))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage(words);
    assertThat(book.otherItems(player).rows()).isEmpty();
  }
}
