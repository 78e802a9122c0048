package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.book.Book;
import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.work.Workers;
import app.fret.desktop.view.FretWindow;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.TimeUnit;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

/**
 * A player with no plan at all: keys, buttons, notes and files at random on the real window. Twenty
 * seconds here; {@code ./fret robot 600} asks for ten minutes, and looks at the heap after the
 * first and at the end.
 */
@ExtendWith(ApplicationExtension.class)
class RandomRobotTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-20T16:00:00Z"), ZoneOffset.UTC);

  private static final int SECONDS = Integer.getInteger("fret.robot.seconds", 20);
  private static final int HEAP_LOOKED_AT_AFTER_SECONDS = 60;

  /** They open a dialog of the system's own, which no robot of ours can close. */
  private static final Set<String> SYSTEM_DIALOGS =
      Set.of(
          "add-passage", "menu", "copy-details", "open-folder", "file-as-section", "file-as-coach");

  private static final List<KeyCode> KEYS =
      List.of(
          KeyCode.LEFT,
          KeyCode.RIGHT,
          KeyCode.RIGHT,
          KeyCode.P,
          KeyCode.DELETE,
          KeyCode.T,
          KeyCode.DIGIT0,
          KeyCode.DIGIT1,
          KeyCode.DIGIT2,
          KeyCode.DIGIT3,
          KeyCode.DIGIT4,
          KeyCode.C,
          KeyCode.M,
          KeyCode.ENTER,
          KeyCode.TAB,
          KeyCode.ESCAPE,
          KeyCode.SPACE,
          KeyCode.F6,
          KeyCode.A,
          KeyCode.D,
          KeyCode.G,
          KeyCode.S,
          KeyCode.Z,
          KeyCode.R,
          KeyCode.K,
          KeyCode.UP,
          KeyCode.BACK_SPACE);

  private static final List<KeyCode> WITH_CONTROL =
      List.of(
          KeyCode.Z,
          KeyCode.Z,
          KeyCode.S,
          KeyCode.DIGIT1,
          KeyCode.DIGIT2,
          KeyCode.DIGIT5,
          KeyCode.N,
          KeyCode.E,
          KeyCode.T,
          KeyCode.M,
          KeyCode.ENTER,
          KeyCode.C,
          KeyCode.V);

  @TempDir private Path folder;
  private final List<Throwable> mistakes = new CopyOnWriteArrayList<>();
  private final Random random = new Random(SECONDS);
  private Desk desk;
  private FretWindow window;
  private Stage stage;

  @Test
  void nothingGoesWrongAndNothingGrows(FxRobot robot) throws Exception {
    Thread.setDefaultUncaughtExceptionHandler((thread, mistake) -> mistakes.add(mistake));
    Book book = DemoBook.open(CLOCK);
    FxToolkit.setupFixture(
        () -> {
          // A stage of our own: of the registered one the library keeps every event, and with it
          // every view that ever lay open.
          stage = new Stage();
          desk = new Desk(book, CLOCK, Workers.threads(Platform::runLater, mistakes::add));
          window = new FretWindow(desk);
          stage.setScene(FretApplication.scene(window));
          stage.show();
          desk.open(desk.programme().get(0));
        });
    Path score = folder.resolve("dropped.musicxml");
    Files.write(score, DemoBook.class.getResourceAsStream("seven-steps.musicxml").readAllBytes());
    long start = System.nanoTime();
    long early = 0;
    int actions = 0;
    for (double passed = 0; passed < SECONDS; passed = secondsSince(start)) {
      act(robot, score);
      assertThat(mistakes).as("after %d actions", actions).isEmpty();
      actions++;
      if (early == 0 && passed > HEAP_LOOKED_AT_AFTER_SECONDS) {
        early = heap();
      }
    }
    long late = heap();
    System.out.printf("robot: %d actions, heap %d kB early, %d kB late%n", actions, early, late);
    assertThat(actions).isGreaterThan(SECONDS);
    if (early > 0) {
      assertThat((double) late / early)
          .as("heap at the end against after a minute")
          .isLessThan(1.1);
    }
    FxToolkit.setupFixture(() -> stage.hide());
    desk.close();
  }

  private static double secondsSince(long nanos) {
    return (System.nanoTime() - nanos) / 1e9;
  }

  /**
   * What is in use after collection, in kB. The toolkit frees the pixels it painted by finalizers,
   * so one collection is not enough: they go on until no more is freed.
   */
  private static long heap() {
    WaitForAsyncUtils.waitForFxEvents();
    long before = Long.MAX_VALUE;
    long used = usedKb();
    while (used < 0.99 * before) {
      before = used;
      for (int i = 0; i < 3; i++) {
        System.gc();
        System.runFinalization();
        WaitForAsyncUtils.sleep(300, TimeUnit.MILLISECONDS);
      }
      used = usedKb();
    }
    return used;
  }

  private static long usedKb() {
    return ManagementFactory.getMemoryMXBean().getHeapMemoryUsage().getUsed() / 1000;
  }

  private <T> T one(List<T> all) {
    return all.get(random.nextInt(all.size()));
  }

  private void act(FxRobot robot, Path score) {
    switch (random.nextInt(14)) {
      case 0 -> control(robot, one(WITH_CONTROL));
      case 1 -> robot.press(KeyCode.SHIFT).type(KeyCode.RIGHT).release(KeyCode.SHIFT);
      case 2 -> robot.press(KeyCode.ALT).type(one(KEYS)).release(KeyCode.ALT);
      case 3 -> clickOnSomething(robot);
      case 4 -> clickOnSomething(robot);
      case 5 -> robot.interact(() -> desk.open(one(desk.programme())));
      case 6 -> resize(robot);
      case 7 -> typeIntoAField(robot);
      case 8 -> drop(robot, score);
      default -> robot.type(one(KEYS));
    }
    WaitForAsyncUtils.sleep(15, TimeUnit.MILLISECONDS);
  }

  private static void control(FxRobot robot, KeyCode key) {
    robot.press(KeyCode.CONTROL).type(key).release(KeyCode.CONTROL);
  }

  private void resize(FxRobot robot) {
    double width = 1100 + random.nextInt(250);
    double height = 700 + random.nextInt(150);
    robot.interact(
        () -> {
          stage.setWidth(width);
          stage.setHeight(height);
        });
  }

  private void drop(FxRobot robot, Path score) {
    if (random.nextInt(10) == 0) {
      robot.interact(() -> window.dialogs().add(score));
    }
  }

  private List<Node> shown(FxRobot robot, String query) {
    List<Node> shown = new ArrayList<>();
    robot.interact(
        () ->
            window.lookupAll(query).stream()
                .filter(n -> n.isVisible() && !n.isDisabled() && isOnScreen(n))
                .forEach(shown::add));
    return shown;
  }

  private boolean isOnScreen(Node node) {
    Point2D middle =
        node.localToScene(
            node.getBoundsInLocal().getCenterX(), node.getBoundsInLocal().getCenterY());
    return window.getBoundsInLocal().contains(middle);
  }

  private void clickOnSomething(FxRobot robot) {
    List<Node> nodes = shown(robot, random.nextBoolean() ? ".button" : ".canvas, .toggle-button");
    nodes.removeIf(n -> n.getId() != null && SYSTEM_DIALOGS.contains(n.getId()));
    nodes.removeIf(n -> n.getId() != null && n.getId().startsWith("restore"));
    if (!nodes.isEmpty()) {
      Node node = one(nodes);
      if (node instanceof ButtonBase button) {
        try {
          robot.interact(button::fire);
        } catch (RuntimeException e) {
          throw new AssertionError(button + " failed: " + stack(e), e);
        }
      } else {
        robot.clickOn(node);
      }
    }
  }

  private void typeIntoAField(FxRobot robot) {
    List<Node> fields = shown(robot, ".text-field");
    fields.removeIf(f -> f.getParent() instanceof ComboBoxBase);
    if (!fields.isEmpty() && one(fields) instanceof TextField field) {
      String text = one(List.of("", "72", "Ada", "-3", "1e9", "E5 A4 D4 A3", "\u202e", "9999"));
      robot.interact(() -> field.setText(text));
    }
  }

  /** The first frames of the deepest cause, which reports would cut. */
  private static String stack(Throwable fault) {
    Throwable cause = fault;
    while (cause.getCause() != null) {
      cause = cause.getCause();
    }
    return java.util.Arrays.stream(cause.getStackTrace())
        .limit(12)
        .map(StackTraceElement::toString)
        .collect(java.util.stream.Collectors.joining(" < "));
  }
}
