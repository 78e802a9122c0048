package app.fret.desktop.view;

import app.fret.desktop.model.PassageDesk;
import app.fret.desktop.model.Words;
import app.fret.desktop.music.ScoreView;
import app.fret.lefthand.Totals;
import app.fret.study.Study;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The engraved passage with fingers and strings, and the path of the hand under it. */
final class LeftHandStation extends VBox {
  private final PassageDesk desk;
  private final Label figures = Parts.label("", "quiet");
  private final ScoreView score = new ScoreView(ScoreView.Layer.LEFT_HAND);

  LeftHandStation(PassageDesk desk) {
    this.desk = desk;
    setId("left-hand-station");
    figures.setId("left-hand-figures");
    HBox head =
        new HBox(
            Parts.label("Fingering for security: low positions, open strings welcome", "quiet"),
            Parts.stretch(),
            figures);
    head.getStyleClass().add("station-head");
    head.setAlignment(Pos.CENTER_LEFT);
    VBox.setVgrow(score, Priority.ALWAYS);
    getChildren().addAll(head, score);
    score.selectedNoteProperty().bindBidirectional(desk.selectedNoteProperty());
    desk.studyProperty().addListener((property, before, now) -> show());
    show();
  }

  private void show() {
    Study study = desk.study();
    Totals totals = study.leftHand().totals();
    figures.setText(
        Words.count(totals.shifts(), "shift", "shifts")
            + String.format(Locale.ROOT, ", %.0f mm in all · ", totals.travelMm())
            + Words.count(totals.crossings(), "crossing", "crossings"));
    score.studyProperty().set(Optional.of(study));
  }

  ScoreView score() {
    return score;
  }
}
