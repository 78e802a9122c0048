package app.fret.desktop.model.passage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import app.fret.book.Book;
import app.fret.book.BookPassage;
import app.fret.book.BookPlayer;
import app.fret.book.Found;
import app.fret.book.LogEntry;
import app.fret.desktop.model.work.Workers;
import app.fret.edit.Origins;
import app.fret.edit.StaffPen;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.PlayerSetup;
import app.fret.instrument.StatedTuning;
import app.fret.leaning.Side;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.PinConflictException;
import app.fret.practice.schedule.CardKind;
import app.fret.reading.Others;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Intake;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The station's model without a window: executors run inline, the book is a stand-in. */
class PassageDeskTest {
  private static final Instant NOW = Instant.parse("2026-11-20T16:00:00Z");

  private final Book book = mock(Book.class);
  private final Tempo target = new Tempo(BeatUnit.QUARTER, 120);
  private PassageDesk desk;

  @BeforeEach
  void layPassage() throws OutOfRangeException, PinConflictException {
    layPassage(Workers.inline());
  }

  private void layPassage(Workers workers) throws OutOfRangeException, PinConflictException {
    doAnswer(
            call -> {
              call.<Runnable>getArgument(0).run();
              return null;
            })
        .when(book)
        .together(any());
    BookPlayer owner = new BookPlayer(1, "Oda Merrin", PlayerSetup.of("violin", 73.3, 328));
    BookPassage entry =
        new BookPassage(
            7, 1, "Study", "s.musicxml", new BookPassage.Cut(0, 0, 1), target, Optional.empty());
    Passage passage = Music.passage("G3/4 B4/4 C5/4 D5/4 | E5/4 F5/4 G5/4 A5/4");
    Study study = Study.of(passage, owner.player(), Choices.at(target));
    desk =
        new PassageDesk(
            new PassageDesk.Opened(
                owner,
                entry,
                passage,
                new Intake(passage, Optional.empty(), StatedTuning.NONE),
                List.of(),
                Optional.empty(),
                List.of(),
                Others.NONE,
                Origins.unchanged(passage)),
            book,
            study,
            new Found<>(List.of(), List.of()),
            Clock.fixed(NOW, ZoneOffset.UTC),
            workers);
  }

  /** A desk whose planning waits until it is let go. */
  private Deque<Runnable> layPassageThatWaits() throws OutOfRangeException, PinConflictException {
    Deque<Runnable> waiting = new ArrayDeque<>();
    layPassage(Workers.planningBy(waiting::add));
    return waiting;
  }

  @Test
  void whatTheOthersDoIsNotToldWhereBarsCameOrWent() throws Exception {
    layPassageThatWaits();
    Others others = new Others(List.of(), List.of(new Others.Cue(1, "Oboe plays C5 before you")));
    PassageDesk.Opened plain = desk.opened();
    PassageDesk.Opened beside =
        new PassageDesk.Opened(
            plain.owner(),
            plain.entry(),
            plain.passage(),
            plain.intake(),
            plain.skipped(),
            plain.layout(),
            plain.remarks(),
            others,
            plain.origins());
    assertThat(beside.othersUnder(plain.passage())).isEqualTo(others);
    Passage fewer = Music.passage("G3/4 B4/4 C5/4 D5/4");
    assertThat(beside.othersUnder(fewer)).isEqualTo(Others.NONE);
  }

  @Test
  void decisionsThatWaitArePlannedAtOnceAndUndoneOneByOne() throws Exception {
    Deque<Runnable> waiting = layPassageThatWaits();
    desk.select(3);
    desk.perform(Command.PIN_FOURTH);
    desk.select(5);
    desk.perform(Command.PIN_SECOND);
    desk.leftHand().setProfile("brilliant");
    assertThat(waiting).hasSize(3);
    while (!waiting.isEmpty()) {
      waiting.remove().run();
    }
    assertThat(desk.study().pins()).hasSize(2);
    verify(book, times(2)).keepWay(eq(7L), eq(Side.LEFT_HAND), any(), any());
    verify(book, times(1)).keepChoices(anyLong(), any(), any());
    verify(book).keepChoices(7, Choices.at(target), desk.study().choices());
    desk.perform(Command.UNDO);
    desk.perform(Command.UNDO);
    waiting.forEach(Runnable::run);
    assertThat(desk.study().pins()).hasSize(1);
    assertThat(desk.study().choices().profile().name()).isEqualTo("secure");
  }

