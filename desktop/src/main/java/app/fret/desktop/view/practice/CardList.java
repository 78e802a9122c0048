package app.fret.desktop.view.practice;

import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.Blocks;
import app.fret.practice.schedule.CardWords;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Today's cards in order: what, for which passage, how long, and whether it is done. */
public final class CardList extends VBox {
  private static final double WORDS_WIDTH = 98;

  CardList() {
    super(6);
    setId("card-list");
  }

  void show(List<DayTask> tasks, int open, PracticeDay day) {
    getChildren().clear();
    List<Integer> blocks = Blocks.numbers(tasks.stream().map(DayTask::card).toList());
    for (DayTask task : tasks) {
      int number = tasks.indexOf(task);
      boolean isNewBlock = number > 0 && !blocks.get(number).equals(blocks.get(number - 1));
      if (isNewBlock) {
        getChildren().add(Parts.words("Rest half an hour or more.", "small"));
      }
      getChildren().add(row(task, task.number() == open, day));
    }
  }

  private static Button row(DayTask task, boolean isOpen, PracticeDay day) {
    Label state = Parts.label(task.isDone() ? "\u2713" : "", "card-state");
    if (task.isDone()) {
      state.getStyleClass().add("card-done");
    }
    Label title = Parts.words(CardWords.title(task.card()), "card-title");
    VBox words = new VBox(title);
    task.card().item().ifPresent(i -> words.getChildren().add(Parts.label(i.title(), "small")));
    words.setMinWidth(WORDS_WIDTH);
    words.setPrefWidth(WORDS_WIDTH);
    words.setMaxWidth(WORDS_WIDTH);
    title.setMinHeight(USE_COMPUTED_SIZE);
    Label minutes = Parts.label(task.card().minutes() + " min", "small");
    minutes.setMinWidth(USE_PREF_SIZE);
    HBox line = new HBox(8, state, words, Parts.stretch(), minutes);
    line.setAlignment(Pos.CENTER_LEFT);
    Button button = new Button();
    button.setGraphic(line);
    line.prefWidthProperty().bind(button.widthProperty().subtract(20));
    button.setMaxWidth(Double.MAX_VALUE);
    button.setId("card-" + task.number());
    button.getStyleClass().add("card-row");
    if (isOpen) {
      button.getStyleClass().add("card-row-open");
    }
    button.setFocusTraversable(false);
    button.setAccessibleText(
        CardWords.title(task.card())
            + ", "
            + task.card().minutes()
            + " minutes"
            + (task.isDone() ? ", done" : ""));
    button.setOnAction(e -> day.choose(task.number()));
    return button;
  }
}
