package app.fret.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.BowPlan;
import app.fret.bow.BowPlanner;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.trouble.BowPattern;
import app.fret.bow.trouble.BowTrouble;
import app.fret.files.musicxml.MusicXmlReader;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.traps.Trap;
import app.fret.score.Passage;
import app.fret.study.Choices;
import app.fret.study.Study;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the demo's passages show of the bow, and that a finer grid decides the same on them. */
class DemoBowTest {
  private static final int USUAL = 121;
  private static final int TWICE_AS_FINE = 241;

  /** Where two ways cost the same to so much, either may be taken. */
  private static final double TIE = 1e-6;

  private static Study study(String name, String instrument) throws Exception {
    Path file = Files.createTempFile("fret-demo", ".musicxml");
    try (InputStream in = DemoBowTest.class.getResourceAsStream("demo/" + name + ".musicxml")) {
      Files.write(file, in.readAllBytes());
      Passage passage = new MusicXmlReader().open(file).read(0).passage();
      Player player = Player.of("", Instruments.named(instrument));
      return Study.of(passage, player, Choices.at(passage.printedTempo().orElseThrow()));
    } finally {
      Files.deleteIfExists(file);
    }
  }

  private static List<List<Integer>> strings(Study study) {
    List<List<Integer>> strings = new ArrayList<>();
    study
        .leftHand()
        .notes()
        .forEach(n -> strings.add(n.placement().stops().stream().map(Stop::string).toList()));
    return strings;
  }

  @ParameterizedTest
  @CsvSource({
    "harbour-wind, violin", "lantern-song, violin", "kestrel, violin", "glass-stair, violin",
    "mill-race, viola", "thistle-page, viola", "salt-road, cello", "under-the-eaves, cello",
    "tall-ship, bass", "slack-tide, bass"
  })
  void aGridTwiceAsFineDecidesTheSame(String name, String instrument) throws Exception {
    Study study = study(name, instrument);
    BowPlan usual = new BowPlanner(USUAL).plan(study.brief(), strings(study));
    BowPlan fine = new BowPlanner(TWICE_AS_FINE).plan(study.brief(), strings(study));
    assertThat(fine.strokes()).hasSameSizeAs(usual.strokes()).isNotEmpty();
    assertThat(fine.effort()).isLessThanOrEqualTo(usual.effort() + TIE);
    List<String> moved = new ArrayList<>();
    for (int i = 0; i < usual.strokes().size(); i++) {
      Stroke one = usual.strokes().get(i);
      Stroke other = fine.strokes().get(i);
      if (one.direction() != other.direction() || one.retakeBefore() != other.retakeBefore()) {
        moved.add("stroke " + i);
      }
    }
    assertThat(moved).isEmpty();
  }

  @Test
  void theStudyOfSpringingArpeggiosSpringsAndTurnsOnce() throws Exception {
    Study study = study("glass-stair", "violin");
    assertThat(study.bow().patterns())
        .extracting(BowPattern::kind)
        .contains(BowPattern.Kind.SPRINGING_ARPEGGIO);
    assertThat(study.traps()).anyMatch(t -> t.kind() == Trap.Kind.PATTERN_FLIPS);
  }

  @Test
  void louderBouncedStrokesSpreadFromTheSameSpot() throws Exception {
    List<Stroke> bounced =
        study("thistle-page", "viola").bow().strokes().stream()
            .filter(s -> s.kind() == StrokeKind.SPICCATO)
            .toList();
    assertThat(bounced).hasSizeGreaterThan(30);
    assertThat(bounced).allSatisfy(s -> assertThat((s.start() + s.end()) / 2).isBetween(.30, .45));
    double most = bounced.stream().mapToDouble(Stroke::amountCm).max().orElseThrow();
    double least = bounced.stream().mapToDouble(Stroke::amountCm).min().orElseThrow();
    assertThat(most).isGreaterThan(2 * least);
  }

  @Test
  void theDemoShowsASlurThatRunsOutADriftAndAFadingUpBow() throws Exception {
    Study eaves = study("under-the-eaves", "cello");
    Set<BowTrouble.Kind> kinds = EnumSet.noneOf(BowTrouble.Kind.class);
    eaves.bow().troubles().forEach(t -> kinds.add(t.kind()));
    study("slack-tide", "bass").bow().troubles().forEach(t -> kinds.add(t.kind()));
    assertThat(kinds)
        .contains(BowTrouble.Kind.RUNS_OUT, BowTrouble.Kind.DRIFT, BowTrouble.Kind.FADES_AT_FROG);
  }

  @Test
  void everyTroubleOfTheDemoHasAMendThatWasTried() throws Exception {
    int troubles = 0;
    for (String name : List.of("harbour-wind", "kestrel")) {
      for (BowTrouble trouble : study(name, "violin").bow().troubles()) {
        assertThat(trouble.mends()).as(name + ": " + trouble.text()).isNotEmpty();
        troubles++;
      }
    }
    assertThat(troubles).isPositive();
  }
}
