package app.fret.desktop.view.practice;

import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Round;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Draws a list by lot from a round or from all passages, and takes it off again. */
final class DrawnRows extends VBox {
  private static final String ALL = "all passages";
  private static final int MOST = 20;
  private static final int USUAL = 5;

  private final PracticeDay day;
  private final ChoiceBox<String> from = new ChoiceBox<>();
  private final Spinner<Integer> count = new Spinner<>(1, MOST, USUAL, 1);
  private final Label list = Parts.words("");
  private final Button drop;
  private List<Round> rounds = List.of();
  private List<String> passages = List.of();

  DrawnRows(PracticeDay day) {
    super(6);
    this.day = day;
    from.setId("draw-from");
    count.setId("draw-count");
    count.setPrefWidth(72);
    list.setId("drawn-list");
    list.managedProperty().bind(list.textProperty().isNotEmpty());
    Button draw = Parts.button("draw", "Draw", "outline-action", this::draw);
    drop = Parts.button("drawn-drop", "Take the list off", "link-action", day::dropList);
    drop.managedProperty().bind(drop.visibleProperty());
    HBox line = new HBox(6, count, Parts.label("of"), from, draw, drop);
    line.setAlignment(Pos.CENTER_LEFT);
    getChildren().addAll(line, list);
  }

  void show(List<Round> now, List<Item> items) {
    rounds = now;
    passages = items.stream().filter(Item::isPassage).map(Item::id).toList();
    List<String> names = new ArrayList<>(List.of(ALL));
    rounds.forEach(r -> names.add(r.name()));
    if (!from.getItems().equals(names)) {
      from.getItems().setAll(names);
      from.getSelectionModel().select(0);
    }
    List<String> drawn =
        day.seenProperty().get().map(DayView::asked).orElse(List.of()).stream()
            .map(id -> ItemNames.title(items, id))
            .toList();
    list.setText(drawn.isEmpty() ? "" : "Today: " + String.join(", then ", drawn) + ".");
    drop.setVisible(!drawn.isEmpty());
  }

  private void draw() {
    count.commitValue();
    String chosen = from.getValue();
    List<String> of =
        rounds.stream()
            .filter(r -> r.name().equals(chosen))
            .findFirst()
            .map(r -> r.items().stream().filter(passages::contains).toList())
            .orElse(passages);
    day.drawList(of, count.getValue());
  }
}
