package app.fret.desktop;

import app.fret.book.Backups;
import app.fret.book.BookException;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.music.ink.Fonts;
import app.fret.desktop.view.FretWindow;
import app.fret.desktop.view.RefusedPane;
import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;

/** The JavaFX application: opens the book, shows the window, closes the book. */
public final class FretApplication extends Application {
  private static final double WIDTH = 1280;
  private static final double HEIGHT = 800;
  private static final double LEAST_WIDTH = 1100;
  private static final double LEAST_HEIGHT = 700;

  private static final Clock CLOCK = Clock.systemDefaultZone();
  private static final WindowQueue UI = new WindowQueue();
  private static Optional<OpenDesk> opening = Optional.empty();

  private LaunchOptions options;
  private MistakeFile mistakes;
  private Stage stage;
  private Optional<Desk> desk = Optional.empty();

  /** Opens the book ahead of the toolkit; the application takes it up when it starts. */
  static void openAhead(LaunchOptions options) {
    opening = Optional.of(opened(options, mistakeFile(options)));
  }

  @Override
  public void start(Stage primary) {
    stage = primary;
    options = LaunchOptions.of(getParameters().getRaw());
    mistakes = mistakeFile(options);
    UI.open();
    Thread.setDefaultUncaughtExceptionHandler((thread, mistake) -> lastResort(mistake));
    stage.setWidth(options.small() ? LEAST_WIDTH : WIDTH);
    stage.setHeight(options.small() ? LEAST_HEIGHT : HEIGHT);
    stage.setTitle("Fret");
    stage
        .focusedProperty()
        .addListener(
            (property, was, is) -> {
              if (is) {
                desk.ifPresent(Desk::wakeUp);
              }
            });
    stage.setMinWidth(LEAST_WIDTH);
    stage.setMinHeight(LEAST_HEIGHT);
    // An empty window comes up while the book is still being opened.
    stage.setScene(scene(new Pane()));
    stage.show();
    OpenDesk open = opening.orElseGet(() -> opened(options, mistakes));
    open.whenOpen(() -> begin(open), Platform::runLater);
  }

  private void begin(OpenDesk open) {
    show(open).ifPresentOrElse(this::doWhatWasAsked, this::leaveIfNobodyLooks);
  }

  /** The demo's book is made anew each time; its mistakes go where it lies. */
  private static Path bookFile(LaunchOptions options) {
    return options.demo()
        ? Path.of(System.getProperty("java.io.tmpdir"), "demo.fretbook")
        : OpenDesk.file(options);
  }

  private static MistakeFile mistakeFile(LaunchOptions options) {
    return new MistakeFile(bookFile(options).toAbsolutePath().getParent(), CLOCK);
  }

  private static OpenDesk opened(LaunchOptions options, MistakeFile mistakes) {
    return OpenDesk.start(options, CLOCK, UI, mistakes);
  }

  /** Shows the book, or why it cannot be shown. */
  private Optional<FretWindow> show(OpenDesk open) {
    try {
      FretWindow window = window(open.desk());
      stage.getScene().setRoot(window);
      return Optional.of(window);
    } catch (BookException | IOException e) {
      refuse(e.getMessage());
    } catch (RuntimeException e) {
      mistakes.accept(e);
      refuse("Fret made a mistake of its own while opening it; the book is as it was");
    }
    return Optional.empty();
  }

  private FretWindow window(Desk opened) {
    desk = Optional.of(opened);
    FretWindow window = new FretWindow(opened);
    opened.surveyOthers();
    window
        .dialogs()
        .setFolderOpener(
            file ->
                getHostServices()
                    .showDocument(file.toAbsolutePath().getParent().toUri().toString()));
    window.dialogs().setRestorer(this::restore);
    window.setDemoOpener(this::showDemo);
    return window;
  }

  /** Where pictures were asked for, nobody sits before the window to read why there are none. */
  private void leaveIfNobodyLooks() {
    if (options.pictures().isPresent()) {
      System.err.println("fret: the demo's book cannot be opened, so no pictures were taken");
      System.exit(2);
    }
  }

  private void doWhatWasAsked(FretWindow window) {
    options.file().ifPresent(window.dialogs()::add);
    options.pictures().ifPresent(folder -> new Pictures(desk.orElseThrow(), window, folder).take());
  }

  private void refuse(String why) {
    List<Backups.Backup> backups = List.of();
    try {
      backups = options.demo() ? List.of() : new Backups(bookFile(options)).list();
    } catch (IOException e) {
      // Then there are none to offer.
    }
    stage.getScene().setRoot(new RefusedPane(why, backups, this::restore, Platform::exit));
  }

  /** Closes the book, puts a copy in its place, and opens that. */
  private void restore(Backups.Backup backup) {
    desk.ifPresent(Desk::close);
    desk = Optional.empty();
    try {
      new Backups(bookFile(options)).restore(backup.file(), LocalDateTime.now(CLOCK));
      show(opened(options, mistakes));
    } catch (BookException e) {
      refuse(e.getMessage());
    }
  }

  /** Leaves the player's own book and shows the demo until the program ends. */
  private void showDemo() {
    desk.ifPresent(Desk::close);
    desk = Optional.empty();
    options = LaunchOptions.of(List.of("demo"));
    show(opened(options, mistakes));
  }

  /**
   * What nobody else has caught: written down, and said in plain words. The book is not touched.
   */
  private void lastResort(Throwable mistake) {
    mistakes.accept(mistake);
    Platform.runLater(() -> desk.ifPresent(d -> d.tell(Notice.ofMistake(mistake))));
  }

  /** A scene of the usual size with Fret's fonts and colours. */
  public static Scene scene(Parent content) {
    Fonts.load();
    Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
    Scene scene = new Scene(content, WIDTH, HEIGHT);
    scene
        .getStylesheets()
        .add(
            Objects.requireNonNull(FretApplication.class.getResource("fret.css")).toExternalForm());
    return scene;
  }

  @Override
  public void stop() {
    desk.ifPresent(Desk::close);
  }
}
