package app.fret.desktop.model.passage;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.LogEntry;
import app.fret.desktop.model.OverDemo;
import app.fret.desktop.model.practice.DayView;
import app.fret.practice.Gate;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.SpotCount;
import app.fret.score.Span;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** What is counted and decided while a passage is practised, over the demo book. */
class PractiseDeskTest extends OverDemo {
  PractiseDeskTest() {
    super(2);
  }

  private DayView seen() {
    return passage().day().orElseThrow().seenProperty().get().orElseThrow();
  }

  private LogEntry newest() {
    List<LogEntry> entries = passage().passes().entries();
    return entries.get(entries.size() - 1);
  }

  private void choose(CardKind kind) {
    String id = String.valueOf(passage().opened().entry().id());
    int number =
        seen().tasks().stream()
            .filter(t -> t.card().kind() == kind)
            .filter(t -> t.card().item().filter(i -> i.id().equals(id)).isPresent())
            .mapToInt(DayTask::number)
            .findFirst()
            .orElseThrow();
    passage().day().orElseThrow().choose(number);
  }

  /** Passes through the whole, on the ladder. */
  private void pass(int times) {
    for (int i = 0; i < times; i++) {
      passage().practise().log(i % 2 == 0);
    }
  }

  @Test
  void afterFiveInARowTheSpotIsLeftOutOfTheNextPassWhichOpensNoRung() {
    choose(CardKind.LADDER);
    List<SpotCount> before = passage().practise().counts();
    assertThat(before).isNotEmpty().allMatch(c -> c.today() == 0);
    for (int i = 0; i < 5; i++) {
      choose(CardKind.LADDER);
      pass(1);
    }
    desk.open(desk.programme().get(2));
    choose(CardKind.LADDER);
    assertThat(passage().practise().toLeaveOut()).hasSameSizeAs(before);
    int rung = passage().passes().climbProperty().get().rung();
    int inARow = passage().passes().climbProperty().get().cleanInARow();
    passage().practise().log(true);
    assertThat(newest().played().spotLeftOut()).isTrue();
    assertThat(passage().passes().climbProperty().get().rung()).isEqualTo(rung);
    assertThat(passage().passes().climbProperty().get().cleanInARow()).isEqualTo(inARow);
    assertThat(passage().practise().toLeaveOut()).as("the run is over").isEmpty();
    passage().practise().log(true);
    assertThat(newest().played().spotLeftOut()).isFalse();
  }

  @Test
  void aDrillCountsAsOftenAsItPlaysItsSpotAndEndsAtTheCap() {
    choose(CardKind.DRILL);
    DayTask drill = passage().day().orElseThrow().openTask().orElseThrow();
    assertThat(drill.card().spot().orElseThrow().isCapped()).isTrue();
    passage().practise().setDrill(3, 7.5);
    passage().practise().log(true);
    assertThat(newest().played().repeats()).isEqualTo(3);
    assertThat(newest().seconds()).hasValue(7.5);
    passage().practise().log(true);
    assertThat(seen().tasks().get(drill.number()).isDone()).isTrue();
    assertThat(passage().messageProperty().get()).contains("often enough");
  }

  @Test
  void aPassIsOnItsWayUntilItIsOnTheDisk() {
    List<Optional<Boolean>> ways = new ArrayList<>();
    passage().passes().onItsWayProperty().addListener((property, before, now) -> ways.add(now));
    passage().practise().log(true);
    passage().practise().log(false);
    assertThat(ways)
        .containsExactly(Optional.of(true), Optional.empty(), Optional.of(false), Optional.empty());
  }

  @Test
  void wordsAreNotedOnTheNewestPassAndTakenBackByNone() {
    passage().practise().log(false);
    passage().practise().note("  bow too slow on the G string ");
    assertThat(newest().played().words()).contains("bow too slow on the G string");
    long id = passage().opened().entry().id();
    List<LogEntry> kept = book.log(id).rows();
    assertThat(kept.get(kept.size() - 1).played().words()).contains("bow too slow on the G string");
    passage().practise().note(" ");
    assertThat(newest().played().words()).isEmpty();
  }

  @Test
  void aGateThatIsDecidedIsTheOneThatCounts() {
    passage()
        .practise()
        .decide(passage().practise().choices().with(new Gate(1, true)), "The gate is set");
    assertThat(passage().passes().climbProperty().get().gate()).isEqualTo(new Gate(1, true));
    int rung = passage().passes().climbProperty().get().rung();
    passage().perform(Command.CLEAN);
    assertThat(passage().passes().climbProperty().get().rung()).isEqualTo(rung + 1);
    passage().undo();
    assertThat(passage().passes().climbProperty().get().gate()).isEqualTo(Gate.USUAL);
  }

