package app.fret.desktop.view;

import app.fret.desktop.model.Desk;
import app.fret.desktop.model.practice.ProgrammeEntry;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.StateStyle;
import app.fret.practice.schedule.ItemOutlook;
import javafx.collections.ListChangeListener;
import javafx.collections.MapChangeListener;
import javafx.geometry.Pos;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The passages of all players, each with clean tempo against target and the next task. */
final class ProgrammeView extends VBox {
  private final Desk desk;
  private final VBox list = new VBox(2);

  ProgrammeView(Desk desk, Runnable onAdd, Runnable onWrite) {
    this.desk = desk;
    setId("programme");
    getStyleClass().add("programme");
    ScrollPane scroll = Parts.scroll(list);
    var add = Parts.button("add-passage", "Open a file", "outline-action", onAdd);
    add.setMaxWidth(Double.MAX_VALUE);
    var write = Parts.button("write-in", "Write music in", "outline-action", onWrite);
    write.setMaxWidth(Double.MAX_VALUE);
    VBox foot = new VBox(8, add, write, Parts.words("or drop a score on the window", "small"));
    foot.getStyleClass().add("programme-foot");
    getChildren().addAll(Parts.label("PROGRAMME", "programme-heading"), scroll, foot);
    desk.programme().addListener((ListChangeListener<ProgrammeEntry>) change -> show());
    desk.openProperty().addListener((property, before, now) -> show());
    desk.outlooks().addListener((MapChangeListener<Long, ItemOutlook>) change -> show());
    show();
  }

  private void show() {
    list.getChildren().clear();
    long owner = -1;
    for (ProgrammeEntry entry : desk.programme()) {
      if (entry.owner().id() != owner) {
        owner = entry.owner().id();
        list.getChildren()
            .add(
                Parts.label(
                    entry.owner().name() + " · " + entry.owner().instrument(), "player-name"));
      }
      list.getChildren().add(line(entry));
    }
    desk.unreadable()
        .forEach(bad -> list.getChildren().add(Parts.words(bad, "trouble", "programme-words")));
    if (desk.programme().isEmpty()) {
      list.getChildren().add(Parts.words("No passages yet.", "quiet", "programme-words"));
    }
  }

  private HBox barsAndState(ProgrammeEntry entry) {
    HBox row =
        new HBox(
            8, Parts.label(Words.count(entry.bars(), "bar", "bars"), "small"), Parts.stretch());
    ItemOutlook outlook = desk.outlooks().get(entry.passage().id());
    if (outlook != null) {
      Label state = Parts.label(outlook.words(), "small", StateStyle.of(outlook.state()));
      state.setId("state-" + entry.passage().id());
      row.getChildren().add(state);
    }
    return row;
  }

  private VBox line(ProgrammeEntry entry) {
    ProgressBar bar = new ProgressBar(entry.progress());
    bar.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(bar, Priority.ALWAYS);
    bar.getStyleClass().add(entry.climb().isDone() ? "bar-done" : "bar-working");
    String clean = entry.climb().passed() == 0 ? "–" : Words.number(entry.climb().cleanPerMinute());
    Label figures =
        Parts.label(clean + "/" + Words.number(entry.passage().target().perMinute()), "small");
    HBox progress = new HBox(8, bar, figures);
    progress.setAlignment(Pos.CENTER_LEFT);
    VBox line =
        new VBox(
            3,
            Parts.label(entry.passage().title(), "passage-name"),
            barsAndState(entry),
            progress,
            Parts.label(entry.nextTask(), entry.climb().isDone() ? "task-done" : "task"));
    line.getStyleClass().add("programme-line");
    boolean shown =
        desk.openProperty()
            .get()
            .map(p -> p.opened().entry().id() == entry.passage().id())
            .orElse(false);
    if (shown) {
      line.getStyleClass().add("programme-line-open");
    }
    line.setId("passage-" + entry.passage().id());
    line.setFocusTraversable(true);
    line.setAccessibleRole(AccessibleRole.BUTTON);
    line.setAccessibleText(entry.passage().title() + ", " + entry.nextTask());
    line.setOnMouseClicked(e -> desk.open(entry));
    line.setOnKeyPressed(
        e -> {
          if (e.getCode() == javafx.scene.input.KeyCode.ENTER) {
            desk.open(entry);
          }
        });
    return line;
  }
}
