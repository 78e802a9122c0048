package app.fret.desktop.view.part;

import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.DatePicker;

/** A day, chosen or typed; what is typed and no day is said and not taken. */
public final class DayField extends DatePicker {
  private final Consumer<String> onRefused;
  private Optional<String> noDay = Optional.empty();

  /**
   * A field for a day.
   *
   * @param onRefused hears why a text is no day
   */
  public DayField(String id, Consumer<String> onRefused) {
    this.onRefused = onRefused;
    setId(id);
    setPromptText("no date");
    setConverter(new DayConverter(this::refuse));
    valueProperty().addListener((property, before, now) -> noDay = Optional.empty());
  }

  private void refuse(String why) {
    noDay = Optional.of(why);
    onRefused.accept(why);
  }

  /**
   * The day in the field, also when it was typed and not yet left.
   *
   * @throws IllegalArgumentException once for a text that is no day
   */
  public Optional<LocalDate> day() {
    LocalDate day = getConverter().fromString(getEditor().getText());
    Optional<String> refused = noDay;
    noDay = Optional.empty();
    refused.ifPresent(
        why -> {
          throw new IllegalArgumentException(why);
        });
    return Optional.ofNullable(day);
  }
}
