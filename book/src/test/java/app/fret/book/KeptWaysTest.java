package app.fret.book;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.instrument.PlayerSetup;
import app.fret.leaning.KeptWay;
import app.fret.leaning.OwnWeights;
import app.fret.leaning.Side;
import app.fret.lefthand.PinAt;
import app.fret.score.Finger;
import app.fret.score.NoteRef;
import app.fret.study.Choices;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Ways kept by a player, and the own weights that passages are planned with. */
class KeptWaysTest {
  private static final KeptWay SHIFTS =
      new KeptWay(Map.of("shift", 0.5, "stretch", -0.22, "colour", -0.2));

  @TempDir private Path folder;

  private Book book;
  private long player;
  private long passage;

  @BeforeEach
  void openBook() throws BookException {
    book = Book.open(folder.resolve("ways.fretbook"));
    player = book.addPlayer("A", PlayerSetup.of("violin", 73, 328)).id();
    passage = book.addPassage(BookTest.passage(player, "Study")).id();
  }

  @AfterEach
  void closeBook() {
    book.close();
  }

  private static PinAt pin(String place) {
    return new PinAt(
        NoteRef.parse(place),
        false,
        OptionalInt.of(2),
        Optional.of(Finger.ofSign("3")),
        Optional.empty(),
        OptionalInt.empty());
  }

  private Choices pinned(String... places) {
    Choices before = book.choices(passage).choices();
    Choices after = before;
    for (String place : places) {
      after = after.withPin(pin(place));
    }
    book.keepChoices(passage, before, after);
    return after;
  }

  private void keep(String... places) {
    pinned(places);
    for (String place : places) {
      book.keepWay(passage, Side.LEFT_HAND, NoteRef.parse(place), SHIFTS);
    }
  }

  @Test
  void aWayCountsAsLongAsItIsPinned() {
    keep("0@0/1 D5", "0@1/4 E5");
    assertThat(book.keptWays(player, Side.LEFT_HAND)).containsExactly(SHIFTS, SHIFTS);
    Choices all = book.choices(passage).choices();
    book.keepChoices(passage, all, all.withoutPins(List.of(NoteRef.parse("0@0/1 D5"))));
    assertThat(book.keptWays(player, Side.LEFT_HAND)).containsExactly(SHIFTS);
  }

  @Test
  void aNoteCountsOnceHoweverOftenItsWayIsKept() {
    keep("0@0/1 D5");
    book.keepWay(passage, Side.LEFT_HAND, NoteRef.parse("0@0/1 D5"), SHIFTS);
    assertThat(book.keptWays(player, Side.LEFT_HAND)).hasSize(1);
  }

  @Test
  void aLeaningTakenBackMovesNothingUntilWaysAreKeptAnew() {
    keep("0@0/1 D5", "0@1/4 E5");
    book.takeLeaningBack(player, Side.LEFT_HAND, "shift");
    assertThat(book.keptWays(player, Side.LEFT_HAND))
        .allSatisfy(w -> assertThat(w.shares()).doesNotContainKey("shift"));
    book.keepWay(passage, Side.LEFT_HAND, NoteRef.parse("0@0/1 D5"), SHIFTS);
    assertThat(book.keptWays(player, Side.LEFT_HAND)).contains(SHIFTS);
  }

  @Test
  void waysOfAnotherPlayerDoNotCount() {
    keep("0@0/1 D5");
    long other = book.addPlayer("B", PlayerSetup.of("viola", 78, 375)).id();
    assertThat(book.keptWays(other, Side.LEFT_HAND)).isEmpty();
  }

  @Test
  void aNewPassageBeginsWithTheOwnWeightsAndAnOldOneStaysAsItIs() {
    keep("0@0/1 D5", "0@1/4 E5", "0@1/2 F5");
    long next = book.addPassage(BookTest.passage(player, "Next")).id();
    OwnWeights own = book.choices(next).choices().profile().own();
    assertThat(own).isEqualTo(new OwnWeights(Map.of("shift", 0.8)));
    assertThat(book.choices(passage).choices().profile().own()).isEqualTo(OwnWeights.NONE);
  }

  @Test
  void ownWeightsAreADecisionThatCanBeTakenBack() {
    OwnWeights own = new OwnWeights(Map.of("shift", 0.8, "open-string", 1.25));
    Choices before = book.choices(passage).choices();
    Choices after = before.with(before.leftHand().with(own));
    book.keepChoices(passage, before, after);
    assertThat(book.choices(passage).choices()).isEqualTo(after);
    assertThat(book.choices(passage).remarks()).isEmpty();
    book.keepChoices(passage, after, before);
    assertThat(book.choices(passage).choices()).isEqualTo(before);
  }

  @Test
  void waysOfTheBowCountForTheBow() {
    Choices before = book.choices(passage).choices();
    NoteRef at = NoteRef.parse("0@0/1 D5");
    Choices bowed =
        before.with(before.bow().with(new StrokeAt(at, StrokeDecision.parse("at:0.6"))));
    book.keepChoices(passage, before, bowed);
    book.keepWay(passage, Side.BOW, at, new KeptWay(Map.of("place", 0.5, "amount", -0.2)));
    assertThat(book.keptWays(player, Side.BOW)).hasSize(1);
    assertThat(book.keptWays(player, Side.LEFT_HAND)).isEmpty();
    OwnWeights own = new OwnWeights(Map.of("place", 0.8));
    Choices leaned = bowed.with(bowed.bow().with(own));
    book.keepChoices(passage, bowed, leaned);
    assertThat(book.choices(passage).choices().bow().own()).isEqualTo(own);
    book.keepChoices(passage, leaned, before);
    assertThat(book.keptWays(player, Side.BOW)).as("what is given up counts no more").isEmpty();
  }
}
