package app.fret.lefthand.effort;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.PlayedNote;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

class MomentsTest {
  private static final Tempo SIXTY = new Tempo(BeatUnit.QUARTER, 60);

  private static List<Moment> moments(Passage passage) {
    return Moments.of(passage, PlayedNote.of(passage), SIXTY);
  }

  private static List<Moment> moments(String words) {
    return moments(Music.passage(words));
  }

  @Test
  void lengthsAndRestsAreSecondsAtTheTempo() {
    List<Moment> moments = moments("C5/4 r/4 D5/2");
    assertThat(moments.get(0).is(Moment.Sign.FIRST)).isTrue();
    assertThat(moments.get(0).lengthSeconds()).isCloseTo(1, within(1e-6));
    assertThat(moments.get(1).previousSeconds()).isCloseTo(1, within(1e-6));
    assertThat(moments.get(1).silenceSeconds()).isCloseTo(1, within(1e-6));
    assertThat(moments.get(1).sincePreviousSeconds()).isCloseTo(2, within(1e-6));
    assertThat(moments.get(1).comesAfterRest()).isTrue();
    assertThat(moments.get(1).isLong()).isTrue();
  }

  @Test
  void slursJoinTheNotesInsideThem() {
    List<Moment> moments = moments("(C5/4 D5/4) (E5/4 F5/4)");
    assertThat(moments).extracting(Moment::slurred).containsExactly(false, true, false, true);
    assertThat(moments).allMatch(m -> m.is(Moment.Sign.IN_SLUR));
  }

  @Test
  void beatsAreFoundInTheMetreAndBeforeTheFirstBarLine() {
    assertThat(moments("C5/8 D5/8 E5/4. F5/8 G5/4"))
        .extracting(m -> m.is(Moment.Sign.BEAT_START))
        .containsExactly(true, false, true, false, true);
    Passage pickup = Music.passage(Metre.of(3, 4), "C5/8 D5/4 | E5/2.");
    assertThat(moments(pickup))
        .extracting(m -> m.is(Moment.Sign.BEAT_START))
        .containsExactly(false, true, true);
  }

  @Test
  void repeatedPitchesAreNoticed() {
    assertThat(moments("C5/4 C5/4 D5/4 D5+F5/4"))
        .extracting(m -> m.is(Moment.Sign.REPEATED))
        .containsExactly(false, true, false, false);
  }

  @Test
  void graceNotesTakeTheirTimeFromTheNoteBefore() {
    List<Moment> moments = moments("C5/4 gD5/16 gE5/16 F5/2.");
    assertThat(moments.get(0).lengthSeconds()).isCloseTo(1 - 0.16, within(1e-6));
    assertThat(moments.get(1).lengthSeconds()).isCloseTo(0.08, within(1e-6));
    assertThat(moments.get(3).previousSeconds()).isCloseTo(0.08, within(1e-6));
  }

  @Test
  void notesOfOneLengthHaveEqualMomentsWhereverTheyStand() {
    List<Moment> moments = moments("C5/16 ".repeat(16) + "| " + "C5/16 ".repeat(16));
    assertThat(moments.get(6).only(Facets.HASTE)).isEqualTo(moments.get(27).only(Facets.HASTE));
  }

  @Test
  void theDynamicInForceSetsTheLoudness() {
    Passage plain = Music.passage("C5/2 D5/2 | E5/2 F5/2");
    Passage marked =
        new Passage(
            "t",
            "p",
            plain.bars(),
            plain.events(),
            List.of(),
            List.of(),
            new Directions(
                List.of(
                    new Directions.Dynamic(Fraction.of(1, 2), "pp"),
                    new Directions.Dynamic(Fraction.ONE, "morendo"),
                    new Directions.Dynamic(Fraction.of(3, 2), "ff")),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                List.of()),
            plain.transposition());
    assertThat(moments(marked)).extracting(Moment::loudness).containsExactly(6.0, 3.0, 3.0, 8.0);
  }
}
