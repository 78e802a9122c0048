package app.fret.desktop.view.station;

import app.fret.bow.BowPlan;
import app.fret.bow.stroke.Accents;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.Stroke;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.music.lane.Lanes;
import app.fret.desktop.music.lane.PlaneLane;
import app.fret.desktop.music.lane.TrackLane;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.ShownAs;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.CycleMethod;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.Stop;
import javafx.scene.shape.Rectangle;

/**
 * The passage with its bow signs, under it where on the bow each stroke lies and on which plane,
 * and how far the printed bowing binds.
 */
final class BowStation extends VBox {
  private static final double LEGEND_WIDTH = 60;
  private static final double LEGEND_HEIGHT = 8;

  private final PassageDesk desk;
  private final Label figures = Parts.label("", "quiet");
  private final Label planes = Parts.label("", "quiet");
  private final ToggleGroup schools = new ToggleGroup();
  private final ComboBox<Accents> accents = new ComboBox<>();
  private final CheckBox opposite = new CheckBox("opposite each time");
  private final ComboBox<Double> tempo = new ComboBox<>();
  private final ScoreView score;
  private boolean isFilling;

  BowStation(PassageDesk desk, Station.Services services) {
    this.desk = desk;
    this.score = new ScoreView("bow-score", Lanes.BOW, ScoreView.LARGE, desk::layOut);
    setId("bow-station");
    figures.setId("bow-figures");
    planes.setId("bow-planes");
    VBox.setVgrow(score, Priority.ALWAYS);
    getChildren().addAll(schoolRow(services), figureRow(), score);
    score.selectedNoteProperty().bindBidirectional(desk.selection().noteProperty());
    desk.studyProperty().addListener((property, before, now) -> show());
    desk.bow().rungProperty().addListener((property, before, now) -> showTempo());
    show();
  }

  private FlowPane schoolRow(Station.Services services) {
    FlowPane row = new FlowPane(6, 6);
    row.getStyleClass().add("station-head");
    row.setAlignment(Pos.CENTER_LEFT);
    for (BowSchool school : BowSchool.values()) {
      row.getChildren().add(chip(school));
    }
    opposite.setId("figures-opposite");
    opposite.setFocusTraversable(false);
    opposite.setTooltip(new Tooltip("A figure that comes back starts with the opposite bow."));
    opposite.setOnAction(e -> desk.bow().setOpposite(opposite.isSelected()));
    Button compare =
        Parts.button("compare-bowings", "Compare", "link-action", services::compareBowings);
    HBox at = new HBox(6, Parts.label("at", "quiet"), tempoChoice());
    at.setAlignment(Pos.CENTER_LEFT);
    HBox byWhat = new HBox(6, Parts.label("accents by", "quiet"), accentChoice());
    byWhat.setAlignment(Pos.CENTER_LEFT);
    row.getChildren()
        .addAll(
            opposite,
            byWhat,
            compare,
            at,
            new OwnWeightsLink("show-own-weights-bow", desk, services));
    return row;
  }

  private ToggleButton chip(BowSchool school) {
    ToggleButton chip = new ToggleButton(chipWords(school));
    chip.setId("school-" + school.id());
    chip.getStyleClass().add("chip");
    chip.setToggleGroup(schools);
    chip.setUserData(school);
    chip.setFocusTraversable(false);
    chip.setMinWidth(USE_PREF_SIZE);
    chip.setTooltip(new Tooltip(school.words()));
    chip.setOnAction(
        e -> {
          chip.setSelected(true);
          desk.bow().setSchool(school);
        });
    return chip;
  }

  private static String chipWords(BowSchool school) {
    return switch (school) {
      case PRINTED -> "As printed";
      case SECTION -> "Section";
      case FREE -> "Free";
    };
  }

  private ComboBox<Double> tempoChoice() {
    tempo.setId("bow-tempo");
    tempo.setFocusTraversable(false);
    tempo.setMinWidth(USE_PREF_SIZE);
    tempo.setConverter(new ShownAs<>(t -> String.format(Locale.ROOT, "%.0f a minute", t)));
    tempo.setOnAction(
        e -> {
          if (!isFilling && tempo.getValue() != null) {
            boolean target = tempo.getValue() == desk.study().choices().target().perMinute();
            desk.bow()
                .rungProperty()
                .set(target ? OptionalDouble.empty() : OptionalDouble.of(tempo.getValue()));
          }
        });
    return tempo;
  }

  private ComboBox<Accents> accentChoice() {
    accents.setId("bow-accents");
    accents.setFocusTraversable(false);
    accents.setMinWidth(USE_PREF_SIZE);
    accents.getItems().setAll(Accents.values());
    accents.setConverter(new ShownAs<>(Accents::words));
    accents.setOnAction(
        e -> {
          if (!isFilling && accents.getValue() != null) {
            desk.bow().setAccents(accents.getValue());
          }
        });
    return accents;
  }

  private HBox figureRow() {
    Label speed = Parts.label("speed, " + TrackLane.legend(), "quiet");
    speed.setMinWidth(USE_PREF_SIZE);
    HBox row = new HBox(10, new VBox(figures, planes), Parts.stretch(), speed, legend());
    row.getStyleClass().add("station-figures");
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
    planes.setText(PlaneLane.words(bow.planes()));
    schools.getToggles().stream()
        .filter(t -> t.getUserData() == study.choices().bow().school())
        .forEach(schools::selectToggle);
    opposite.setSelected(study.choices().bow().opposite());
    isFilling = true;
    accents.setValue(study.choices().bow().accents());
    isFilling = false;
    fillTempos(study);
    score.studyProperty().set(Optional.of(study));
  }

  /** The target and the rungs below it, the target first. */
  private void fillTempos(Study study) {
    List<Double> tempos = new ArrayList<>(study.practice().ladder().rungs());
    double target = study.choices().target().perMinute();
    tempos.removeIf(t -> t == target);
    Collections.reverse(tempos);
    tempos.add(0, target);
    isFilling = true;
    tempo.setItems(FXCollections.observableArrayList(tempos));
    double shown = desk.bow().rungProperty().get().orElse(target);
    tempo.setValue(tempos.contains(shown) ? shown : target);
    isFilling = false;
  }

  private void showTempo() {
    score.setLanes(Lanes.bow(desk.bow().tempoShare()));
  }
}
