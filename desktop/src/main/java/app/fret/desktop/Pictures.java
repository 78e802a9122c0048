package app.fret.desktop;

import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.model.practice.ProgrammeEntry;
import app.fret.desktop.music.Settling;
import app.fret.desktop.view.FretWindow;
import app.fret.desktop.view.station.Station;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.CardKind;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.util.Duration;
import javax.imageio.ImageIO;

/** Walks the running program through its main views and writes a picture of each. */
final class Pictures {
  private static final Duration SETTLE = Duration.millis(1200);
  private static final Duration LOOK_EVERY = Duration.millis(50);

  /** A view that has not come about by then does not come about any more. */
  private static final long PATIENCE_NANOS = TimeUnit.MINUTES.toNanos(3);

  private final Desk desk;
  private final FretWindow window;
  private final Path folder;
  private final List<Shot> shots = new ArrayList<>();
  private int taking;

  /**
   * A view to bring about and the name of its picture.
   *
   * @param bringAbout brings it about and runs what it is given once it is there
   */
  private record Shot(String name, Consumer<Runnable> bringAbout) {}

  Pictures(Desk desk, FretWindow window, Path folder) {
    this.desk = desk;
    this.window = window;
    this.folder = folder;
    shots.add(new Shot("left-hand-fast", done -> show(0, Station.LEFT_HAND, 43, done)));
    shots.add(new Shot("read", done -> show(0, Station.READ, 0, done)));
    shots.add(new Shot("practise", this::practise));
    shots.add(new Shot("left-hand-singing", done -> show(1, Station.LEFT_HAND, 25, done)));
    shots.add(new Shot("left-hand-chords", done -> show(2, Station.LEFT_HAND, 5, done)));
    shots.add(new Shot("left-hand-thumb", done -> show(8, Station.LEFT_HAND, 28, done)));
    shots.add(new Shot("left-hand-cello", done -> show(9, Station.LEFT_HAND, 14, done)));
    shots.add(new Shot("left-hand-bass", done -> show(11, Station.LEFT_HAND, 6, done)));
    shots.add(new Shot("bow", done -> show(1, Station.BOW, 25, done)));
    shots.add(new Shot("bow-trouble", done -> show(10, Station.BOW, 17, done)));
    shots.add(new Shot("shape", done -> show(1, Station.SHAPE, 25, done)));
    shots.add(
        new Shot(
            "compare", done -> press(1, Station.LEFT_HAND, "#compare-plans", "#compare", done)));
    shots.add(
        new Shot(
            "compare-bowings",
            done -> press(10, Station.BOW, "#compare-bowings", "#compare-bowings-pane", done)));
    shots.add(
        new Shot(
            "player", done -> press(11, Station.LEFT_HAND, "#show-player", "#player-sheet", done)));
    shots.add(new Shot("write-in", this::writeIn));
    shots.add(new Shot("add-passage", this::offerFile));
    shots.add(new Shot("mend", done -> pane(0, 9, window.dialogs()::mendNotes, "#mend", done)));
    shots.add(
        new Shot("habits", done -> pane(2, 9, window.dialogs()::showHabits, "#habits-pane", done)));
    shots.add(0, new Shot("listening", this::listening));
    shots.add(
        new Shot(
            "besides", done -> pane(8, 0, window.dialogs()::showBesides, "#besides-pane", done)));
    shots.add(
        new Shot("tempo", done -> pane(1, 40, window.dialogs()::showTempo, "#tempo-pane", done)));
  }

  /** A drill of the day lies open. */
  private void practise(Runnable done) {
    show(
        2,
        Station.PRACTISE,
        0,
        () ->
            whenTrue(
                () -> isOff() || window.lookup("#card-1") != null,
                () -> {
                  if (!isOff()) {
                    ((Button) window.lookup("#card-1")).fire();
                  }
                  done.run();
                }));
  }

  /** A recording is listened to. */
  private void listening(Runnable done) {
    show(
        8,
        Station.PRACTISE,
        0,
        () -> whenTrue(() -> isOff() || openCard(CardKind.LISTENING), done));
  }

  /** On a day off there is no card to open. */
  private boolean isOff() {
    return open()
        .flatMap(PassageDesk::day)
        .flatMap(d -> d.seenProperty().get())
        .filter(s -> s.tasks().isEmpty())
        .isPresent();
  }

  private boolean openCard(CardKind kind) {
    Optional<PracticeDay> day = open().flatMap(PassageDesk::day);
    Optional<DayTask> card =
        day.flatMap(d -> d.seenProperty().get()).stream()
            .flatMap(s -> s.tasks().stream())
            .filter(t -> t.card().kind() == kind)
            .findFirst();
    card.ifPresent(t -> day.orElseThrow().choose(t.number()));
    return card.isPresent();
  }

