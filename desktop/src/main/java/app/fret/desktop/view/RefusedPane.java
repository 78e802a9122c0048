package app.fret.desktop.view;

import app.fret.book.Backups;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.dialog.BackupLines;
import app.fret.desktop.view.part.Parts;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What stands in the window when the book cannot be opened: why, and what can be done. */
public final class RefusedPane extends StackPane {
  private static final int OFFERED = 5;

  /**
   * A window's content.
   *
   * @param why why the book cannot be opened
   * @param backups copies that can be put in its place
   * @param restorer puts one in its place and opens it
   * @param onClose ends the program
   */
  public RefusedPane(
      String why,
      List<Backups.Backup> backups,
      Consumer<Backups.Backup> restorer,
      Runnable onClose) {
    setId("refused");
    getStyleClass().add("fret");
    Label words = Parts.words(Words.sentence(why));
    words.setId("refused-words");
    VBox card = new VBox(12, Parts.label("The practice book cannot be opened", "why-title"), words);
    card.getStyleClass().add("dialog-card");
    card.setMaxSize(560, USE_PREF_SIZE);
    if (!backups.isEmpty()) {
      card.getChildren()
          .addAll(
              Parts.heading("Copies of earlier days beside it"),
              new BackupLines(
                  backups.stream().limit(OFFERED).toList(),
                  "Open this copy in its place",
                  restorer));
    }
    card.getChildren()
        .add(
            new HBox(
                Parts.stretch(), Parts.button("refused-close", "Close", "main-action", onClose)));
    getChildren().add(card);
  }
}
