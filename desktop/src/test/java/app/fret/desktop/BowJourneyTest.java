package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.trouble.BowTrouble;
import app.fret.score.BowDirection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/** The bow station in the real window. */
class BowJourneyTest extends Journey {
  private static List<String> said(FxRobot robot) {
    return robot.lookup("#bow-panel .label").queryAll().stream()
        .map(n -> ((Labeled) n).getText())
        .toList();
  }

  private void goToBow(FxRobot robot) {
    robot.press(KeyCode.CONTROL).type(KeyCode.DIGIT3).release(KeyCode.CONTROL);
    waitFor(() -> robot.lookup("#bow-station").tryQuery().filter(Node::isVisible).isPresent());
  }

  @Test
  void thePanelSaysOfTheSelectedStrokeWhereOnTheBowItLies(FxRobot robot) throws Exception {
    addScore(robot);
    goToBow(robot);
    List<Stroke> strokes = passage().study().bow().strokes();
    assertThat(text(robot, "#bow-figures"))
        .startsWith(strokes.size() + " strokes")
        .contains("65 cm of hair");
    robot.interact(() -> passage().select(1));
    waitFor(() -> text(robot, "#bow-title").startsWith("Up-bow"));
    waitFor(() -> said(robot).contains("Other ways for this stroke"));
    assertThat(said(robot))
        .contains("on the bow", "amount", "speed", "Why so", "contact")
        .anyMatch(w -> w.matches("0\\.\\d\\d to 0\\.\\d\\d \\(frog 0, tip 1\\)"))
        .anyMatch(w -> w.matches("\\d+ cm of 65 cm"))
        .anyMatch(w -> w.matches("the same bow at \\d+ cm/s"))
        .anyMatch(w -> w.matches("\\+\\d+\\.\\d"));
  }

  /** A slur over two whole notes at a slow tempo has no bow for its level. */
  @Test
  void aTroubleLeadsToItsBarAndSaysWhatMendsIt(FxRobot robot) throws Exception {
    addScore(robot, "D5/4 E5/4 F5/4 G5/4 | (A5/1 | B5/1) | C6/1", "40");
    goToBow(robot);
    List<BowTrouble> troubles = passage().study().bow().troubles();
    assertThat(troubles).extracting(BowTrouble::kind).contains(BowTrouble.Kind.RUNS_OUT);
    BowTrouble first = troubles.get(0);
    robot.interact(() -> passage().select(0));
    waitFor(() -> robot.lookup("#mend-0-0").tryQuery().isPresent());
    Button toTrouble =
        robot.lookup("#trouble-" + first.kind().sign() + "-" + first.firstNote()).queryButton();
    robot.interact(toTrouble::fire);
    Optional<Integer> there = Optional.of(first.firstNote());
    waitFor(() -> passage().selection().noteProperty().get().equals(there));
    waitFor(() -> robot.lookup("#mend-0-0").tryQuery().isPresent());
    assertThat(said(robot)).contains(first.text());
    robot.clickOn("#mend-0-0");
    waitFor(() -> passage().study().bow().troubles().size() < troubles.size());
    assertThat(passage().study().bow().troubles())
        .noneMatch(t -> t.kind() == BowTrouble.Kind.RUNS_OUT && t.firstNote() == first.firstNote());
    robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
    waitFor(() -> passage().study().bow().troubles().size() == troubles.size());
  }

  private void typeAndWait(FxRobot robot, KeyCode key, Predicate<Stroke> done, int note) {
    robot.type(key);
    waitFor(() -> done.test(stroke(note)));
  }

  private Stroke stroke(int note) {
    return passage().study().bow().strokes().get(passage().study().bow().strokeOf(note));
  }

