package app.fret.files.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.practice.schedule.CardKind;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.io.ByteArrayOutputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;

/** The log as a table; RFC 4180, read back by Commons CSV. */
class LogTableTest {
  @Test
  void everyPassIsARowWithAllThatIsKnownOfIt() throws Exception {
    Tempo tempo = new Tempo(BeatUnit.QUARTER, 96);
    LocalDateTime at = LocalDateTime.of(2026, 11, 26, 17, 10, 30);
    LogTable.Row plain =
        new LogTable.Row(
            at,
            "Grey, Ferry",
            tempo,
            true,
            OptionalDouble.empty(),
            CardKind.LADDER,
            false,
            Optional.empty(),
            false,
            false,
            1,
            Optional.empty());
    LogTable.Row full =
        new LogTable.Row(
            at.plusMinutes(1),
            "Grey, Ferry",
            tempo,
            false,
            OptionalDouble.of(21.5),
            CardKind.DRILL,
            true,
            Optional.of("7:2"),
            true,
            true,
            3,
            Optional.of("too \"fast\", thumb tight"));
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    LogTable.write(List.of(plain, full), out);
    List<CSVRecord> rows =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .get()
            .parse(new StringReader(out.toString(StandardCharsets.UTF_8)))
            .getRecords();
    assertThat(rows).hasSize(2);
    assertThat(rows.get(0).toMap())
        .containsEntry("date", "2026-11-26")
        .containsEntry("time", "17:10:30")
        .containsEntry("passage", "Grey, Ferry")
        .containsEntry("perMinute", "96.0")
        .containsEntry("clean", "true")
        .containsEntry("seconds", "")
        .containsEntry("card", "ladder");
    assertThat(rows.get(1).toMap())
        .containsEntry("clean", "false")
        .containsEntry("seconds", "21.5")
        .containsEntry("card", "drill")
        .containsEntry("cold", "true")
        .containsEntry("spot", "7:2")
        .containsEntry("spotLeftOut", "true")
        .containsEntry("hurts", "true")
        .containsEntry("repeats", "3")
        .containsEntry("note", "too \"fast\", thumb tight");
  }
}
