package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.stroke.Stroke;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.practice.drill.DrillKind;
import app.fret.practice.drill.DrillMusic;
import app.fret.score.BeatUnit;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.shape.Style;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Slow practice stays musical: bow, levels, accents and vibrato come along into drills. */
class DrillStudyTest {
  private static final Tempo TARGET = new Tempo(BeatUnit.QUARTER, 100);

  private static final double TWO_STEPS_CM = 1.1;
  private static final double AN_EIGHTH = 0.125;

  private static final String TUNE =
      "A4/8 B4/8 C5/8 D5/8 E5/4 F5/4 | G5/8 F5/8 E5/8 D5/8 C5/4 B4/4 | A4/2 E5/2 | A4/1";

  private static Study study() throws Exception {
    Passage plain = Music.passage(Metre.of(4, 4), 0, Clef.TREBLE, TUNE);
    Directions now = plain.directions();
    Passage loud =
        plain.withDirections(
            new Directions(
                List.of(
                    new Directions.Dynamic(Fraction.ZERO, "p"),
                    new Directions.Dynamic(Fraction.of(1, 1), "f")),
                now.hairpins(),
                now.words(),
                now.tempos(),
                now.rehearsals(),
                now.octaveShifts()));
    return Study.of(loud, Player.of("", Instruments.named("violin")), Choices.at(TARGET));
  }

  private static DrillMusic drill(Study study, DrillKind kind) {
    return kind.make(study.drillSource(), new Span(0, study.notes().size() - 1)).orElseThrow();
  }

  private static int source(Study drill, DrillMusic music, int note) {
    return music.sources().get(drill.notes().get(note).events().first());
  }

  /**
   * Half as fast, each stroke has the hair it has in the music, within an eighth and two steps of
   * the search.
   */
  @ParameterizedTest
  @ValueSource(doubles = {1, 0.5})
  void eachStrokeKeepsItsCentimetres(double share) throws Exception {
    Study study = study();
    DrillMusic music = drill(study, DrillKind.ACCENTED_GROUPS);
    Study drill = DrillStudy.of(study, music, TARGET.at(share * TARGET.perMinute()));
    List<Double> off = new ArrayList<>();
    for (Stroke stroke : drill.bow().strokes()) {
      Stroke same =
          study.bow().strokes().get(study.bow().strokeOf(source(drill, music, stroke.firstNote())));
      double within = TWO_STEPS_CM + AN_EIGHTH * same.amountCm();
      off.add(Math.abs(stroke.amountCm() - same.amountCm()) / within);
    }
    assertThat(off).hasSameSizeAs(study.bow().strokes()).allMatch(part -> part <= 1);
    assertThat(drill.bow().troubles()).isEmpty();
  }

  @Test
  void levelsComeAlongAndComeBackEachTime() throws Exception {
    Study study = study();
    DrillMusic music = drill(study, DrillKind.WITHOUT_VIBRATO);
    assertThat(music.passage().directions().dynamics())
        .extracting(Directions.Dynamic::sign)
        .containsExactly("p", "f", "p", "f");
    Study drill = DrillStudy.of(study, music, TARGET);
    assertThat(drill.notes())
        .allSatisfy(
            n ->
                assertThat(drill.brief().reading().level(n.number()))
                    .isEqualTo(study.brief().reading().level(source(drill, music, n.number()))));
  }

  @Test
  void vibratoIsTakenAwayOnPurposeAndThenGivenBack() throws Exception {
    Study study = study();
    DrillMusic music = drill(study, DrillKind.WITHOUT_VIBRATO);
    Study drill = DrillStudy.of(study, music, TARGET);
    int half = drill.notes().size() / 2;
    List<Boolean> vibrates = drill.vibrato().notes().stream().map(v -> v.widthCents() > 0).toList();
    assertThat(vibrates.subList(0, half)).containsOnly(false);
    List<Boolean> inMusic = study.vibrato().notes().stream().map(v -> v.widthCents() > 0).toList();
    assertThat(vibrates.subList(half, 2 * half)).isEqualTo(inMusic).contains(true);
  }

  @Test
  void overADroneNothingVibrates() throws Exception {
    Study study = study();
    Study drill = DrillStudy.of(study, drill(study, DrillKind.DRONE), TARGET);
    assertThat(drill.vibrato().notes()).isNotEmpty().allMatch(v -> v.widthCents() == 0);
  }

  @Test
  void theStyleOfTheMusicIsTheStyleOfTheDrill() throws Exception {
    Study study = study();
    Study classical =
        study.with(study.choices().with(study.choices().shape().withStyle(Style.CLASSICAL)));
    Study drill = DrillStudy.of(classical, drill(classical, DrillKind.CLICK_OFF), TARGET);
    assertThat(drill.choices().shape().style()).isEqualTo(Style.CLASSICAL);
  }
}
