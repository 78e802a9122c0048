package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.Candidate;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.music.ScoreView;
import app.fret.desktop.music.lane.Lanes;
import app.fret.desktop.view.part.FigureTable;
import app.fret.desktop.view.part.NoteWords;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.ShownAs;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.Totals;
import app.fret.score.Bar;
import app.fret.score.Span;
import app.fret.study.Study;
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

/**
 * Two plans side by side: figures in columns, differing notes lit on the music, and a button that
 * takes either for the whole passage or for the selected bars.
 */
public final class CompareView extends VBox {
  private final PassageDesk desk;
  private final List<Candidate> candidates;
  private final Runnable onClose;
  private final Side left;
  private final Side right;
  private final FigureTable figures = new FigureTable();
  private final Label differing = Parts.label("", "quiet");
  private final Label why = Parts.words("", "quiet");

  /** One of the two plans. */
  private final class Side {
    private final ComboBox<Candidate> choice = new ComboBox<>();
    private final ScoreView score;
    private final Button take;
    private final Button takeBars;

    Side(String name) {
      choice.setId("compare-" + name);
      choice.setMaxWidth(Double.MAX_VALUE);
      choice.setConverter(new ShownAs<>(Candidate::name));
      score =
          new ScoreView("compare-score-" + name, Lanes.LEFT_HAND, ScoreView.SMALL, desk::layOut);
      take = Parts.button("take-" + name, "Take this one", "main-action", () -> take(false));
      takeBars = Parts.button("take-bars-" + name, "", "outline-action", () -> take(true));
    }

    private void take(boolean selectedBars) {
      Optional<Span> bars = selectedBars ? Optional.of(desk.selectedBars()) : Optional.empty();
      onClose.run();
      desk.leftHand().take(choice.getValue(), bars);
    }

    VBox box() {
      HBox actions = new HBox(8, take, takeBars);
      VBox.setVgrow(score, Priority.ALWAYS);
      VBox box = new VBox(8, choice, score, actions);
      HBox.setHgrow(box, Priority.ALWAYS);
      box.setMinWidth(0);
      box.setPrefWidth(500);
      return box;
    }

    void show(Set<Integer> lit) {
      score.litProperty().set(Set.of());
      Study study = desk.study();
      LeftHandPlan plan = choice.getValue().plan();
      score.expect();
      desk.layOut(
          this,
          () -> study.taking(plan),
          taken -> {
            score.studyProperty().set(Optional.of(taken));
            score.litProperty().set(lit);
          });
      boolean now = choice.getSelectionModel().getSelectedIndex() == 0;
      take.setDisable(now);
      takeBars.setDisable(now);
      takeBars.setText("Take it for " + barWords());
    }
  }

  /** The plans that can be compared. */
  public CompareView(PassageDesk desk, List<Candidate> candidates, Runnable onClose) {
    this.desk = desk;
    this.candidates = candidates;
    this.onClose = onClose;
    this.left = new Side("left");
    this.right = new Side("right");
    setId("compare");
    getStyleClass().addAll("dialog-card", "compare");
    Label title = Parts.label(title(candidates), "why-title");
    Button close = Parts.button("compare-close", "Close", "flat-action", onClose);
    HBox head = new HBox(16, title, differing, Parts.stretch(), close);
    head.setAlignment(Pos.BASELINE_LEFT);
    HBox music = new HBox(24, left.box(), right.box());
    VBox.setVgrow(music, Priority.ALWAYS);
    why.setId("compare-why");
    getChildren().addAll(head, figures, why, music);
    setSpacing(12);
    fill();
    left.score.vvalueProperty().bindBidirectional(right.score.vvalueProperty());
  }

  private static String title(List<Candidate> candidates) {
    boolean isOneWay = candidates.stream().skip(1).allMatch(c -> c.profile().isPresent());
    return isOneWay ? "Compare plans: one good way, and what other aims take" : "Compare plans";
  }

  private void fill() {
    for (Side side : List.of(left, right)) {
      side.choice.setItems(FXCollections.observableArrayList(candidates));
      side.choice.setOnAction(e -> show());
    }
    left.choice.getSelectionModel().select(0);
    right.choice.getSelectionModel().select(Math.min(1, candidates.size() - 1));
    show();
  }

  private void show() {
    Candidate one = left.choice.getValue();
    Candidate other = right.choice.getValue();
    if (one == null || other == null) {
      return;
    }
    Set<Integer> lit = one.differing(other.plan());
    differing.setText(
        lit.isEmpty()
            ? "The two take every note alike."
            : Words.count(lit.size(), "note differs", "notes differ") + ", lit on the music");
    left.show(lit);
    right.show(lit);
    showFigures(one.plan(), other.plan());
    why.setText(lit.isEmpty() ? "" : why(one, other));
  }

  private String why(Candidate one, Candidate other) {
    boolean rightIsBetter = other.plan().effort() < one.plan().effort();
    Candidate better = rightIsBetter ? other : one;
    Candidate worse = rightIsBetter ? one : other;
    return "Why "
        + worse.name()
        + " costs more: "
        + new NoteWords(desk.study()).differences(desk.study().whyNot(better.plan(), worse.plan()))
        + ".";
  }

  private String barWords() {
    List<Bar> bars = desk.study().passage().bars();
    Span span = desk.selectedBars();
    String first = bars.get(span.first()).label();
    String last = bars.get(span.last()).label();
    return span.first() == span.last() ? "bar " + first : "bars " + first + " to " + last;
  }

  private void showFigures(LeftHandPlan one, LeftHandPlan other) {
    figures.begin();
    figures.column("effort", effort(one), effort(other));
    Totals first = one.totals();
    Totals second = other.totals();
    figures.column("shifts", first.shifts(), second.shifts());
    figures.column("travel", mm(first.travelMm()), mm(second.travelMm()));
    figures.column("longest", mm(first.longestShiftMm()), mm(second.longestShiftMm()));
    figures.column("hardest", bits(first), bits(second));
    figures.column("crossings", first.crossings(), second.crossings());
    figures.column("open strings", first.openStrings(), second.openStrings());
    figures.column("reaches", first.reaches(), second.reaches());
    figures.column("highest position", highest(first), highest(second));
  }

  private static String effort(LeftHandPlan plan) {
    return String.format(Locale.ROOT, "%.1f", plan.effort());
  }

  private static String mm(double mm) {
    return String.format(Locale.ROOT, "%.0f mm", mm);
  }

  private static String bits(Totals totals) {
    return totals.shifts() == 0
        ? "none"
        : String.format(Locale.ROOT, "%.1f bits", totals.hardestShiftBits());
  }

  private String highest(Totals totals) {
    NoteWords words = new NoteWords(desk.study());
    return totals.highest().map(words::shortPosition).orElse("none");
  }
}
