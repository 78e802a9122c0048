package app.fret.files.practice;

import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.Day;
import app.fret.practice.schedule.Schedule;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The days ahead as a table of comma-separated values (RFC 4180), a card a row. */
public final class ScheduleTable {
  private static final CSVFormat FORMAT =
      CSVFormat.RFC4180
          .builder()
          .setHeader(
              "date", "visit", "kind", "item", "title", "perMinute", "passes", "minutes", "reason")
          .get();

  private ScheduleTable() {}

  /**
   * Writes a schedule.
   *
   * @param out where to; left open
   */
  public static void write(Schedule schedule, OutputStream out) throws IOException {
    Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
    CSVPrinter table = new CSVPrinter(writer, FORMAT);
    for (Day day : schedule.days()) {
      for (Card card : day.cards()) {
        table.printRecord(
            day.date(),
            card.visit(),
            card.kind().id(),
            card.item().map(i -> i.id()).orElse(""),
            card.item().map(i -> i.title()).orElse(""),
            card.perMinute().isPresent() ? card.perMinute().getAsDouble() : "",
            card.passes(),
            card.minutes(),
            card.reason());
      }
    }
    table.flush();
  }
}
