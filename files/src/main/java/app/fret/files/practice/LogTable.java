package app.fret.files.practice;

import app.fret.practice.schedule.CardKind;
import app.fret.score.Tempo;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The log as a table (RFC 4180, UTF-8), a row a pass. */
public final class LogTable {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180
          .builder()
          .setHeader(
              "date",
              "time",
              "passage",
              "beat",
              "perMinute",
              "clean",
              "seconds",
              "card",
              "cold",
              "spot",
              "spotLeftOut",
              "hurts",
              "repeats",
              "note")
          .get();

  private LogTable() {}

  /**
   * A pass as it stands in the table.
   *
   * @param at when, by the player's clock
   * @param passage title of the passage
   * @param seconds how long it took, where that was kept
   * @param card what it was played for
   * @param cold whether it was the first of its day
   * @param spot where it missed or what it was for
   * @param spotLeftOut whether a spot was left out
   * @param repeats how often it was played before it was logged
   * @param note words of the player
   */
  public record Row(
      LocalDateTime at,
      String passage,
      Tempo tempo,
      boolean clean,
      OptionalDouble seconds,
      CardKind card,
      boolean cold,
      Optional<String> spot,
      boolean spotLeftOut,
      boolean hurts,
      int repeats,
      Optional<String> note) {}

  /**
   * Writes a log.
   *
   * @param out where to; left open
   */
  public static void write(List<Row> rows, OutputStream out) throws IOException {
    Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
    CSVPrinter table = new CSVPrinter(writer, FORMAT);
    for (Row row : rows) {
      table.printRecord(
          row.at().toLocalDate(),
          row.at().toLocalTime().withNano(0),
          row.passage(),
          row.tempo().beat().name(),
          row.tempo().perMinute(),
          row.clean(),
          row.seconds().isPresent() ? row.seconds().getAsDouble() : "",
          row.card().id(),
          row.cold(),
          row.spot().orElse(""),
          row.spotLeftOut(),
          row.hurts(),
          row.repeats(),
          row.note().orElse(""));
    }
    table.flush();
  }
}
