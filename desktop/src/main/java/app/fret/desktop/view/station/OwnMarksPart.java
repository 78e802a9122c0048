package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.Parts;
import app.fret.score.LevelSigns;
import app.fret.shape.Levels;
import app.fret.shape.OwnLevel;
import app.fret.shape.OwnMarks;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What the player writes into the part: a level or a hairpin over notes, and notes brought out. */
final class OwnMarksPart extends VBox {
  private static final int SOFT = 1;
  private static final int LOUD = 9;

  private final PassageDesk desk;
  private final int note;

  /** The part of the panel for a note. */
  OwnMarksPart(PassageDesk desk, int note) {
    super(5);
    this.desk = desk;
    this.note = note;
    getChildren().addAll(Parts.heading("Your own marks"), Parts.words(stretch(), "small"));
    getChildren().addAll(levels(), hairpin());
    desk.shape().levelAt(note).ifPresent(this::addAsPrinted);
    addBringOut();
  }

  private String stretch() {
    boolean isPhrase = desk.selection().range().filter(r -> r.first() == r.last()).isPresent();
    return isPhrase
        ? "A level for this phrase; select notes with Shift and the arrows to give it to them alone."
        : "A level for the selected notes.";
  }

  private FlowPane levels() {
    FlowPane row = new FlowPane(4, 4);
    Optional<OwnMarks.Given> now = desk.shape().levelAt(note);
    for (String sign : LevelSigns.ALL.subList(SOFT, LOUD)) {
      double level = OwnLevel.level(sign);
      boolean isOn =
          now.filter(g -> !g.level().isHairpin() && g.level().from() == level).isPresent();
      Button button =
          Parts.button(
              "level-" + sign,
              sign,
              isOn ? "main-action" : "outline-action",
              () -> desk.shape().setLevel(level, level));
      button.setFocusTraversable(false);
      row.getChildren().add(button);
    }
    return row;
  }

  private HBox hairpin() {
    ComboBox<String> from = signs("hairpin-from");
    ComboBox<String> to = signs("hairpin-to");
    from.setValue("p");
    to.setValue("f");
    Button give =
        Parts.button(
            "give-hairpin",
            "Lead",
            "outline-action",
            () ->
                desk.shape()
                    .setLevel(OwnLevel.level(from.getValue()), OwnLevel.level(to.getValue())));
    give.setFocusTraversable(false);
    HBox row = new HBox(6, Parts.label("from"), from, Parts.label("to"), to, give);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static ComboBox<String> signs(String id) {
    ComboBox<String> signs = new ComboBox<>();
    signs.setId(id);
    signs.getItems().setAll(LevelSigns.ALL);
    signs.setFocusTraversable(false);
    return signs;
  }

  private void addAsPrinted(OwnMarks.Given given) {
    String words = "It is played " + given.level().words() + " as you set it.";
    Button back =
        Parts.button(
            "level-as-printed",
            "As printed",
            "outline-action",
            () -> desk.shape().removeLevel(given));
    back.setFocusTraversable(false);
    getChildren().addAll(Parts.words(words, "small"), back);
  }

  private void addBringOut() {
    Levels levels = desk.study().levels();
    boolean isOut = levels.isBroughtOut(note);
    Button button =
        Parts.button(
            "bring-out",
            isOut ? "No longer bring it out (O)" : "Bring it out (O)",
            isOut ? "main-action" : "outline-action",
            desk.shape()::bringOut);
    button.setFocusTraversable(false);
    getChildren().add(button);
  }
}
