package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.Book;
import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Workers;
import app.fret.desktop.view.FretWindow;
import app.fret.desktop.view.station.Station;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Walks the demo book as a player does and reports how long the window's thread was kept from
 * anything else. Run by {@code ./fret bench journeys}; it is no test, for machines are noisy.
 */
@ExtendWith(ApplicationExtension.class)
class JourneyStalls {
  private static final int SETTLE_MS = 600;
  private static final int ASK_EVERY_MS = 3;

  private final List<Throwable> mistakes = new CopyOnWriteArrayList<>();
  private final AtomicLong longestNanos = new AtomicLong();
  private final Map<String, Long> stallsMs = new LinkedHashMap<>();
  private volatile boolean watching = true;
  private Desk desk;
  private FretWindow window;

  @Test
  void walk(FxRobot robot) throws Exception {
    Book book = DemoBook.open(Clock.systemDefaultZone());
    FxToolkit.setupFixture(
        () -> {
          desk =
              new Desk(
                  book,
                  Clock.systemDefaultZone(),
                  Workers.threads(Platform::runLater, mistakes::add));
          window = new FretWindow(desk);
          Stage stage = new Stage();
          stage.setScene(FretApplication.scene(window));
          stage.show();
        });
    Thread watch = new Thread(this::watch, "stall-watch");
    watch.setDaemon(true);
    watch.start();
    for (String round : List.of("first", "second")) {
      for (int passage = 0; passage < desk.programme().size(); passage++) {
        walk(robot, round, passage);
      }
    }
    watching = false;
    report();
    desk.close();
    assertThat(mistakes).isEmpty();
  }

  private void walk(FxRobot robot, String round, int passage) {
    step(robot, round + " open", () -> desk.open(desk.programme().get(passage)));
    for (Station station : Station.ALL) {
      step(robot, round + " go to " + station.words(), () -> window.show(station));
    }
    step(robot, round + " back to Left hand", () -> window.show(Station.LEFT_HAND));
    PassageDesk open = desk.openProperty().get().orElseThrow();
    step(robot, round + " walk ten notes", () -> repeat(10, () -> open.perform(Command.NEXT_NOTE)));
    step(robot, round + " pin", () -> open.perform(Command.PIN_AS_SHOWN));
    step(robot, round + " undo", () -> open.perform(Command.UNDO));
    step(robot, round + " another profile", () -> open.leftHand().setProfile("brilliant"));
    step(robot, round + " and back", () -> open.perform(Command.UNDO));
    step(robot, round + " compare", () -> ((Button) window.lookup("#compare-plans")).fire());
    WaitForAsyncUtils.sleep(2, TimeUnit.SECONDS);
    step(
        robot,
        round + " close the comparison",
        () -> {
          if (window.lookup("#compare-close") instanceof Button close) {
            close.fire();
          }
        });
  }

  private static void repeat(int times, Runnable action) {
    for (int i = 0; i < times; i++) {
      action.run();
    }
  }

  private void step(FxRobot robot, String name, Runnable action) {
    WaitForAsyncUtils.sleep(SETTLE_MS, TimeUnit.MILLISECONDS);
    longestNanos.set(0);
    robot.interact(action);
    WaitForAsyncUtils.sleep(SETTLE_MS, TimeUnit.MILLISECONDS);
    stallsMs.merge(name, longestNanos.get() / 1_000_000, Math::max);
  }

  /** Asks the window's thread again and again how long it takes to answer. */
  private void watch() {
    while (watching) {
      long asked = System.nanoTime();
      Platform.runLater(() -> longestNanos.accumulateAndGet(System.nanoTime() - asked, Math::max));
      WaitForAsyncUtils.sleep(ASK_EVERY_MS, TimeUnit.MILLISECONDS);
    }
  }

  private void report() {
    System.out.println("Longest stall of the window's thread over all passages, ms");
    stallsMs.forEach((step, ms) -> System.out.printf("%6d  %s%n", ms, step));
  }
}
