package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.music.ScoreView;
import app.fret.shape.Character;
import app.fret.shape.Proposal;
import app.fret.shape.Style;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/** The shape station in the real window. */
class ShapeJourneyTest extends Journey {
  private static final String TUNE = "D5/4 E5/4 F5/4 A5/4 | G5/4 F5/4 E5/4 D5/4 | D5/1";

  private void goToShape(FxRobot robot) {
    robot.press(KeyCode.CONTROL).type(KeyCode.DIGIT4).release(KeyCode.CONTROL);
    waitFor(() -> robot.lookup("#shape-station").tryQuery().filter(Node::isVisible).isPresent());
  }

  private static List<String> said(FxRobot robot) {
    return robot.lookup("#shape-panel .label").queryAll().stream()
        .map(n -> ((Labeled) n).getText())
        .toList();
  }

  private int peak() {
    return passage().study().levels().phraseOf(0).peak();
  }

  @Test
  void aPeakIsMovedByKeysAndTheBowFollows(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "60");
    goToShape(robot);
    assertThat(peak()).isEqualTo(3);
    double before = passage().study().bow().effort();
    robot.press(KeyCode.ALT).type(KeyCode.RIGHT).release(KeyCode.ALT);
    waitFor(() -> peak() == 4);
    assertThat(passage().study().bow().effort()).isNotEqualTo(before);
    robot.press(KeyCode.ALT).type(KeyCode.LEFT).release(KeyCode.ALT);
    waitFor(() -> peak() == 3);
    robot.interact(() -> passage().select(6));
    robot.type(KeyCode.P);
    waitFor(() -> peak() == 6);
    robot.clickOn("#undo-moves");
    waitFor(() -> peak() == 3);
    robot.clickOn("#keep-level");
    waitFor(() -> passage().study().levels().phraseOf(0).isLevel());
    robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
    waitFor(() -> !passage().study().levels().phraseOf(0).isLevel());
  }

  @Test
  void aPeakIsDraggedToAnotherNote(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "60");
    goToShape(robot);
    ScoreView score = (ScoreView) robot.lookup("#shape-score").query();
    waitFor(() -> score.screenPointOf(3).isPresent() && score.screenPointOf(1).isPresent());
    Point2D from = score.screenPointOf(3).orElseThrow();
    Point2D to = score.screenPointOf(1).orElseThrow();
    double lane = -90;
    robot.moveTo(from.getX(), from.getY() + lane);
    robot.press(MouseButton.PRIMARY);
    robot.moveTo(to.getX(), to.getY() + lane);
    robot.release(MouseButton.PRIMARY);
    waitFor(() -> peak() == 1);
  }

  @Test
  void thePanelSaysHowANoteSoundsAndWhereItsPhraseLeads(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "60");
    goToShape(robot);
    robot.interact(() -> passage().select(3));
    waitFor(() -> said(robot).stream().anyMatch(w -> w.endsWith(", the peak")));
    assertThat(said(robot))
        .contains("level", "vibrato", "sounds", "bow", "The phrase", "Its character")
        .anyMatch(w -> w.matches("\\d+\\.\\d proposed, \\d+\\.\\d printed"))
        .anyMatch(w -> w.contains("cents"));
  }

  @Test
  void proposalsStyleAndCharacterAreSwitched(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "60");
    goToShape(robot);
    robot.clickOn("#propose-rising-grows");
    waitFor(() -> !passage().study().choices().shape().has(Proposal.RISING_GROWS));
    assertThat(passage().study().levels().proposed(3)).isEqualTo(6);
    ComboBox<Style> style = robot.lookup("#shape-style").queryComboBox();
    robot.interact(() -> style.setValue(Style.CLASSICAL));
    waitFor(() -> passage().study().choices().shape().style() == Style.CLASSICAL);
    robot.clickOn("#character-heroic");
    waitFor(
        () ->
            passage()
                .study()
                .levels()
                .phraseOf(0)
                .character()
                .equals(Optional.of(Character.HEROIC)));
  }

  @Test
  void aLongOpenStringIsNamedAndStoppedByAClick(FxRobot robot) throws Exception {
    addScore(robot, "G3/1 | A3/1 | B3/1", "60");
    goToShape(robot);
    waitFor(() -> robot.lookup("#conflict-0").tryQuery().isPresent());
    assertThat(said(robot)).anyMatch(w -> w.contains("No finger can stop it"));
  }
}