  @Test
  void strokesAreDecidedByKeysFreedAndTakenBack(FxRobot robot) throws Exception {
    addScore(robot, "(D5/4 E5/4 F5/4 G5/4) | A5/4 B5/4 A5/4 G5/4 | F5/1", "80");
    goToBow(robot);
    robot.interact(() -> passage().select(4));
    typeAndWait(robot, KeyCode.U, s -> s.direction() == BowDirection.UP, 4);
    typeAndWait(robot, KeyCode.D, s -> s.direction() == BowDirection.DOWN, 4);
    typeAndWait(robot, KeyCode.R, Stroke::retakeBefore, 4);
    robot.type(KeyCode.DELETE);
    waitFor(() -> passage().study().choices().bow().strokes().isEmpty());
    robot.interact(() -> passage().select(1));
    typeAndWait(robot, KeyCode.S, s -> s.lastNote() == 1, 1);
    robot.interact(() -> passage().select(5));
    typeAndWait(robot, KeyCode.J, s -> s.firstNote() == 4, 5);
    robot.interact(() -> passage().select(6));
    typeAndWait(robot, KeyCode.H, s -> s.direction() == stroke(5).direction(), 6);
    robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
    waitFor(() -> passage().study().choices().bow().strokes().size() == 2);
  }

  @Test
  void anotherWayIsTakenByAClick(FxRobot robot) throws Exception {
    addScore(robot);
    goToBow(robot);
    robot.interact(() -> passage().select(1));
    waitFor(() -> robot.lookup("#other-stroke-0").tryQuery().isPresent());
    robot.clickOn("#other-stroke-0");
    waitFor(() -> passage().study().choices().bow().strokes().size() == 1);
  }

  @Test
  void aSchoolIsChosenAndBowingsAreCompared(FxRobot robot) throws Exception {
    addScore(robot, "(D5/2 E5/2 | F5/2 G5/2 | A5/1) | C6/1", "44");
    goToBow(robot);
    robot.clickOn("#compare-bowings");
    waitFor(() -> robot.lookup("#compare-bowings-pane").tryQuery().isPresent());
    robot.clickOn("#take-bowing-right");
    waitFor(() -> passage().study().bow().school() == BowSchool.FREE);
    assertThat(passage().study().bow().strokes()).hasSizeGreaterThan(2);
    robot.clickOn("#school-printed");
    waitFor(() -> passage().study().bow().school() == BowSchool.PRINTED);
    assertThat(passage().study().bow().strokes()).hasSize(2);
  }

  @Test
  void theTempoSwitchShowsTheSameStrokeAtARung(FxRobot robot) throws Exception {
    addScore(robot);
    goToBow(robot);
    robot.interact(() -> passage().select(1));
    double slow = passage().study().practice().ladder().rungs().get(1);
    ComboBox<Double> tempo = robot.lookup("#bow-tempo").queryComboBox();
    robot.interact(() -> tempo.setValue(slow));
    waitFor(() -> passage().bow().rungProperty().get().orElse(0) == slow);
    waitFor(() -> said(robot).contains(String.format(Locale.ROOT, "at %.0f", slow)));
  }

  @Test
  void aPatternIsOfferedForThePhraseAndTakenByAClick(FxRobot robot) throws Exception {
    addScore(robot, "C5/8 D5/8 E5/8 F5/8 G5/8 F5/8 E5/8 D5/8 | C5/8 E5/8 G5/8 E5/8 C5/2", "96");
    goToBow(robot);
    waitFor(() -> robot.lookup("#ask-patterns").tryQuery().isPresent());
    robot.type(KeyCode.G);
    waitFor(() -> robot.lookup("#pattern-half-bar").tryQuery().isPresent());
    robot.interact(() -> ((Button) robot.lookup("#pattern-half-bar").query()).fire());
    waitFor(() -> passage().study().bow().strokes().get(0).lastNote() == 3);
    waitFor(
        () ->
            robot.lookup("#patterns .label").queryAll().stream()
                .anyMatch(n -> ((Labeled) n).getText().equals("By the half bar, as it is now")));
    robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
    waitFor(() -> passage().study().bow().strokes().get(0).lastNote() == 0);
  }

  @Test
  void aDecisionIsTakenForAllFiguresLikeIt(FxRobot robot) throws Exception {
    String figure = "C5/16 D5/16 E5/16 C5/16 ";
    addScore(robot, figure + "D5/16 E5/16 F5/16 D5/16 G5/2 | " + figure + "G5/2.", "96");
    goToBow(robot);
    robot.interact(() -> passage().select(1));
    robot.type(KeyCode.J);
    waitFor(() -> robot.lookup("#decide-like").tryQuery().isPresent());
    robot.interact(() -> ((Button) robot.lookup("#decide-like").query()).fire());
    waitFor(() -> passage().study().bow().groups().joined()[10]);
    waitFor(() -> robot.lookup("#decide-like").tryQuery().isEmpty());
  }
}
