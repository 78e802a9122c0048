package app.fret.lefthand.moment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

class MomentsTest {
  private static final Tempo SIXTY = new Tempo(BeatUnit.QUARTER, 60);
  private static final Player VIOLINIST = Player.of("", Instruments.named("violin"));

  private static List<Moment> moments(Passage passage) {
    return Moments.of(Briefs.of(passage, VIOLINIST, SIXTY));
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
  void repeatedPitchesAreNoticed() {
    assertThat(moments("C5/4 C5/4 D5/4 D5+F5/4"))
        .extracting(m -> m.is(Moment.Sign.REPEATED))
        .containsExactly(false, true, false, false);
  }

  @Test
  void notesOfOneLengthHaveEqualMomentsWhereverTheyStand() {
    List<Moment> moments = moments("C5/16 ".repeat(16) + "| " + "C5/16 ".repeat(16));
    assertThat(moments.get(6).only(Facets.HASTE)).isEqualTo(moments.get(27).only(Facets.HASTE));
  }
}
