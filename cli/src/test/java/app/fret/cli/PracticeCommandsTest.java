package app.fret.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.musicxml.MusicXmlReader;
import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.score.Passage;
import app.fret.testing.Music;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Drills, days and clicks from the command line. */
class PracticeCommandsTest {
  @TempDir private Path folder;
  private Path score;

  private record Run(int exit, String out, String err) {}

  @BeforeEach
  void writeScore() throws Exception {
    Passage passage =
        Music.passage(
            "A4/16 B4/16 C5/16 D5/16 E5/16 F5/16 G5/16 A5/16 B5/16 C6/16 D6/16 E6/16 D6/4"
                + " | F5/4 D5/4 B4/4 G4/4 | E6/1");
    score = folder.resolve("study.musicxml");
    try (OutputStream out = Files.newOutputStream(score)) {
      new MusicXmlWriter().write(passage, out);
    }
  }

  private static Run run(String... arguments) {
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    int exit = Main.run(new PrintWriter(out), new PrintWriter(err, true), arguments);
    return new Run(exit, out.toString(), err.toString());
  }

  private Run on(String command, String... more) {
    List<String> arguments =
        new ArrayList<>(List.of(command, score.toString(), "--instrument", "violin"));
    arguments.addAll(List.of(more));
    return run(arguments.toArray(String[]::new));
  }

  @Test
  void drillsAreListedWithReasonsAndTimes() throws Exception {
    Run list = on("drill", "--list", "--json");
    JsonNode drills = new ObjectMapper().readTree(list.out()).path("drills");
    assertThat(drills).isNotEmpty();
    for (JsonNode drill : drills) {
      assertThat(drill.path("reason").asText()).startsWith("bar");
      assertThat(drill.path("seconds").asDouble()).isBetween(1.0, 600.0);
    }
    assertThat(on("drill", "--list").out()).contains(drills.get(0).path("kind").asText());
  }

  @Test
  void aDrillIsWrittenAsMusicAndSaysHowItIsPlayed() throws Exception {
    Path file = folder.resolve("rhythm.musicxml");
    Run run =
        on("drill", "--kind", "rhythm", "--from", "1:1", "--to", "1:12", "--out", file.toString());
    assertThat(run.exit()).isZero();
    assertThat(run.out()).contains("Rhythms at", "short-long", "is written");
    try (InputStream in = Files.newInputStream(file)) {
      Passage music =
          new MusicXmlReader().open("rhythm.musicxml", in.readAllBytes()).read(0).passage();
      assertThat(music.title()).contains("Rhythms");
      assertThat(music.events()).hasSizeGreaterThan(6 * 12);
    }
  }

