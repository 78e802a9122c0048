package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.OtherItem;
import app.fret.book.OtherItem.Heard;
import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.view.station.Station;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.CardKind;
import java.util.List;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/** Studies, recordings and scales are added, come up and are noted, in the real window. */
class BesidesJourneyTest extends Journey {
  private PracticeDay day() {
    return passage().day().orElseThrow();
  }

  private DayView seen() {
    return day().seenProperty().get().orElseThrow();
  }

  private void openPane(FxRobot robot) throws Exception {
    addScore(robot);
    waitFor(() -> day().seenProperty().get().isPresent());
    robot.press(KeyCode.CONTROL).type(KeyCode.B).release(KeyCode.CONTROL);
    waitFor(() -> robot.lookup("#besides-pane").tryQuery().isPresent());
  }

  private void add(FxRobot robot, int kind, String title) {
    robot.interact(
        () -> {
          robot.lookup("#besides-kind").queryAs(ChoiceBox.class).getSelectionModel().select(kind);
          robot.lookup("#besides-title").queryAs(TextField.class).setText(title);
        });
    robot.clickOn("#besides-add");
  }

  private DayTask listening() {
    List<DayTask> tasks =
        seen().tasks().stream().filter(t -> t.card().kind() == CardKind.LISTENING).toList();
    assertThat(tasks).hasSize(1);
    return tasks.get(0);
  }

  @Test
  void aRecordingComesUpAndTakesDownWhatIsHeard(FxRobot robot) throws Exception {
    openPane(robot);
    robot.clickOn("#besides-add");
    assertThat(text(robot, "#besides-fault")).isEqualTo("Give it a title.");
    add(robot, 1, "Two recordings");
    waitFor(() -> seen().others().size() == 1);
    robot.clickOn("#besides-close");
    robot.interact(() -> window.show(Station.PRACTISE));
    robot.interact(() -> day().choose(listening().number()));
    waitFor(() -> robot.lookup("#heard-bowings").tryQuery().isPresent());
    robot.clickOn("#heard-bowings").write("slurs by the bar").type(KeyCode.ENTER);
    robot.clickOn("#heard-shape").write("to the top").type(KeyCode.ENTER);
    for (int i = 0; i < 4; i++) {
      robot.clickOn("#heard-tap");
    }
    waitFor(() -> seen().others().get(0).heard().perMinute().isPresent());
    Heard heard = seen().others().get(0).heard();
    assertThat(heard.bowings()).isEqualTo("slurs by the bar");
    assertThat(heard.shape()).isEqualTo("to the top");
    assertThat(text(robot, "#heard-tempo")).matches("\\d+ beats a minute");
    assertThat(book.otherItems(passage().opened().owner().id()).rows().get(0).heard())
        .isEqualTo(heard);
    int number = listening().number();
    robot.interact(() -> day().tick(number, true));
    waitFor(() -> listening().isDone());
    assertThat(robot.lookup("#heard-fields").tryQuery()).as("the next card is open").isEmpty();
  }

  @Test
  void whatIsTakenOffIsGone(FxRobot robot) throws Exception {
    openPane(robot);
    add(robot, 0, "Study in thirds");
    waitFor(() -> seen().others().size() == 1);
    OtherItem item = seen().others().get(0);
    assertThat(item.kind()).isEqualTo(OtherItem.Kind.STUDY);
    robot.clickOn("#besides-remove-" + item.id());
    waitFor(() -> seen().others().isEmpty());
  }

  @Test
  void aScaleIsAPassageWithALadderOfItsOwn(FxRobot robot) throws Exception {
    openPane(robot);
    robot.interact(
        () ->
            robot.lookup("#scale-octaves").queryAs(ChoiceBox.class).getSelectionModel().select(3));
    robot.clickOn("#scale-add");
    assertThat(text(robot, "#besides-fault")).isEqualTo("the violin has 3 octaves of C, not 4");
    robot.interact(
        () -> {
          robot.lookup("#scale-letter").queryAs(ChoiceBox.class).getSelectionModel().select(1);
          robot.lookup("#scale-octaves").queryAs(ChoiceBox.class).getSelectionModel().select(2);
        });
    robot.clickOn("#scale-add");
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    assertThat(robot.lookup("#add-title").queryAs(TextField.class).getText())
        .isEqualTo("D major, 3 octaves");
    robot.interact(() -> robot.lookup("#add-per-minute").queryAs(TextField.class).setText("120"));
    robot.clickOn("#add-confirm");
    waitFor(() -> desk.programme().size() == 2);
    waitFor(() -> passage().opened().entry().title().equals("D major, 3 octaves"));
    assertThat(passage().study().notes()).hasSize(43);
    assertThat(passage().study().practice().ladder().rungs()).startsWith(60.0).endsWith(120.0);
  }
}
