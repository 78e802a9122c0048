package app.fret.desktop.view.practice;

import app.fret.desktop.view.part.Parts;
import app.fret.practice.schedule.Learner;
import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Minutes of days of the week that have others than usual; an empty field has the usual ones. */
final class WeekdayMinutes extends HBox {
  private static final double FIELD_WIDTH = 52;

  private final Learner learner;
  private final Consumer<Learner> onChange;
  private final Consumer<String> onRefused;

  WeekdayMinutes(Learner learner, Consumer<Learner> onChange, Consumer<String> onRefused) {
    super(6);
    this.learner = learner;
    this.onChange = onChange;
    this.onRefused = onRefused;
    for (DayOfWeek day : DayOfWeek.values()) {
      getChildren().add(column(day));
    }
  }

  private VBox column(DayOfWeek day) {
    String name = day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
    TextField field = new TextField();
    field.setId("minutes-" + name.toLowerCase(Locale.ROOT));
    field.setAccessibleText("Minutes on " + day.getDisplayName(TextStyle.FULL, Locale.ENGLISH));
    field.setPromptText(String.valueOf(learner.minutesPerDay()));
    field.setPrefWidth(FIELD_WIDTH);
    field.setMinWidth(FIELD_WIDTH);
    Integer own = learner.minutesByWeekday().get(day);
    field.setText(own == null ? "" : String.valueOf(own));
    field.setOnAction(e -> keep(day, field.getText().strip()));
    field
        .focusedProperty()
        .addListener(
            (property, before, now) -> {
              if (!now) {
                keep(day, field.getText().strip());
              }
            });
    VBox column = new VBox(2, Parts.label(name, "small"), field);
    column.setAlignment(Pos.CENTER);
    return column;
  }

  private void keep(DayOfWeek day, String text) {
    Map<DayOfWeek, Integer> minutes = new EnumMap<>(DayOfWeek.class);
    minutes.putAll(learner.minutesByWeekday());
    if (text.isEmpty()) {
      minutes.remove(day);
    } else if (text.matches("\\d{1,4}")) {
      minutes.put(day, Integer.valueOf(text));
    } else {
      onRefused.accept("Minutes are a whole number; empty for the usual ones.");
      return;
    }
    if (!minutes.equals(learner.minutesByWeekday())) {
      try {
        onChange.accept(learner.withMinutesByWeekday(minutes));
      } catch (IllegalArgumentException e) {
        onRefused.accept("Minutes a day are 1 to " + Learner.MOST_MINUTES + ".");
      }
    }
  }
}
