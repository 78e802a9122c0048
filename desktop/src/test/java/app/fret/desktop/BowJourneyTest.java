package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.BowTrouble;
import app.fret.bow.Stroke;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
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
    assertThat(said(robot))
        .contains("on the bow", "amount", "speed", "Why so", "Other ways: extra effort")
        .anyMatch(w -> w.matches("0\\.\\d\\d to 0\\.\\d\\d \\(frog 0, tip 1\\)"))
        .anyMatch(w -> w.matches("\\d+ cm, \\d+ % of the hair"))
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
    robot.clickOn("#trouble-" + first.kind().sign() + "-" + first.firstNote());
    Optional<Integer> there = Optional.of(first.firstNote());
    waitFor(() -> passage().selection().noteProperty().get().equals(there));
    assertThat(said(robot)).anyMatch(w -> w.contains(first.mend()));
  }
}
