package app.fret.desktop.view.practice;

import app.fret.desktop.model.passage.Command;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.schedule.MissKind;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;

/** What went wrong in a pass: one click for each kind, and one for what else went wrong in it. */
final class MissChips extends FlowPane {
  private static final PseudoClass GOES_ON = PseudoClass.getPseudoClass("goes-on");

  private final PassageDesk desk;

  MissChips(PassageDesk desk) {
    super(5, 4);
    this.desk = desk;
    setId("miss-chips");
    setAlignment(Pos.CENTER_LEFT);
    getChildren().add(Parts.label("It was", "small"));
    for (int i = 0; i < Command.MISSED.size(); i++) {
      MissKind kind = MissKind.values()[i];
      getChildren().add(chip("miss-" + kind.id(), (i + 1), kind.words(), Command.MISSED.get(i)));
    }
    Button also = chip("miss-too", "A", "and also", Command.MISSED_TOO);
    getChildren().add(also);
    Parts.whileShown(
        this,
        desk.practise().said().goesOnProperty(),
        () -> also.pseudoClassStateChanged(GOES_ON, desk.practise().said().goesOnProperty().get()));
    managedProperty().bind(visibleProperty());
  }

  private Button chip(String id, Object key, String words, Command command) {
    Button chip = Parts.button(id, key + " " + words, "miss-chip", () -> desk.perform(command));
    chip.setAccessibleText(command.words());
    chip.setFocusTraversable(false);
    return chip;
  }
}