  /** Music that is being typed: a chord is still open and a bar is short. */
  private void writeIn(Runnable done) {
    desk.keepDraft(
        "T:Grey Ferry\nM:4/4\nL:1/8\nQ:1/4=116\nK:Dm\n"
            + "!f!D/E/F/G/ A2 (dc) A2 | B/A/G/F/ E2 (cB) G |\n"
            + "(3ABc d2 .f.e.d.c | ^c4 [DA4 |\nd/e/");
    window.dialogs().writeIn();
    whenTrue(() -> window.lookup("#entry") != null, done);
  }

  /** The form that a dropped file brings up; the file is a copy of the demo's own music. */
  private void offerFile(Runnable done) {
    try (InputStream in = DemoBook.class.getResourceAsStream("lantern-song.musicxml")) {
      Path file = desk.folder().resolve("lantern-song.musicxml");
      Files.write(file, in.readAllBytes());
      window.dialogs().add(file);
      whenTrue(() -> window.lookup("#add-pane") != null, done);
    } catch (IOException e) {
      failToWrite();
    }
  }

  private void show(int passage, Station station, int note, Runnable done) {
    ProgrammeEntry entry = desk.programme().get(passage);
    desk.open(entry);
    window.show(station);
    whenTrue(
        () -> open().filter(p -> p.opened().entry().id() == entry.passage().id()).isPresent(),
        () -> {
          open().ifPresent(p -> p.select(note));
          done.run();
        });
  }

  /** Opens a pane over the Read station of a passage. */
  private void pane(int passage, int note, Runnable opening, String opened, Runnable done) {
    show(
        passage,
        Station.READ,
        note,
        () -> {
          opening.run();
          whenTrue(() -> window.lookup(opened) != null, done);
        });
  }

  private Optional<PassageDesk> open() {
    return desk.openProperty().get();
  }

  /** Opens a passage at a station, presses a button there, and waits for what it opens. */
  private void press(int passage, Station at, String button, String opened, Runnable done) {
    show(
        passage,
        at,
        14,
        () -> {
          ((Button) window.lookup(button)).fire();
          whenTrue(() -> window.lookup(opened) != null, done);
        });
  }

  /** Does something as soon as a condition holds; where it never does, no picture is taken. */
  private void whenTrue(BooleanSupplier condition, Runnable then) {
    long end = System.nanoTime() + PATIENCE_NANOS;
    PauseTransition wait = new PauseTransition(LOOK_EVERY);
    wait.setOnFinished(
        e -> {
          if (condition.getAsBoolean()) {
            then.run();
          } else if (System.nanoTime() < end) {
            wait.playFromStart();
          } else {
            fail("the view " + shots.get(taking).name() + " did not come about");
          }
        });
    wait.play();
  }

  /** Whether all that is seen is there: no work is under way, and no music is still to come. */
  private boolean isSettled() {
    return desk.isIdle() && isSettled(window);
  }

  private static boolean isSettled(Node node) {
    boolean isWaiting = node instanceof Settling view && !view.isSettled();
    boolean isSeen = node.isVisible();
    return !isSeen
        || !isWaiting
            && (!(node instanceof Parent parent)
                || parent.getChildrenUnmodifiable().stream().allMatch(Pictures::isSettled));
  }

  /** Takes all pictures, then ends the program; it fails when one cannot be written. */
  void take() {
    try {
      Files.createDirectories(folder);
    } catch (IOException e) {
      failToWrite();
      return;
    }
    if (desk.openProperty().get().isPresent()) {
      next(0);
    } else {
      desk.openProperty().addListener(new FirstOpened());
    }
  }

  /** Starts once the first passage lies open, however long that takes on this machine. */
  private final class FirstOpened implements ChangeListener<Optional<PassageDesk>> {
    @Override
    public void changed(
        ObservableValue<? extends Optional<PassageDesk>> property,
        Optional<PassageDesk> before,
        Optional<PassageDesk> now) {
      property.removeListener(this);
      next(0);
    }
  }

  private void next(int index) {
    if (index == shots.size()) {
      Platform.exit();
      return;
    }
    taking = index;
    shots.get(index).bringAbout().accept(() -> whenTrue(this::isSettled, () -> take(index)));
  }

  /** Takes the picture once the music is laid out and what was lit is put out. */
  private void take(int index) {
    PauseTransition settle = new PauseTransition(SETTLE);
    settle.setOnFinished(
        e -> {
          if (!isSettled()) {
            whenTrue(this::isSettled, () -> take(index));
            return;
          }
          try {
            write(shots.get(index).name());
            next(index + 1);
          } catch (IOException fault) {
            failToWrite();
          }
        });
    settle.play();
  }

  private void write(String name) throws IOException {
    WritableImage seen = window.getScene().snapshot(null);
    int width = (int) seen.getWidth();
    int height = (int) seen.getHeight();
    int[] pixels = new int[width * height];
    seen.getPixelReader()
        .getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    image.setRGB(0, 0, width, height, pixels, 0, width);
    ImageIO.write(image, "png", folder.resolve(name + ".png").toFile());
  }

  private void failToWrite() {
    fail("the pictures cannot be written to " + folder.getFileName());
  }

  private static void fail(String words) {
    System.err.println("fret: " + words);
    Platform.exit();
    System.exit(2);
  }
}
