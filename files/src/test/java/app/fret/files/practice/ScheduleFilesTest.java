package app.fret.files.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.practice.Gate;
import app.fret.practice.schedule.CardWords;
import app.fret.practice.schedule.Day;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Learner.Stance;
import app.fret.practice.schedule.Schedule;
import app.fret.practice.schedule.Spot;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;

/** What is written of a schedule is read back by libraries that know the formats. */
class ScheduleFilesTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);
  private static final LocalDate DUE = TODAY.plusDays(40);

  private final Schedule schedule =
      Schedule.of(
          new Learner(60, Set.of(DayOfWeek.SUNDAY), 2, Stance.EVEN),
          List.of(passage("a", "Grey, \"quoted\" Ferry"), passage("b", "Salt; Road")),
          List.of(),
          TODAY,
          14,
          1);

  private static Item passage(String id, String title) {
    return new Item(
        id,
        title,
        Item.Kind.PASSAGE,
        new Tempo(BeatUnit.QUARTER, 100),
        60,
        Gate.USUAL,
        Optional.of(DUE),
        24,
        6,
        "bar 3",
        0,
        List.of(new Spot("3:1", "bar 3, shift", List.of("guide-slide", "rhythm"), false)),
        Optional.empty());
  }

  private List<Day> practised() {
    return schedule.days().stream().filter(d -> !d.cards().isEmpty()).toList();
  }

  /** RFC 5545, read back by ical4j. */
  @Test
  void theCalendarHoldsEveryDayOfPracticeAndEveryDate() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ScheduleCalendar.write(schedule, TODAY, out);
    Calendar calendar = new CalendarBuilder().build(new ByteArrayInputStream(out.toByteArray()));
    calendar.validate(true);
    List<VEvent> events = calendar.getComponents("VEVENT");
    assertThat(events).hasSize(practised().size() + 2);
    assertThat(events)
        .extracting(e -> e.getSummary().getValue())
        .contains(practised().get(0).minutes() + " minutes of practice", "Salt; Road");
    assertThat(events).extracting(e -> e.getUid().orElseThrow().getValue()).doesNotHaveDuplicates();
    assertThat(out.toString(StandardCharsets.UTF_8).lines())
        .allSatisfy(l -> assertThat(l.getBytes(StandardCharsets.UTF_8).length).isLessThan(76));
  }

  @Test
  void theSameScheduleIsTheSameCalendar() throws Exception {
    ByteArrayOutputStream once = new ByteArrayOutputStream();
    ByteArrayOutputStream again = new ByteArrayOutputStream();
    ScheduleCalendar.write(schedule, TODAY, once);
    ScheduleCalendar.write(schedule, TODAY, again);
    assertThat(again.toByteArray()).isEqualTo(once.toByteArray());
  }

  /** RFC 4180, read back by Commons CSV. */
  @Test
  void theTableHoldsEveryCard() throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ScheduleTable.write(schedule, out);
    List<CSVRecord> rows =
        CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .get()
            .parse(new StringReader(out.toString(StandardCharsets.UTF_8)))
            .getRecords();
    int cards = practised().stream().mapToInt(d -> d.cards().size()).sum();
    assertThat(rows).hasSize(cards);
    assertThat(rows).extracting(r -> r.get("title")).contains("Grey, \"quoted\" Ferry");
    int minutes = rows.stream().mapToInt(r -> Integer.parseInt(r.get("minutes"))).sum();
    assertThat(minutes).isEqualTo(practised().stream().mapToInt(Day::minutes).sum());
  }

  @Test
  void theJsonHoldsDaysItemsAndOffers() throws Exception {
    JsonNode root = new ObjectMapper().readTree(ScheduleJson.of(schedule));
    assertThat(root.path("format").asText()).isEqualTo("fret-schedule");
    assertThat(root.path("days")).hasSize(14);
    assertThat(root.path("items")).hasSize(2);
    assertThat(root.path("items").get(0).path("state").asText()).isEqualTo("unknown");
    assertThat(root.path("items").get(0).path("forecast").isNull()).isTrue();
    assertThat(root.path("items").get(0).path("readyBy").asText())
        .isEqualTo(DUE.minusDays(10).toString());
    assertThat(root.path("offers").isArray()).isTrue();
  }

  @Test
  void theTextNamesEveryDayAndWhyEachCard() {
    String text = ScheduleText.of(schedule);
    assertThat(text)
        .contains("Thursday 26 November 2026", "no practice", "Warm-up", "too early to say");
    assertThat(text).contains(CardWords.why(practised().get(0).cards().get(1)));
  }
}