  @Test
  void oneThatCannotBeMetCostsNoneOfThoseThatWaitedWithIt() throws Exception {
    Deque<Runnable> waiting = layPassageThatWaits();
    desk.select(3);
    desk.perform(Command.PIN_FOURTH);
    desk.select(0);
    desk.perform(Command.PIN_STRING_1);
    while (!waiting.isEmpty()) {
      waiting.remove().run();
    }
    assertThat(desk.study().pinsOn(3)).hasSize(1);
    assertThat(desk.study().pinsOn(0)).isEmpty();
    assertThat(desk.messageProperty().get()).startsWith("Bar 1: G3 cannot be played with string I");
  }

  @Test
  void aPinIsKeptInTheBookBeforeItIsShown() {
    desk.select(3);
    desk.perform(Command.PIN_FOURTH);
    PinAt pin = PinAt.of(Pin.finger(3, Finger.FOURTH), desk.study().places());
    Choices expected = Choices.at(target).withPin(pin);
    verify(book).keepChoices(7, Choices.at(target), expected);
    assertThat(desk.study().choices()).isEqualTo(expected);
    assertThat(desk.messageProperty().get()).startsWith("Pinned finger 4 on D5 in bar 1.");
  }

  @Test
  void fingerAndStringAreDecidedOneAfterTheOther() {
    desk.select(5);
    desk.perform(Command.PIN_STRING_2);
    desk.perform(Command.PIN_THIRD);
    assertThat(desk.study().pinsOn(5)).containsExactly(Pin.of(5, 2, Finger.THIRD));
    assertThat(desk.selected().orElseThrow().placement().top().string()).isEqualTo(2);
    assertThat(desk.selected().orElseThrow().placement().top().finger()).isEqualTo(Finger.THIRD);
    desk.perform(Command.PIN_FIRST);
    assertThat(desk.study().pinsOn(5)).containsExactly(Pin.of(5, 2, Finger.FIRST));
  }

  @Test
  void aRefusedPinIsNotKept() {
    desk.select(0);
    desk.perform(Command.PIN_STRING_1);
    verify(book, never()).keepChoices(anyLong(), any(), any());
    assertThat(desk.messageProperty().get()).startsWith("Bar 1: G3 cannot be played with string I");
    desk.perform(Command.UNDO);
    assertThat(desk.messageProperty().get()).isEqualTo("Nothing to undo.");
  }

  @Test
  void undoAndRedoWalkThroughAllDecisions() {
    Study first = desk.study();
    desk.select(3);
    desk.perform(Command.PIN_FOURTH);
    desk.perform(Command.PIN_SECOND);
    assertThat(desk.canUndoProperty().get()).isTrue();
    assertThat(desk.canRedoProperty().get()).isFalse();
    desk.perform(Command.UNDO);
    assertThat(desk.study().pinsOn(3).get(0).finger()).contains(Finger.FOURTH);
    desk.perform(Command.UNDO);
    assertThat(desk.study().choices()).isEqualTo(first.choices());
    assertThat(desk.study().leftHand().notes())
        .extracting(NotePlan::placement)
        .isEqualTo(first.leftHand().notes().stream().map(NotePlan::placement).toList());
    assertThat(desk.canUndoProperty().get()).isFalse();
    desk.perform(Command.REDO);
    desk.perform(Command.REDO);
    assertThat(desk.study().pinsOn(3).get(0).finger()).contains(Finger.SECOND);
    desk.perform(Command.REDO);
    assertThat(desk.messageProperty().get()).isEqualTo("Nothing to redo.");
  }

  @Test
  void aNewDecisionForgetsWhatWasTakenBack() {
    desk.perform(Command.PIN_AS_SHOWN);
    desk.perform(Command.UNDO);
    desk.select(4);
    desk.perform(Command.PIN_AS_SHOWN);
    assertThat(desk.canRedoProperty().get()).isFalse();
    assertThat(desk.study().pins()).extracting(Pin::note).containsExactly(4);
  }

  @Test
  void freeingSetsOnlyTheSelectedNoteFree() {
    desk.perform(Command.PIN_AS_SHOWN);
    desk.select(1);
    desk.perform(Command.FREE);
    assertThat(desk.messageProperty().get()).isEqualTo("Nothing is pinned on B4 in bar 1.");
    desk.select(0);
    desk.perform(Command.FREE);
    assertThat(desk.study().choices().pins()).isEmpty();
  }

