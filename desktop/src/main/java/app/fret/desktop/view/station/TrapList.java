package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import app.fret.reading.traps.Trap;
import app.fret.study.Study;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is easily misread on the page, in order, to be ticked off. */
final class TrapList extends VBox {
  private final PassageDesk desk;

  TrapList(PassageDesk desk) {
    super(6);
    this.desk = desk;
    setId("traps");
    desk.studyProperty().addListener((property, before, now) -> show());
    desk.selection().noteProperty().addListener((property, before, now) -> show());
    show();
  }

  /** Found beside the window's thread, once for each study. */
  private void show() {
    Study study = desk.study();
    desk.layOut(this, study::traps, traps -> show(study, traps));
  }

  private void show(Study study, List<Trap> traps) {
    long open = traps.stream().filter(t -> !study.hasSeen(t)).count();
    Label count = Parts.label(count(traps.size(), (int) open), "quiet");
    count.setId("traps-count");
    getChildren().setAll(Parts.label("Watch for", "why-title"), count);
    for (int i = 0; i < traps.size(); i++) {
      getChildren().add(row(study, traps.get(i), i + 1));
    }
    if (open > 0) {
      getChildren().add(Parts.words("Enter ticks what is at the cursor and goes on.", "small"));
    }
  }

  private static String count(int all, int open) {
    if (all == 0) {
      return "Nothing on this page is easily misread.";
    }
    return open == 0
        ? "All " + Words.count(all, "place", "places") + " seen."
        : open + " of " + Words.count(all, "place", "places") + " to look at";
  }

  /** Of divided notes one plays the upper, the lower, or both. */
  private HBox whose(Trap trap) {
    return new HBox(
        12,
        Parts.button(
            "divided-top",
            "Upper notes",
            "link-action",
            () -> desk.read().takeDivided(trap.note(), true)),
        Parts.button(
            "divided-bottom",
            "Lower notes",
            "link-action",
            () -> desk.read().takeDivided(trap.note(), false)),
        Parts.button("divided-both", "Both", "link-action", () -> desk.read().setSeen(trap, true)));
  }

  private HBox row(Study study, Trap trap, int number) {
    boolean seen = study.hasSeen(trap);
    CheckBox tick = new CheckBox();
    tick.setId("trap-" + number);
    tick.setSelected(seen);
    tick.setFocusTraversable(false);
    tick.setAccessibleText("Seen: " + trap.text());
    tick.setOnAction(e -> desk.read().setSeen(trap, tick.isSelected()));
    String bar = study.passage().bars().get(study.notes().get(trap.note()).bar()).label();
    Label where = Parts.label(number + "  bar " + bar, seen ? "quiet" : "trap-place");
    Label what = Parts.words(trap.text(), seen ? "quiet" : "trap-text");
    VBox words = new VBox(where, what);
    if (trap.kind() == Trap.Kind.DIVIDED && !seen) {
      words.getChildren().add(whose(trap));
    }
    HBox.setHgrow(words, Priority.ALWAYS);
    HBox row = new HBox(8, words, tick);
    row.setAlignment(Pos.TOP_LEFT);
    row.getStyleClass().add("trap-row");
    Optional<Integer> selected = desk.selection().note();
    if (selected.filter(n -> n == trap.note()).isPresent()) {
      row.getStyleClass().add("trap-row-here");
    }
    row.setOnMouseClicked(e -> desk.select(trap.note()));
    return row;
  }
}
