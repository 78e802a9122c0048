package app.fret.files.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Instruments;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinConflictException;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class PlanOutputTest {
  private Study study;
  private JsonNode json;

  @BeforeEach
  void plan() throws OutOfRangeException, PinConflictException, IOException {
    Choices choices = Choices.at(new Tempo(BeatUnit.HALF, 66));
    Study free =
        Study.of(
            Music.passage("A4/4 (B4/4 C5/8 D5/8) D4+B4/4 | E6/2~ E6/4 r/4 | A3+B3/1"),
            Player.of("", Instruments.named("violin")),
            choices);
    study =
        free.with(
            free.pinned(choices, List.of(Pin.of(1, 2, Finger.FIRST), Pin.of(5, 1, Finger.FOURTH))));
    json =
        new ObjectMapper()
            .readTree(
                PlanJson.of(
                    study,
                    List.of("lyrics in bar 1"),
                    Optional.empty(),
                    ListedWays.USUAL,
                    Map.of("read", 1.5)));
  }

  @Test
  void headNamesFormatPassageAndTarget() {
    assertThat(json.get("format").asText()).isEqualTo("fret-plan");
    assertThat(json.get("version").asInt()).isEqualTo(1);
    JsonNode passage = json.get("passage");
    assertThat(passage.get("bars").asInt()).isEqualTo(3);
    assertThat(passage.get("notes").asInt()).isEqualTo(7);
    assertThat(passage.at("/target/beat").asText()).isEqualTo("half");
    assertThat(passage.at("/target/perMinute").asDouble()).isEqualTo(66);
    assertThat(json.at("/timingMs/read").asDouble()).isEqualTo(1.5);
  }

  @Test
  void skippedListsWhatWasPassedOverAndWhatNoHandHolds() {
    assertThat(json.at("/passage/skipped/0").asText()).isEqualTo("lyrics in bar 1");
    assertThat(json.at("/passage/skipped/1").asText())
        .isEqualTo(
            "bar 3, note 1: no hand of this size can hold the chord, its notes do not lie on"
                + " neighbouring strings under any shape of the hand; it has no fingers");
  }

  @Test
  void notesCountTiesOnceAndCarryTheirStops() {
    JsonNode notes = json.at("/leftHand/notes");
    assertThat(notes).hasSize(7);
    JsonNode tied = notes.get(5);
    assertThat(tied.get("bar").asText()).isEqualTo("2");
    assertThat(tied.get("index").asInt()).isEqualTo(1);
    assertThat(tied.get("onset").asText()).isEqualTo("1");
    assertThat(tied.get("length").asText()).isEqualTo("3/4");
    assertThat(tied.at("/stops/0/pitch").asText()).isEqualTo("E6");
    JsonNode chord = notes.get(4).get("stops");
    assertThat(chord).hasSize(2);
    assertThat(chord.get(0).get("pitch").asText()).isEqualTo("D4");
    assertThat(chord.get(0).get("harmonic").asBoolean()).isFalse();
  }

  @Test
  void everyStopSoundsItsPitchOnItsString() {
    int[] open = {0, 76, 69, 62, 55};
    for (JsonNode note : json.at("/leftHand/notes")) {
      for (JsonNode stop : note.get("stops")) {
        int sounding = open[stop.get("string").asInt()] + stop.get("semitone").asInt();
        assertThat(sounding)
            .isEqualTo(app.fret.score.WrittenPitch.parse(stop.get("pitch").asText()).semitone());
        assertThat(stop.get("base").isNull()).isEqualTo(stop.get("finger").asText().equals("0"));
      }
    }
  }

  @Test
  void otherWaysComeCheapestFirst() {
    JsonNode ways = json.at("/leftHand/notes/2/otherWays");
    assertThat(ways.size()).isBetween(1, 8);
    double before = 0;
    for (JsonNode way : ways) {
      assertThat(way.get("extraEffort").asDouble()).isGreaterThanOrEqualTo(before);
      before = way.get("extraEffort").asDouble();
    }
  }

  @Test
  void shiftsTotalsBowAndPracticeAreThere() {
    JsonNode shift = json.at("/leftHand/shifts/0");
    for (String field :
        List.of(
            "fromNote",
            "toNote",
            "fromPosition",
            "toPosition",
            "travelMm",
            "bits",
            "availableSeconds",
            "speedMmPerSecond",
            "guideLower",
            "guideDeparting",
            "guideArriving",
            "markAtNote")) {
      assertThat(shift.has(field)).as(field).isTrue();
    }
    assertThat(json.at("/leftHand/totals/shifts").asInt())
        .isEqualTo(json.at("/leftHand/shifts").size());
    assertThat(json.at("/bow/strokes/0/direction").asText()).isIn("down", "up");
    assertThat(json.at("/practice/auditionPerMinute").asDouble()).isEqualTo(63);
    assertThat(json.at("/practice/rungs").size())
        .isEqualTo(json.at("/practice/passSeconds").size());
  }

  /** The shares of a way are its extra effort, to the rounding of the figures. */
  @Test
  void everyOtherWayAndThePinsSayWhyTheyCost() {
    int ways = 0;
    for (JsonNode note : json.at("/leftHand/notes")) {
      for (JsonNode way : note.get("otherWays")) {
        double sum = 0;
        for (JsonNode why : way.get("why")) {
          sum += why.get("share").asDouble();
          assertThat(why.get("text").asText()).matches("(more|less) .+");
          assertThat(why.get("note").asInt()).isBetween(0, 6);
        }
        assertThat(sum).isCloseTo(way.get("extraEffort").asDouble(), within(0.02));
        ways++;
      }
    }
    assertThat(ways).isGreaterThan(6);
    assertThat(json.at("/leftHand/pinned/extraEffort").asDouble()).isGreaterThanOrEqualTo(0);
    assertThat(json.at("/leftHand/pinned/why").isArray()).isTrue();
  }

  @Test
  void reasonsCarryTheirSign() {
    int reasons = 0;
    for (JsonNode note : json.at("/leftHand/notes")) {
      assertThat(note.get("reasons").size()).isLessThanOrEqualTo(4);
      for (JsonNode reason : note.get("reasons")) {
        assertThat(reason.asText()).matches("[+\u2212] [A-Z].*\\.");
        reasons++;
      }
    }
    assertThat(reasons).isPositive();
    assertThat(json.at("/leftHand/cues").isArray()).isTrue();
  }

  @Test
  void whatIsNotComputedIsLeftOut() {
    assertThat(json.has("alternatives")).isFalse();
  }

  @Test
  void practiceHasRungsChunksDrillsAndRhythms() {
    JsonNode practice = json.get("practice");
    assertThat(practice.get("passSeconds")).hasSameSizeAs(practice.get("rungs"));
    assertThat(practice.at("/chunks/0/firstNote").asInt()).isZero();
    assertThat(practice.get("drills").isArray()).isTrue();
    assertThat(practice.get("rhythmSet")).hasSize(6);
    assertThat(practice.get("wholeClimbMinutes").asDouble()).isPositive();
  }

  @Test
  void everyStrokeSaysWhereOnTheBowItLies() {
    double hairCm = json.at("/bow/hairCm").asDouble();
    assertThat(hairCm).isGreaterThan(50);
    assertThat(json.at("/bow/school").asText()).isEqualTo("printed");
    JsonNode strokes = json.at("/bow/strokes");
    assertThat(strokes.size()).isGreaterThan(1);
    for (JsonNode stroke : strokes) {
      double start = stroke.get("start").asDouble();
      double end = stroke.get("end").asDouble();
      assertThat(start).isBetween(0.0, 1.0);
      assertThat(stroke.get("direction").asText()).isEqualTo(end > start ? "down" : "up");
      assertThat(stroke.get("amountCm").asDouble())
          .isCloseTo(Math.abs(end - start) * hairCm, within(0.02));
      int notes = stroke.get("lastNote").asInt() - stroke.get("firstNote").asInt() + 1;
      assertThat(stroke.get("sharesCm").size()).isEqualTo(notes);
      assertThat(stroke.get("stroke").asText()).matches("[a-z-]+");
    }
  }

  @Test
  void everyStrokeSaysHowTheBowLiesOnTheString() {
    for (JsonNode stroke : json.at("/bow/strokes")) {
      assertThat(stroke.at("/contact/from").asText()).matches("bridge|middle|fingerboard");
      assertThat(stroke.at("/contact/to").asText()).matches("bridge|middle|fingerboard");
      assertThat(stroke.get("tiltDegrees").asDouble()).isBetween(0.0, 30.0);
      assertThat(stroke.get("recipe").asText()).isEqualTo("speed-led");
    }
    assertThat(json.at("/bow/strokes").size()).isPositive();
    assertThat(json.at("/bow/planes/crossings").isInt()).isTrue();
    assertThat(json.at("/bow/planes/crossingsPerBeat").asDouble()).isBetween(0.0, 4.0);
    assertThat(json.at("/bow/planes/largestHandTravelMm").asDouble())
        .isGreaterThanOrEqualTo(json.at("/bow/planes/preparedHandTravelMm").asDouble());
    assertThat(json.at("/bow/patterns").isArray()).isTrue();
  }

  @Test
  void theShapeStandsNoteByNoteWithItsPhrases() {
    JsonNode notes = json.at("/shape/notes");
    assertThat(notes.size()).isEqualTo(json.at("/leftHand/notes").size());
    for (JsonNode note : notes) {
      assertThat(note.get("level").asDouble()).isBetween(1.0, 10.0);
      assertThat(note.get("proposed").asDouble()).isBetween(1.0, 10.0);
      assertThat(note.get("vibrato").asText()).matches("none|may|must");
      assertThat(note.get("soundingShare").asDouble()).isBetween(0.0, 1.0);
    }
    JsonNode phrases = json.at("/shape/phrases");
    assertThat(phrases.size()).isPositive();
    int next = 0;
    for (JsonNode phrase : phrases) {
      assertThat(phrase.get("firstNote").asInt()).isEqualTo(next);
      next = phrase.get("lastNote").asInt() + 1;
      assertThat(phrase.get("peakNote").asInt())
          .isBetween(phrase.get("firstNote").asInt(), phrase.get("lastNote").asInt());
    }
    assertThat(next).isEqualTo(notes.size());
  }

  @Test
  void waysAreListedForTheNotesThatAreNearestToAnotherWay() throws IOException {
    JsonNode two = notes(2);
    List<Integer> listed =
        IntStream.range(0, two.size())
            .filter(i -> !two.get(i).get("otherWays").isEmpty())
            .boxed()
            .toList();
    JsonNode all = notes(ListedWays.USUAL);
    List<Integer> nearest =
        IntStream.range(0, all.size())
            .filter(i -> !all.get(i).get("otherWays").isEmpty())
            .boxed()
            .sorted(
                Comparator.comparingDouble(
                    i -> all.at("/" + i + "/otherWays/0/extraEffort").asDouble()))
            .limit(2)
            .sorted()
            .toList();
    assertThat(listed).hasSize(2).isEqualTo(nearest);
  }

  private JsonNode notes(int notesWithWays) throws IOException {
    String text =
        PlanJson.of(study, List.of(), Optional.empty(), notesWithWays, Map.of("read", 1.0));
    return new ObjectMapper().readTree(text).at("/leftHand/notes");
  }

  /** Two whole notes in one slow bow: the hair does not reach. */
  @Test
  void aTroubleOfTheBowStandsInBothWithItsBarAndItsMend() throws Exception {
    Study slow =
        Study.of(
            Music.passage("C5/1 | (D5/1 | E5/1)"),
            Player.of("", Instruments.named("violin")),
            Choices.at(new Tempo(BeatUnit.QUARTER, 40)));
    JsonNode plan =
        new ObjectMapper()
            .readTree(
                PlanJson.of(
                    slow, List.of(), Optional.empty(), ListedWays.USUAL, Map.of("read", 1.0)));
    JsonNode trouble = plan.at("/bow/troubles/0");
    assertThat(trouble.get("kind").asText()).isEqualTo("runs-out");
    assertThat(trouble.get("bar").asText()).isEqualTo("2");
    assertThat(trouble.get("firstNote").asInt()).isEqualTo(1);
    assertThat(trouble.get("lastNote").asInt()).isEqualTo(2);
    assertThat(trouble.get("mend").asText()).startsWith("Change the bow");
    assertThat(PlanText.of(slow, List.of(), Optional.empty()))
        .contains("bow, bar 2: Even at its slowest the stroke needs");
  }

  @Test
  void everyStrokeNamesWhatItsOtherWaysCostAndItsTempoLimits() {
    int ways = 0;
    for (JsonNode stroke : json.at("/bow/strokes")) {
      double before = Double.NEGATIVE_INFINITY;
      for (JsonNode way : stroke.get("otherWays")) {
        assertThat(way.get("what").asText())
            .matches("up-bow|down-bow|hook|retake|start at 0[.][0-9]{2}|split after note [0-9]+");
        assertThat(way.get("stroke").asText()).matches("[0-9]+:[0-9]+=[a-z-]+(:[0-9.]+)?");
        assertThat(way.get("extraEffort").asDouble()).isGreaterThanOrEqualTo(before);
        before = way.get("extraEffort").asDouble();
        ways++;
      }
      assertThat(stroke.has("slowestPerMinute")).isTrue();
      assertThat(stroke.has("fastestPerMinute")).isTrue();
      assertThat(stroke.get("hints").isArray()).isTrue();
    }
    assertThat(ways).isGreaterThan(5);
  }

  @Test
  void textShowsFingersUnderTheirNotes() {
    String text = PlanText.of(study, List.of("lyrics in bar 1"), Optional.empty());
    assertThat(text)
        .contains("target half = 66")
        .contains("bar 1")
        .contains("D4+B4")
        .contains("bar 3, note 1: no hand of this size can hold the chord")
        .contains("  position ")
        .contains("guide ")
        .containsPattern("  bow       [a-zé ]+ (down|up) 0\\.\\d\\d>")
        .contains("left out, or read otherwise: lyrics in bar 1");
    String[] lines = text.split("\n");
    for (int i = 0; i + 1 < lines.length; i++) {
      if (lines[i].startsWith("  note ")) {
        assertThat(lines[i + 1].strip().split("\\s+"))
            .hasSameSizeAs(lines[i].strip().split("\\s+"));
      }
    }
  }
}
