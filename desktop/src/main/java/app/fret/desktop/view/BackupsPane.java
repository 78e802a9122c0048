package app.fret.desktop.view;

import app.fret.book.Backups;
import app.fret.desktop.model.Desk;
import app.fret.desktop.model.Words;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Offers the copies of the book beside it, one for each day of use. */
final class BackupsPane extends VBox {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM yyyy", Locale.ENGLISH);

  BackupsPane(Desk desk, Consumer<Backups.Backup> restorer, Runnable onClose) {
    super(12);
    setId("backups");
    getStyleClass().add("dialog-card");
    setMaxSize(520, USE_PREF_SIZE);
    getChildren()
        .addAll(
            Parts.label("Go back to an earlier day", "why-title"),
            Parts.words(
                "On each day of use the book is copied as the day began; the ten newest copies are"
                    + " kept beside it. Going back keeps the book as it is now in a file of its own."));
    List<Backups.Backup> backups = desk.backups();
    backups.forEach(b -> getChildren().add(line(b, restorer)));
    if (backups.isEmpty()) {
      getChildren().add(Parts.words("There is no copy yet: the first is made today.", "quiet"));
    }
    getChildren()
        .add(
            new HBox(
                Parts.stretch(), Parts.button("backups-close", "Close", "main-action", onClose)));
  }

  private static HBox line(Backups.Backup backup, Consumer<Backups.Backup> restorer) {
    Label day = Parts.label(DAY.format(backup.day()));
    Label size = Parts.label(Words.bytes(backup.bytes()), "quiet");
    HBox line =
        new HBox(
            12,
            day,
            size,
            Parts.stretch(),
            Parts.button(
                "restore-" + backup.day(),
                "Go back to this day",
                "outline-action",
                () -> restorer.accept(backup)));
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }
}
