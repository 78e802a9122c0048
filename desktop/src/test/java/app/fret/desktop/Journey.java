package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Workers;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.view.FretWindow;
import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.testing.Music;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.service.query.EmptyNodeQueryException;
import org.testfx.util.WaitForAsyncUtils;

/** The real window over a book of its own, with what journeys through it need. */
@ExtendWith(ApplicationExtension.class)
abstract class Journey {
  static final Clock CLOCK = Clock.fixed(Instant.parse("2026-11-20T16:00:00Z"), ZoneOffset.UTC);

  @TempDir Path folder;
  final List<Throwable> mistakes = new CopyOnWriteArrayList<>();
  Stage stage;
  Book book;
  Desk desk;
  FretWindow window;

  @BeforeEach
  void openWindow() throws BookException, TimeoutException {
    stage = FxToolkit.registerPrimaryStage();
    open();
  }

  void open() throws BookException, TimeoutException {
    book = Book.open(folder.resolve("journey.fretbook"));
    FxToolkit.setupFixture(
        () -> {
          desk = new Desk(book, CLOCK, workers());
          window = new FretWindow(desk);
          stage.setScene(FretApplication.scene(window));
          stage.show();
        });
  }

  /** The threads of the window; a test may hold some of them up. */
  Workers workers() {
    return Workers.threads(Platform::runLater, mistakes::add);
  }

  @AfterEach
  void closeWindow() throws TimeoutException {
    FxToolkit.setupFixture(() -> stage.hide());
    desk.close();
    assertThat(mistakes).isEmpty();
  }

  /** Another passage brings its own panels, so that what is looked for may be gone for a moment. */
  static void waitFor(Callable<Boolean> condition) {
    try {
      WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> isSo(condition));
    } catch (TimeoutException e) {
      throw new AssertionError("it did not happen within a minute", e);
    }
    WaitForAsyncUtils.waitForFxEvents();
  }

  private static boolean isSo(Callable<Boolean> condition) throws Exception {
    try {
      return condition.call();
    } catch (EmptyNodeQueryException e) {
      return false;
    }
  }

  Path score(String words) throws IOException {
    Path file = folder.resolve("étude 4.musicxml");
    try (OutputStream out = Files.newOutputStream(file)) {
      new MusicXmlWriter().write(Music.passage(words), out);
    }
    return file;
  }

  PassageDesk passage() {
    return desk.openProperty().get().orElseThrow();
  }

  static String text(FxRobot robot, String query) {
    return robot.lookup(query).queryAs(Label.class).getText();
  }

  /** Adds a file as a new player would. */
  void addScore(FxRobot robot) throws IOException {
    addScore(robot, "D5/4 E5/4 F5/4 G5/4 | A5/4 B5/4 C6/4 D6/4 | E6/2 D6/2 | C6/1", "112");
  }

  void addScore(FxRobot robot, String words, String perMinute) throws IOException {
    Path file = score(words);
    robot.interact(() -> window.dialogs().add(file));
    waitFor(() -> robot.lookup("#add-pane").tryQuery().isPresent());
    robot.interact(() -> robot.lookup("#add-title").queryAs(TextField.class).setText("Study 4"));
    robot.clickOn("#add-new-player").write("Oda Merrin");
    robot.interact(
        () -> robot.lookup("#add-per-minute").queryAs(TextField.class).setText(perMinute));
    robot.clickOn("#add-confirm");
    waitFor(() -> desk.openProperty().get().isPresent());
    waitFor(() -> score().isPresent());
    waitFor(() -> score().get().screenPointOf(0).isPresent());
  }

  /** The engraved score of the left hand, once it is there. */
  Optional<ScoreView> score() {
    return Optional.ofNullable((ScoreView) window.lookup("#left-hand-score"));
  }
}
