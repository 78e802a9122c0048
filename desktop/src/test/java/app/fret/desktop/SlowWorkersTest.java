package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.model.work.Workers;
import app.fret.desktop.music.ScoreView;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.CardKind;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/** On a machine that is busy elsewhere, what is seen still belongs to its title. */
class SlowWorkersTest extends Journey {
  private static final String TUNE =
      "A4/16 B4/16 C5/16 D5/16 E5/16 F5/16 G5/16 A5/16 B5/16 C6/16 D6/16 E6/16 D6/4"
          + " | F5/4 D5/4 B4/4 G4/4 | E6/2 D6/2 | C6/1";

  private final ExecutorService layouts =
      new ThreadPoolExecutor(
          1,
          1,
          0,
          TimeUnit.SECONDS,
          new LinkedBlockingQueue<>(),
          new ThreadPoolExecutor.DiscardPolicy());
  private final HeldUp slow = new HeldUp(layouts);

  @Override
  Workers workers() {
    return Workers.layingOutBy(slow, Platform::runLater, mistakes::add);
  }

  @AfterEach
  void endLayouts() {
    layouts.shutdownNow();
  }

  private PracticeDay day() {
    return passage().day().orElseThrow();
  }

  private DayView seen() {
    return day().seenProperty().get().orElseThrow();
  }

  private void goToPractise(FxRobot robot) {
    robot.press(KeyCode.CONTROL).type(KeyCode.DIGIT5).release(KeyCode.CONTROL);
    waitFor(() -> robot.lookup("#practise-station").tryQuery().filter(Node::isVisible).isPresent());
    waitFor(() -> day().seenProperty().get().filter(s -> !s.tasks().isEmpty()).isPresent());
  }

  private ScoreView cardMusic() {
    return (ScoreView) window.lookup("#card-score");
  }

  private DayTask firstOf(CardKind... kinds) {
    return seen().tasks().stream()
        .filter(t -> List.of(kinds).contains(t.card().kind()))
        .findFirst()
        .orElseThrow();
  }

  private boolean saysThatItIsWorkedOut() {
    return cardMusic().lookupAll(".label").stream()
        .anyMatch(l -> l instanceof Label label && label.getText().contains("being laid out"));
  }

  @Test
  void aCardNeverStandsOverTheMusicOfAnother(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    waitFor(() -> cardMusic().isSettled());
    String scale = cardMusic().studyProperty().get().orElseThrow().passage().title();
    DayTask drill = firstOf(CardKind.DRILL, CardKind.RHYTHM, CardKind.WHOLE_CLIMB);
    slow.hold();
    robot.interact(() -> day().choose(drill.number()));
    assertThat(text(robot, "#open-card-title")).isNotBlank();
    assertThat(cardMusic().studyProperty().get()).as("nothing of the warm-up is left").isEmpty();
    assertThat(cardMusic().isSettled()).isFalse();
    assertThat(saysThatItIsWorkedOut()).isTrue();
    robot.type(KeyCode.C);
    waitFor(() -> passage().messageProperty().get().contains("nothing was counted"));
    assertThat(passage().passes().entries()).isEmpty();
    slow.letGo();
    waitFor(() -> cardMusic().isSettled());
    assertThat(cardMusic().studyProperty().get().orElseThrow().passage().title())
        .isNotEqualTo(scale);
    robot.type(KeyCode.C);
    waitFor(() -> passage().passes().entries().size() == 1);
  }

  @Test
  void aDrillThatIsReadyLateIsNotLaidUnderTheNextCard(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    waitFor(() -> cardMusic().isSettled());
    DayTask drill = firstOf(CardKind.DRILL, CardKind.RHYTHM, CardKind.WHOLE_CLIMB);
    DayTask ladder = firstOf(CardKind.LADDER, CardKind.MOCK, CardKind.UPKEEP);
    slow.hold();
    robot.interact(() -> day().choose(drill.number()));
    robot.interact(() -> day().choose(ladder.number()));
    slow.letGo();
    waitFor(() -> cardMusic().isSettled());
    assertThat(cardMusic().studyProperty().get()).contains(passage().study());
  }

  @Test
  void aStationThatIsEnteredAgainShowsTheCardThatCounts(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    robot.press(KeyCode.CONTROL).type(KeyCode.DIGIT2).release(KeyCode.CONTROL);
    waitFor(() -> window.lookup("#practise-station") == null);
    DayTask ladder = firstOf(CardKind.LADDER, CardKind.MOCK, CardKind.UPKEEP);
    robot.interact(() -> day().choose(ladder.number()));
    goToPractise(robot);
    assertThat(text(robot, "#open-card-title")).isEqualTo(ladder.card().kind().words());
    Button row = (Button) window.lookup("#card-" + ladder.number());
    assertThat(row.getStyleClass()).contains("card-row-open");
    DayTask other = seen().tasks().get(0);
    robot.interact(() -> day().choose(other.number()));
    assertThat(text(robot, "#open-card-title"))
        .as("it is followed again")
        .isEqualTo(other.card().kind().words());
  }
}
