package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.score.Finger;
import java.util.List;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/** A finger chosen in one figure is offered for the same figure on other degrees. */
class LikeFigureJourneyTest extends Journey {
  private static final String SEQUENCE =
      "C5/8 E5/8 D5/8 F5/8 E5/8 G5/8 F5/8 A5/8 | E5/8 G5/8 F5/8 A5/8 G5/8 B5/8 A5/8 C6/8 | D5/1";

  @Test
  void theFingerOfOneFigureIsPinnedInTheOthersByAButton(FxRobot robot) throws Exception {
    addScore(robot, SEQUENCE, "80");
    robot.interact(() -> passage().select(1));
    robot.interact(() -> passage().leftHand().pin(Pin.finger(1, Finger.THIRD)));
    waitFor(() -> robot.lookup("#pin-like").tryQuery().isPresent());
    assertThat(robot.lookup("#pin-like").queryAs(Labeled.class).getText())
        .startsWith("Same finger in bar");
    List<PinAt> before = passage().study().choices().pins();
    robot.clickOn("#pin-like");
    waitFor(() -> passage().study().choices().pins().size() > before.size());
    assertThat(passage().study().choices().pins()).containsAll(before);
    assertThat(passage().study().leftHand().notes().get(1).placement().top().finger())
        .isEqualTo(Finger.THIRD);
    robot.press(KeyCode.CONTROL).type(KeyCode.Z).release(KeyCode.CONTROL);
    waitFor(() -> passage().study().choices().pins().equals(before));
  }
}
