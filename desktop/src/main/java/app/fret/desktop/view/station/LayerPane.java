package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.Parts;
import app.fret.reading.layers.Origin;
import app.fret.study.LayeredPage;
import java.io.File;
import java.util.List;
import java.util.Map;
import javafx.geometry.Pos;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.stage.FileChooser;

/** Whose marks stand on the page: who printed them, and those of others taken in beside them. */
public final class LayerPane extends VBox {
  private static final double WIDTH = 560;

  private final PassageDesk desk;
  private final VBox rows = new VBox(8);

  /** The marks of the open passage. */
  public LayerPane(PassageDesk desk, Runnable onClose) {
    super(12);
    this.desk = desk;
    setId("layer-pane");
    getStyleClass().add("dialog-card");
    setMaxSize(WIDTH, USE_PREF_SIZE);
    getChildren()
        .addAll(
            Parts.label("Whose marks", "why-title"),
            Parts.words(
                "Fingers, bow signs and loudness of different people stand side by side in the"
                    + " Read station: what they agree on once, what differs with its name.",
                "quiet"),
            printedBy(),
            rows,
            new HBox(Parts.stretch(), Parts.button("layer-close", "Done", "main-action", onClose)));
    Parts.whileShown(this, desk.studyProperty(), this::show);
    show();
  }

  private HBox printedBy() {
    HBox row = new HBox(8, Parts.label("Printed in the part by the"));
    row.setAlignment(Pos.CENTER_LEFT);
    ToggleGroup group = new ToggleGroup();
    for (Origin origin : List.of(Origin.COMPOSER, Origin.EDITOR)) {
      ToggleButton chip = new ToggleButton(origin.words());
      chip.setId("printed-by-" + origin.id());
      chip.getStyleClass().add("mode-button");
      chip.setToggleGroup(group);
      chip.setSelected(desk.read().layers().printedBy() == origin);
      chip.setOnAction(
          e -> {
            chip.setSelected(true);
            desk.read()
                .setLayers(
                    desk.read().layers().withPrintedBy(origin), "Printed by the " + origin.words());
          });
      row.getChildren().add(chip);
    }
    return row;
  }

  private void show() {
    rows.getChildren().clear();
    for (Origin origin : List.of(Origin.SECTION, Origin.COACH)) {
      int marks = desk.read().layers().added().getOrDefault(origin, Map.of()).size();
      HBox row =
          new HBox(
              12,
              Parts.label("The " + origin.words() + "'s: " + (marks == 0 ? "none" : marks)),
              Parts.stretch(),
              Parts.button(
                  "pins-as-" + origin.id(),
                  "Keep my pins as these",
                  "link-action",
                  () -> desk.read().keepPinsAs(origin)),
              Parts.button(
                  "file-as-" + origin.id(), "From a file …", "link-action", () -> choose(origin)));
      if (marks > 0) {
        row.getChildren()
            .add(
                Parts.button(
                    "",
                    "Take them out",
                    "link-action",
                    () ->
                        desk.read()
                            .setLayers(
                                desk.read().layers().with(origin, Map.of()),
                                "Took the " + origin.words() + "'s marks out")));
      }
      row.setAlignment(Pos.CENTER_LEFT);
      rows.getChildren().add(row);
    }
    int differ = LayeredPage.differing(desk.study()).size();
    rows.getChildren()
        .add(
            Parts.words(
                differ == 0
                    ? "Those that are shown differ nowhere."
                    : "Those that are shown differ at " + differ + " notes.",
                "quiet"));
  }

  private void choose(Origin origin) {
    FileChooser chooser = new FileChooser();
    chooser.setTitle("Marks of the " + origin.words());
    File file = chooser.showOpenDialog(getScene().getWindow());
    if (file != null) {
      desk.read().takeMarksFrom(file.toPath(), origin);
    }
  }
}
