package app.fret.desktop.model.work;

import app.fret.book.BookFaultException;
import java.util.Collections;
import java.util.Map;
import java.util.WeakHashMap;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * Who does the work: one thread plans and reads files, another keeps the book, a third engraves,
 * and the window's own changes what is seen. Neither book nor music waits for a plan.
 */
public final class Workers {
  /** Longest that closing waits for a plan that is still being worked out, in seconds. */
  private static final long PATIENCE_SECONDS = 60;

  /** Where no music comes, such as in an empty book, what waits for it begins after so long. */
  private static final long LONGEST_TO_MUSIC_SECONDS = 5;

  /** Time for the first music to be painted once it is laid out, in ms. */
  private static final long PAINTED_MS = 100;

  private final Executor planning;
  private final Executor keeping;
  private final Executor layingOut;
  private final Executor ui;
  private final Consumer<Throwable> mistakes;
  private volatile boolean finishing;

  /** Done once the first music is seen, or where none comes. */
  private final CompletableFuture<Void> firstMusic = new CompletableFuture<>();

  /** What was asked for and is not done yet. */
  private final AtomicInteger underWay = new AtomicInteger();

  /** The newest work for each purpose; a view that is gone takes its entry along. */
  private final Map<Object, Object> newest = Collections.synchronizedMap(new WeakHashMap<>());

  private Workers(
      Executor planning,
      Executor keeping,
      Executor layingOut,
      Executor ui,
      Consumer<Throwable> mistakes) {
    this.planning = planning;
    this.keeping = keeping;
    this.layingOut = layingOut;
    this.ui = ui;
    this.mistakes = mistakes;
  }

  /**
   * Three threads of their own.
   *
   * @param ui runs changes of what is seen
   * @param mistakes writes down what went wrong by the program's own fault
   */
  public static Workers threads(Executor ui, Consumer<Throwable> mistakes) {
    Workers workers =
        new Workers(
            Executors.newSingleThreadExecutor(named("fret-planning")),
            Executors.newSingleThreadExecutor(named("fret-book")),
            layoutThread(),
            ui,
            mistakes);
    workers.firstMusic.completeOnTimeout(null, LONGEST_TO_MUSIC_SECONDS, TimeUnit.SECONDS);
    return workers;
  }

  /** A view that asks for a layout while the window closes is not answered any more. */
  private static ExecutorService layoutThread() {
    return new ThreadPoolExecutor(
        1,
        1,
        0,
        TimeUnit.SECONDS,
        new LinkedBlockingQueue<>(),
        named("fret-layout"),
        new ThreadPoolExecutor.DiscardPolicy());
  }

  private static ThreadFactory named(String name) {
    return task -> {
      Thread thread = new Thread(task, name);
      thread.setDaemon(true);
      return thread;
    };
  }

  /** Real threads for all but the layouts, which a test lets go when it will. */
  public static Workers layingOutBy(Executor layingOut, Executor ui, Consumer<Throwable> mistakes) {
    return new Workers(
            Executors.newSingleThreadExecutor(named("fret-planning")),
            Executors.newSingleThreadExecutor(named("fret-book")),
            layingOut,
            ui,
            mistakes)
        .waitingForNoMusic();
  }

  /** All on the calling thread, one after the other; for tests. */
  public static Workers inline() {
    return planningBy(Runnable::run);
  }

  /** All on the calling thread but the planning; for tests of what waits for it. */
  public static Workers planningBy(Executor planning) {
    return new Workers(planning, Runnable::run, Runnable::run, Runnable::run, mistake -> {})
        .waitingForNoMusic();
  }

  /**
   * All on the calling thread but what the book is asked and told; for tests of what comes between.
   */
  public static Workers keepingBy(Executor keeping) {
    return new Workers(Runnable::run, keeping, Runnable::run, Runnable::run, mistake -> {})
        .waitingForNoMusic();
  }

  private Workers waitingForNoMusic() {
    firstMusic.complete(null);
    return this;
  }

  /**
   * Plans, reads or writes a file: done even when the window is closed meanwhile.
   *
   * @param onFault hears what went wrong, on the window's thread
   */
  public void plan(Runnable task, Consumer<Notice> onFault) {
    execute(planning, guarded(task, onFault));
  }

  /** Whether nothing is being worked out, kept or shown any more. */
  public boolean isIdle() {
    return underWay.get() == 0;
  }

  private void execute(Executor executor, Runnable task) {
    underWay.incrementAndGet();
    try {
      executor.execute(
          () -> {
            try {
              task.run();
            } finally {
              underWay.decrementAndGet();
            }
          });
    } catch (RejectedExecutionException e) {
      underWay.decrementAndGet();
      throw e;
    }
  }

