package app.fret.desktop;

import app.fret.desktop.demo.DemoBook;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.PassageDesk;
import app.fret.desktop.view.FretWindow;
import app.fret.desktop.view.Station;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.control.Button;
import javafx.scene.image.WritableImage;
import javafx.util.Duration;
import javax.imageio.ImageIO;

/** Walks the running program through its main views and writes a picture of each. */
final class Pictures {
  private static final Duration SETTLE = Duration.millis(2400);

  private final Desk desk;
  private final FretWindow window;
  private final Path folder;
  private final List<Shot> shots = new ArrayList<>();

  /** A view to bring about and the name of its picture. */
  private record Shot(String name, Runnable bringAbout) {}

  Pictures(Desk desk, FretWindow window, Path folder) {
    this.desk = desk;
    this.window = window;
    this.folder = folder;
    shots.add(new Shot("left-hand-fast", () -> show(0, Station.LEFT_HAND, 43)));
    shots.add(new Shot("read", () -> show(0, Station.READ, 0)));
    shots.add(new Shot("practise", () -> show(0, Station.PRACTISE, 0)));
    shots.add(new Shot("left-hand-singing", () -> show(1, Station.LEFT_HAND, 25)));
    shots.add(new Shot("left-hand-chords", () -> show(2, Station.LEFT_HAND, 5)));
    shots.add(new Shot("left-hand-high", () -> show(3, Station.LEFT_HAND, 12)));
    shots.add(new Shot("left-hand-viola", () -> show(4, Station.LEFT_HAND, 20)));
    shots.add(new Shot("left-hand-alto", () -> show(5, Station.LEFT_HAND, 14)));
    shots.add(new Shot("left-hand-thumb", () -> show(6, Station.LEFT_HAND, 28)));
    shots.add(new Shot("left-hand-cello", () -> show(7, Station.LEFT_HAND, 14)));
    shots.add(new Shot("left-hand-bass", () -> show(8, Station.LEFT_HAND, 6)));
    shots.add(new Shot("left-hand-uneven", () -> show(9, Station.LEFT_HAND, 31)));
    shots.add(new Shot("compare", () -> press(1, "#compare-plans")));
    shots.add(new Shot("player", () -> press(8, "#show-player")));
    shots.add(new Shot("add-passage", this::offerFile));
  }

  /** The form that a dropped file brings up; the file is a copy of the demo's own music. */
  private void offerFile() {
    try (InputStream in = DemoBook.class.getResourceAsStream("lantern-song.musicxml")) {
      Path file = Files.createTempDirectory("fret-picture").resolve("lantern-song.musicxml");
      Files.write(file, in.readAllBytes());
      window.add(file);
    } catch (IOException e) {
      fail();
    }
  }

  private void show(int passage, Station station, int note) {
    desk.open(desk.programme().get(passage));
    window.show(station);
    PauseTransition wait = new PauseTransition(SETTLE.divide(2));
    wait.setOnFinished(e -> desk.openProperty().get().ifPresent(p -> p.select(note)));
    wait.play();
  }

  /** Opens a passage at the left hand and presses a button there. */
  private void press(int passage, String button) {
    show(passage, Station.LEFT_HAND, 14);
    PauseTransition wait = new PauseTransition(SETTLE);
    wait.setOnFinished(
        e -> {
          if (window.lookup(button) instanceof Button found) {
            found.fire();
          }
        });
    wait.play();
  }

  /** Takes all pictures, then ends the program; it fails when one cannot be written. */
  void take() {
    try {
      Files.createDirectories(folder);
    } catch (IOException e) {
      fail();
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
    shots.get(index).bringAbout().run();
    boolean works = shots.get(index).name().matches("compare|player");
    PauseTransition settle = new PauseTransition(works ? SETTLE.multiply(3) : SETTLE);
    settle.setOnFinished(
        e -> {
          try {
            write(shots.get(index).name());
            next(index + 1);
          } catch (IOException fault) {
            fail();
          }
        });
    settle.play();
  }

  private void write(String name) throws IOException {
    WritableImage image = window.getScene().snapshot(null);
    ImageIO.write(
        SwingFXUtils.fromFXImage(image, null), "png", folder.resolve(name + ".png").toFile());
  }

  private void fail() {
    System.err.println("fret: the pictures cannot be written to " + folder.getFileName());
    Platform.exit();
    System.exit(2);
  }
}
