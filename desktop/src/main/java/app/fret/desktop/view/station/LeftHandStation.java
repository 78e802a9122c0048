package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.passage.Selection;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.music.FingerboardView;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.music.lane.Lanes;
import app.fret.desktop.view.part.Parts;
import app.fret.lefthand.Totals;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.study.Study;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.animation.PauseTransition;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/**
 * The engraved passage with fingers and strings, the path and reach of the hand under it, the
 * fingerboard to scale, and what the fingering is to be good for.
 */
final class LeftHandStation extends VBox {
  private static final Duration LIT = Duration.seconds(2);

  private final PassageDesk desk;
  private final Label figures = Parts.label("", "quiet");
  private final ScoreView score;
  private final FingerboardView fingerboard = new FingerboardView();
  private final ToggleGroup profiles = new ToggleGroup();
  private final PauseTransition putOut = new PauseTransition(LIT);

  LeftHandStation(PassageDesk desk, Station.Services services) {
    this.desk = desk;
    this.score = new ScoreView("left-hand-score", Lanes.LEFT_HAND, ScoreView.LARGE, desk::layOut);
    setId("left-hand-station");
    figures.setId("left-hand-figures");
    VBox.setVgrow(score, Priority.ALWAYS);
    getChildren().addAll(profileRow(), figureRow(services), score, fingerboard);
    Selection selection = desk.selection();
    score.selectedNoteProperty().bindBidirectional(selection.noteProperty());
    fingerboard.selectedNoteProperty().bind(selection.noteProperty());
    selection.noteProperty().addListener((property, before, now) -> showRange());
    selection.startProperty().addListener((property, before, now) -> showRange());
    desk.studyProperty().addListener((property, before, now) -> show());
    desk.changedNotesProperty().addListener((property, before, now) -> light(now));
    putOut.setOnFinished(e -> score.litProperty().set(Set.of()));
    show();
    showRange();
  }

  private HBox profileRow() {
    HBox row = new HBox(6);
    row.getStyleClass().add("station-head");
    row.setAlignment(Pos.CENTER_LEFT);
    for (String name : Profiles.NAMES) {
      if (!name.equals(Profiles.AS_PRINTED) || desk.study().printsFingers()) {
        row.getChildren().add(chip(Profiles.named(name)));
      }
    }
    return row;
  }

  private ToggleButton chip(Profile profile) {
    ToggleButton chip = new ToggleButton(profile.label());
    chip.setId("profile-" + profile.name());
    chip.getStyleClass().add("chip");
    chip.setToggleGroup(profiles);
    chip.setUserData(profile.name());
    chip.setFocusTraversable(false);
    chip.setMinWidth(USE_PREF_SIZE);
    chip.setOnAction(
        e -> {
          chip.setSelected(true);
          desk.leftHand().setProfile(profile.name());
        });
    return chip;
  }

  private HBox figureRow(Station.Services services) {
    Button compare = Parts.button("compare-plans", "Compare", "link-action", services::compare);
    Button player = Parts.button("show-player", "Your hand", "link-action", services::showPlayer);
    compare.setMinWidth(USE_PREF_SIZE);
    player.setMinWidth(USE_PREF_SIZE);
    HBox row =
        new HBox(
            20,
            figures,
            Parts.stretch(),
            new OwnWeightsLink("show-own-weights", desk, services),
            compare,
            player);
    row.getStyleClass().add("station-figures");
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private void show() {
    Study study = desk.study();
    Totals totals = study.leftHand().totals();
    String travel =
        totals.shifts() == 0
            ? ""
            : String.format(
                Locale.ROOT,
                ", %.0f mm, up to %.1f bits",
                totals.travelMm(),
                totals.hardestShiftBits());
    figures.setText(
        Words.count(totals.shifts(), "shift", "shifts")
            + travel
            + " · "
            + Words.count(totals.crossings(), "crossing", "crossings"));
    profiles.getToggles().stream()
        .filter(t -> t.getUserData().equals(study.choices().profile().name()))
        .forEach(profiles::selectToggle);
    score.studyProperty().set(Optional.of(study));
    fingerboard.studyProperty().set(Optional.of(study));
  }

  private void showRange() {
    score.rangeProperty().set(desk.selection().range());
  }

  /** Lights what the last change moved, for a moment. */
  private void light(Set<Integer> notes) {
    score.litProperty().set(notes);
    putOut.playFromStart();
  }
}
