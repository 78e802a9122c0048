package app.fret.desktop.model.passage;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.LogEntry;
import app.fret.desktop.model.OverDemo;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.MissKind;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What went wrong in passes, by key and in words, over the demo book. */
class MissesDeskTest extends OverDemo {
  private int before;

  MissesDeskTest() {
    super(2);
  }

  @BeforeEach
  void openTheLadder() {
    String id = String.valueOf(passage().opened().entry().id());
    int ladder =
        passage().day().orElseThrow().seenProperty().get().orElseThrow().tasks().stream()
            .filter(t -> t.card().kind() == CardKind.LADDER)
            .filter(t -> t.card().item().filter(i -> i.id().equals(id)).isPresent())
            .findFirst()
            .orElseThrow()
            .number();
    passage().day().orElseThrow().choose(ladder);
    before = passage().passes().entries().size();
  }

  private List<LogEntry> added() {
    List<LogEntry> all = passage().passes().entries();
    return all.subList(before, all.size());
  }

  private void press(Command... keys) {
    for (Command key : keys) {
      passage().perform(key);
    }
  }

  private static Command key(MissKind kind) {
    return Command.MISSED.get(kind.ordinal());
  }

  private static Miss somewhere(MissKind kind) {
    return new Miss(Optional.empty(), kind);
  }

  @Test
  void aKeyLogsAMissWithItsKind() {
    press(key(MissKind.LOW), key(MissKind.LOW));
    assertThat(added())
        .extracting(e -> e.played().misses())
        .containsExactly(List.of(somewhere(MissKind.LOW)), List.of(somewhere(MissKind.LOW)));
    assertThat(added()).noneMatch(LogEntry::clean);
  }

  @Test
  void aKeyAfterAMissSaysWhatItWasAndLogsNoOther() {
    press(Command.MISS, key(MissKind.LATE));
    assertThat(added()).hasSize(1);
    assertThat(added().get(0).played().misses()).containsExactly(somewhere(MissKind.LATE));
    assertThat(passage().messageProperty().get()).isEqualTo("Missed: late.");
    assertThat(book.log(passage().opened().entry().id()).rows()).endsWith(added().get(0));
  }

  @Test
  void aKeyAfterACleanPassIsAPassOfItsOwn() {
    press(Command.CLEAN, key(MissKind.HIGH));
    assertThat(added()).extracting(LogEntry::clean).containsExactly(true, false);
  }

  @Test
  void severalThingsGoWrongInOnePassEachAtItsNote() {
    passage().practise().setMissedAt(Optional.of(3));
    press(key(MissKind.LOW));
    passage().practise().setMissedAt(Optional.of(9));
    press(Command.MISSED_TOO, key(MissKind.SCRATCHED));
    assertThat(added()).hasSize(1);
    List<Miss> misses = added().get(0).played().misses();
    assertThat(misses).extracting(Miss::kind).containsExactly(MissKind.LOW, MissKind.SCRATCHED);
    assertThat(misses).extracting(Miss::spot).doesNotHaveDuplicates().allMatch(Optional::isPresent);
    assertThat(passage().practise().said().goesOnProperty().get()).isFalse();
  }

  @Test
  void nothingIsAddedToACleanPass() {
    press(Command.CLEAN, Command.MISSED_TOO, key(MissKind.LOW));
    assertThat(added()).hasSize(1);
    assertThat(added().get(0).played().misses()).isEmpty();
    assertThat(passage().messageProperty().get()).contains("was no miss");
  }

  @Test
  void aLineOfWordsLogsItsPassesInOrder() {
    String bar = passage().study().passage().bars().get(1).label();
    assertThat(passage().practise().said().logLine("clean 60 x3, missed bar " + bar + " low"))
        .isTrue();
    assertThat(added()).extracting(LogEntry::clean).containsExactly(true, true, true, false);
    assertThat(added().get(0).tempo().perMinute()).isEqualTo(60);
    assertThat(added().get(3).played().misses())
        .containsExactly(new Miss(Optional.of(bar), MissKind.LOW));
    assertThat(added().get(3).played().spot()).contains(bar);
    assertThat(added()).extracting(LogEntry::at).doesNotHaveDuplicates();
    assertThat(passage().messageProperty().get()).startsWith("4 passes are in the log.");
  }

  @Test
  void aLineThatIsNotUnderstoodLogsNothing() {
    assertThat(passage().practise().said().logLine("clean 60 x3, missed bar 900")).isFalse();
    assertThat(added()).isEmpty();
    assertThat(passage().messageProperty().get()).contains("no bar 900");
  }

  @Test
  void aHurtInALineRestsItsBarToday() {
    String bar = passage().study().passage().bars().get(1).label();
    assertThat(passage().practise().said().logLine("hurts bar " + bar)).isTrue();
    assertThat(passage().practise().sparing().hurtOn(desk.today())).isTrue();
    assertThat(passage().practise().care()).contains(bar);
  }
}
