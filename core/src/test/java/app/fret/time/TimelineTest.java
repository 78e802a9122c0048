package app.fret.time;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.reading.Reading;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import app.fret.testing.Music;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

class TimelineTest {
  private static final Tempo SIXTY = new Tempo(BeatUnit.QUARTER, 60);

  private static Timeline timeline(String music, TempoMap tempos) {
    return Timeline.of(Reading.of(Music.passage(music)), tempos);
  }

  @Test
  void lengthsAndRestsAreSecondsAtTheTempo() {
    Timeline timeline = timeline("C5/4 r/4 D5/2", TempoMap.constant(SIXTY));
    assertThat(timeline.size()).isEqualTo(2);
    assertThat(timeline.startSeconds(1)).isCloseTo(2, within(1e-6));
    assertThat(timeline.endSeconds(1)).isCloseTo(4, within(1e-6));
    assertThat(timeline.lengthSeconds(0)).isCloseTo(1, within(1e-6));
    assertThat(timeline.silenceSeconds(1)).isCloseTo(1, within(1e-6));
    assertThat(timeline.silenceSeconds(0)).isZero();
  }

  @Test
  void graceNotesTakeTheirTimeFromTheNoteBefore() {
    Timeline timeline = timeline("C5/4 gD5/16 gE5/16 F5/2.", TempoMap.constant(SIXTY));
    assertThat(timeline.lengthSeconds(0)).isCloseTo(1 - 0.16, within(1e-6));
    assertThat(timeline.lengthSeconds(1)).isCloseTo(0.08, within(1e-6));
    assertThat(timeline.startSeconds(3)).isCloseTo(1, within(1e-6));
  }

  @Test
  void aChangeOfTempoHoldsFromItsMomentOn() {
    Tempo faster = new Tempo(BeatUnit.QUARTER, 120);
    TempoMap tempos =
        new TempoMap(
            List.of(
                new TempoMap.Change(Fraction.ZERO, SIXTY),
                new TempoMap.Change(Fraction.of(1, 2), faster)));
    Timeline timeline = timeline("C5/4 D5/4 E5/4 F5/4", tempos);
    assertThat(timeline.startSeconds(2)).isCloseTo(2, within(1e-9));
    assertThat(timeline.startSeconds(3)).isCloseTo(2.5, within(1e-9));
    assertThat(timeline.lengthSeconds(3)).isCloseTo(0.5, within(1e-6));
    assertThat(tempos.seconds(Fraction.of(1, 4), Fraction.of(3, 4))).isCloseTo(1.5, within(1e-9));
  }
}