  @Test
  void selectionStopsAtBothEnds() {
    desk.perform(Command.PREVIOUS_NOTE);
    assertThat(desk.selection().note()).contains(0);
    desk.select(99);
    assertThat(desk.selection().note()).contains(7);
    desk.perform(Command.NEXT_NOTE);
    assertThat(desk.selection().note()).contains(7);
  }

  @Test
  void passesAreLoggedAtTheRungTheyWerePlayedAt() {
    desk.perform(Command.CLEAN);
    LogEntry.Played cold =
        new LogEntry.Played(
            CardKind.LADDER, true, Optional.empty(), false, false, 1, Optional.empty());
    verify(book).addToLog(new LogEntry(7, NOW, target.at(60), OptionalDouble.of(8), true, cold));
    assertThat(desk.messageProperty().get()).isEqualTo("Clean at 60 is in the log.");
    desk.perform(Command.CLEAN);
    desk.perform(Command.CLEAN);
    assertThat(desk.messageProperty().get()).isEqualTo("Rung 60 is passed. Go on at 70.");
    desk.perform(Command.MISS);
    assertThat(desk.messageProperty().get()).isEqualTo("A miss at 70 is in the log.");
    desk.perform(Command.MISS);
    assertThat(desk.messageProperty().get()).isEqualTo("Two misses in a row: back to 60.");
  }

  @Test
  void theTargetCleanIsSaidSo() {
    for (int pass = 0; pass < 21; pass++) {
      desk.perform(Command.CLEAN);
    }
    assertThat(desk.passes().climbProperty().get().isDone()).isTrue();
    assertThat(desk.messageProperty().get()).startsWith("Clean at the target tempo.");
  }

  @Test
  void savingSaysThatThereIsNothingToSave() {
    desk.perform(Command.SAVE);
    assertThat(desk.messageProperty().get())
        .isEqualTo("Nothing to save: every change is kept at once.");
  }

  @Test
  void aRefusedPinOffersTheNearestThatCanBe() {
    desk.select(3);
    desk.perform(Command.PIN_STRING_1);
    Pin offered = desk.offerProperty().get().orElseThrow();
    assertThat(offered.note()).isEqualTo(3);
    desk.leftHand().takeOffer();
    assertThat(desk.study().pinsOn(3)).containsExactly(offered);
    assertThat(desk.offerProperty().get()).isEmpty();
  }

  @Test
  void theOfferKeepsTheFingerAskedForWhereItCan() {
    desk.select(3);
    desk.perform(Command.PIN_FOURTH);
    desk.perform(Command.PIN_STRING_1);
    assertThat(desk.offerProperty().get().orElseThrow().finger()).contains(Finger.FOURTH);
  }

  @Test
  void theThumbIsRefusedOnAViolin() {
    desk.perform(Command.PIN_THUMB);
    assertThat(desk.messageProperty().get()).contains("cannot be played with");
    assertThat(desk.study().choices().pins()).isEmpty();
  }

  @Test
  void anotherProfileIsKeptWithThePassageAndCanBeTakenBack() {
    desk.leftHand().setProfile("still-hand");
    assertThat(desk.study().choices().profile().name()).isEqualTo("still-hand");
    verify(book).keepChoices(7, Choices.at(target), desk.study().choices());
    desk.perform(Command.UNDO);
    assertThat(desk.study().choices().profile().name()).isEqualTo("secure");
  }

  @Test
  void anotherHandIsKeptWithThePlayerAndCanBeTakenBack() {
    PlayerSetup small = desk.setup().withComfortableMm(66);
    desk.setSetup(small, "Planned for a span of 66 mm");
    verify(book).keepSetup(1, small);
    assertThat(desk.study().player().hand().comfortableMm()).isEqualTo(66);
    desk.perform(Command.UNDO);
    assertThat(desk.study().player().hand().comfortableMm()).isEqualTo(73.3);
    desk.perform(Command.REDO);
    assertThat(desk.setup()).isEqualTo(small);
  }

  @Test
  void aTuningThatLacksANoteIsSaidAndLeavesAllAsItWas() {
    PlayerSetup high = desk.setup().withTuning("E5 A4 D4 A3");
    desk.setSetup(high, "Tuned");
    assertThat(desk.messageProperty().get()).contains("G3");
    assertThat(desk.setup()).isEqualTo(PlayerSetup.of("violin", 73.3, 328));
    desk.select(3);
    desk.perform(Command.PIN_FOURTH);
    assertThat(desk.study().choices().pins()).hasSize(1);
  }

