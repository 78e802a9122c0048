package app.fret.desktop.view.part;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.time.format.DateTimeParseException;
import java.time.format.ResolverStyle;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.util.StringConverter;

/**
 * Days as players write them: {@code 9 January 2027}, {@code 9 Jan 2027}, {@code 9.1.2027} or
 * {@code 2027-01-09}. Figures between slashes mean one day here and another there, and are not
 * taken.
 */
final class DayConverter extends StringConverter<LocalDate> {
  private static final List<DateTimeFormatter> WAYS =
      Stream.of("d MMMM uuuu", "d MMM uuuu", "d.M.uuuu", "uuuu-MM-dd")
          .map(
              way ->
                  new DateTimeFormatterBuilder()
                      .parseCaseInsensitive()
                      .appendPattern(way)
                      .toFormatter(Locale.ENGLISH)
                      .withResolverStyle(ResolverStyle.STRICT))
          .toList();

  private final Consumer<String> onRefused;

  /**
   * A converter.
   *
   * @param onRefused hears why a text is no day; nothing stands in its place then
   */
  DayConverter(Consumer<String> onRefused) {
    this.onRefused = onRefused;
  }

  @Override
  public String toString(LocalDate day) {
    return day == null ? "" : WAYS.get(0).format(day);
  }

  @Override
  public LocalDate fromString(String text) {
    String plain = text == null ? "" : text.strip().replaceAll("\\s+", " ");
    for (DateTimeFormatter way : WAYS) {
      try {
        return LocalDate.parse(plain, way);
      } catch (DateTimeParseException e) {
        // Then perhaps written in the next way.
      }
    }
    if (!plain.isEmpty()) {
      onRefused.accept(
          "“" + plain + "” is no day; write it as 9 January 2027, or choose it from the calendar.");
    }
    return null;
  }
}
