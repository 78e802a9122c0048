package app.fret.desktop.model.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.Book;
import app.fret.book.Merged;
import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.passage.PractiseDesk;
import app.fret.desktop.model.work.Workers;
import app.fret.practice.Gate;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A coach sends a packet; the student practises and sends it back. */
class PacketsTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-26T08:30:00Z"), ZoneOffset.UTC);

  @TempDir private Path folder;
  private Desk coach;
  private Desk student;
  private Path packet;
  private final List<Packets.Taken> taken = new ArrayList<>();

  @BeforeEach
  void open() throws Exception {
    coach = new Desk(DemoBook.open(CLOCK), CLOCK, Workers.inline());
    student = new Desk(Book.open(folder.resolve("student.fretbook")), CLOCK, Workers.inline());
    coach.open(coach.programme().get(0));
    packet = folder.resolve("mirela.fretpacket");
    coach.packets().write(passage(coach).opened().owner(), packet, f -> {});
  }

  @AfterEach
  void close() {
    coach.close();
    student.close();
  }

  private static PassageDesk passage(Desk desk) {
    return desk.openProperty().get().orElseThrow();
  }

  @Test
  void theStudentsProgrammeHoldsAllOfIt() {
    student.packets().take(packet, taken::add);
    long sent =
        coach.programme().stream()
            .filter(e -> e.owner().id() == passage(coach).opened().owner().id())
            .count();
    assertThat(student.programme()).hasSize((int) sent);
    assertThat(taken).hasSize(1);
    assertThat(taken.get(0).merged().conflicts()).isEmpty();
    student.open(student.programme().get(0));
    assertThat(passage(student).study().passage()).isEqualTo(passage(coach).study().passage());
    assertThat(passage(student).passes().entries())
        .hasSameSizeAs(passage(coach).passes().entries());
  }

  @Test
  void whatTheStudentPlayedComesBackAndAnotherDecisionIsAskedAbout() {
    student.packets().take(packet, taken::add);
    student.open(student.programme().get(0));
    passage(student).perform(Command.CLEAN);
    PractiseDesk practise = passage(student).practise();
    practise.decide(practise.choices().with(new Gate(4, false)), "The gate is set");
    practise = passage(coach).practise();
    practise.decide(practise.choices().with(new Gate(2, false)), "The gate is set");
    int before = passage(coach).passes().entries().size();
    Path back = folder.resolve("back.fretpacket");
    student.packets().write(passage(student).opened().owner(), back, f -> {});
    coach.packets().take(back, taken::add);
    assertThat(passage(coach).passes().entries()).hasSize(before + 1);
    Packets.Taken last = taken.get(1);
    assertThat(last.merged().newPasses()).isEqualTo(1);
    Merged.Conflict conflict = last.merged().conflicts().get(0);
    assertThat(conflict.here()).isEqualTo("2");
    assertThat(conflict.theirs()).isEqualTo("4");
    coach.packets().takeTheirs(last, conflict, setAside -> {});
    assertThat(passage(coach).practise().choices().gate().cleanNeeded()).isEqualTo(4);
  }

  @Test
  void aFileThatIsNoPacketIsSaidSoAndChangesNothing() throws Exception {
    Path other = folder.resolve("other.fretpacket");
    Files.writeString(other, "no packet");
    student.packets().take(other, taken::add);
    assertThat(student.faultProperty().get().orElseThrow().words())
        .startsWith("other.fretpacket: ");
    assertThat(student.programme()).isEmpty();
    student.packets().take(folder.resolve("gone.fretpacket"), taken::add);
    assertThat(student.faultProperty().get().orElseThrow().words()).contains("cannot be read");
    assertThat(taken).isEmpty();
  }
}
