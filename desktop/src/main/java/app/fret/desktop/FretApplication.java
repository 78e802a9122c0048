package app.fret.desktop;

import app.fret.book.Book;
import app.fret.book.BookException;
import app.fret.desktop.model.Desk;
import app.fret.desktop.music.Fonts;
import app.fret.desktop.view.FretWindow;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.time.Clock;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.stage.Stage;

/** The JavaFX application: opens the book, shows the window, closes the book. */
public final class FretApplication extends Application {
  private static final double WIDTH = 1280;
  private static final double HEIGHT = 800;
  private static final double LEAST_WIDTH = 1100;
  private static final double LEAST_HEIGHT = 700;

  private final ExecutorService background =
      Executors.newSingleThreadExecutor(
          task -> {
            Thread thread = new Thread(task, "fret-work");
            thread.setDaemon(true);
            return thread;
          });
  private static final Clock CLOCK = Clock.systemDefaultZone();
  private static Optional<OpenBook> opening = Optional.empty();

  private Book book;

  /** Opens the book ahead of the toolkit; the application takes it up when it starts. */
  static void openAhead(LaunchOptions options) {
    opening = Optional.of(OpenBook.start(options, CLOCK));
  }

  @Override
  public void start(Stage stage) throws IOException {
    LaunchOptions options = LaunchOptions.of(getParameters().getRaw());
    try {
      book = opening.orElseGet(() -> OpenBook.start(options, CLOCK)).book();
    } catch (BookException e) {
      new Alert(Alert.AlertType.ERROR, e.getMessage()).showAndWait();
      Platform.exit();
      return;
    }
    Desk desk = new Desk(book, CLOCK, background, Platform::runLater);
    FretWindow window = new FretWindow(desk);
    window.setFolderOpener(
        file ->
            getHostServices().showDocument(file.toAbsolutePath().getParent().toUri().toString()));
    stage.setScene(scene(window));
    stage.setWidth(options.small() ? LEAST_WIDTH : WIDTH);
    stage.setHeight(options.small() ? LEAST_HEIGHT : HEIGHT);
    stage.setTitle("Fret");
    stage.setMinWidth(LEAST_WIDTH);
    stage.setMinHeight(LEAST_HEIGHT);
    stage.show();
    desk.programme().stream().findFirst().ifPresent(desk::open);
    options.file().ifPresent(window::add);
    options.pictures().ifPresent(folder -> new Pictures(desk, window, folder).take());
  }

  /** A scene of the usual size with Fret's fonts and colours. */
  public static Scene scene(FretWindow window) {
    Fonts.load();
    Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
    Scene scene = new Scene(window, WIDTH, HEIGHT);
    scene
        .getStylesheets()
        .add(
            Objects.requireNonNull(FretApplication.class.getResource("fret.css")).toExternalForm());
    return scene;
  }

  @Override
  public void stop() {
    background.shutdown();
    if (book != null) {
      book.close();
    }
  }
}