  @Test
  void aChunkStartsAtANoteOrIsJoinedAndTheProposalComesBack() {
    List<Span> proposed = passage().study().chunks();
    int note = proposed.get(0).last();
    passage().practise().switchChunkAt(note);
    assertThat(passage().study().chunks()).extracting(Span::first).contains(note);
    passage().practise().switchChunkAt(note);
    assertThat(passage().study().chunks()).isEqualTo(proposed);
    passage().practise().switchChunkAt(proposed.get(1).first());
    assertThat(passage().study().chunks()).hasSize(proposed.size() - 1);
    passage().practise().proposeChunks();
    assertThat(passage().study().chunks()).isEqualTo(proposed);
    passage().practise().switchChunkAt(0);
    assertThat(passage().messageProperty().get()).contains("first note anyway");
  }

  @Test
  void theDayIsSummedUpWithWhatComesNext() {
    choose(CardKind.LADDER);
    pass(3);
    List<String> lines = SessionSummary.lines(seen(), desk.today());
    assertThat(lines.get(0)).startsWith("3 passes, 2 clean");
    assertThat(lines.get(1)).startsWith("Gate of Bells: 2 of 3 passes clean, the fastest at");
    assertThat(lines.get(lines.size() - 1)).startsWith("Next, on Friday 27 November: ");
  }

  private List<DayTask> left() {
    String id = String.valueOf(passage().opened().entry().id());
    return seen().tasks().stream()
        .filter(t -> !t.isDone() && t.card().item().filter(i -> i.id().equals(id)).isPresent())
        .toList();
  }

  private String barOf(DayTask task) {
    return task.card().spot().orElseThrow().place().split(":")[0];
  }

  /** From that entry on, and not from tomorrow. */
  @Test
  void whatHurtRestsInAllCardsThatAreLeftToday() {
    choose(CardKind.LADDER);
    double usual = passage().practise().tempoOf(ladder()).perMinute();
    choose(CardKind.DRILL);
    DayTask drill = passage().day().orElseThrow().openTask().orElseThrow();
    passage().practise().setDrill(1, 5);
    passage().practise().hurts();
    assertThat(left()).isNotEmpty();
    assertThat(left()).allMatch(t -> t.card().easing().without().contains(barOf(drill)));
    assertThat(passage().practise().care())
        .startsWith("Leave bar " + barOf(drill) + " out: it hurt.");
    assertThat(passage().practise().tempoOf(ladder()).perMinute()).isLessThan(usual);
    choose(CardKind.LADDER);
    passage().practise().log(true);
    assertThat(newest().played().spotLeftOut()).isTrue();
  }

  private Card ladder() {
    return left().stream()
        .map(DayTask::card)
        .filter(c -> c.kind() == CardKind.LADDER)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void whereNobodySaidWhereItHurtNothingOfThePassageIsLeftToday() {
    choose(CardKind.LADDER);
    passage().practise().hurts();
    assertThat(left()).isEmpty();
    assertThat(passage().practise().care()).startsWith("Leave this passage out: it hurt.");
  }

  @Test
  void aPassWithoutACardIsWithoutWhatHurtToo() {
    choose(CardKind.DRILL);
    passage().practise().setDrill(1, 5);
    passage().practise().hurts();
    while (seen().tasks().stream().anyMatch(t -> !t.isDone())) {
      passage().day().orElseThrow().tick();
    }
    double rung = passage().passes().climbProperty().get().ladder().rungs().get(rung());
    assertThat(passage().practise().freeTempo().perMinute()).isLessThan(rung);
    passage().practise().log(true);
    assertThat(newest().played().card()).isEqualTo(CardKind.LADDER);
    assertThat(newest().played().spotLeftOut()).isTrue();
  }

  /** It hurt nine days ago and four days ago. */
  @Test
  void whatHurtTwiceIsPutBackByThePlayer() {
    choose(CardKind.DRILL);
    String bar = barOf(passage().day().orElseThrow().openTask().orElseThrow());
    hurtDaysAgo(9, bar);
    hurtDaysAgo(4, bar);
    passage().day().orElseThrow().refresh();
    assertThat(passage().practise().sparing().toPutBack()).containsExactly(Optional.of(bar));
    assertThat(passage().practise().care()).contains("Leave bar " + bar + " out: it hurt.");
    passage().practise().putBack(Optional.of(bar));
    assertThat(passage().practise().sparing().toPutBack()).isEmpty();
    assertThat(passage().practise().care()).contains("comes back: 0 of 2 in a row, 0 of 10 today.");
  }

  private int rung() {
    return passage().passes().climbProperty().get().rung();
  }

  private void hurtDaysAgo(int days, String bar) {
    LogEntry.Played hurt =
        new LogEntry.Played(
            CardKind.LADDER, false, Optional.of(bar + ":1"), false, true, 1, Optional.empty());
    book.addToLog(
        new LogEntry(
            passage().opened().entry().id(),
            CLOCK.instant().minus(Duration.ofDays(days)),
            passage().study().choices().target(),
            OptionalDouble.empty(),
            false,
            hurt));
  }

  @Test
  void whatHurtIsInTheSummary() {
    choose(CardKind.LADDER);
    passage().practise().hurts();
    assertThat(SessionSummary.lines(seen(), desk.today())).anyMatch(l -> l.contains("it hurt"));
  }
}
