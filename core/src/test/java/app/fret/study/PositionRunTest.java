package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan;
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
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class PositionRunTest {
  private static LeftHandPlan plan(String music, Pin... pins) throws PinConflictException {
    Player player = Player.of("", Instruments.named("violin"));
    return new LeftHandPlanner(player, Profiles.named("secure"))
        .plan(
            Briefs.of(Music.passage(music), player, new Tempo(BeatUnit.QUARTER, 80)),
            List.of(pins));
  }

  private static Pin at(int note, Finger finger, int base) {
    return new Pin(note, OptionalInt.empty(), Optional.of(finger), OptionalInt.of(base));
  }

  @Test
  void anOpenStringBelongsToThePositionBeforeIt() throws PinConflictException {
    LeftHandPlan plan =
        plan(
            "B4/4 E5/4 D5/4 F5/4",
            at(0, Finger.FIRST, 2),
            Pin.finger(1, Finger.OPEN),
            at(2, Finger.FIRST, 5),
            at(3, Finger.THIRD, 5));
    assertThat(PositionRun.of(plan))
        .extracting(r -> List.of(r.firstNote(), r.lastNote(), r.held().hand()))
        .containsExactly(List.of(0, 1, 2), List.of(2, 3, 5));
  }

  @Test
  void openStringsBeforeTheFirstFingerBelongToNone() throws PinConflictException {
    LeftHandPlan plan = plan("G3/4 D4/4 B4/2", Pin.finger(1, Finger.OPEN));
    assertThat(PositionRun.of(plan).get(0).firstNote()).isEqualTo(2);
    assertThat(PositionRun.of(plan("G3/4 D4/4 G3/2", Pin.finger(1, Finger.OPEN)))).isEmpty();
  }
}
