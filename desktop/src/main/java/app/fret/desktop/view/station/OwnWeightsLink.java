package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.OwnWeightsDesk;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.Parts;
import javafx.scene.control.Button;

/** Leads to the player's own weights; seen only where there are any. */
final class OwnWeightsLink extends Button {
  private final OwnWeightsDesk own;

  OwnWeightsLink(String id, PassageDesk desk, Station.Services services) {
    this.own = desk.ownWeights();
    setId(id);
    getStyleClass().add("link-action");
    setMinWidth(USE_PREF_SIZE);
    managedProperty().bind(visibleProperty());
    setOnAction(e -> services.showOwnWeights());
    Parts.whileShown(this, own.leaningsProperty(), this::show);
    Parts.whileShown(this, desk.studyProperty(), this::show);
    show();
  }

  private void show() {
    int count = own.leaningsProperty().get().size();
    setText(count == 0 ? "Own weights" : "Own weights (" + count + ")");
    setVisible(count > 0 || !own.isNoneInForce());
  }
}
