package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.model.Preview;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.work.Workers;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.Executor;
import javafx.application.Platform;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/** Music is seen while it is still being planned. */
class PreviewTest extends Journey {
  private static final String OTHER = "A4/4 B4/4 C5/4 D5/4 | E5/2 D5/2 | C5/1";

  private final Queue<Runnable> held = new ConcurrentLinkedQueue<>();
  private volatile boolean isHeldUp;

  @Override
  Workers workers() {
    Executor slow =
        task -> {
          if (isHeldUp) {
            held.add(task);
          } else {
            Platform.runLater(task);
          }
        };
    return Workers.threads(slow, mistakes::add);
  }

  private void letGo() {
    isHeldUp = false;
    for (Runnable next = held.poll(); next != null; next = held.poll()) {
      Platform.runLater(next);
    }
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
    isHeldUp = true;
    robot.interact(() -> desk.open(desk.programme().get(0)));
    waitFor(() -> !held.isEmpty());
    robot.interact(() -> held.poll().run());
  }

  @Test
  void itStandsThereWithTheFingersOfLastTime(FxRobot robot) throws Exception {
    askForTheFirst(robot);
    Preview preview = desk.previewProperty().get().orElseThrow();
    assertThat(preview.isMarked()).isTrue();
    assertThat(preview.music().events()).hasSize(11);
    assertThat(robot.lookup("#preview").tryQuery()).isPresent();
    assertThat(robot.lookup("#left-hand-station").tryQuery()).isEmpty();
    letGo();
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
    letGo();
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
    letGo();
  }
}
