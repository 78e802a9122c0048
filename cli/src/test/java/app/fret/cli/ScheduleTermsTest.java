package app.fret.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.testing.Music;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a coach agrees on in a programme: a week, rounds, minutes by the day, notes. */
class ScheduleTermsTest {
  private static final String ITEMS =
      "'items':[{'id':'a','file':'study.musicxml','clean':50,'notes':'jury: lighter in bar 2',"
          + "'target':{'beat':'quarter','perMinute':96}},"
          + "{'id':'s','kind':'scale','title':'Scale in G','minutes':5}]";

  @TempDir private Path folder;
  private String items = ITEMS;

  @BeforeEach
  void writeScore() throws Exception {
    try (OutputStream out = Files.newOutputStream(folder.resolve("study.musicxml"))) {
      new MusicXmlWriter()
          .write(Music.passage("A4/8 B4/8 C5/8 D5/8 E5/4 F5/4 | F5/4 D5/4 B4/4 G4/4 | E5/1"), out);
    }
  }

  private JsonNode days(String player, String more, String... options) throws Exception {
    String out = run(player, more, 0, options);
    return new ObjectMapper().readTree(out).path("days");
  }

  /** Wednesday 25 November 2026 is the first day. */
  private String run(String player, String more, int exit, String... options) throws Exception {
    Path file = folder.resolve("programme.json");
    String json =
        "{'format':'fret-programme','version':1,'player':{'instruments':['violin','viola']"
            + player
            + "},"
            + items
            + more
            + "}";
    Files.writeString(file, json.replace('\'', '"'), StandardCharsets.UTF_8);
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    List<String> arguments =
        new ArrayList<>(
            List.of("schedule", file.toString(), "--today", "2026-11-25", "--days", "14"));
    arguments.addAll(List.of(options));
    int code =
        Main.run(
            new PrintWriter(out), new PrintWriter(err, true), arguments.toArray(String[]::new));
    assertThat(code).as(err.toString()).isEqualTo(exit);
    return exit == 0 ? out.toString() : err.toString();
  }

  @Test
  void aWeekSetByATeacherIsPlanned() throws Exception {
    String week =
        ",'week':[{'weekday':'thursday','cards':["
            + "{'item':'s','kind':'scale','minutes':9,'words':'in thirds'},"
            + "{'item':'a','kind':'ladder','minutes':12,'perMinute':60}]}]";
    JsonNode cards = days("", week).get(1).path("cards");
    assertThat(cards.get(1).path("kind").asText()).isEqualTo("scale");
    assertThat(cards.get(1).path("reason").asText())
        .isEqualTo("set by your teacher for Thursdays: in thirds");
    assertThat(cards.get(2).path("perMinute").asDouble()).isEqualTo(60);
    assertThat(cards.get(2).path("minutes").asInt()).isEqualTo(12);
  }

  @Test
  void minutesByWeekdayAndNoMinutesAreObeyed() throws Exception {
    JsonNode days = days(",'minutesByWeekday':{'thursday':20,'friday':0}", "");
    assertThat(days.get(1).path("minutes").asInt()).isBetween(5, 20);
    assertThat(days.get(2).path("off").asBoolean()).isTrue();
    assertThat(days.get(3).path("off").asBoolean()).isFalse();
  }

  @Test
  void roundsGiveDatesAndStandInTheCalendar() throws Exception {
    Path calendar = folder.resolve("days.ics");
    String rounds =
        ",'rounds':[{'name':'first round','date':'2026-11-30','items':['a']},"
            + "{'name':'final','date':'2026-12-05','items':['a']}]";
    JsonNode days = days("", rounds, "--ics", calendar.toString());
    String reasons = days.get(4).path("cards").toString();
    assertThat(reasons).contains("1 day to first round");
    assertThat(days.get(8).path("cards").toString()).contains("to final");
    assertThat(Files.readString(calendar)).contains("It is asked: first round.", "final");
  }

  @Test
  void notesAndTheFirstInstrumentAreTaken() throws Exception {
    String text = run("", "", 0, "--text");
    assertThat(text).contains("Note: jury: lighter in bar 2");
  }

  @Test
  void aLongDayHasBlocksWithALongRest() throws Exception {
    StringBuilder studies = new StringBuilder();
    for (int i = 0; i < 7; i++) {
      studies.append(",{'id':'x" + i + "','kind':'study','title':'Study " + i + "','minutes':25}");
    }
    items = ITEMS.substring(0, ITEMS.length() - 1) + studies + "]";
    String text = run(",'minutesPerDay':240", "", 0, "--text");
    assertThat(text).contains("rest for half an hour or more");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      quoteCharacter = '~',
      value = {
        "'week':[{'weekday':'someday','cards':[]}] | week[0]: 'someday' is no day",
        "'week':[{'weekday':'monday','cards':[{'item':'q','minutes':5}]}] | no item has the id 'q'",
        "'week':[{'weekday':'monday','cards':[{'item':'a'}]}] | cards[0]: minutes is missing",
        "'week':[{'weekday':'monday','cards':[{'item':'a','kind':'break','minutes':5}]}] | comes by itself",
        "'rounds':[{'name':'x','items':['a']}] | rounds[0]: date is missing",
        "'rounds':[{'name':'x','date':'2026-12-01','items':['q']}] | no item has the id 'q'"
      })
  void whatCannotBeIsSaidWithItsPlace(String more, String words) throws Exception {
    String err = run("", "," + more, 2);
    assertThat(err).contains(words);
    assertThat(err.lines()).hasSize(1);
  }
}