  @Test
  void aDrillIsHeardAsSound() throws Exception {
    Path file = folder.resolve("slide.wav");
    Run run =
        on("drill", "--kind", "rhythm", "--from", "1:1", "--to", "1:4", "--out", file.toString());
    assertThat(run.exit()).isZero();
    try (AudioInputStream in = AudioSystem.getAudioInputStream(file.toFile())) {
      assertThat(in.getFormat().getSampleRate()).isEqualTo(44_100f);
      assertThat(in.getFrameLength()).isGreaterThan(44_100);
    }
    String input = score.toString().replace(".musicxml", ".wav");
    Files.copy(score, Path.of(input));
    Run refused = run("drill", input, "--instrument", "violin", "--kind", "rhythm", "--out", input);
    assertThat(refused.err()).contains("is the input itself");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "--list --number 1|say one of",
        "--number 999|the list has",
        "--kind tapdance|see fret drill --help",
        "--kind words|these notes have nothing for it",
        "--kind rhythm --from 2:1 --to 1:1|--to comes before --from",
        "--kind rhythm --from nowhere|BAR:INDEX",
        "--kind rhythm --out drill.png|Fret writes"
      })
  void aDrillThatCannotBeIsSaid(String options, String words) {
    Run run = on("drill", options.split(" "));
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains(words);
    assertThat(run.err().lines()).hasSize(1);
  }

  private Path programme(String more) throws Exception {
    Path file = folder.resolve("list.json");
    String json =
        ("{'format':'fret-programme','version':1,'player':{'minutesPerDay':45},'items':["
                + "{'id':'a','file':'study.musicxml','instrument':'violin','clean':50,"
                + "'due':'2027-02-01','target':{'beat':'quarter','perMinute':96}"
                + more
                + "}],'log':[{'item':'a','date':'2026-11-24','beat':'half','perMinute':30,"
                + "'clean':true,'seconds':30}]}")
            .replace('\'', '"');
    Files.writeString(file, json, StandardCharsets.UTF_8);
    return file;
  }

  @Test
  void theDaysAheadAreInJsonCalendarAndTable() throws Exception {
    Path calendar = folder.resolve("days.ics");
    Path table = folder.resolve("days.csv");
    Run run =
        run(
            "schedule",
            programme("").toString(),
            "--today",
            "2026-11-25",
            "--days",
            "10",
            "--ics",
            calendar.toString(),
            "--csv",
            table.toString());
    JsonNode days = new ObjectMapper().readTree(run.out()).path("days");
    assertThat(days).hasSize(10);
    for (JsonNode day : days) {
      assertThat(day.path("minutes").asInt()).isBetween(1, 45);
    }
    assertThat(Files.readString(calendar)).startsWith("BEGIN:VCALENDAR");
    assertThat(Files.readString(table)).startsWith("date,visit,kind");
  }

  /** A hurt at bar 2 on the day that is planned, logged on a drill card as the format allows it. */
  private Path hurting(String more) throws Exception {
    Path file = programme("");
    String json = Files.readString(file, StandardCharsets.UTF_8);
    String hurt =
        "{'item':'a','date':'2026-11-25','perMinute':60,'clean':true,'seconds':30,'hurts':true,"
            + "'card':{'kind':'drill','spot':'2:1','visit':1}}";
    String log = "'seconds':30}," + hurt + "]" + more + "}";
    Files.writeString(
        file, json.replace("\"seconds\":30}]}", log.replace('\'', '"')), StandardCharsets.UTF_8);
    return file;
  }

  @Test
  void aBarThatHurtTodayIsInNoCardOfToday() throws Exception {
    Run run = run("schedule", hurting("").toString(), "--today", "2026-11-25", "--days", "2");
    JsonNode root = new ObjectMapper().readTree(run.out());
    assertThat(root.path("items").get(0).path("care").asText())
        .isEqualTo("Bar 2 hurt today: slower and without it for the rest of the day.");
    for (JsonNode day : root.path("days")) {
      int played = 0;
      for (JsonNode card : day.path("cards")) {
        if (card.path("item").asText("").equals("a")) {
          played++;
          assertThat(card.path("kind").asText()).isEqualTo("ladder");
          assertThat(card.path("without")).extracting(JsonNode::asText).containsExactly("2");
        }
      }
      assertThat(played).isPositive();
    }
    Run text = run("schedule", hurting("").toString(), "--today", "2026-11-25", "--text");
    assertThat(text.out()).contains("half the minutes, two rungs lower, without it");
  }

  @Test
  void whatIsPutBackInAProgrammeMustBeOfAnItemAndHaveADay() throws Exception {
    String fault = ",'putBack':[{'item':'z','bar':'2','date':'2026-11-25'}]";
    Run run = run("schedule", hurting(fault).toString(), "--today", "2026-11-25");
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains("putBack[0]: no item has the id 'z'");
    String undated = ",'putBack':[{'item':'a','bar':'2'}]";
    assertThat(run("schedule", hurting(undated).toString(), "--today", "2026-11-25").err())
        .contains("putBack[0]: date is missing");
    String good = ",'putBack':[{'item':'a','bar':'2','date':'2026-11-25'}]";
    assertThat(run("schedule", hurting(good).toString(), "--today", "2026-11-25").exit()).isZero();
  }

  @Test
  void theDaysAheadAreReadAtTheStand() throws Exception {
    Run run = run("schedule", programme("").toString(), "--today", "2026-11-25", "--text");
    assertThat(run.out()).contains("Wednesday 25 November 2026", "Tempo ladder", "ready by");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "--today soon|write a day from 1900 to 2999, such as 2026-11-25",
        "--today 0001-01-01|write a day from 1900 to 2999",
        "--today -999999999-01-01|write a day from 1900 to 2999",
        "--today +999999999-12-31|write a day from 1900 to 2999",
        "--today 1900-01-01|due 2027-02-01 is more than 10 years after --today",
        "--today 2026-11-25 --days 0|give 1 to 1100",
        "--days 3|--today is missing"
      })
  void aScheduleThatCannotBeIsSaid(String options, String words) throws Exception {
    List<String> all = new ArrayList<>(List.of("schedule", programme("").toString()));
    all.addAll(List.of(options.split(" ")));
    Run run = run(all.toArray(String[]::new));
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains(words);
  }

  @Test
  void anItemThatCannotBePlannedIsNamed() throws Exception {
    Run run = run("schedule", programme(",'profile':'odd'").toString(), "--today", "2026-11-25");
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains("item a: ");
  }

  @Test
  void aClickIsWrittenAsLongAsThePassage() throws Exception {
    Path file = folder.resolve("click.wav");
    Run run =
        on(
            "sound",
            "--target",
            "96",
            "--at",
            "60",
            "--click",
            "2",
            "--count-in",
            "1",
            "--drone",
            "tonic",
            "--out",
            file.toString());
    assertThat(run.err()).isEmpty();
    assertThat(run.out()).contains("16.0 s, 28 clicks");
    assertThat(Files.size(file)).isEqualTo(44 + 2 * 16 * 44_100);
    Path midi = folder.resolve("click.mid");
    assertThat(on("sound", "--at", "60", "--out", midi.toString()).exit()).isZero();
    assertThat(Files.readAllBytes(midi)).startsWith('M', 'T', 'h', 'd');
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "--at 60 --out x.mp3|.wav and .mid",
        "--at 0 --out x.wav|--at 0: give beats a minute from 1 to 1000",
        "--at 1e-300 --out x.wav|give beats a minute from 1 to 1000",
        "--at 1 --loop 999 --out x.wav|this would last 200 hours; a file of 4 at most",
        "--at 60 --out x.wav --click 7|use beat",
        "--at 60 --out x.wav --silent two|write N/M",
        "--at 60 --out x.wav --drone H|tonic",
        "--at 60 --out x.wav --loop 0|give 1 to 999",
        "--at 60 --out x.wav --temperament odd|equal or just"
      })
  void aSoundThatCannotBeIsSaid(String options, String words) {
    Run run = on("sound", options.split(" "));
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains(words);
  }

  @Test
  void noOutputIsAFileThatWasReadOrAnotherOutput() throws Exception {
    Path file = programme("");
    byte[] before = Files.readAllBytes(file);
    byte[] scoreBefore = Files.readAllBytes(score);
    Path link = Files.createSymbolicLink(folder.resolve("link.json"), file);
    for (Path target : List.of(file, link)) {
      Run run = schedule(file, "--ics", target.toString(), "--overwrite");
      assertThat(run.exit()).isEqualTo(2);
      assertThat(run.err()).contains("is a file that this command reads, which is never replaced");
    }
    assertThat(schedule(file, "--csv", score.toString(), "--overwrite").exit()).isEqualTo(2);
    Path one = folder.resolve("one");
    Run twice = schedule(file, "--csv", one.toString(), "--pdf", folder + "/./one");
    assertThat(twice.exit()).isEqualTo(2);
    assertThat(twice.err()).contains("--pdf one is written to already; choose another name");
    assertThat(Files.readAllBytes(file)).isEqualTo(before);
    assertThat(Files.readAllBytes(score)).isEqualTo(scoreBefore);
    assertThat(one).doesNotExist();
  }

  @Test
  void whenOneOutputCannotBeWrittenNoneIs() throws Exception {
    Path calendar = folder.resolve("days.ics");
    Run run =
        schedule(programme(""), "--ics", calendar.toString(), "--csv", folder + "/gone/days.csv");
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).contains("days.csv cannot be written: its folder is not there");
    assertThat(run.out()).isEmpty();
    assertThat(calendar).doesNotExist();
  }

  private static Run schedule(Path programme, String... more) {
    List<String> all =
        new ArrayList<>(List.of("schedule", programme.toString(), "--today", "2026-11-25"));
    all.addAll(List.of(more));
    return run(all.toArray(String[]::new));
  }

  @Test
  void aProgrammeThatCannotBeReadIsSaidInOneLineWithWhatNext() {
    assertThat(schedule(folder.resolve("missing.json")).err())
        .isEqualTo("fret: missing.json: there is no such file; name a programme (.json)\n");
    assertThat(schedule(folder).err()).endsWith(": it is a folder; name a programme (.json)\n");
    assertThat(schedule(Path.of("/dev/zero")).err())
        .isEqualTo("fret: zero: it is larger than 32 MB; name a programme (.json)\n");
  }

  @Test
  void aDateThatNoCalendarHasIsSaid() throws Exception {
    Path file = programme("");
    Files.writeString(file, Files.readString(file).replace("2027-02-01", "+999999999-01-01"));
    assertThat(schedule(file).err())
        .contains("items[0]: due '+999999999-01-01' is no day from 1900 to 2999");
  }

  @Test
  void aMissThatIsNoneOfTheKindsIsSaid() throws Exception {
    Path file = programme("");
    String log =
        Files.readString(file).replace("\"clean\":true", "\"clean\":false,\"miss\":\"odd\"");
    assertThat(log).contains("odd");
    Files.writeString(file, log);
    assertThat(schedule(file).err()).contains("miss 'odd' is none Fret knows");
  }

  @Test
  void aPrintedDrillSaysWhatHowOftenAndWhenToStop() throws Exception {
    programme("");
    Path pdf = folder.resolve("drill.pdf");
    Run run =
        run(
            "drill",
            folder.resolve("study.musicxml").toString(),
            "--instrument",
            "violin",
            "--kind",
            "doubled-notes",
            "--out",
            pdf.toString());
    assertThat(run.exit()).as(run.err()).isZero();
    try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
      assertThat(new PDFTextStripper().getText(document))
          .contains("Play each note twice", "until three in a row are right", "Stop at any pain");
    }
  }

  @Test
  void jsonAndTextTellTheSameForecasts() throws Exception {
    Path file = programme("");
    JsonNode item = new ObjectMapper().readTree(schedule(file).out()).path("items").get(0);
    String text = schedule(file, "--text").out();
    assertThat(item.path("state").asText()).as("one pass tells nothing yet").isEqualTo("unknown");
    assertThat(item.path("forecast").isNull()).isTrue();
    assertThat(item.path("why").asText()).isEqualTo("too-early");
    assertThat(text).contains("too early to say").doesNotContain("likely ready between");
  }

  @Test
  void everyDecisionOfTheBowIsInTheHelp() {
    assertThat(run("plan", "--help").out().replaceAll("\\s+", " "))
        .contains("shorten, weight, light, kind:NAME, at:PLACE, cm:AMOUNT");
  }

  @Test
  void theTextNamesTheOccasion() {
    assertThat(on("plan", "--text", "--occasion", "concert", "--target", "96").out())
        .contains("; concert at 96")
        .doesNotContain("audition at");
    assertThat(on("plan", "--text", "--target", "96").out()).contains("; audition at ");
  }
}
