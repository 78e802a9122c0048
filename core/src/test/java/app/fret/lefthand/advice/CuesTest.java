package app.fret.lefthand.advice;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Body cues (common practice, no source). */
class CuesTest {
  private static List<Cue> cues(String instrument, String music, Pin... pins) {
    Player player = Player.of("", Instruments.named(instrument));
    try {
      return new LeftHandPlanner(player, Profiles.named("secure"))
          .plan(
              Briefs.of(Music.passage(music), player, new Tempo(BeatUnit.QUARTER, 60)),
              List.of(pins))
          .advice()
          .cues();
    } catch (PinConflictException e) {
      throw new AssertionError(e);
    }
  }

  @Test
  void theElbowComesRoundBeforeAHighPosition() {
    List<Cue> cues =
        cues(
            "violin",
            "B4/4 E5/4 F5/4 G5/4",
            Pin.of(0, 2, Finger.FIRST),
            Pin.of(1, 2, Finger.FIRST));
    assertThat(cues).containsExactly(new Cue(1, "beat 2: elbow round before fourth position"));
  }

  @Test
  void aLongNoteOnTheFourthFingerIsBacked() {
    assertThat(cues("violin", "G4/4 A4/2 G4/4", Pin.of(1, 3, Finger.FOURTH)))
        .containsExactly(new Cue(1, "beat 2: ease the thumb and let 3 stand beside 4 for vibrato"));
    assertThat(cues("bass", "G3/4 B3/2 A3/4", Pin.of(1, 1, Finger.FOURTH)))
        .as("on the bass the third finger stands there anyway")
        .noneMatch(c -> c.text().contains("vibrato"));
  }

  @Test
  void aFingerBesideASoundingStringStandsSteep() {
    assertThat(cues("violin", "D4+B4/2 D4+C5/2"))
        .containsExactly(new Cue(0, "beat 1: finger steep, so that open string III rings"));
  }

  @Test
  void thereIsAtMostOneABarAndNoneIsSaidTwiceRunning() {
    List<Cue> cues =
        cues(
            "violin",
            "G4/4 A4/2 G4/4 | G4/4 A4/2 G4/4 | D4+B4/2 G4/2",
            Pin.of(1, 3, Finger.FOURTH),
            Pin.of(4, 3, Finger.FOURTH));
    assertThat(cues).extracting(Cue::note).containsExactly(1, 6);
  }
}
