package app.fret.shape;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.practice.drill.DrillKind;
import app.fret.practice.drill.Problems;
import app.fret.reading.Reading;
import app.fret.score.BeatUnit;
import app.fret.score.Marks.Articulation;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import app.fret.study.CardMusic;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import app.fret.time.Occasion;
import app.fret.time.Timeline;
import app.fret.vibrato.Vibrato;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Phrases, levels and notes to bring out that the player writes into the part. */
class OwnMarksTest {
  private static final Tempo TEMPO = new Tempo(BeatUnit.QUARTER, 72);
  private static final Passage EIGHT_BARS =
      Music.passage(
          String.join(
              " | ",
              "C5/4 D5/4 E5/4 F5/4",
              "G5/4 F5/4 E5/4 D5/4",
              "E5/4 F5/4 G5/4 A5/4",
              "B5/4 A5/4 G5/4 F5/4"));

  private static NoteRef at(int note) {
    return Reading.of(EIGHT_BARS).places().top(note);
  }

  private static Levels levels(OwnMarks own) {
    Reading reading = Reading.of(EIGHT_BARS);
    Timeline times = Timeline.of(reading, TempoMap.constant(TEMPO));
    return Levels.of(reading, times, ShapeChoices.none().with(own), Occasion.CONCERT);
  }

  private static Study study(OwnMarks own) throws Exception {
    return Study.of(
        EIGHT_BARS,
        Player.of("Oda Merrin", Instruments.named("violin")),
        Choices.at(TEMPO).with(ShapeChoices.none().with(own)));
  }

  @Test
  void aPhraseBeginsWhereThePlayerSaysAndHasAPeakOfItsOwn() {
    Levels levels = levels(OwnMarks.NONE.withBorder(at(8), true));

    assertThat(levels.spans()).containsExactly(new Span(0, 7), new Span(8, 15));
    assertThat(levels.phraseOf(3).peak()).isEqualTo(4);
    assertThat(levels.phraseOf(9).peak()).isEqualTo(12);
  }

  @Test
  void aProposedBorderThatIsTakenAwayJoinsTwoPhrases() {
    Passage calls =
        Music.passage("C5/4 D5/4 E5/4 F5/4 | G5/2 r/2 | C5/4 D5/4 E5/4 F5/4 | A5/2 r/2");
    Reading reading = Reading.of(calls);
    List<Span> proposed = reading.phrases();
    assertThat(proposed).hasSizeGreaterThan(1);

    int border = proposed.get(1).first();
    OwnMarks joined = OwnMarks.NONE.withBorder(reading.places().top(border), false);

    assertThat(joined.phrases(proposed, reading.places(), reading.notes().size()))
        .hasSize(proposed.size() - 1)
        .first()
        .isEqualTo(new Span(0, proposed.get(1).last()));
    assertThat(joined.withoutBorder(reading.places().top(border))).isEqualTo(OwnMarks.NONE);
  }

  @Test
  void aLevelHoldsOverItsStretchAndThePrintElsewhere() {
    Levels levels = levels(OwnMarks.NONE.with(new OwnLevel(at(4), at(7), 3, 3)));

    assertThat(levels.printed(3)).isEqualTo(6);
    assertThat(levels.printed(4)).isEqualTo(3);
    assertThat(levels.printed(7)).isEqualTo(3);
    assertThat(levels.printed(8)).isEqualTo(6);
  }

  @Test
  void aHairpinGrowsEvenlyInTimeFromItsFirstNoteToItsLast() {
    Levels levels = levels(OwnMarks.NONE.with(new OwnLevel(at(4), at(8), 3, 7)));

    assertThat(levels.printed(4)).isEqualTo(3);
    assertThat(levels.printed(6)).isCloseTo(5, within(1e-9));
    assertThat(levels.printed(8)).isEqualTo(7);
  }

  @Test
  void ofTwoLevelsThatOverlapTheLaterHolds() {
    OwnMarks own =
        OwnMarks.NONE
            .with(new OwnLevel(at(0), at(15), 3, 3))
            .with(new OwnLevel(at(4), at(7), 8, 8));

    assertThat(levels(own).printed(5)).isEqualTo(8);
    assertThat(levels(own).printed(9)).isEqualTo(3);
    assertThat(levels(own.withoutLevel(at(4), at(7))).printed(5)).isEqualTo(3);
  }

  @Test
  void theBowFollowsALevelOfThePlayers() throws Exception {
    double soft = speed(study(OwnMarks.NONE.with(new OwnLevel(at(8), at(11), 2, 2))));
    double loud = speed(study(OwnMarks.NONE.with(new OwnLevel(at(8), at(11), 9, 9))));

    assertThat(loud).isGreaterThan(1.3 * soft);
  }

  private static double speed(Study study) {
    return study.bow().strokes().get(study.bow().strokeOf(9)).speedCmPerSecond();
  }

  @Test
  void aNoteThatIsBroughtOutIsLouderVibratesAndHasADrill() throws Exception {
    Study plain = study(OwnMarks.NONE);
    Study own = study(OwnMarks.NONE.withBroughtOut(at(5), true));

    assertThat(own.levels().proposed(5)).isEqualTo(7).isGreaterThan(plain.levels().proposed(5));
    assertThat(plain.vibrato().notes().get(5).need()).isEqualTo(Vibrato.Need.MAY);
    assertThat(own.vibrato().notes().get(5).need()).isEqualTo(Vibrato.Need.MUST);
    assertThat(Problems.of(own.drillSource()))
        .filteredOn(p -> p.words().equals("notes to bring out"))
        .singleElement()
        .satisfies(p -> assertThat(p.notes().holds(5)).isTrue());
    assertThat(Problems.of(plain.drillSource()))
        .noneMatch(p -> p.words().equals("notes to bring out"));
  }

  @Test
  void itsDrillAccentsTheNotesThatAreBroughtOutAndNoBeat() throws Exception {
    Study own = study(OwnMarks.NONE.withBroughtOut(at(5), true));

    Passage drill =
        CardMusic.of(own, DrillKind.ACCENTED_GROUPS, new Span(4, 8), TEMPO).study().passage();

    assertThat(Reading.of(drill).notes())
        .filteredOn(n -> n.marks().articulations().contains(Articulation.ACCENT))
        .isNotEmpty()
        .allMatch(n -> n.notes().get(0).written().toString().equals("F5"));
  }

  @Test
  void signsAndFiguresAreLevelsAndNothingElseIs() {
    assertThat(OwnLevel.level("pp")).isEqualTo(3);
    assertThat(OwnLevel.level(" 6.5 ")).isEqualTo(6.5);
    assertThatThrownBy(() -> OwnLevel.level("11")).hasMessageContaining("pppp to ffff");
    assertThatThrownBy(() -> OwnLevel.level("loud")).hasMessageContaining("'loud'");
    assertThat(new OwnLevel(at(0), at(1), 4, 7).words()).isEqualTo("from p to f");
  }
}