  @Test
  void aSelectionGrowsWithShiftAndBeginsAnewWithout() {
    desk.select(2);
    desk.perform(Command.EXTEND_NEXT);
    desk.perform(Command.EXTEND_NEXT);
    assertThat(desk.selection().startProperty().get()).contains(2);
    assertThat(desk.selection().note()).contains(4);
    assertThat(desk.selectedBars()).isEqualTo(new Span(0, 1));
    desk.perform(Command.PREVIOUS_NOTE);
    assertThat(desk.selection().startProperty().get()).contains(3);
    desk.perform(Command.EXTEND_PREVIOUS);
    assertThat(desk.selectedBars()).isEqualTo(new Span(0, 0));
  }

  @Test
  void whatAChangeMovedIsTold() {
    desk.select(3);
    desk.perform(Command.PIN_FOURTH);
    assertThat(desk.changedNotesProperty().get()).contains(3);
  }

  @Test
  void plansAreComparedAndTakenWholeOrForSomeBars() {
    List<Candidate> candidates = new ArrayList<>();
    desk.leftHand().compare(candidates::addAll);
    assertThat(candidates.get(0).name()).isEqualTo("Now: Secure");
    assertThat(candidates).extracting(Candidate::name).contains("Even colour", "Still hand");
    Candidate other =
        candidates.stream().filter(c -> c.profile().isEmpty()).findFirst().orElseThrow();
    LeftHandPlan before = desk.study().leftHand();
    int bar = before.notes().get(other.differing(before).iterator().next()).note().bar();
    desk.leftHand().take(other, Optional.of(new Span(bar, bar)));
    assertThat(desk.study().choices().pins()).isNotEmpty();
    for (LeftHandPlan.NotePlan note : other.plan().notes()) {
      if (note.note().bar() == bar) {
        int number = note.note().number();
        assertThat(desk.study().leftHand().notes().get(number).placement().stops())
            .isEqualTo(note.placement().stops());
      } else {
        assertThat(desk.study().pinsOn(note.note().number())).isEmpty();
      }
    }
    Candidate still =
        candidates.stream().filter(c -> c.name().equals("Still hand")).findFirst().orElseThrow();
    desk.leftHand().take(still, Optional.empty());
    assertThat(desk.study().choices().profile().name()).isEqualTo("still-hand");
  }

  @Test
  void backAsImportedTakesEachPinAlongWithItsNote() {
    desk.select(5);
    pin(Finger.THIRD);
    Passage imported = desk.study().passage();
    desk.mend(StaffPen.over(imported).goTo(4, false).insertBar().insertBar().music());
    assertThat(pinnedAt()).containsExactly("3@1/4 F5");
    desk.asImported();
    assertThat(pinnedAt()).containsExactly("1@1/4 F5");
    assertThat(desk.messageProperty().get()).doesNotContain("Not kept");
    desk.undo();
    assertThat(pinnedAt()).containsExactly("3@1/4 F5");
  }

  @Test
  void backAsImportedNamesWhatHasNoNoteThere() {
    Passage imported = desk.study().passage();
    desk.mend(StaffPen.over(imported).goTo(0, false).repeatBars().music());
    desk.select(5);
    pin(Finger.FIRST);
    assertThat(pinnedAt()).hasSize(1);
    desk.asImported();
    assertThat(pinnedAt()).isEmpty();
    assertThat(desk.messageProperty().get()).contains("Not kept: the pin on B4 in bar 2");
  }

  private void pin(Finger finger) {
    desk.decide(
        desk.wantedChoices()
            .withPin(
                PinAt.of(
                    Pin.finger(desk.selection().note().orElseThrow(), finger),
                    desk.study().places())),
        "Pinned");
  }

  private List<String> pinnedAt() {
    return desk.study().choices().pins().stream().map(p -> p.at().toString()).toList();
  }

  @Test
  void aDecisionWithoutEffectTakesNoStepOfUndo() {
    desk.decide(desk.wantedChoices(), "Planned as before");
    assertThat(desk.canUndoProperty().get()).isFalse();
    assertThat(desk.messageProperty().get()).isEqualTo("Planned as before. It was so already.");
    desk.setSetup(desk.setup(), "Planned for the same hand");
    desk.setTempo(desk.tempo(), "Planned at the same tempo");
    desk.perform(Command.FREE);
    desk.mend(StaffPen.over(desk.study().passage()).music());
    assertThat(desk.canUndoProperty().get()).isFalse();
  }
}
