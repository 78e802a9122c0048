package app.fret.practice.drill;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.RandomMelodies;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Every kind of drill over generated music of every instrument. */
class DrillsOfGeneratedMusicTest {
  private static final int SEEDS = 4;
  private static final List<Study> STUDIES = studies();

  private static List<Study> studies() {
    List<Study> studies = new ArrayList<>();
    for (String name : Instruments.NAMES) {
      Player player = Player.of("", Instruments.named(name));
      for (long seed = 1; seed <= SEEDS; seed++) {
        studies.add(study(player, seed));
      }
    }
    return studies;
  }

  private static Study study(Player player, long seed) {
    try {
      Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, 60 + 16 * seed));
      return Study.of(RandomMelodies.of(player.instrument(), seed), player, choices);
    } catch (Exception e) {
      throw new IllegalStateException(player.instrument().name() + " " + seed, e);
    }
  }

  /** A drill of generated music; its words tell which. */
  private record Made(Study study, Span notes, DrillMusic music) {
    @Override
    public String toString() {
      return music.passage().title() + " of " + study.player().instrument().name() + ", " + notes;
    }
  }

  private static List<Made> made(DrillKind kind) {
    List<Made> made = new ArrayList<>();
    for (Study study : STUDIES) {
      int last = study.notes().size() - 1;
      for (Span notes :
          List.of(new Span(0, Math.min(last, 11)), new Span(last / 3, 2 * last / 3))) {
        Optional<DrillMusic> music = kind.make(study.drillSource(), notes);
        music.ifPresent(m -> made.add(new Made(study, notes, m)));
      }
    }
    return made;
  }

  /** The melodies have no dots, tremolo or levels; a climb is the rhythm set many times. */
  @ParameterizedTest
  @EnumSource(
      mode = EnumSource.Mode.EXCLUDE,
      names = {"ONE_BOW_STACCATO", "TREMOLO", "SUDDEN_LEVEL", "HOOKED_DOTS", "WHOLE_CLIMB"})
  @DisplayName("bars add up, notes have sources, stay on the instrument, and can be fingered")
  void everyDrillKeepsToTheProperties(DrillKind kind) {
    assertThat(made(kind))
        .isNotEmpty()
        .allSatisfy(
            drill -> {
              DrillProperties.barsAddUp(drill.music());
              DrillProperties.everyNoteHasASource(drill.music(), drill.study());
              DrillProperties.staysOnTheInstrument(drill.music(), drill.study());
              DrillProperties.playableFingers(drill.music(), drill.study());
            });
  }

  /** A link of a chain ends on the first note of the group after it, where there is one. */
  @ParameterizedTest
  @EnumSource(names = {"CHAIN_BACK"})
  void chunksEndOnTheFirstNoteOfTheNext(DrillKind kind) {
    List<Made> ofAPart = made(kind).stream().filter(m -> m.notes().first() > 0).toList();
    assertThat(ofAPart)
        .isNotEmpty()
        .allSatisfy(
            drill -> {
              List<Integer> ends = DrillProperties.linkEnds(drill.music());
              assertThat(ends).isNotEmpty();
              int end = ends.get(0);
              assertThat(ends).allMatch(e -> e == end);
              assertThat(end).isGreaterThan(drill.notes().last() - 1);
            });
  }
}
