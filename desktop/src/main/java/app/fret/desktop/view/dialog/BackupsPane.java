package app.fret.desktop.view.dialog;

import app.fret.book.Backups;
import app.fret.desktop.model.Desk;
import app.fret.desktop.view.part.Parts;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Offers the copies of the book beside it, one for each day of use. */
public final class BackupsPane extends VBox {
  /** The copies of the book on a desk. */
  public BackupsPane(Desk desk, Consumer<Backups.Backup> restorer, Runnable onClose) {
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
    getChildren().add(new BackupLines(backups, "Go back to this day", restorer));
    if (backups.isEmpty()) {
      getChildren().add(Parts.words("There is no copy yet: the first is made today.", "quiet"));
    }
    getChildren()
        .add(
            new HBox(
                Parts.stretch(), Parts.button("backups-close", "Close", "main-action", onClose)));
  }
}
