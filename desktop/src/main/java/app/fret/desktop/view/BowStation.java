package app.fret.desktop.view;

import app.fret.bow.BowPlan;
import app.fret.bow.Stroke;
import app.fret.desktop.model.PassageDesk;
import app.fret.desktop.model.Words;
import app.fret.desktop.music.Lanes;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.music.TrackLane;
import app.fret.study.Study;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.CycleMethod;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.Stop;
import javafx.scene.shape.Rectangle;

/** The passage with its bow signs, and under it where on the bow each stroke lies. */
final class BowStation extends VBox {
  private static final double LEGEND_WIDTH = 70;
  private static final double LEGEND_HEIGHT = 8;

  private final PassageDesk desk;
  private final Label figures = Parts.label("", "quiet");
  private final ScoreView score;

  BowStation(PassageDesk desk) {
    this.desk = desk;
    this.score = new ScoreView("bow-score", Lanes.BOW, ScoreView.LARGE, desk::layOut);
    setId("bow-station");
    figures.setId("bow-figures");
    VBox.setVgrow(score, Priority.ALWAYS);
    getChildren().addAll(figureRow(), score);
    score.selectedNoteProperty().bindBidirectional(desk.selection().noteProperty());
    desk.studyProperty().addListener((property, before, now) -> show());
    show();
  }

  private HBox figureRow() {
    Label speed = Parts.label("speed, " + TrackLane.legend(), "quiet");
    speed.setMinWidth(USE_PREF_SIZE);
    HBox row = new HBox(10, figures, Parts.stretch(), speed, legend());
    row.getStyleClass().add("station-head");
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private static Rectangle legend() {
    Rectangle legend = new Rectangle(LEGEND_WIDTH, LEGEND_HEIGHT);
    legend.setFill(
        new LinearGradient(
            0,
            0,
            1,
            0,
            true,
            CycleMethod.NO_CYCLE,
            new Stop(0, TrackLane.colour(TrackLane.SLOW_CM_PER_SECOND)),
            new Stop(1, TrackLane.colour(TrackLane.FAST_CM_PER_SECOND))));
    return legend;
  }

  private void show() {
    Study study = desk.study();
    BowPlan bow = study.bow();
    int lifts = (int) bow.strokes().stream().filter(Stroke::retakeBefore).count();
    figures.setText(
        Words.count(bow.strokes().size(), "stroke", "strokes")
            + " · "
            + Words.count(lifts, "lift", "lifts")
            + " · "
            + Words.count(bow.troubles().size(), "trouble", "troubles")
            + String.format(Locale.ROOT, " · %.0f cm of hair", bow.hairCm()));
    score.studyProperty().set(Optional.of(study));
  }
}
