package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.music.ScoreView;
import app.fret.score.Span;
import app.fret.shape.Character;
import app.fret.shape.Proposal;
import app.fret.shape.Style;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
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
    press(robot, "#character-heroic");
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

  @Test
  void aPhraseIsBegunJoinedAndDraggedAndTheBookKeepsIt(FxRobot robot) throws Exception {
    addScore(robot, TUNE + " | " + TUNE, "60");
    goToShape(robot);
    robot.interact(() -> passage().select(5));
    robot.type(KeyCode.B);
    waitFor(() -> starts().contains(5));
    waitFor(() -> said(robot).stream().anyMatch(w -> w.contains("you set it")));
    ScoreView score = (ScoreView) robot.lookup("#shape-score").query();
    Point2D from = score.screenPointOf(5).orElseThrow();
    Point2D to = score.screenPointOf(6).orElseThrow();
    robot.moveTo(from.getX(), from.getY() - 90);
    robot.press(MouseButton.PRIMARY);
    robot.moveTo(to.getX(), to.getY() - 90);
    robot.release(MouseButton.PRIMARY);
    waitFor(() -> starts().contains(6) && !starts().contains(5));
    robot.interact(() -> passage().select(6));
    robot.clickOn("#begin-phrase");
    waitFor(() -> !starts().contains(6));
    assertThat(passage().study().choices().shape().own().isEmpty()).isTrue();
  }

  /** A button that may lie below the fold. */
  private static void press(FxRobot robot, String id) {
    robot.interact(() -> ((Button) robot.lookup(id).query()).fire());
  }

  private List<Integer> starts() {
    return passage().study().levels().spans().stream().map(Span::first).toList();
  }

  @Test
  void aLevelAndAHairpinAreGivenAndTakenAway(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "60");
    goToShape(robot);
    robot.interact(() -> passage().select(2));
    robot.press(KeyCode.SHIFT).type(KeyCode.RIGHT).release(KeyCode.SHIFT);
    waitFor(() -> said(robot).contains("A level for the selected notes."));
    press(robot, "#level-pp");
    waitFor(() -> passage().study().levels().printed(2) == 3);
    assertThat(passage().study().levels().printed(3)).isEqualTo(3);
    assertThat(passage().study().levels().printed(4)).isEqualTo(6);
    waitFor(() -> robot.lookup("#level-as-printed").tryQuery().isPresent());
    press(robot, "#level-as-printed");
    waitFor(() -> passage().study().levels().printed(2) == 6);
    robot.interact(() -> passage().select(0));
    waitFor(() -> robot.lookup("#give-hairpin").tryQuery().isPresent());
    press(robot, "#give-hairpin");
    waitFor(() -> passage().study().levels().printed(0) == 4);
    assertThat(passage().study().levels().printed(8)).isEqualTo(7);
  }

  @Test
  void selectedNotesAreBroughtOutByAKey(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "60");
    goToShape(robot);
    robot.interact(() -> passage().select(2));
    robot.press(KeyCode.SHIFT).type(KeyCode.RIGHT).release(KeyCode.SHIFT);
    robot.type(KeyCode.O);
    waitFor(() -> passage().study().levels().isBroughtOut(2));
    assertThat(passage().study().levels().isBroughtOut(3)).isTrue();
    assertThat(passage().study().levels().isBroughtOut(4)).isFalse();
    robot.type(KeyCode.O);
    waitFor(() -> !passage().study().levels().isBroughtOut(2));
  }

  @Test
  void aWholeShapeIsTaken(FxRobot robot) throws Exception {
    addScore(robot, TUNE, "60");
    goToShape(robot);
    waitFor(() -> robot.lookup("#shape-by-the-bar").tryQuery().isPresent());
    press(robot, "#shape-by-the-bar");
    waitFor(() -> passage().study().choices().shape().has(Proposal.BEATS_LEAN));
    waitFor(() -> said(robot).contains("by the bar, as it is now"));
  }
}
