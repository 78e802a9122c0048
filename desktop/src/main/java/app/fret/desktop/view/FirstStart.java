package app.fret.desktop.view;

import app.fret.desktop.view.part.Parts;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What a book without a passage offers: three ways on. */
final class FirstStart extends StackPane {
  private static final double WIDTH = 200;
  private static final double HEIGHT = 76;

  FirstStart(Runnable onWrite, Runnable onOpen, Runnable onDemo) {
    setId("first-start");
    HBox ways =
        new HBox(
            16,
            way(
                "first-write",
                "Write music in",
                "Only paper? Type it, eight bars take minutes.",
                onWrite),
            way(
                "first-open",
                "Open a file",
                "MusicXML, ABC or MIDI; or drop some on the window.",
                onOpen),
            way(
                "first-demo",
                "Look at the demo",
                "Four made-up players with their passages.",
                onDemo));
    ways.setAlignment(Pos.CENTER);
    ways.setFillHeight(false);
    VBox all =
        new VBox(
            20,
            Parts.label("What do you want to prepare?", "empty-title"),
            ways,
            Parts.words("Everything is kept as you go; there is nothing to save.", "quiet"));
    all.setAlignment(Pos.CENTER);
    all.setMaxHeight(USE_PREF_SIZE);
    getChildren().add(all);
  }

  private static Button way(String id, String what, String words, Runnable action) {
    VBox card = new VBox(6, Parts.label(what, "way-title"), Parts.words(words, "quiet"));
    card.setMinSize(WIDTH, HEIGHT); // words that wrap would else ask for room as if in one column
    card.setMaxSize(WIDTH, HEIGHT);
    Button button = Parts.button(id, "", "way-on", action);
    button.setGraphic(card);
    button.setMaxHeight(USE_PREF_SIZE);
    button.setAccessibleText(what + ". " + words);
    return button;
  }
}
