package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.PassageNote;
import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.view.station.Station;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.FixedCard;
import app.fret.practice.schedule.Round;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;

/** A week, rounds, a list by lot and notes are agreed on in the real window. */
class AgreedJourneyTest extends Journey {
  private PracticeDay day() {
    return passage().day().orElseThrow();
  }

  private DayView seen() {
    return day().seenProperty().get().orElseThrow();
  }

  private void openPane(FxRobot robot) throws Exception {
    addScore(robot);
    waitFor(() -> day().seenProperty().get().isPresent());
    robot.press(KeyCode.CONTROL).type(KeyCode.G).release(KeyCode.CONTROL);
    waitFor(() -> robot.lookup("#agreed-pane").tryQuery().isPresent());
  }

  @Test
  @SuppressWarnings("unchecked")
  void aCardIsSetForADayMovedAndTakenOff(FxRobot robot) throws Exception {
    openPane(robot);
    DayOfWeek today = passage().today().getDayOfWeek();
    robot.interact(
        () -> {
          robot.lookup("#week-day").queryAs(ChoiceBox.class).setValue(today);
          robot.lookup("#week-minutes").queryAs(Spinner.class).getValueFactory().setValue(7);
          robot.lookup("#week-words").queryAs(TextField.class).setText("thumb loose");
        });
    robot.clickOn("#week-add");
    waitFor(() -> seen().learner().week().size() == 1);
    FixedCard set = seen().learner().week().get(0);
    assertThat(set.minutes()).isEqualTo(7);
    assertThat(set.kind()).isEqualTo(CardKind.LADDER);
    waitFor(
        () -> seen().tasks().stream().anyMatch(t -> t.card().reason().endsWith("s: thumb loose")));
    robot.clickOn("#week-later");
    waitFor(() -> seen().learner().week().get(0).weekday() == today.plus(1));
    robot.clickOn("#week-remove");
    waitFor(() -> seen().learner().week().isEmpty());
  }

  @Test
  void aRoundIsAskedWithItsListAndAListIsDrawnFromIt(FxRobot robot) throws Exception {
    openPane(robot);
    robot.clickOn("#round-add");
    assertThat(text(robot, "#agreed-fault")).contains("needs a name, a date");
    LocalDate on = passage().today().plusDays(20);
    String id = String.valueOf(passage().opened().entry().id());
    robot.interact(
        () -> {
          robot.lookup("#round-name").queryAs(TextField.class).setText("first round");
          robot.lookup("#round-date").queryAs(DatePicker.class).setValue(on);
          robot.lookup("#round-of-" + id).queryAs(ToggleButton.class).setSelected(true);
        });
    robot.clickOn("#round-add");
    waitFor(() -> seen().rounds().size() == 1);
    assertThat(seen().rounds()).containsExactly(new Round("first round", on, List.of(id)));
    waitFor(() -> seen().outlook(Long.parseLong(id)).orElseThrow().item().due().isPresent());
    robot.clickOn("#draw");
    waitFor(() -> text(robot, "#drawn-list").startsWith("Today: "));
    assertThat(seen().tasks()).anyMatch(t -> t.card().reason().startsWith("drawn by lot, 1 of 1"));
    robot.clickOn("#drawn-drop");
    waitFor(() -> text(robot, "#drawn-list").isEmpty());
  }

  @Test
  void aNoteHoldsItsPlaceInAVideoAndStandsBesideTheCard(FxRobot robot) throws Exception {
    addScore(robot);
    waitFor(() -> day().seenProperty().get().isPresent());
    robot.interact(window.dialogs()::showNotes);
    write(robot, "#note-words", "lighter here");
    write(robot, "#note-time", "12:34");
    robot.clickOn("#note-add");
    assertThat(text(robot, "#notes-fault")).isEqualTo("Name the file of the video, too.");
    write(robot, "#note-video", "lesson.mp4");
    robot.clickOn("#note-add");
    waitFor(() -> day().notesProperty().get().size() == 1);
    PassageNote note = day().notesProperty().get().get(0);
    assertThat(note.line()).isEqualTo("teacher: lighter here (lesson.mp4 at 12:34)");
    robot.clickOn("#notes-close");
    robot.interact(() -> window.show(Station.PRACTISE));
    waitFor(
        () ->
            !seen()
                .outlook(passage().opened().entry().id())
                .orElseThrow()
                .item()
                .agreed()
                .notes()
                .isEmpty());
    waitFor(
        () -> robot.lookup("Teacher: lighter here (lesson.mp4 at 12:34).").tryQuery().isPresent());
  }

  private static void write(FxRobot robot, String field, String words) {
    robot.interact(() -> robot.lookup(field).queryAs(TextField.class).setText(words));
  }
}
