package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.model.Preview;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.work.Workers;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import javafx.application.Platform;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/** Music is seen while it is still being planned. */
class PreviewTest extends Journey {
  private static final String OTHER = "A4/4 B4/4 C5/4 D5/4 | E5/2 D5/2 | C5/1";

  private final HeldUp seen = new HeldUp(Platform::runLater);

  @Override
  Workers workers() {
    return Workers.threads(seen, mistakes::add);
  }

  private Path otherScore() {
    try {
      return score(OTHER);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Two passages lie in the book, the second open, and the first is asked for. */
  private void askForTheFirst(FxRobot robot) throws Exception {
    addScore(robot);
    long first = passage().opened().entry().id();
    robot.interact(() -> window.dialogs().add(otherScore()));
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.interact(() -> robot.lookup("#add-per-minute").queryAs(TextField.class).setText("80"));
    robot.clickOn("#add-confirm");
    waitFor(() -> passage().opened().entry().id() != first && desk.isIdle());
    seen.hold();
    robot.interact(() -> desk.open(desk.programme().get(0)));
    waitFor(seen::holdsSomething);
    robot.interact(seen::runNext);
  }

  @Test
  void itStandsThereWithTheFingersOfLastTime(FxRobot robot) throws Exception {
    askForTheFirst(robot);
    Preview preview = desk.previewProperty().get().orElseThrow();
    assertThat(preview.isMarked()).isTrue();
    assertThat(preview.music().events()).hasSize(11);
    assertThat(robot.lookup("#preview").tryQuery()).isPresent();
    assertThat(robot.lookup("#left-hand-station").tryQuery()).isEmpty();
    seen.letGo();
    waitFor(() -> desk.previewProperty().get().isEmpty());
    assertThat(robot.lookup("#preview").tryQuery()).isEmpty();
    assertThat(robot.lookup("#left-hand-station").tryQuery()).isPresent();
  }

  @Test
  void noKeyWorksOnWhatIsNotSeen(FxRobot robot) throws Exception {
    askForTheFirst(robot);
    int note = passage().selection().noteProperty().get().orElse(0);
    robot.type(KeyCode.RIGHT);
    assertThat(passage().selection().noteProperty().get().orElse(0)).isEqualTo(note);
    seen.letGo();
    waitFor(() -> desk.previewProperty().get().isEmpty());
    robot.interact(() -> passage().perform(Command.UNDO));
  }

  @Test
  void whatLiesOpenComesBackWhereTheOtherIsNoLongerWanted(FxRobot robot) throws Exception {
    askForTheFirst(robot);
    robot.interact(() -> desk.open(desk.programme().get(1)));
    assertThat(robot.lookup("#preview").tryQuery()).isEmpty();
    assertThat(robot.lookup("#left-hand-station").tryQuery()).isPresent();
    assertThat(text(robot, "#passage-title")).isEqualTo(passage().study().passage().title());
    seen.letGo();
  }
}
