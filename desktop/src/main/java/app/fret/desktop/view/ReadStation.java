package app.fret.desktop.view;

import app.fret.desktop.model.PassageDesk;
import app.fret.desktop.music.Lanes;
import app.fret.desktop.music.ScoreView;
import java.util.Optional;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The passage as it is printed. */
final class ReadStation extends VBox {
  ReadStation(PassageDesk desk) {
    setId("read-station");
    ScoreView score = new ScoreView("read-score", Lanes.NONE, ScoreView.LARGE, desk::layOut);
    VBox.setVgrow(score, Priority.ALWAYS);
    getChildren().add(score);
    score.selectedNoteProperty().bindBidirectional(desk.selection().noteProperty());
    desk.studyProperty()
        .addListener((property, before, now) -> score.studyProperty().set(Optional.of(now)));
    score.studyProperty().set(Optional.of(desk.study()));
  }
}
