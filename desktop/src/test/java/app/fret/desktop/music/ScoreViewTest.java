package app.fret.desktop.music;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.desktop.FretApplication;
import app.fret.desktop.music.lane.Lanes;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxToolkit;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

@ExtendWith(ApplicationExtension.class)
class ScoreViewTest {
  private static final int BARS = 24;
  private static final int LAST_NOTE = BARS * 8 - 1;

  /** Layouts that were asked for and wait until the test lets them go. */
  private final Queue<Runnable> waiting = new ConcurrentLinkedQueue<>();

  private Study study;
  private Stage stage;
  private ScoreView view;

  @BeforeEach
  void openWindow() throws Exception {
    String bar = "D5/8 E5/8 F5/8 G5/8 A5/8 G5/8 F5/8 E5/8";
    study =
        Study.of(
            Music.passage((bar + " | ").repeat(BARS - 1) + bar),
            Player.of("", Instruments.named("violin")),
            Choices.at(new Tempo(BeatUnit.QUARTER, 96)));
    FxToolkit.setupFixture(
        () -> {
          stage = new Stage();
          view = new ScoreView("score", Lanes.LEFT_HAND, ScoreView.LARGE, new Held());
          stage.setScene(FretApplication.scene(new StackPane(view)));
          stage.setWidth(900);
          stage.setHeight(420);
          stage.show();
          view.studyProperty().set(Optional.of(study));
        });
    waitUntil(() -> view.getViewportBounds().getHeight() > 0);
  }

  @AfterEach
  void closeWindow() throws TimeoutException {
    FxToolkit.setupFixture(() -> stage.hide());
  }

  private final class Held implements Background {
    @Override
    public <T> void latest(Object purpose, Supplier<T> work, Consumer<T> show) {
      waiting.add(() -> show.accept(work.get()));
    }
  }

  private void layOut() {
    waitUntil(() -> !waiting.isEmpty());
    WaitForAsyncUtils.asyncFx(
        () -> {
          for (Runnable next = waiting.poll(); next != null; next = waiting.poll()) {
            next.run();
          }
        });
    WaitForAsyncUtils.waitForFxEvents();
  }

  private void onWindow(Runnable action) {
    WaitForAsyncUtils.asyncFx(action);
    WaitForAsyncUtils.waitForFxEvents();
  }

  private static void waitUntil(Supplier<Boolean> condition) {
    try {
      WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, condition::get);
    } catch (TimeoutException e) {
      throw new AssertionError("it did not happen within a minute", e);
    }
    WaitForAsyncUtils.waitForFxEvents();
  }

  private boolean isInView(int note) {
    Bounds seen = view.localToScreen(view.getBoundsInLocal());
    Optional<Point2D> place = view.screenPointOf(note);
    return place.filter(seen::contains).isPresent();
  }

  private static long canvases(Node node) {
    if (node instanceof Parent parent) {
      return parent.getChildrenUnmodifiable().stream().mapToLong(ScoreViewTest::canvases).sum();
    }
    return node instanceof Canvas ? 1 : 0;
  }

  @Test
  void aNoteSelectedBeforeItsMusicIsLaidOutComesIntoView() {
    onWindow(() -> view.selectedNoteProperty().set(Optional.of(LAST_NOTE)));
    assertThat(isInView(LAST_NOTE)).isFalse();
    layOut();
    waitUntil(() -> isInView(LAST_NOTE));
  }

  @Test
  void whoHasScrolledAwayStaysThereWhenTheMusicIsLaidOutAnew() {
    layOut();
    onWindow(() -> view.selectedNoteProperty().set(Optional.of(LAST_NOTE)));
    waitUntil(() -> isInView(LAST_NOTE));
    onWindow(() -> view.setVvalue(0));
    Study changed = study.taking(study.leftHand());
    onWindow(() -> view.studyProperty().set(Optional.of(changed)));
    layOut();
    WaitForAsyncUtils.sleep(100, TimeUnit.MILLISECONDS);
    assertThat(view.getVvalue()).isCloseTo(0, within(1e-9));
  }

  @Test
  void onlyTheSystemsInViewArePainted() {
    layOut();
    waitUntil(() -> canvases(view.getContent()) > 0);
    long systems = ((Parent) view.getContent()).getChildrenUnmodifiable().size();
    long painted = canvases(view.getContent());
    assertThat(systems).isGreaterThan(4);
    assertThat(painted).isBetween(1L, systems / 2);
    onWindow(() -> view.setVvalue(1));
    waitUntil(() -> isInView(LAST_NOTE));
    assertThat(canvases(view.getContent())).isBetween(1L, systems / 2);
  }
}
