package app.fret.desktop.model.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.OverDemo;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Workers;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.ItemOutlook.State;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;

/** Today's cards over the demo book. */
class PracticeDayTest extends OverDemo {
  PracticeDayTest() {
    super(0);
  }

  private PracticeDay day() {
    return passage().day().orElseThrow();
  }

  private DayView seen() {
    return day().seenProperty().get().orElseThrow();
  }

  private DayTask task() {
    return day().openTask().orElseThrow();
  }

  private int firstOf(CardKind kind) {
    return seen().tasks().stream()
        .filter(t -> t.card().kind() == kind && !t.isDone())
        .mapToInt(DayTask::number)
        .findFirst()
        .orElseThrow();
  }

  @Test
  void theDemoHasOnePassageOnCourseOneBehindOneReadyAndOneAtAPlateau() {
    List<ItemOutlook> items = seen().schedule().items();
    assertThat(items)
        .extracting(ItemOutlook::state)
        .contains(State.ON_TRACK, State.BEHIND, State.READY);
    assertThat(items).filteredOn(i -> i.standing().isAtPlateau()).hasSize(1);
    assertThat(seen().leftOut()).isEmpty();
  }

  @Test
  void todayHasSevenCardsWithinTheMinutes() {
    assertThat(seen().tasks()).hasSize(7);
    assertThat(seen().minutes()).isLessThanOrEqualTo(seen().learner().minutesPerDay());
    assertThat(seen().done()).isZero();
    assertThat(task().number()).isZero();
  }

  @Test
  void aCardThatIsTickedIsDoneAndTheNextIsOpen() {
    passage().perform(Command.CARD_DONE);
    assertThat(seen().tasks().get(0).isDone()).isTrue();
    assertThat(task().number()).isEqualTo(1);
    assertThat(book.cardsDone(1, desk.today())).containsExactly(seen().tasks().get(0).name());
  }

  /** The day is planned from what the book says at one time; a tick may come right after. */
  @Test
  void aTickIsNotLostOverADayThatIsJustBeingPlanned() throws Exception {
    AtomicBoolean ticksNext = new AtomicBoolean();
    AtomicReference<PracticeDay> planned = new AtomicReference<>();
    Executor book =
        task -> {
          task.run();
          if (ticksNext.getAndSet(false)) {
            planned.get().tick(0, true);
          }
        };
    Desk other = new Desk(DemoBook.open(CLOCK), CLOCK, Workers.keepingBy(book));
    try {
      other.open(other.programme().get(0));
      planned.set(other.openProperty().get().orElseThrow().day().orElseThrow());
      ticksNext.set(true);
      planned.get().refresh();
      assertThat(ticksNext).isFalse();
      assertThat(planned.get().seenProperty().get().orElseThrow().tasks().get(0).isDone()).isTrue();
    } finally {
      other.close();
    }
  }

  @Test
  void aCardOfAnotherPassageLaysItOnTheDesk() {
    int other =
        seen().tasks().stream()
            .filter(t -> t.card().item().isPresent())
            .filter(t -> !t.card().item().get().id().equals("1"))
            .mapToInt(DayTask::number)
            .findFirst()
            .orElseThrow();
    day().choose(other);
    String id = seen().tasks().get(other).card().item().orElseThrow().id();
    assertThat(passage().opened().entry().id()).isEqualTo(Long.parseLong(id));
    assertThat(task().number()).isEqualTo(other);
  }

  @Test
  void cleanPassesFillALadderCardAndAreLoggedForIt() {
    int ladder = firstOf(CardKind.LADDER);
    day().choose(ladder);
    int passes = task().card().passes();
    assertThat(passes).isPositive();
    long id = passage().opened().entry().id();
    int before = book.log(id).rows().size();
    for (int i = 0; i < passes; i++) {
      passage().perform(Command.CLEAN);
    }
    assertThat(seen().tasks().get(ladder).isDone()).isTrue();
    assertThat(book.log(id).rows()).hasSize(before + passes);
    assertThat(book.log(id).rows().get(before).played().card()).isEqualTo(CardKind.LADDER);
    assertThat(book.log(id).rows().get(before).played().cold()).isTrue();
    assertThat(task().number()).isNotEqualTo(ladder);
  }

  @Test
  void todaysCardsStayWhenPassesAreLogged() {
    List<?> cards = seen().tasks().stream().map(DayTask::card).toList();
    day().choose(firstOf(CardKind.LADDER));
    passage().perform(Command.MISS);
    passage().perform(Command.CLEAN);
    day().refresh();
    assertThat(seen().tasks().stream().map(DayTask::card).toList()).isEqualTo(cards);
  }

  @Test
  void aSlipIsTakenBackFromLogAndCard() {
    day().choose(firstOf(CardKind.LADDER));
    int card = task().number();
    passage().perform(Command.CLEAN);
    assertThat(seen().tasks().get(card).passesDone()).isEqualTo(1);
    passage().perform(Command.SLIP);
    assertThat(seen().tasks().get(card).passesDone()).isZero();
  }

  @Test
  void whenItHurtsTheCardEndsAndAdviceIsGiven() {
    int ladder = firstOf(CardKind.LADDER);
    day().choose(ladder);
    PassageDesk desk = passage();
    desk.perform(Command.HURTS);
    assertThat(seen().tasks().get(ladder).isDone()).isTrue();
    assertThat(desk.messageProperty().get()).contains("teacher or a clinician");
    assertThat(book.log(desk.opened().entry().id()).rows())
        .last()
        .satisfies(e -> assertThat(e.played().hurts()).isTrue());
  }

  @Test
  void moreMinutesPlanTheDayAnew() {
    int before = seen().minutes();
    day().practise(seen().learner().withMinutes(90));
    assertThat(seen().minutes()).isGreaterThan(before).isLessThanOrEqualTo(90);
    assertThat(book.learner(1).learner().minutesPerDay()).isEqualTo(90);
  }
}
