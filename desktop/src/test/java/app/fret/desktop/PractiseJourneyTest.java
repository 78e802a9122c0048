package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Learner;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/** A day of practice in the real window, card by card. */
class PractiseJourneyTest extends Journey {
  private static final String TUNE =
      "A4/16 B4/16 C5/16 D5/16 E5/16 F5/16 G5/16 A5/16 B5/16 C6/16 D6/16 E6/16 D6/4"
          + " | F5/4 D5/4 B4/4 G4/4 | E6/1";

  private void goToPractise(FxRobot robot) {
    robot.press(KeyCode.CONTROL).type(KeyCode.DIGIT5).release(KeyCode.CONTROL);
    waitFor(() -> robot.lookup("#practise-station").tryQuery().filter(Node::isVisible).isPresent());
    waitFor(() -> day().seenProperty().get().filter(s -> !s.tasks().isEmpty()).isPresent());
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

  @Test
  void everyCardHasMusicOrWordsMinutesAndIsDoneInOrder(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    List<DayTask> tasks = seen().tasks();
    assertThat(tasks.get(0).card().kind()).isEqualTo(CardKind.WARM_UP);
    for (int i = 0; i < tasks.size(); i++) {
      int number = i;
      waitFor(() -> day().openProperty().get() == number);
      waitFor(() -> !text(robot, "#open-card-title").isEmpty());
      assertThat(task().card().minutes()).isPositive();
      assertThat(task().card().reason()).isNotBlank();
      robot.type(KeyCode.ENTER);
      waitFor(() -> seen().tasks().get(number).isDone());
    }
    assertThat(text(robot, "#practise-counted")).contains(tasks.size() + " of " + tasks.size());
    assertThat(text(robot, "#open-card-title")).isEqualTo("All of today's cards are done");
  }

  @Test
  void cleanMissAndSlipAreCountedOnTheOpenCard(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    int ladder =
        seen().tasks().stream()
            .filter(t -> t.card().kind() == CardKind.LADDER && t.card().passes() > 2)
            .mapToInt(DayTask::number)
            .findFirst()
            .orElseThrow();
    robot.interact(() -> day().choose(ladder));
    robot.type(KeyCode.C);
    waitFor(() -> seen().tasks().get(ladder).passesDone() == 1);
    robot.type(KeyCode.M);
    waitFor(() -> seen().tasks().get(ladder).passesDone() == 2);
    assertThat(text(robot, "#rung-left")).startsWith("2 of ");
    robot.type(KeyCode.BACK_SPACE);
    waitFor(() -> seen().tasks().get(ladder).passesDone() == 1);
    assertThat(passage().passes().entries()).hasSize(1).allMatch(e -> e.clean());
  }

  @Test
  void cardsAreChosenByKeysAndByClick(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    robot.type(KeyCode.DOWN);
    waitFor(() -> day().openProperty().get() == 1);
    robot.type(KeyCode.UP);
    waitFor(() -> day().openProperty().get() == 0);
    robot.clickOn("#card-1");
    waitFor(() -> day().openProperty().get() == 1);
  }

  @Test
  void whatHurtsEndsTheCardWithAdvice(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    robot.clickOn("#card-1");
    waitFor(() -> day().openProperty().get() == 1);
    robot.type(KeyCode.X);
    waitFor(() -> seen().tasks().get(1).isDone());
    assertThat(passage().messageProperty().get()).contains("clinician");
  }

  @Test
  void theButtonsAreLargeEnoughToBeReadAcrossTheRoom(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    for (String id : List.of("#clean", "#miss")) {
      Node button = robot.lookup(id).query();
      assertThat(button.getLayoutBounds().getWidth()).isGreaterThanOrEqualTo(200);
      assertThat(button.getLayoutBounds().getHeight()).isGreaterThanOrEqualTo(64);
    }
  }

  @Test
  void moreMinutesAreAskedForInThePanel(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    int before = seen().learner().minutesPerDay();
    robot.interact(() -> robot.lookup("#more-minutes").queryButton().fire());
    waitFor(() -> seen().learner().minutesPerDay() == before + 15);
  }

  @Test
  void thePulseIsSwitchedByKeysAndKeepsTimeWithoutADevice(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    robot.type(KeyCode.SPACE);
    waitFor(() -> desk.pulse().playingProperty().get());
    waitFor(() -> text(robot, "#pulse-device").contains("the pulse is shown here"));
    waitFor(() -> desk.pulse().clickNow().isPresent());
    robot.type(KeyCode.K);
    waitFor(() -> ((MenuButton) robot.lookup("#pulse-click").query()).getText().equals("off"));
    robot.type(KeyCode.SPACE);
    waitFor(() -> !desk.pulse().playingProperty().get());
  }

  @Test
  void headerAndProgrammeSayHowItWillFare(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    waitFor(() -> text(robot, "#header-forecast").equals("no date set"));
    long id = passage().opened().entry().id();
    assertThat(text(robot, "#state-" + id)).isEqualTo("no date set");
  }

  @Test
  void theProgrammeFoldsAwayAndBack(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    Node list = robot.lookup("#programme").query();
    robot.clickOn("#fold-programme");
    waitFor(() -> !list.isVisible());
    robot.clickOn("#fold-programme");
    waitFor(list::isVisible);
  }

  @Test
  void howOnePractisesIsSetInItsPane(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    robot.interact(window.dialogs()::showHabits);
    waitFor(() -> robot.lookup("#habits-pane").tryQuery().isPresent());
    robot.clickOn("#off-sun");
    waitFor(() -> seen().learner().daysOff().contains(DayOfWeek.SUNDAY));
    robot.clickOn("#rhythm-3");
    waitFor(() -> seen().learner().rhythmDaysPerWeek() == 3);
    robot.clickOn("#stance-many");
    waitFor(() -> seen().learner().stance() == Learner.Stance.AS_MANY_READY_AS_POSSIBLE);
    robot.clickOn("#habits-more");
    waitFor(() -> seen().learner().minutesPerDay() == 65);
    robot.clickOn("#more-clean");
    waitFor(() -> passage().passes().climbProperty().get().gate().cleanNeeded() == 4);
    robot.clickOn("#gate-strict");
    waitFor(() -> passage().passes().climbProperty().get().gate().isStrict());
    robot.clickOn("#habits-close");
    waitFor(() -> robot.lookup("#habits-pane").tryQuery().isEmpty());
  }

  @Test
  void aNoteIsTypedOnTheNewestPass(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    robot.type(KeyCode.C);
    waitFor(() -> passage().passes().entries().size() == 1);
    robot.clickOn("#pass-note").write("even now").type(KeyCode.ENTER);
    waitFor(
        () ->
            passage()
                .passes()
                .entries()
                .get(0)
                .played()
                .words()
                .filter("even now"::equals)
                .isPresent());
    assertThat(passage().passes().entries()).as("letters typed there log nothing").hasSize(1);
  }

  @Test
  void aPacketThatIsDroppedSaysWhatCameOfIt(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    Path packet = folder.resolve("oda.fretpacket");
    robot.interact(() -> desk.packets().write(passage().opened().owner(), packet, f -> {}));
    waitFor(() -> Files.exists(packet));
    robot.type(KeyCode.C);
    waitFor(() -> passage().passes().entries().size() == 1);
    robot.interact(() -> window.dialogs().add(packet));
    waitFor(() -> robot.lookup("#packet-pane").tryQuery().isPresent());
    assertThat(robot.lookup("#packet-pane .label").queryAllAs(Label.class))
        .extracting(Label::getText)
        .anyMatch(t -> t.contains("Nothing that was here is lost"))
        .contains("Nothing is decided differently.");
    robot.clickOn("#packet-close");
    waitFor(() -> desk.openProperty().get().isPresent());
    assertThat(passage().passes().entries()).hasSize(1);
  }

  @Test
  void twoWaysAreTriedInTurnAndOneIsKept(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    goToPractise(robot);
    robot.interact(
        () -> {
          NotePlan plan =
              passage().study().leftHand().notes().stream()
                  .filter(p -> !p.otherWays().isEmpty())
                  .findFirst()
                  .orElseThrow();
          passage()
              .trial()
              .beginFingering(plan.note().number(), plan.otherWays().get(0).placement());
        });
    waitFor(() -> trialCard().isPresent());
    robot.interact(() -> day().choose(trialCard().orElseThrow().number()));
    waitFor(() -> robot.lookup("#keep-a").query().getParent().isVisible());
    assertThat(text(robot, "#open-card-title")).isEqualTo("A/B trial");
    robot.type(KeyCode.C);
    waitFor(() -> text(robot, "#rung-left").startsWith("A clean 1 of 1, B 0 of 0"));
    robot.clickOn("#keep-a");
    waitFor(() -> passage().trial().plan().isEmpty());
    waitFor(() -> trialCard().isEmpty());
  }

  private Optional<DayTask> trialCard() {
    return seen().tasks().stream().filter(t -> t.card().kind() == CardKind.TRIAL).findFirst();
  }
}
