package app.fret.desktop.view.entry;

import app.fret.desktop.model.entry.EntryReading;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import app.fret.files.abc.AbcMend;
import app.fret.files.abc.AbcProblem;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A card for each thing to mend or to look at in what is typed, with the changes that mend it. */
final class ProblemCards extends VBox {
  private static final int MOST = 12;

  private final Consumer<AbcProblem> onGo;
  private final Consumer<AbcMend> onMend;

  ProblemCards(Consumer<AbcProblem> onGo, Consumer<AbcMend> onMend) {
    super(8);
    this.onGo = onGo;
    this.onMend = onMend;
  }

  void show(EntryReading reading) {
    getChildren().clear();
    reading.toMend().stream().limit(MOST).forEach(p -> getChildren().add(card(p)));
    reading.toLookAt().stream().limit(MOST).forEach(p -> getChildren().add(card(p)));
    reading
        .tune()
        .left()
        .forEach(l -> getChildren().add(Parts.words("Not taken over: " + l + ".", "small")));
  }

  private VBox card(AbcProblem problem) {
    String where = problem.bar() > 0 ? "Bar " + problem.bar() : "Line " + problem.line();
    Label place = Parts.label(where, problem.serious() ? "mend-title" : "care-title");
    Button go = Parts.button("", "Go to it", "link-action", () -> onGo.accept(problem));
    HBox head = new HBox(8, place, Parts.stretch(), go);
    head.setAlignment(Pos.CENTER_LEFT);
    FlowPane mends = new FlowPane(12, 2);
    problem.mends().forEach(m -> mends.getChildren().add(mendButton(m)));
    VBox card = new VBox(2, head, Parts.words(Words.sentence(problem.text())), mends);
    card.getStyleClass().add(problem.serious() ? "mend-card" : "care");
    return card;
  }

  private Button mendButton(AbcMend mend) {
    return Parts.button("", mend.words(), "link-action", () -> onMend.accept(mend));
  }
}