  /**
   * Works out something of little use once the window is closing: it is not begun then.
   *
   * @param onFault hears what went wrong, on the window's thread
   */
  public void planWhileOpen(Runnable task, Consumer<Notice> onFault) {
    whileOpen(planning, guarded(task, onFault));
  }

  /**
   * Asks or keeps something of little use once the window is closing: it is not begun then.
   *
   * @param onFault hears what went wrong, on the window's thread
   */
  public void keepWhileOpen(Runnable task, Consumer<Notice> onFault) {
    whileOpen(keeping, guarded(task, onFault));
  }

  private void whileOpen(Executor executor, Runnable guarded) {
    try {
      execute(
          executor,
          () -> {
            if (!finishing) {
              guarded.run();
            }
          });
    } catch (RejectedExecutionException e) {
      // It was asked for by something that ran while the window was being closed.
    }
  }

  /**
   * Works out something that is of use only as long as the window is open and nothing newer was
   * asked for with the same purpose: what was overtaken before it began is not begun.
   */
  public void planForShow(Object purpose, Runnable task, Consumer<Notice> onFault) {
    Object ticket = new Object();
    newest.put(purpose, ticket);
    Runnable guarded = guarded(task, onFault);
    whileOpen(
        planning,
        () -> {
          if (newest.remove(purpose, ticket)) {
            guarded.run();
          }
        });
  }

  /**
   * Lays out what is seen. Of several for one purpose only the newest is begun and shown.
   *
   * @param purpose whose work it is
   * @param show is called on the window's thread with what came of the work
   * @param onFault hears what went wrong, on the window's thread
   */
  public <T> void layOut(
      Object purpose, Supplier<T> work, Consumer<T> show, Consumer<Notice> onFault) {
    Object ticket = new Object();
    newest.put(purpose, ticket);
    execute(
        layingOut,
        guarded(
            () -> {
              if (newest.get(purpose) == ticket && !finishing) {
                T result = work.get();
                show(() -> showIfNewest(purpose, ticket, result, show));
              }
            },
            onFault));
  }

  private <T> void showIfNewest(Object purpose, Object ticket, T result, Consumer<T> show) {
    if (newest.remove(purpose, ticket)) {
      show.accept(result);
      firstMusic.completeAsync(
          () -> null, CompletableFuture.delayedExecutor(PAINTED_MS, TimeUnit.MILLISECONDS));
    }
  }

  /** Begins something that should not stand in the way of the first music on the screen. */
  public void afterFirstMusic(Runnable task) {
    underWay.incrementAndGet();
    firstMusic.thenRun(
        () -> {
          try {
            if (!finishing) {
              task.run();
            }
          } finally {
            underWay.decrementAndGet();
          }
        });
  }

  /** Keeps something in the book. */
  public void keep(Runnable task, Consumer<Notice> onFault) {
    execute(keeping, guarded(task, onFault));
  }

  /**
   * Asks the book something once all is kept that was to be kept by now. For the planning thread:
   * the book never waits for a plan, so a plan may wait for the book.
   */
  public <T> T askBook(Supplier<T> question) {
    FutureTask<T> asked = new FutureTask<>(question::get);
    keeping.execute(asked);
    try {
      return asked.get();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException("interrupted while the book was asked", e);
    } catch (ExecutionException e) {
      if (e.getCause() instanceof RuntimeException fault) {
        throw fault;
      }
      throw new IllegalStateException(e.getCause());
    }
  }

  /** Changes what is seen. */
  public void show(Runnable task) {
    execute(ui, task);
  }

  private Runnable guarded(Runnable task, Consumer<Notice> onFault) {
    return () -> {
      try {
        task.run();
      } catch (BookFaultException e) {
        show(() -> onFault.accept(Notice.of(e.getMessage())));
      } catch (RuntimeException | Error e) {
        // Even a stack overflow or want of memory in one plan must not end the queue.
        mistakes.accept(e);
        show(() -> onFault.accept(Notice.ofMistake(e)));
      }
    };
  }

  /** Waits until all that was decided is planned and kept. Called once, from any thread. */
  public void finish() {
    finishing = true;
    finish(planning);
    finish(keeping);
    if (layingOut instanceof ExecutorService service) {
      service.shutdownNow(); // nobody waits for a layout
    }
  }

  private static void finish(Executor executor) {
    if (executor instanceof ExecutorService service) {
      service.shutdown();
      try {
        service.awaitTermination(PATIENCE_SECONDS, TimeUnit.SECONDS);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }
  }
}
