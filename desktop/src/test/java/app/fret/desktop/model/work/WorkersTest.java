package app.fret.desktop.model.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class WorkersTest {
  private static final int PATIENCE_SECONDS = 20;

  /** Stands for the window's thread: what it is asked to show waits until the test lets it. */
  private final LinkedBlockingQueue<Runnable> window = new LinkedBlockingQueue<>();

  private final List<Throwable> mistakes = new CopyOnWriteArrayList<>();
  private final List<String> heard = new CopyOnWriteArrayList<>();
  private final Workers workers = Workers.threads(window::add, mistakes::add);

  @AfterEach
  void end() {
    workers.finish();
  }

  private void showNext() throws InterruptedException {
    Runnable next = window.poll(PATIENCE_SECONDS, TimeUnit.SECONDS);
    assertThat(next).isNotNull();
    next.run();
  }

  private Consumer<Notice> noFault() {
    return notice -> heard.add("fault: " + notice.words());
  }

  @Test
  void planningReadingKeepingAndLayingOutEachHaveAThreadOfTheirOwn() throws Exception {
    workers.plan(() -> workers.show(threadName("plan")), noFault());
    showNext();
    workers.planForShow(this, () -> workers.show(threadName("read")), noFault());
    showNext();
    workers.keep(() -> workers.show(threadName("keep")), noFault());
    showNext();
    workers.layOut(
        this,
        () -> Thread.currentThread().getName(),
        name -> heard.add("layout " + name),
        noFault());
    showNext();
    assertThat(heard)
        .containsExactly(
            "plan fret-planning", "read fret-planning", "keep fret-book", "layout fret-layout");
  }

  /** Called on a worker's thread, which it names. */
  private Runnable threadName(String what) {
    String name = Thread.currentThread().getName();
    return () -> heard.add(what + " " + name);
  }

  @Test
  void olderLayoutsForOnePurposeAreNeitherBegunNorShown() throws Exception {
    CountDownLatch go = new CountDownLatch(1);
    CountDownLatch begun = new CountDownLatch(1);
    List<String> worked = new CopyOnWriteArrayList<>();
    workers.layOut(
        "score",
        () -> {
          begun.countDown();
          await(go);
          return worked.add("first");
        },
        done -> heard.add("first"),
        noFault());
    assertThat(begun.await(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
    workers.layOut("score", () -> worked.add("second"), done -> heard.add("second"), noFault());
    workers.layOut("other", () -> worked.add("other"), done -> heard.add("other"), noFault());
    workers.layOut("score", () -> worked.add("third"), done -> heard.add("third"), noFault());
    go.countDown();
    for (int shown = 0; shown < 3; shown++) {
      showNext();
    }
    assertThat(worked).containsExactly("first", "other", "third");
    assertThat(heard).containsExactly("other", "third");
  }

  @Test
  void readingThatWasOvertakenBeforeItBeganIsNotBegun() throws Exception {
    CountDownLatch go = new CountDownLatch(1);
    workers.plan(() -> await(go), noFault());
    for (String passage : List.of("first", "second", "third")) {
      workers.planForShow("open", () -> workers.show(() -> heard.add(passage)), noFault());
    }
    go.countDown();
    showNext();
    assertThat(heard).containsExactly("third");
    assertThat(window.poll(50, TimeUnit.MILLISECONDS)).isNull();
  }

  private static void await(CountDownLatch latch) {
    try {
      latch.await(PATIENCE_SECONDS, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  @Test
  void aMistakeInALayoutIsToldAndTheNextIsStillDone() throws Exception {
    workers.layOut(
        "score",
        () -> {
          throw new IllegalStateException("made up");
        },
        done -> heard.add("shown"),
        noFault());
    showNext();
    workers.layOut("score", () -> 1, done -> heard.add("shown"), noFault());
    showNext();
    assertThat(mistakes).hasSize(1);
    assertThat(heard).hasSize(2).last().isEqualTo("shown");
    assertThat(heard.get(0)).startsWith("fault: ");
  }

  @Test
  void theBookIsAskedAfterAllIsKeptAndItsFaultsComeThrough() {
    workers.keep(() -> heard.add("kept"), noFault());
    assertThat(workers.askBook(() -> List.copyOf(heard))).containsExactly("kept");
    assertThatThrownBy(
            () ->
                workers.askBook(
                    () -> {
                      throw new IllegalArgumentException("torn page");
                    }))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessage("torn page");
  }

  @Test
  void aLayoutThatIsAskedForAfterClosingIsLetGo() {
    workers.finish();
    workers.layOut("score", () -> 1, done -> heard.add("shown"), noFault());
    assertThat(heard).isEmpty();
    assertThat(mistakes).isEmpty();
  }

  @Test
  void closingWaitsForWhatIsPlannedAndKept() {
    workers.plan(
        () -> {
          heard.add("planned");
          workers.keep(() -> heard.add("kept"), noFault());
        },
        noFault());
    workers.finish();
    assertThat(heard).containsExactly("planned", "kept");
  }

  @Test
  void whatIsOfUseWhileOpenOnlyIsNotBegunOnceTheWindowCloses() {
    List<String> done = Collections.synchronizedList(new ArrayList<>());
    workers.planWhileOpen(() -> done.add("planned"), fault -> done.add("fault"));
    workers.plan(() -> done.add("decided"), fault -> done.add("fault"));
    workers.finish();
    assertThat(done).contains("decided").doesNotContain("fault");
    int before = done.size();
    workers.planWhileOpen(() -> done.add("late"), fault -> done.add("fault"));
    workers.keepWhileOpen(() -> done.add("late"), fault -> done.add("fault"));
    assertThat(done).hasSize(before);
  }

  @Test
  void whatCanWaitBeginsOnceTheFirstMusicIsSeen() throws Exception {
    CountDownLatch begun = new CountDownLatch(1);
    workers.afterFirstMusic(begun::countDown);
    assertThat(workers.isIdle()).as("it is still to be done").isFalse();
    assertThat(begun.getCount()).isEqualTo(1);
    workers.layOut(this, () -> "music", heard::add, noFault());
    showNext();
    assertThat(begun.await(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
    assertThat(heard).containsExactly("music");
  }

  @Test
  void whatAsksForMoreWhileTheWindowClosesIsNoMistake() throws Exception {
    CountDownLatch running = new CountDownLatch(1);
    CountDownLatch closing = new CountDownLatch(1);
    workers.planForShow(
        this,
        () -> {
          running.countDown();
          await(closing);
          workers.planForShow(this, () -> heard.add("too late"), noFault());
        },
        noFault());
    assertThat(running.await(PATIENCE_SECONDS, TimeUnit.SECONDS)).isTrue();
    Thread closer = new Thread(workers::finish);
    closer.start();
    while (closer.getState() != Thread.State.TIMED_WAITING) {
      Thread.onSpinWait();
    }
    closing.countDown();
    closer.join(TimeUnit.SECONDS.toMillis(PATIENCE_SECONDS));
    assertThat(mistakes).isEmpty();
    assertThat(heard).isEmpty();
  }
}
