package app.fret.desktop.view.practice;

import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.ShownAs;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.FixedCard;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Learner;
import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.Spinner;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The cards that a teacher set for days of the week: moved, taken off, added. */
final class SetWeekRows extends VBox {
  private static final int USUAL_MINUTES = 10;
  private static final double MINUTES_WIDTH = 76;
  private static final List<CardKind> OF_PASSAGES =
      List.of(CardKind.LADDER, CardKind.DRILL, CardKind.RHYTHM, CardKind.UPKEEP, CardKind.MOCK);

  private final PracticeDay day;
  private final Consumer<String> onRefused;
  private final VBox rows = new VBox(4);
  private final ChoiceBox<DayOfWeek> weekday = new ChoiceBox<>();
  private final ChoiceBox<Item> item = new ChoiceBox<>();
  private final ChoiceBox<CardKind> kind = new ChoiceBox<>();
  private final Spinner<Integer> minutes =
      new Spinner<>(1, FixedCard.MOST_MINUTES, USUAL_MINUTES, 1);
  private final TextField words = new TextField();
  private Optional<Learner> learner = Optional.empty();

  SetWeekRows(PracticeDay day, Consumer<String> onRefused) {
    super(6);
    this.day = day;
    this.onRefused = onRefused;
    getChildren().addAll(rows, adding());
  }

  private VBox adding() {
    weekday.setId("week-day");
    weekday.getItems().addAll(DayOfWeek.values());
    weekday.setConverter(new ShownAs<>(d -> d.getDisplayName(TextStyle.FULL, Locale.ENGLISH)));
    weekday.getSelectionModel().select(0);
    item.setId("week-item");
    item.setConverter(new ShownAs<>(Item::title));
    item.setPrefWidth(200);
    minutes.setMaxWidth(MINUTES_WIDTH);
    item.valueProperty().addListener((property, before, now) -> showKinds(now));
    kind.setId("week-kind");
    kind.setConverter(new ShownAs<>(CardKind::words));
    minutes.setId("week-minutes");
    minutes.setEditable(true);
    words.setId("week-words");
    words.setPromptText("in the teacher's words");
    HBox.setHgrow(words, Priority.ALWAYS);
    Button add = Parts.button("week-add", "Add", "outline-action", this::add);
    add.setMinWidth(USE_PREF_SIZE);
    minutes.setMinWidth(MINUTES_WIDTH);
    Label unit = Parts.label("min");
    unit.setMinWidth(USE_PREF_SIZE);
    HBox what = new HBox(6, weekday, item, kind, minutes, unit);
    what.setAlignment(Pos.CENTER_LEFT);
    HBox said = new HBox(6, words, add);
    said.setAlignment(Pos.CENTER_LEFT);
    return new VBox(6, what, said);
  }

  private void showKinds(Item now) {
    boolean isPassage = now == null || now.isPassage();
    kind.getItems()
        .setAll(isPassage ? OF_PASSAGES : List.of(CardKind.ofId(idOf(now)).orElseThrow()));
    kind.getSelectionModel().select(0);
  }

  private static String idOf(Item other) {
    return other.kind().name().toLowerCase(Locale.ROOT);
  }

  void show(Learner now, List<Item> items) {
    learner = Optional.of(now);
    if (!item.getItems().equals(items)) {
      item.getItems().setAll(items);
      item.getSelectionModel().select(0);
    }
    List<FixedCard> inOrder =
        now.week().stream().sorted(Comparator.comparing(FixedCard::weekday)).toList();
    rows.getChildren().setAll(inOrder.stream().map(c -> row(c, items)).toList());
    if (inOrder.isEmpty()) {
      rows.getChildren().add(Parts.words("Nothing is set.", "quiet"));
    }
  }

  private Node row(FixedCard card, List<Item> items) {
    String name = card.weekday().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    String said = card.words().isBlank() ? "" : ": " + card.words();
    String what =
        name
            + ", "
            + card.kind().words().toLowerCase(Locale.ROOT)
            + ", "
            + ItemNames.title(items, card.item())
            + ", "
            + card.minutes()
            + " min"
            + said;
    HBox line =
        new HBox(
            8,
            Parts.label(what),
            Parts.stretch(),
            link("week-earlier", "A day earlier", () -> move(card, -1)),
            link("week-later", "A day later", () -> move(card, 1)),
            link("week-remove", "Take off", () -> replace(card, Optional.empty())));
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  private static Button link(String id, String words, Runnable action) {
    Button button = Parts.button(id, words, "link-action", action);
    button.setMinWidth(USE_PREF_SIZE);
    return button;
  }

  private void move(FixedCard card, int days) {
    replace(card, Optional.of(card.on(card.weekday().plus(days))));
  }

  private void replace(FixedCard card, Optional<FixedCard> by) {
    Learner now = learner.orElseThrow();
    List<FixedCard> week = new ArrayList<>(now.week());
    week.remove(card);
    by.ifPresent(week::add);
    day.practise(now.withWeek(week));
  }

  private void add() {
    onRefused.accept("");
    Item of = item.getValue();
    if (of == null || learner.isEmpty()) {
      onRefused.accept("The passages are still being planned.");
      return;
    }
    minutes.commitValue();
    FixedCard card =
        new FixedCard(
            weekday.getValue(),
            of.id(),
            kind.getValue(),
            minutes.getValue(),
            OptionalDouble.empty(),
            Optional.empty(),
            Optional.empty(),
            words.getText().strip());
    List<FixedCard> week = new ArrayList<>(learner.get().week());
    week.add(card);
    words.clear();
    day.practise(learner.get().withWeek(week));
  }
}
