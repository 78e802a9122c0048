package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The bow is told where a finger hops; common practice, no source. */
class FingerHopsTest {
  private static final String HOP = "Lighter while finger 1 hops from string III to II.";

  private static Study study(String music) throws Exception {
    Study study =
        Study.of(
            Music.passage(music),
            Player.of("", Instruments.named("violin")),
            Choices.at(new Tempo(BeatUnit.QUARTER, 60)));
    Choices choices = study.choices();
    for (Pin pin : List.of(Pin.of(0, 3, Finger.ofSign("1")), Pin.of(1, 2, Finger.ofSign("1")))) {
      choices = choices.withPin(PinAt.of(pin, study.places()));
    }
    return study.with(choices);
  }

  @Test
  void aFingerThatHopsInsideASlurIsSaidOnTheStroke() throws Exception {
    assertThat(study("(E4/4 Bb4/4) C5/2").bow().strokes().get(0).hints()).contains(HOP);
  }

  @Test
  void betweenTwoStrokesNothingIsSaid() throws Exception {
    assertThat(study("E4/4 Bb4/4 C5/2").bow().strokes())
        .isNotEmpty()
        .allSatisfy(s -> assertThat(s.hints()).doesNotContain(HOP));
  }

  @Test
  void aFingerThatMayLieAcrossTwoStringsNeedNotHop() throws Exception {
    assertThat(study("(E4/4 B4/4) C5/2").bow().strokes().get(0).hints()).doesNotContain(HOP);
  }

  @Test
  void whenTheNoteGoesToTheSameStringTheHintGoes() throws Exception {
    Study hop = study("(E4/4 Bb4/4) C5/2");
    Study other =
        hop.with(hop.choices().withPin(PinAt.of(Pin.of(1, 3, Finger.ofSign("4")), hop.places())));
    assertThat(other.bow().strokes().get(0).hints()).doesNotContain(HOP);
  }
}
