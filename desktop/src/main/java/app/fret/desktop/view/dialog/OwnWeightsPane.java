package app.fret.desktop.view.dialog;

import app.fret.desktop.model.passage.OwnWeightsDesk;
import app.fret.desktop.model.passage.OwnWeightsDesk.Own;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.Parts;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What a player's own choices changed in the weights, from which figures, and how to undo it. */
public final class OwnWeightsPane extends VBox {
  private static final double WIDTH = 640;

  private final OwnWeightsDesk own;
  private final VBox rows = new VBox(10);

  /** The weights of the open passage's player. */
  public OwnWeightsPane(PassageDesk desk, Runnable onClose) {
    super(14);
    this.own = desk.ownWeights();
    setId("own-weights-pane");
    getStyleClass().add("dialog-card");
    setMaxSize(WIDTH, USE_PREF_SIZE);
    HBox foot =
        new HBox(
            Parts.stretch(), Parts.button("own-weights-close", "Done", "main-action", onClose));
    getChildren()
        .addAll(
            Parts.label("Your own weights", "why-title"),
            Parts.words(
                "Where ways you kept with more of something lead those with less by three, its"
                    + " weight falls until they are no dearer than what was planned; and the other"
                    + " way round. A way counts as long as it is decided."),
            rows,
            foot);
    Parts.whileShown(this, own.leaningsProperty(), this::show);
    Parts.whileShown(this, desk.studyProperty(), this::show);
    show();
  }

  private void show() {
    rows.getChildren().clear();
    for (Own leaning : own.leaningsProperty().get()) {
      rows.getChildren()
          .add(
              row(
                  own.words(leaning),
                  "take-back-" + leaning.leaning().term(),
                  "Take back",
                  () -> own.takeBack(leaning)));
    }
    if (rows.getChildren().isEmpty() && own.isNoneInForce()) {
      rows.getChildren().add(Parts.words("Nothing weighs otherwise for you than for everybody."));
    } else if (own.isInForce()) {
      rows.getChildren()
          .add(
              row(
                  "This passage is planned with them.",
                  "own-weights-leave",
                  "Plan it without",
                  own::leave));
    } else {
      rows.getChildren()
          .add(
              row(
                  own.isNoneInForce()
                      ? "This passage is planned without them, as it was begun."
                      : "This passage is planned with earlier ones.",
                  "own-weights-use",
                  "Plan it with them",
                  own::use));
    }
  }

  private static HBox row(String words, String id, String action, Runnable does) {
    Label label = Parts.words(words);
    HBox.setHgrow(label, Priority.ALWAYS);
    label.setMaxWidth(Double.MAX_VALUE);
    Button button = Parts.button(id, action, "outline-action", does);
    button.setMinWidth(USE_PREF_SIZE);
    HBox row = new HBox(12, label, button);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }
}
