package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.music.ShapeLegend;
import app.fret.desktop.music.lane.AmountLane;
import app.fret.desktop.music.lane.Lane;
import app.fret.desktop.music.lane.Lanes;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.ShownAs;
import app.fret.shape.Phrase;
import app.fret.shape.Proposal;
import app.fret.shape.Style;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * The passage with its levels, phrases, vibrato and bow under it. A peak is moved by dragging it in
 * the lane of levels to another note, the beginning of a phrase likewise, or both by keys.
 */
final class ShapeStation extends VBox {
  private final PassageDesk desk;
  private final Map<Proposal, CheckBox> proposals = new HashMap<>();
  private final ComboBox<Style> style = new ComboBox<>();
  private final Label figures = Parts.label("", "quiet");
  private final ScoreView score;
  private boolean isFilling;

  ShapeStation(PassageDesk desk) {
    this.desk = desk;
    this.score = new ScoreView("shape-score", Lanes.SHAPE, ScoreView.LARGE, desk::layOut);
    setId("shape-station");
    figures.setId("shape-figures");
    VBox.setVgrow(score, Priority.ALWAYS);
    getChildren().addAll(proposalRow(), figureRow(), score, new ShapeLegend());
    score.selectedNoteProperty().bindBidirectional(desk.selection().noteProperty());
    score.setOnLaneDragged(this::dragging, this::dropped);
    desk.studyProperty().addListener((property, before, now) -> show(Optional.of(before)));
    show(Optional.empty());
  }

  private FlowPane proposalRow() {
    FlowPane row = new FlowPane(14, 6);
    row.getStyleClass().add("station-head");
    row.setAlignment(Pos.CENTER_LEFT);
    row.getChildren().add(Parts.label("Propose", "quiet"));
    for (Proposal proposal : Proposal.values()) {
      CheckBox box = new CheckBox(proposal.words());
      box.setId("propose-" + proposal.id());
      box.setTooltip(new Tooltip(proposal.sentence()));
      box.setFocusTraversable(false);
      box.setOnAction(e -> desk.shape().set(proposal, box.isSelected()));
      proposals.put(proposal, box);
      row.getChildren().add(box);
    }
    return row;
  }

  private HBox figureRow() {
    style.setId("shape-style");
    style.getItems().setAll(Style.values());
    style.setConverter(new ShownAs<>(Style::words));
    style.setFocusTraversable(false);
    style.setOnAction(
        e -> {
          if (!isFilling && style.getValue() != null) {
            desk.shape().setStyle(style.getValue());
          }
        });
    style.setMinWidth(USE_PREF_SIZE);
    HBox row = new HBox(10, figures, Parts.stretch(), style);
    row.getStyleClass().add("station-figures");
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  private void dragging(int from, int to) {
    score.litProperty().set(Set.of(isBorder(from) ? to : within(from, to)));
  }

  /** A phrase that leads to its first note is dragged by its peak. */
  private boolean isBorder(int note) {
    Phrase phrase = desk.study().levels().phraseOf(note);
    boolean isPeak = !phrase.isLevel() && phrase.peak() == note;
    return note > 0 && phrase.firstNote() == note && !isPeak;
  }

  private void dropped(int from, int to) {
    score.litProperty().set(Set.of());
    Phrase phrase = desk.study().levels().phraseOf(from);
    if (from != to && isBorder(from)) {
      desk.shape().moveBorder(from, to);
    } else if (from != to) {
      desk.shape().setPeak(phrase, within(from, to));
    }
  }

  private int within(int from, int to) {
    Phrase phrase = desk.study().levels().phraseOf(from);
    return Math.max(phrase.firstNote(), Math.min(phrase.lastNote(), to));
  }

  private void show(Optional<Study> before) {
    Study study = desk.study();
    Optional<Study> same =
        before.filter(
            b ->
                b.passage().equals(study.passage())
                    && !b.choices().shape().equals(study.choices().shape()));
    List<Lane> lanes = new ArrayList<>(Lanes.SHAPE);
    lanes.set(lanes.size() - 1, new AmountLane(same));
    isFilling = true;
    proposals.forEach((p, box) -> box.setSelected(study.choices().shape().has(p)));
    style.setValue(study.choices().shape().style());
    isFilling = false;
    int conflicts = study.vibrato().conflicts().size();
    int phrases = study.levels().phrases().size();
    figures.setText(
        Words.count(phrases, "phrase", "phrases")
            + " · "
            + Words.count(conflicts, "long note", "long notes")
            + " cannot vibrate");
    score.setLanes(lanes);
    score.studyProperty().set(Optional.of(study));
  }
}
