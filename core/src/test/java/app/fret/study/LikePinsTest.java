package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.Pin;
import app.fret.lefthand.hand.Stop;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Pins in figures that come again. */
class LikePinsTest {
  private static final String BAR = "D5/16 E5/16 F5/16 G5/16 A5/4 F5/2";

  private static Study study(String music) throws Exception {
    return Study.of(
        Music.passage(music),
        Player.of("", Instruments.named("violin")),
        Choices.at(new Tempo(BeatUnit.QUARTER, 80)));
  }

  private static Study pinned(Study study, List<Pin> pins) throws Exception {
    return study.with(study.pinned(study.choices(), pins));
  }

  private static List<Stop> stops(Study study, int note) {
    List<LeftHandPlan.NotePlan> notes = study.leftHand().notes();
    return notes.get(note).placement().stops();
  }

  @Test
  void aPinHoldsForTheBarThatSoundsAlike() throws Exception {
    Study free = study(BAR + " | G5/1 | " + BAR);
    List<Pin> held = new LikePins(free).holding(List.of(Pin.of(0, 2, Finger.FIRST)));
    assertThat(held).containsExactly(Pin.of(0, 2, Finger.FIRST), Pin.of(7, 2, Finger.FIRST));
    Study planned = pinned(free, held);
    assertThat(stops(planned, 0)).isEqualTo(stops(planned, 7));
    assertThat(new LikePins(free).bars(held)).isEqualTo("bars 1 and 3");
  }

  @Test
  void aNoteThatIsPinnedItselfKeepsItsOwn() throws Exception {
    Study free = study(BAR + " | G5/1 | " + BAR);
    Study parted = pinned(free, List.of(Pin.of(7, 2, Finger.THIRD)));
    assertThat(new LikePins(parted).holding(List.of(Pin.of(0, 2, Finger.FIRST)))).hasSize(1);
  }

  @Test
  void aPinnedChordHoldsForTheSameChordBesideIt() throws Exception {
    Study free = study("G4+E5/4 G4+E5/4 A4+F5/2");
    Pin pin =
        free.leftHand().notes().get(0).otherWays().stream()
            .flatMap(w -> Pin.taking(0, w.placement()).stream())
            .map(Pin::withoutBase)
            .findFirst()
            .orElseThrow();
    List<Pin> held = new LikePins(free).holding(List.of(pin));
    assertThat(held).containsExactly(pin, pin.on(1));
  }

  /** In the third position the one is at hand, the other lies a tenth position away. */
  @Test
  void whatCostsMuchElsewhereIsNotHeld() throws Exception {
    Study free = study(BAR + " | G5/1 | " + BAR);
    Pin near = Pin.of(3, 2, Finger.FOURTH);
    assertThat(new LikePins(free).holding(List.of(near))).containsExactly(near, near.on(10));
    Pin far = Pin.of(3, 3, Finger.SECOND);
    assertThat(new LikePins(free).holding(List.of(far))).containsExactly(far);
  }

  @Test
  void aFingerIsOfferedForTheFigureOnOtherDegrees() throws Exception {
    Study free =
        study(
            "C5/8 E5/8 D5/8 F5/8 E5/8 G5/8 F5/8 A5/8 | E5/8 G5/8 F5/8 A5/8 G5/8 B5/8 A5/8 C6/8 | D5/1");
    int second = 1;
    Study pinned = pinned(free, List.of(Pin.finger(second, Finger.THIRD)));
    List<Pin> offered = new LikePins(pinned).transposed(second);
    assertThat(offered).isNotEmpty();
    assertThat(offered).allSatisfy(p -> assertThat(p.finger()).contains(Finger.THIRD));
    assertThat(new LikePins(free).transposed(second)).as("nothing is pinned").isEmpty();
  }
}
