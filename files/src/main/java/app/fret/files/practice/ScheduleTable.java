package app.fret.files.practice;

import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardWords;
import app.fret.practice.schedule.Day;
import app.fret.practice.schedule.Schedule;
import app.fret.practice.schedule.Spot;
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
              "date",
              "visit",
              "kind",
              "item",
              "title",
              "drill",
              "spot",
              "perMinute",
              "beat",
              "passes",
              "minutes",
              "until",
              "reason")
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
            card.drill().orElse(""),
            card.spot().map(Spot::place).orElse(""),
            card.perMinute().isPresent() ? card.perMinute().getAsDouble() : "",
            CardWords.tempo(card).map(t -> t.beat().name()).orElse(""),
            card.passes(),
            card.minutes(),
            CardWords.until(card).orElse(""),
            card.reason());
      }
    }
    table.flush();
  }
}
