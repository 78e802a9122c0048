package app.fret.desktop.view;

import app.fret.desktop.model.work.Notice;
import app.fret.desktop.view.part.Parts;
import java.util.Map;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What lies over the window while something is asked or told; only one card at a time. */
final class Veil extends StackPane {
  private final Runnable onUncovered;

  /**
   * A veil with nothing on it, which is not seen.
   *
   * @param onUncovered is called when the window is free again
   */
  Veil(Runnable onUncovered) {
    this.onUncovered = onUncovered;
    getStyleClass().add("veil");
    setVisible(false);
  }

  /** Tells of something that went wrong; a mistake of the program's own has details to copy. */
  void tell(Notice notice) {
    if (notice.details().isEmpty()) {
      tell(notice.words());
    } else {
      String details = notice.details().get();
      tell(
          notice.words(),
          Parts.button("copy-details", "Copy the details", "outline-action", () -> copy(details)));
    }
  }

  private static void copy(String text) {
    ClipboardContent content = new ClipboardContent();
    content.putString(text);
    Clipboard.getSystemClipboard().setContent(content);
  }

  void tell(String what, Node... actions) {
    Label words = Parts.words(what);
    words.setId("notice-words");
    var close = Parts.button("notice-close", "Close", "main-action", this::uncover);
    HBox row = new HBox(8, Parts.stretch());
    row.getChildren().addAll(actions);
    row.getChildren().add(close);
    VBox card = new VBox(16, words, row);
    card.setId("notice");
    card.getStyleClass().add("dialog-card");
    card.setMaxSize(460, USE_PREF_SIZE);
    cover(card);
    close.requestFocus();
  }

  /** Lists all keys. */
  void showKeys() {
    GridPane table = new GridPane();
    table.setHgap(24);
    table.setVgap(4);
    int row = 0;
    for (Map.Entry<String, String> key : Keys.help().entrySet()) {
      table.addRow(row++, Parts.label(key.getKey(), "key-name"), Parts.label(key.getValue()));
    }
    var close = Parts.button("keys-close", "Close", "main-action", this::uncover);
    VBox card =
        new VBox(16, Parts.label("Keys", "why-title"), table, new HBox(Parts.stretch(), close));
    card.setId("keys");
    card.getStyleClass().add("dialog-card");
    card.setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
    cover(card);
  }

  void cover(Node card) {
    getChildren().setAll(card);
    StackPane.setAlignment(card, Pos.CENTER);
    setVisible(true);
  }

  /** Covers the window but for a margin. */
  void coverWide(Region card) {
    cover(card);
    StackPane.setMargin(card, new Insets(24));
  }

  void uncover() {
    setVisible(false);
    getChildren().clear();
    onUncovered.run();
  }
}
