package app.fret.desktop.view.station;

import app.fret.bow.BowPlan;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.desktop.model.passage.BowCandidate;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.music.lane.Lanes;
import app.fret.desktop.view.part.FigureTable;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.ShownAs;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javafx.collections.FXCollections;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Two bowings side by side: figures in columns, differing notes lit, and either can be taken. */
public final class CompareBowings extends VBox {
  private final PassageDesk desk;
  private final Runnable onClose;
  private final Side left;
  private final Side right;
  private final FigureTable figures = new FigureTable();
  private final Label differing = Parts.label("", "quiet");

  /** One of the two bowings. */
  private final class Side {
    private final ComboBox<BowCandidate> choice = new ComboBox<>();
    private final ScoreView score;
    private final Button take;

    Side(String name) {
      choice.setId("bowing-" + name);
      choice.setMaxWidth(Double.MAX_VALUE);
      choice.setConverter(new ShownAs<>(BowCandidate::name));
      score = new ScoreView("bowing-score-" + name, Lanes.BOW_TRACK, ScoreView.SMALL, desk::layOut);
      take = Parts.button("take-bowing-" + name, "Take this one", "main-action", this::take);
    }

    private void take() {
      onClose.run();
      BowCandidate taken = choice.getValue();
      desk.bow().take(taken.study().choices().bow(), "Took " + taken.name());
    }

    VBox box() {
      VBox.setVgrow(score, Priority.ALWAYS);
      VBox box = new VBox(8, choice, score, take);
      HBox.setHgrow(box, Priority.ALWAYS);
      box.setMinWidth(0);
      box.setPrefWidth(500);
      return box;
    }

    void show(Set<Integer> lit) {
      score.studyProperty().set(Optional.of(choice.getValue().study()));
      score.litProperty().set(lit);
      take.setDisable(choice.getSelectionModel().getSelectedIndex() == 0);
    }
  }

  /** The bowings that can be compared. */
  public CompareBowings(PassageDesk desk, List<BowCandidate> candidates, Runnable onClose) {
    this.desk = desk;
    this.onClose = onClose;
    this.left = new Side("left");
    this.right = new Side("right");
    setId("compare-bowings-pane");
    getStyleClass().addAll("dialog-card", "compare");
    Label title = Parts.label("Compare bowings", "why-title");
    Button close = Parts.button("bowings-close", "Close", "flat-action", onClose);
    HBox head = new HBox(16, title, differing, Parts.stretch(), close);
    head.setAlignment(Pos.BASELINE_LEFT);
    HBox music = new HBox(24, left.box(), right.box());
    VBox.setVgrow(music, Priority.ALWAYS);
    getChildren().addAll(head, figures, music);
    setSpacing(12);
    for (Side side : List.of(left, right)) {
      side.choice.setItems(FXCollections.observableArrayList(candidates));
      side.choice.setOnAction(e -> show());
    }
    left.choice.getSelectionModel().select(0);
    right.choice.getSelectionModel().select(firstThatDiffers(candidates));
    show();
    left.score.vvalueProperty().bindBidirectional(right.score.vvalueProperty());
  }

  private static int firstThatDiffers(List<BowCandidate> candidates) {
    for (int i = 1; i < candidates.size(); i++) {
      if (!candidates.get(i).differing(candidates.get(0)).isEmpty()) {
        return i;
      }
    }
    return Math.min(1, candidates.size() - 1);
  }

  private void show() {
    BowCandidate one = left.choice.getValue();
    BowCandidate other = right.choice.getValue();
    if (one == null || other == null) {
      return;
    }
    Set<Integer> lit = one.differing(other);
    differing.setText(
        lit.isEmpty()
            ? "The two bow every note alike."
            : Words.count(lit.size(), "note differs", "notes differ") + ", lit on the music");
    left.show(lit);
    right.show(lit);
    showFigures(one.study().bow(), other.study().bow());
  }

  private void showFigures(BowPlan one, BowPlan other) {
    figures.begin();
    figures.column("effort", effort(one), effort(other));
    figures.column("strokes", one.strokes().size(), other.strokes().size());
    figures.column("lifts", lifts(one), lifts(other));
    figures.column("two in one way", hooks(one), hooks(other));
    figures.column("bow in all", cm(one), cm(other));
    figures.column("troubles", one.troubles().size(), other.troubles().size());
  }

  private static String effort(BowPlan plan) {
    return String.format(Locale.ROOT, "%.1f", plan.effort());
  }

  private static long lifts(BowPlan plan) {
    return plan.strokes().stream().filter(Stroke::retakeBefore).count();
  }

  private static int hooks(BowPlan plan) {
    int hooks = 0;
    for (int i = 1; i < plan.strokes().size(); i++) {
      Stroke before = plan.strokes().get(i - 1);
      Stroke now = plan.strokes().get(i);
      boolean bowed = before.kind() != StrokeKind.PIZZICATO && now.kind() != StrokeKind.PIZZICATO;
      hooks += bowed && before.direction() == now.direction() ? 1 : 0;
    }
    return hooks;
  }

  private static String cm(BowPlan plan) {
    double cm = plan.strokes().stream().mapToDouble(Stroke::amountCm).sum();
    return String.format(Locale.ROOT, "%.1f m", cm / 100);
  }
}
