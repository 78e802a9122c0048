package app.fret.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.ScoreRejectedException;
import app.fret.files.musicxml.MusicXmlReader;
import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.score.Passage;
import app.fret.testing.Music;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MainTest {
  @TempDir private Path folder;
  private Path score;

  /** What a run left behind. */
  private record Run(int exit, String out, String err) {}

  @BeforeEach
  void writeScore() throws IOException {
    Passage passage =
        Music.passage("D5/4 E5/4 F5/4 G5/4 | A5/4 B5/4 C6/4 D6/4 | (E6/2 D6/2) | C6/1");
    score = folder.resolve("study.musicxml");
    try (OutputStream out = Files.newOutputStream(score)) {
      new MusicXmlWriter().write(passage, out);
    }
  }

  private Run run(String... arguments) {
    StringWriter out = new StringWriter();
    StringWriter err = new StringWriter();
    int exit = Main.run(new PrintWriter(out), new PrintWriter(err, true), arguments);
    return new Run(exit, out.toString(), err.toString());
  }

  private Run plan(String... more) {
    List<String> arguments = new ArrayList<>(List.of("plan", score.toString()));
    if (!List.of(more).contains("--instrument")) {
      arguments.addAll(List.of("--instrument", "violin"));
    }
    arguments.addAll(List.of(more));
    return run(arguments.toArray(String[]::new));
  }

  private static JsonNode json(Run run) throws IOException {
    assertThat(run.err()).isEmpty();
    assertThat(run.exit()).isZero();
    return new ObjectMapper().readTree(run.out());
  }

  @Test
  void printsThePlanAsJson() throws IOException {
    JsonNode plan = json(plan("--json", "--target", "66", "--beat", "half"));
    assertThat(plan.at("/passage/notes").asInt()).isEqualTo(11);
    assertThat(plan.at("/passage/target/beat").asText()).isEqualTo("half");
    assertThat(plan.at("/passage/title").asText()).isEqualTo("Test");
    assertThat(plan.get("timingMs").fieldNames())
        .toIterable()
        .containsExactly("read", "shape", "leftHand", "bow", "practice");
  }

  @Test
  void whatIsEasilyMisreadIsTold() throws IOException {
    Path tune = folder.resolve("tune.abc");
    Files.writeString(tune, "X:1\nT:Tune\nM:4/4\nL:1/4\nK:G\nd ^c B c|d4|\n");
    JsonNode plan = json(run("plan", tune.toString(), "--instrument", "violin"));
    assertThat(plan.at("/reading/traps/1/kind").asText()).isEqualTo("accidental-holds");
    assertThat(plan.at("/reading/traps/1/bar").asInt()).isEqualTo(1);
    assertThat(plan.at("/reading/traps/1/index").asInt()).isEqualTo(4);
    assertThat(plan.at("/reading/beatGroups/0/groups/0").asInt()).isEqualTo(4);
    assertThat(run("plan", tune.toString(), "--instrument", "violin", "--text").out())
        .contains("read bar 1, note 4: Still C♯5: the sign from earlier in the bar holds.");
  }

  @Test
  void whatTheOthersRunOnAndWhoIsHeardBeforeAnEntryIsTold() throws IOException {
    Path midi = folder.resolve("two.mid");
    Path tune = folder.resolve("two.abc");
    Files.writeString(tune, "X:1\nT:Viola\nM:4/4\nL:1/4\nQ:1/4=96\nK:C clef=alto\nC4|z4|z4|E4|\n");
    assertThat(run("convert", tune.toString(), midi.toString()).exit()).isZero();
    Path score = folder.resolve("score.musicxml");
    String part = "<measure number='%d'>%s%s</measure>";
    String head =
        "<attributes><divisions>2</divisions><time><beats>4</beats><beat-type>4</beat-type></time>"
            + "</attributes>";
    String eighths =
        "<note><pitch><step>C</step><octave>5</octave></pitch><duration>1</duration>"
            + "<type>eighth</type></note>";
    String whole =
        "<note><pitch><step>C</step><octave>5</octave></pitch><duration>8</duration>"
            + "<type>whole</type></note>";
    String rest = "<note><rest measure='yes'/><duration>8</duration></note>";
    StringBuilder own = new StringBuilder();
    StringBuilder other = new StringBuilder();
    String[] ownBars = {whole, rest, rest, whole};
    String[] otherBars = {eighths.repeat(8), eighths.repeat(8), eighths.repeat(8), whole};
    for (int bar = 0; bar < ownBars.length; bar++) {
      own.append(String.format(part, bar + 1, bar == 0 ? head : "", ownBars[bar]));
      other.append(String.format(part, bar + 1, bar == 0 ? head : "", otherBars[bar]));
    }
    Files.writeString(
        score,
        "<score-partwise version='4.0'><part-list><score-part id='P1'><part-name>Oboe"
            + "</part-name></score-part><score-part id='P2'><part-name>Geige</part-name>"
            + "</score-part></part-list><part id='P1'>"
            + other
            + "</part><part id='P2'>"
            + own
            + "</part></score-partwise>");
    JsonNode plan = json(run("plan", score.toString(), "--instrument", "violin"));
    assertThat(plan.at("/passage/notes").asInt()).isEqualTo(2);
    assertThat(plan.at("/reading/runningValue/0/value").asText()).isEqualTo("1/8");
    assertThat(plan.at("/reading/runningValue/0/toBar").asInt()).isEqualTo(3);
    assertThat(plan.at("/reading/cues/0/bar").asInt()).isEqualTo(4);
    assertThat(plan.at("/reading/cues/0/text").asText())
        .isEqualTo("Oboe plays C5 C5 C5 C5 before you");
    Run converted = run("convert", score.toString(), folder.resolve("o.abc").toString());
    assertThat(converted.err()).contains("not written: part 2, Geige");
    JsonNode played = json(run("plan", midi.toString(), "--instrument", "viola"));
    assertThat(played.at("/passage/notes").asInt()).isEqualTo(2);
  }

  @Test
  void theOccasionChangesTheTempoAndSaysSo() throws IOException {
    JsonNode audition = json(plan("--json", "--target", "120"));
    assertThat(audition.at("/practice/auditionPerMinute").asDouble()).isEqualTo(116);
    assertThat(audition.at("/tempo/slowest").asDouble()).isLessThan(120);
    assertThat(audition.at("/tempo/ceiling").asDouble()).isGreaterThan(120);
    JsonNode concert = json(plan("--json", "--target", "120", "--occasion", "concert"));
    assertThat(concert.at("/practice/auditionPerMinute").asDouble()).isEqualTo(120);
    assertThat(concert.at("/tempo/changes/0").asText()).contains("target itself");
    assertThat(plan("--occasion", "party").err()).contains("there is no occasion 'party'");
  }

  @Test
  void aBadSignInATuneIsListedWithBarAndLineAndTheRestIsPlanned() throws IOException {
    Path tune = folder.resolve("tune.abc");
    Files.writeString(tune, "X:1\nT:Tune\nM:4/4\nL:1/4\nK:G\nd c B [Ac|\n");
    Run plan = run("plan", tune.toString(), "--instrument", "violin", "--text");
    assertThat(plan.exit()).isZero();
    assertThat(plan.out())
        .contains("left out, or read otherwise: line 6, bar 1: the chord is not closed");
  }

  @Test
  void cutsTheBarsAskedFor() throws IOException {
    JsonNode plan = json(plan("--bars", "2-3"));
    assertThat(plan.at("/passage/bars").asInt()).isEqualTo(2);
    assertThat(plan.at("/leftHand/notes/0/bar").asText()).isEqualTo("2");
    assertThat(json(plan("--bars", "4")).at("/passage/notes").asInt()).isEqualTo(1);
  }

  @Test
  void anAssumedTempoIsSaid() throws IOException {
    assertThat(json(plan()).at("/passage/skipped").toString()).contains("planned at quarter = 96");
    assertThat(json(plan("--target", "80")).at("/passage/skipped")).isEmpty();
  }

  @Test
  void pinsAreHonoured() throws IOException {
    JsonNode plan = json(plan("--pin", "2:1=II:3", "--pin", "4:1=1:2"));
    assertThat(plan.at("/leftHand/notes/4/stops/0/string").asInt()).isEqualTo(2);
    assertThat(plan.at("/leftHand/notes/4/stops/0/finger").asText()).isEqualTo("3");
    assertThat(plan.at("/leftHand/notes/10/stops/0/finger").asText()).isEqualTo("2");
  }

  @Test
  void aPinHoldsWhereItsFigureComesAgain() throws IOException {
    Path tune = folder.resolve("again.abc");
    String bar = "d/2e/2f/2g/2 a2 f4";
    Files.writeString(
        tune,
        "X:1\nT:Again\nM:4/4\nL:1/8\nQ:1/4=80\nK:C clef=treble\n "
            + bar
            + " | g8 | "
            + bar
            + " |\n");
    JsonNode notes =
        json(run("plan", tune.toString(), "--instrument", "violin", "--json", "--pin", "1:1=II:1"))
            .at("/leftHand/notes");
    assertThat(notes.at("/0/stops/0/finger").asText()).isEqualTo("1");
    assertThat(notes.at("/7/stops/0")).isEqualTo(notes.at("/0/stops/0"));
  }

  @Test
  void aSchoolOfHalfStepsIsTakenAndAnotherWordRefused() throws IOException {
    assertThat(plan("--half-steps", "slides").exit()).isZero();
    Run unknown = plan("--half-steps", "glide");
    assertThat(unknown.exit()).isEqualTo(2);
    assertThat(unknown.err()).contains("--half-steps 'glide'; use mixed, slides");
  }

  @Test
  void strokesAreHonoured() throws IOException {
    JsonNode first = json(plan("--stroke", "1:1=up", "--stroke", "2:1=at:0.3"));
    assertThat(first.at("/bow/strokes/0/direction").asText()).isEqualTo("up");
    JsonNode before = json(plan());
    int strokes = before.at("/bow/strokes").size();
    JsonNode joined = json(plan("--stroke", "1:2=join"));
    assertThat(joined.at("/bow/strokes").size()).isLessThanOrEqualTo(strokes);
    assertThat(joined.at("/bow/strokes/0/lastNote").asInt()).isPositive();
  }

  @Test
  void theSchoolOfTheBowIsSaid() throws IOException {
    for (String school : List.of("printed", "section", "free")) {
      JsonNode plan = json(plan("--bowing", school));
      assertThat(plan.at("/bow/school").asText()).isEqualTo(school);
    }
  }

  @Test
  void printsTextForTheStand() {
    Run run = plan("--text");
    assertThat(run.exit()).isZero();
    assertThat(run.out()).contains("bar 1").contains("finger").contains("ladder:");
  }

  @Test
  void writesTheMarkedPart() throws IOException, ScoreRejectedException {
    Path marked = folder.resolve("marked.musicxml");
    json(plan("--out", marked.toString()));
    Passage back = new MusicXmlReader().open(marked).read(0).passage();
    assertThat(
            back.events().stream().map(e -> ((app.fret.score.Sounding) e).notes().get(0).finger()))
        .allMatch(java.util.Optional::isPresent);
  }

  @Test
  void marksGoIntoTheWholeScoreOnceAFileOfMusicXmlIsNamed()
      throws IOException, ScoreRejectedException {
    Path whole = folder.resolve("whole.musicxml");
    assertThat(plan("--bars", "2", "--whole", "--out", whole.toString()).exit()).isZero();
    Passage back = new MusicXmlReader().open(whole).read(0).passage();
    assertThat(back.events())
        .filteredOn(e -> ((app.fret.score.Sounding) e).notes().get(0).finger().isPresent())
        .isNotEmpty()
        .allMatch(e -> e.bar() == 1);
    assertThat(plan("--whole").err()).contains("name a file with it");
    Run pdf = plan("--whole", "--out", folder.resolve("whole.pdf").toString());
    assertThat(pdf.err()).contains("--whole writes MusicXML");
    assertThat(List.of(pdf.exit(), plan("--whole").exit())).containsOnly(2);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "--ways; -1; give a number of notes from 0",
        "--ways; some; is no whole number",
        "--sounds; up; say clef or octave-lower",
        "--sounds; octave-lower; the part has no 8 under its clef"
      })
  void whatBoundsOrPlacesAPlanIsRefusedInOneLine(String option, String value, String words) {
    Run refused = plan(option, value);
    assertThat(refused.exit()).isEqualTo(2);
    assertThat(refused.err().strip().lines()).singleElement().asString().contains(words);
  }

  @Test
  void theHandChangesWhatIsReached() throws IOException {
    Path octave = folder.resolve("octave.abc");
    Files.writeString(octave, "X:1\nT:Octave\nM:4/4\nL:1/4\nQ:1/4=60\nK:C\n[A,A]4|\n");
    List<Double> efforts = new ArrayList<>();
    for (String hand : List.of("large", "small")) {
      Run run = run("plan", octave.toString(), "--instrument", "violin", "--hand", hand, "--json");
      efforts.add(new ObjectMapper().readTree(run.out()).at("/leftHand/effort").asDouble());
    }
    assertThat(efforts.get(1)).as("a small hand opens").isGreaterThan(efforts.get(0));
    assertThat(plan("--hand", "80.5").exit()).isZero();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      quoteCharacter = '"',
      value = {
        "--instrument theorbo; no instrument 'theorbo'",
        "--bars 3-9; it has no bar 9; its bars are 1 to 4",
        "--bars 3-1; --bars ends before it begins",
        "--bars -; names no bars",
        "--target fast; 'fast' is no number",
        "--alternatives two; 'two' is no whole number",
        "--target -5; --target -5: give beats a minute from 1 to 1000",
        "--target 1e-300; --target 1e-300: give beats a minute from 1 to 1000",
        "--target 0.99; give beats a minute from 1 to 1000",
        "--target 1000.5; give beats a minute from 1 to 1000",
        "--target NaN; give beats a minute from 1 to 1000",
        "--clean 1e-300; --clean 1e-300: give beats a minute",
        "--beat minim; 'minim' is no beat",
        "--pin 1:1; is no pin; write BAR:INDEX=STRING:FINGER",
        "--pin 1:9=II:1; bar 1 has no note 9",
        "--pin 1:1=V:1; 'V' is no string of the violin",
        "--pin 4:1=IV:1; cannot be played with finger 1 on string IV",
        "--stroke 1:1; is no stroke; write BAR:INDEX=WHAT",
        "--stroke 1:9=up; bar 1 has no note 9",
        "--stroke 1:1=kind:loud; no kind of stroke 'loud'; use legato",
        "--stroke 1:1=at:2; no place on the bow: 2.0; use 0 (frog) to 1 (tip)",
        "--stroke 1:1=join; --stroke 1:1=join: there is no stroke before the first note",
        "--bowing strict; there is no bowing 'strict'; they are printed, section, free",
        "--hand huge; 'huge' is no hand",
        "--profile loud; no profile 'loud'",
        "--part Horn; it has no part 'Horn'",
        "--fingers 3; Unknown option '--fingers'; see fret plan --help",
        "--target 60 --target 70; --target is given twice",
        "--target; --target needs a value",
        "--json --text; --json and --text exclude each other",
        "--instr violin; Unknown option '--instr'",
        "other.xml; one score at a time: 'other.xml'",
        "--hand 9999; a span of 9999.0 mm; give one from 37 to 124 mm",
        "--hand NaN; a span of NaN mm",
        "--string-length 1e9; a string length of 1.0E9 mm; give one from 148 to 492 mm",
        "--pin 1:1=II:3 --pin 1:1=III:4; D5 cannot be played with finger 3 on string II and"
            + " finger 4 on string III",
        "--out plan.docx; Fret writes .musicxml, .xml, .mxl, .abc, .mid and .pdf"
      })
  void faultsAreOneLineAndExitTwo(String options, String reason) {
    Run run = plan(options.split(" "));
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.out()).isEmpty();
    assertThat(run.err()).startsWith("fret: ").contains(reason.strip());
    assertThat(run.err().strip().lines()).hasSize(1);
    assertThat(run.err()).doesNotContain("app.fret", "java.");
  }

  @Test
  void theInputIsNeverReplacedUnderAnyName() throws IOException {
    byte[] before = Files.readAllBytes(score);
    Path link = Files.createSymbolicLink(folder.resolve("link.musicxml"), score);
    for (Path out : List.of(score, link)) {
      Run run = plan("--out", out.toString(), "--overwrite");
      assertThat(run.exit()).isEqualTo(2);
      assertThat(run.err()).contains("is the input itself, which is never replaced");
    }
    assertThat(Files.readAllBytes(score)).isEqualTo(before);
  }

  @Test
  void anotherFileIsReplacedOnlyWhenAsked() throws IOException {
    Path other = folder.resolve("other.musicxml");
    Files.writeString(other, "somebody's work");
    Run refused = plan("--out", other.toString());
    assertThat(refused.exit()).isEqualTo(2);
    assertThat(refused.out()).isEmpty();
    assertThat(refused.err()).contains("other.musicxml is there already", "--overwrite");
    assertThat(other).hasContent("somebody's work");
    assertThat(plan("--out", other.toString(), "--overwrite").exit()).isZero();
    assertThat(Files.readString(other)).contains("<fingering>");
  }

  @Test
  void theEndingSaysTheForm() throws IOException, ScoreRejectedException {
    Path zipped = folder.resolve("marked.mxl");
    Path pdf = folder.resolve("marked.pdf");
    assertThat(plan("--out=" + zipped).exit()).isZero();
    assertThat(plan("--out", pdf.toString()).exit()).isZero();
    assertThat(Files.readAllBytes(zipped)).startsWith('P', 'K');
    assertThat(new MusicXmlReader().open(zipped).read(0).passage().bars()).hasSize(4);
    assertThat(Files.readAllBytes(pdf)).startsWith('%', 'P', 'D', 'F');
  }

  @Test
  void standardInputIsReadUnderItsName() throws IOException {
    InputStream before = System.in;
    try {
      System.setIn(new ByteArrayInputStream(Files.readAllBytes(score)));
      assertThat(run("plan", "-", "--instrument", "violin").exit()).isZero();
      System.setIn(new ByteArrayInputStream(new byte[] {'x'}));
      assertThat(run("plan", "-", "--instrument", "violin").err())
          .startsWith("fret: standard input: it is plain text and no score");
    } finally {
      System.setIn(before);
    }
  }

  @Test
  void anAnswerThatCannotBeWrittenIsAFault() {
    Writer full =
        new Writer() {
          @Override
          public void write(char[] text, int from, int length) throws IOException {
            throw new IOException("No space left on device");
          }

          @Override
          public void flush() {}

          @Override
          public void close() {}
        };
    StringWriter err = new StringWriter();
    int exit =
        Main.run(
            new PrintWriter(full),
            new PrintWriter(err),
            "plan",
            score.toString(),
            "--instrument",
            "violin");
    assertThat(exit).isEqualTo(2);
    assertThat(err.toString())
        .isEqualToNormalizingNewlines(
            "fret: the answer could not be written: standard output is full or was closed\n");
  }

  @Test
  void eachNoteOfAChordCanBePinned() throws IOException {
    try (OutputStream out = Files.newOutputStream(score)) {
      new MusicXmlWriter().write(Music.passage("G4+E5/1"), out);
    }
    JsonNode stops =
        json(plan("--pin", "1:1=III:3", "--pin", "1:1=II:4")).at("/leftHand/notes/0/stops");
    assertThat(stops.at("/0/finger").asText()).isEqualTo("3");
    assertThat(stops.at("/1/finger").asText()).isEqualTo("4");
  }

  @Test
  void foldersAndEmptyNamesGetPlainWords() {
    assertThat(run("plan", folder.toString(), "--instrument", "violin").err())
        .contains("it is a folder; name a score in it");
    assertThat(run("plan", "", "--instrument", "violin").err())
        .contains("the name of the file is empty");
  }

  @Test
  void aCommandLineThatNamesTooLittleSaysWhatToName() {
    assertThat(run().err()).isEqualToIgnoringNewLines("fret: name a command; see fret --help");
    assertThat(run("dance").err()).contains("there is no command 'dance'");
    assertThat(run("plan", score.toString()).err())
        .contains("--instrument is missing; see fret plan --help");
    assertThat(run("plan", "--instrument", "violin").err()).contains("name a score");
  }

  @Test
  void aScoreIsConvertedThereAndBack() throws IOException, ScoreRejectedException {
    Path abc = folder.resolve("study.abc");
    Path xml = folder.resolve("again.musicxml");
    Run there = run("convert", score.toString(), abc.toString());
    assertThat(there.err()).isEmpty();
    assertThat(there.exit()).isZero();
    assertThat(Files.readString(abc)).startsWith("X:1\nT:Test\nM:4/4\n");
    assertThat(run("convert", abc.toString(), xml.toString()).exit()).isZero();
    assertThat(new MusicXmlReader().open(xml).read(0).passage().events())
        .isEqualTo(new MusicXmlReader().open(score).read(0).passage().events());
  }

  @Test
  void whatTheOtherFormatCannotHoldIsListedBesideTheAnswer() throws IOException {
    Path marked = folder.resolve("marked.musicxml");
    assertThat(plan("--out", marked.toString()).exit()).isZero();
    Run run = run("convert", marked.toString(), folder.resolve("marked.abc").toString());
    assertThat(run.exit()).isZero();
    assertThat(run.out()).isEqualToIgnoringNewLines("marked.abc is written.");
    assertThat(run.err()).contains("not held by the format: numbers of strings");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      quoteCharacter = '"',
      value = {
        "study.musicxml; name a file to write",
        "; name a score to read",
        "study.musicxml out.docx; Fret writes .musicxml, .xml, .mxl, .abc and .mid",
        "study.musicxml study.musicxml; is the input itself",
        "study.musicxml a.abc b.abc; 'b.abc' is too much",
        "none.musicxml a.abc; there is no such file"
      })
  void aConversionThatCannotBeDoneSaysWhy(String words, String reason) {
    List<String> arguments = new ArrayList<>(List.of("convert"));
    if (words != null) {
      for (String word : words.split(" ")) {
        arguments.add(folder.resolve(word).toString());
      }
    }
    Run run = run(arguments.toArray(String[]::new));
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err()).startsWith("fret: ").contains(reason.replace("'b.abc'", "b.abc'"));
    assertThat(run.err().strip().lines()).hasSize(1);
  }

  @Test
  void theVersionIsSaidWithAndWithoutACommand() {
    assertThat(run("--version").out()).startsWith("Fret ");
    assertThat(run("plan", "--version").out()).startsWith("Fret ");
  }

  @Test
  void aPartThatTunesItsStringsIsPlannedSo() throws IOException {
    try (OutputStream out = Files.newOutputStream(score)) {
      new MusicXmlWriter().write(Music.passage("A3/1"), out);
    }
    String sign =
        "<direction><direction-type><scordatura><accord string=\"4\"><tuning-step>A"
            + "</tuning-step><tuning-octave>3</tuning-octave></accord></scordatura>"
            + "</direction-type></direction><note>";
    Files.writeString(score, Files.readString(score).replaceFirst("<note>", sign));
    JsonNode tuned = json(plan());
    assertThat(tuned.at("/leftHand/notes/0/stops/0/finger").asText()).isEqualTo("0");
    assertThat(tuned.at("/passage/skipped").toString())
        .contains("the part tunes string IV to A3, and is planned so");
    JsonNode own = json(plan("--tuning", "E5,A4,D4,G3"));
    assertThat(own.at("/leftHand/notes/0/stops/0/finger").asText()).isNotEqualTo("0");
  }

  @Test
  void aNoteOutOfRangeNamesFilePartAndBar() throws IOException {
    try (OutputStream out = Files.newOutputStream(score)) {
      new MusicXmlWriter().write(Music.passage("D5/1 | C3/1"), out);
    }
    assertThat(plan().err())
        .startsWith("fret: study.musicxml, Part, bar 2: C3 lies below the lowest string");
    assertThat(plan("--instrument", "viola").exit()).isZero();
  }

  @Test
  void aMissingFileIsOneLineToo() {
    Run run = run("plan", folder.resolve("none.xml").toString(), "--instrument", "violin");
    assertThat(run.exit()).isEqualTo(2);
    assertThat(run.err().strip()).isEqualTo("fret: none.xml: there is no such file");
  }

  @Test
  void helpListsTheOptions() {
    Run run = run("plan", "--help");
    assertThat(run.exit()).isZero();
    assertThat(run.out()).contains("--instrument").contains("--pin").contains("--bars");
    assertThat(run("--help").out()).contains("plan ").contains("fret COMMAND --help");
  }
}
