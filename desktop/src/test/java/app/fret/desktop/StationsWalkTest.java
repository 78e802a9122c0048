package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.FretWindow;
import app.fret.desktop.view.station.Station;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.stage.Stage;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.testfx.api.FxRobot;

/** A station that was left while things changed shows, when it comes back, what a new one would. */
@Timeout(value = 120, unit = TimeUnit.SECONDS)
class StationsWalkTest extends Journey {
  private static final String TUNE =
      "A4/16 B4/16 C5/16 D5/16 E5/16 F5/16 G5/16 A5/16 B5/16 C6/16 D6/16 E6/16 D6/4"
          + " | F5/4 D5/4 B4/4 G4/4 | E6/2 D6/2 | C6/1";

  /** What changes while another station is seen. */
  private static final List<Consumer<PassageDesk>> CHANGES =
      List.of(
          desk -> desk.selection().noteProperty().set(Optional.of(9)),
          desk -> desk.leftHand().setProfile("singing"),
          desk -> desk.day().orElseThrow().choose(1),
          desk -> desk.perform(Command.CLEAN),
          desk -> desk.perform(Command.UNDO));

  static List<Station> stations() {
    return Station.ALL;
  }

  @ParameterizedTest
  @MethodSource("stations")
  void itIsNeverStale(Station station, FxRobot robot) throws Exception {
    addScore(robot, TUNE, "96");
    waitFor(() -> desk.isIdle());
    Station elsewhere = station == Station.BOW ? Station.READ : Station.BOW;
    for (Consumer<PassageDesk> change : CHANGES) {
      robot.interact(() -> window.show(station));
      waitFor(() -> desk.isIdle());
      robot.interact(() -> window.show(elsewhere));
      robot.interact(() -> change.accept(passage()));
      waitFor(() -> desk.isIdle());
      robot.interact(() -> window.show(station));
      waitFor(() -> desk.isIdle());
      assertThat(words(window)).isNotEmpty().isEqualTo(ofANewWindow(station, robot));
    }
  }

  private List<String> ofANewWindow(Station station, FxRobot robot) {
    List<String> words = new ArrayList<>();
    Stage[] second = new Stage[1];
    FretWindow[] other = new FretWindow[1];
    robot.interact(
        () -> {
          second[0] = new Stage();
          other[0] = new FretWindow(desk);
          second[0].setScene(FretApplication.scene(other[0]));
          second[0].show();
          other[0].show(station);
        });
    waitFor(() -> desk.isIdle());
    words.addAll(words(other[0]));
    robot.interact(() -> second[0].close());
    return words;
  }

  /** All that a window says, in order. */
  private static List<String> words(Node node) {
    List<String> words = new ArrayList<>();
    collect(node, words);
    return words;
  }

  private static void collect(Node node, List<String> words) {
    if (!node.isVisible()) {
      return;
    }
    if (node instanceof Labeled labeled && labeled.getText() != null) {
      words.add(labeled.getText());
    }
    if (node instanceof Parent parent) {
      parent.getChildrenUnmodifiable().forEach(child -> collect(child, words));
    }
  }
}
