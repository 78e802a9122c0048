package app.fret.desktop.view;

import app.fret.desktop.model.Desk;
import app.fret.desktop.model.Preview;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.music.SheetView;
import app.fret.desktop.view.part.Parts;
import app.fret.engraving.Engraver;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The music of a passage while it is being planned, in grey: to read, not to choose from. */
final class PreviewPane extends VBox {
  private static final double LEAST_WIDTH = 200;

  private final Desk desk;
  private final Preview preview;
  private final SheetView sheet = new SheetView("preview-score", ScoreView.LARGE);

  PreviewPane(Desk desk, Preview preview) {
    this.desk = desk;
    this.preview = preview;
    setId("preview");
    Label words =
        Parts.label(
            preview.isMarked()
                ? "Fingers and bow as last time; they are being worked out again."
                : "Fingers and bow are being worked out.",
            "quiet");
    words.getStyleClass().add("preview-words");
    sheet.getStyleClass().add("preview-score");
    VBox.setVgrow(sheet, Priority.ALWAYS);
    getChildren().addAll(words, sheet);
    sheet
        .viewportBoundsProperty()
        .addListener(
            (property, before, now) -> {
              if (now.getWidth() != before.getWidth() && now.getWidth() >= LEAST_WIDTH) {
                engrave();
              }
            });
  }

  private void engrave() {
    double width = sheet.widthInSpaces();
    desk.layOut(this, () -> new Engraver().engrave(preview.music(), width), sheet::show);
  }
}
