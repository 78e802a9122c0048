package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.Profiles;
import app.fret.practice.drill.DrillKind;
import app.fret.practice.drill.Problem;
import app.fret.practice.drill.Problems;
import app.fret.reading.traps.Trap;
import app.fret.score.BeatUnit;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Traps of rhythm and of printed fingers (common practice, no source). */
class RhythmTrapsTest {
  private static Study study(Passage passage) throws Exception {
    return Study.of(
        passage,
        Player.of("Oda Merrin", Instruments.named("violin")),
        Choices.at(new Tempo(BeatUnit.QUARTER, 80))
            .withProfile(Profiles.named(Profiles.AS_PRINTED)));
  }

  private static List<Integer> at(Study study, Trap.Kind kind) {
    return study.traps().stream().filter(t -> t.kind() == kind).map(Trap::note).toList();
  }

  private static List<Integer> at(String music, Trap.Kind kind) throws Exception {
    return at(study(Music.passage(music)), kind);
  }

  @Test
  void tripletsBesideEvenNotesAreNamedWhereTheChangeIs() throws Exception {
    Study study = study(Music.passage(Metre.of(4, 4), TRIPLETS));
    assertThat(at(study, Trap.Kind.TUPLET_BESIDE_EIGHTHS)).containsExactly(2, 9);
    assertThat(Problems.of(study.drillSource()))
        .filteredOn(p -> p.words().equals("triplets beside even notes"))
        .isNotEmpty()
        .flatExtracting(Problem::drills)
        .contains(DrillKind.INNER_PULSE);
  }

  /** Two eighths, a triplet; and the same turned round a bar later. */
  private static final String TRIPLETS =
      "C5/8 D5/8 E5/8t F5/8t G5/8t F5/2 | E5/8t D5/8t C5/8t D5/8 E5/8 F5/2";

  @Test
  void aPageOfTripletsAloneHasNoSuchTrap() throws Exception {
    assertThat(at("C5/8t D5/8t E5/8t F5/8t G5/8t F5/8t E5/2", Trap.Kind.TUPLET_BESIDE_EIGHTHS))
        .isEmpty();
  }

  /** Three against four: the figure begins on each of the four in turn. */
  @Test
  void aFigureAgainstTheBeatIsNamedOnce() throws Exception {
    String three = "C5/16 D5/16 B4/16 C5/16 D5/16 B4/16 C5/16 D5/16 B4/16 C5/16 D5/16 B4/16 C5/4";
    assertThat(at(three, Trap.Kind.PATTERN_DISPLACED)).containsExactly(0);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "C5/16 D5/16 E5/16 F5/16 G5/16 A5/16 B5/16 C6/16 B5/16 A5/16 G5/16 F5/16 E5/4",
        "C5/16 E5/16 D5/16 F5/16 E5/16 G5/16 F5/16 A5/16 G5/16 B5/16 A5/16 C6/16 B5/4",
        "C5/8t D5/8t E5/8t F5/8t G5/8t A5/8t B5/8t A5/8t G5/8t F5/4",
        "A3/16 C#4/16 E4/16 A4/16 C#5/16 E5/16 A5/16 C#6/16 E6/16 F6/16 G6/16 E6/16 F6/4",
        "C5/8t E5/8t G5/8t C5/8t E5/8t G5/8t C5/8t E5/8t G5/8t C5/4"
      })
  void scalesAndFiguresThatFitTheBeatAreNone(String music) throws Exception {
    assertThat(at(music, Trap.Kind.PATTERN_DISPLACED)).isEmpty();
  }

  @Test
  void aPrintedFingerThatMeansAShiftSaysWhere() throws Exception {
    Study plain = study(Music.passage("G3/4 A3/4 B3/4 C4/4 | D4/1"));
    Study study = study(Music.passage("G3/4 A3/4 B3/4&1 C4/4 | D4/1"));
    assertThat(at(plain, Trap.Kind.FINGER_SHIFT)).isEmpty();
    assertThat(at(study, Trap.Kind.FINGER_SHIFT)).containsExactly(2);
    assertThat(study.traps())
        .filteredOn(t -> t.kind() == Trap.Kind.FINGER_SHIFT)
        .allMatch(t -> t.text().startsWith("The printed 1 means a shift, to "));
  }
}
