package app.fret.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Workers;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Named;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What cannot be done is told on the window's thread, whoever found it out. */
class RefusalsTest {
  private static final Clock CLOCK =
      Clock.fixed(Instant.parse("2026-11-26T08:30:00Z"), ZoneOffset.UTC);
  private static final int PATIENCE_SECONDS = 20;

  /** Stands for the window's thread: what it is asked to show waits until the test lets it. */
  private final LinkedBlockingQueue<Runnable> window = new LinkedBlockingQueue<>();

  @TempDir private Path folder;
  private Desk desk;

  @BeforeEach
  void open() throws Exception {
    desk = new Desk(DemoBook.open(CLOCK), CLOCK, Workers.threads(window::add, mistake -> {}));
    desk.open(desk.programme().get(0));
    showUntil(() -> desk.openProperty().get().isPresent());
  }

  @AfterEach
  void close() {
    desk.close();
  }

  static Stream<Named<BiConsumer<Desk, Path>>> whatIsRefused() {
    return Stream.of(
        Named.of("a file that is no music", (d, file) -> d.imports().offer(file, offer -> {})),
        Named.of("a packet that is none", (d, file) -> d.packets().take(file, taken -> {})),
        Named.of(
            "a whole score over a folder",
            (d, file) -> d.marked().writeWhole(opened(d), file.getParent(), written -> {})),
        Named.of(
            "a part in a folder that is not there",
            (d, file) ->
                d.marked()
                    .writePart(opened(d), file.resolveSibling("none/part.xml"), written -> {})));
  }

  @ParameterizedTest
  @MethodSource("whatIsRefused")
  void isToldOnlyWhenTheWindowsThreadComesToIt(BiConsumer<Desk, Path> asked) throws Exception {
    Path file = Files.writeString(folder.resolve("letter.txt"), "Dear coach");
    Thread shown = Thread.currentThread();
    Thread[] told = new Thread[1];
    desk.faultProperty().addListener((p, was, now) -> told[0] = Thread.currentThread());
    asked.accept(desk, file);
    showUntil(() -> told[0] != null);
    assertThat(told[0]).isSameAs(shown);
    assertThat(desk.faultProperty().get()).isPresent();
  }

  @Test
  void nothingIsToldWhereNothingIsRefused() throws Exception {
    Path file = folder.resolve("whole.musicxml");
    boolean[] written = new boolean[1];
    desk.marked().writeWhole(opened(desk), file, path -> written[0] = true);
    showUntil(() -> written[0]);
    assertThat(file).isNotEmptyFile();
    assertThat(desk.faultProperty().get()).isEmpty();
  }

  private static PassageDesk opened(Desk desk) {
    return desk.openProperty().get().orElseThrow();
  }

  private interface Happened {
    boolean yet();
  }

  private void showUntil(Happened what) throws InterruptedException {
    while (!what.yet()) {
      Runnable next = window.poll(PATIENCE_SECONDS, TimeUnit.SECONDS);
      assertThat(next).as("the window is asked to show something").isNotNull();
      next.run();
    }
  }
}
