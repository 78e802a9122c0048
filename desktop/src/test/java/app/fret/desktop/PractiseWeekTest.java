package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.BookException;
import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.model.work.Workers;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.view.FretWindow;
import app.fret.desktop.view.station.Station;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.CardKind;
import app.fret.study.Study;
import java.io.IOException;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicReference;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;

/** A week of practice in the real window, card by card, by a clock that the test moves on. */
class PractiseWeekTest extends Journey {
  private static final int WEEK = 7;

  private final MovingClock clock = new MovingClock("2026-11-26T08:00:00Z");

  @Override
  void open() throws BookException, TimeoutException {
    FxToolkit.setupFixture(
        () -> {
          try {
            book = DemoBook.open(clock);
          } catch (IOException | BookException e) {
            throw new IllegalStateException(e);
          }
          desk = new Desk(book, clock, Workers.threads(Platform::runLater, mistakes::add));
          window = new FretWindow(desk);
          stage.setScene(FretApplication.scene(window));
          stage.show();
        });
  }

  private PracticeDay day() {
    return passage().day().orElseThrow();
  }

  private DayView seen() {
    return day().seenProperty().get().orElseThrow();
  }

  @Test
  void everyCardOfAWeekHasMusicOrWordsTempoAndMinutes(FxRobot robot) {
    robot.interact(() -> desk.open(desk.programme().get(0)));
    waitFor(() -> desk.openProperty().get().isPresent());
    robot.interact(() -> window.show(Station.PRACTISE));
    waitFor(() -> robot.lookup("#practise-station").tryQuery().isPresent());
    waitFor(() -> day().seenProperty().get().isPresent());
    Set<CardKind> played = new TreeSet<>();
    int daysOff = 0;
    for (int i = 0; i < WEEK; i++) {
      LocalDate today = LocalDate.now(clock);
      waitFor(() -> seen().schedule().days().get(0).date().equals(today));
      List<DayTask> tasks = seen().tasks();
      daysOff += tasks.isEmpty() ? 1 : 0;
      assertThat(seen().minutes()).isLessThanOrEqualTo(seen().learner().minutesPerDay());
      for (DayTask task : tasks) {
        play(robot, task);
        played.add(task.card().kind());
      }
      assertThat(seen().done()).isEqualTo(tasks.size());
      clock.move(Duration.ofDays(1));
      robot.interact(desk::wakeUp);
    }
    assertThat(daysOff).as("Sundays are off").isEqualTo(1);
    assertThat(played).contains(CardKind.WARM_UP, CardKind.DRILL, CardKind.LADDER);
    waitFor(() -> seen().today().isEmpty());
  }

  /** Looks at a card as a player would, plays its passes and ticks it off. */
  private void play(FxRobot robot, DayTask task) {
    int number = task.number();
    robot.interact(() -> day().choose(number));
    waitFor(() -> day().openProperty().get() == number);
    task.card()
        .item()
        .ifPresent(
            item ->
                waitFor(
                    () ->
                        desk.openProperty()
                            .get()
                            .filter(p -> item.id().equals(String.valueOf(p.opened().entry().id())))
                            .isPresent()));
    assertThat(task.card().minutes()).isPositive();
    assertThat(task.card().reason()).isNotBlank();
    waitFor(() -> !text(robot, "#open-card-title").isBlank());
    if (task.card().perMinute().isPresent()) {
      waitFor(() -> text(robot, "#rung-tempo").matches(".+ = \\d.*"));
      Study study = music(robot);
      assertThat(study.notes()).isNotEmpty();
      assertThat(study.leftHand().notes()).hasSameSizeAs(study.notes());
      // A full card lays the next passage on the desk.
      PassageDesk here = passage();
      int before = here.passes().entries().size();
      robot.type(number % 3 == 2 ? KeyCode.M : KeyCode.C);
      waitFor(() -> here.passes().entries().size() == before + 1);
      clock.move(Duration.ofMinutes(1));
    }
    if (!seen().tasks().get(number).isDone()) {
      robot.interact(() -> day().tick(number, true));
      waitFor(() -> seen().tasks().get(number).isDone());
    }
    assertThat(passage().mistakeProperty().get()).isEmpty();
  }

  private static Study music(FxRobot robot) {
    AtomicReference<Study> seen = new AtomicReference<>();
    waitFor(
        () -> {
          ScoreView score = robot.lookup("#card-score").queryAs(ScoreView.class);
          seen.set(score.studyProperty().get().orElse(null));
          return seen.get() != null;
        });
    return seen.get();
  }
}
