package app.fret.desktop.view.practice;

import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.view.part.DayField;
import app.fret.desktop.view.part.Parts;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Round;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The rounds of an audition: name, date and what is asked in each. */
final class RoundRows extends VBox {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM uuuu", Locale.ENGLISH);

  private final PracticeDay day;
  private final Consumer<String> onRefused;
  private final VBox rows = new VBox(4);
  private final TextField name = new TextField();
  private final DayField date;
  private final FlowPane asked = new FlowPane(6, 4);
  private List<Round> rounds = List.of();
  private List<Item> passages = List.of();

  RoundRows(PracticeDay day, Consumer<String> onRefused) {
    super(6);
    this.day = day;
    this.onRefused = onRefused;
    this.date = new DayField("round-date", onRefused);
    name.setId("round-name");
    name.setPromptText("first round");
    asked.setId("round-passages");
    Button add = Parts.button("round-add", "Add the round", "outline-action", this::add);
    add.setMinWidth(USE_PREF_SIZE);
    HBox line = new HBox(6, name, date, Parts.label("asks for"), Parts.stretch(), add);
    line.setAlignment(Pos.CENTER_LEFT);
    getChildren().addAll(rows, line, asked);
  }

  void show(List<Round> now, List<Item> items) {
    rounds = now;
    List<Item> newPassages = items.stream().filter(Item::isPassage).toList();
    if (!newPassages.equals(passages)) {
      passages = newPassages;
      asked.getChildren().setAll(passages.stream().map(RoundRows::chip).toList());
    }
    rows.getChildren().setAll(rounds.stream().map(this::row).toList());
    if (rounds.isEmpty()) {
      rows.getChildren().add(Parts.words("No rounds.", "quiet"));
    }
  }

  private static ToggleButton chip(Item passage) {
    ToggleButton chip = new ToggleButton(passage.title());
    chip.setId("round-of-" + passage.id());
    chip.getStyleClass().add("mode-button");
    chip.setUserData(passage.id());
    return chip;
  }

  private Node row(Round round) {
    String list =
        round.items().stream()
            .map(id -> ItemNames.title(passages, id))
            .collect(Collectors.joining(", "));
    Button remove =
        Parts.button("round-remove", "Take off", "link-action", () -> keepWithout(round));
    remove.setMinWidth(USE_PREF_SIZE);
    HBox line =
        new HBox(
            8,
            Parts.words(
                round.name()
                    + ", "
                    + DAY.format(round.date())
                    + ": "
                    + (list.isEmpty() ? "nothing yet" : list)),
            Parts.stretch(),
            remove);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  private void keepWithout(Round round) {
    List<Round> left = new ArrayList<>(rounds);
    left.remove(round);
    day.keepRounds(left);
  }

  private void add() {
    onRefused.accept("");
    try {
      Optional<LocalDate> on = date.day();
      List<String> ids =
          asked.getChildren().stream()
              .map(ToggleButton.class::cast)
              .filter(ToggleButton::isSelected)
              .map(chip -> (String) chip.getUserData())
              .toList();
      if (name.getText().isBlank() || on.isEmpty() || ids.isEmpty()) {
        onRefused.accept("A round needs a name, a date and at least one passage.");
        return;
      }
      List<Round> all = new ArrayList<>(rounds);
      all.removeIf(r -> r.name().equals(name.getText().strip()));
      all.add(new Round(name.getText().strip(), on.get(), ids));
      name.clear();
      date.setValue(null);
      asked.getChildren().forEach(chip -> ((ToggleButton) chip).setSelected(false));
      day.keepRounds(all);
    } catch (IllegalArgumentException e) {
      onRefused.accept(e.getMessage());
    }
  }
}
