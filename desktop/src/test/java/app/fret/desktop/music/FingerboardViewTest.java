package app.fret.desktop.music;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.desktop.music.lane.SystemPlan;
import app.fret.engraving.Engraver;
import app.fret.engraving.Engraving;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.Pin;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class FingerboardViewTest {
  private static Study study(String instrument, String music, Pin... pins) throws Exception {
    Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, 80));
    Player player = Player.of("", Instruments.named(instrument));
    Study free = Study.of(Music.passage(music), player, choices);
    return free.with(free.pinned(choices, List.of(pins)));
  }

  private static Pin first(int note, Finger finger) {
    return new Pin(note, OptionalInt.of(2), Optional.of(finger), OptionalInt.of(2));
  }

  @Test
  void theCaptionSaysWhatTheHandSpansAndWhatIsAtEase() throws Exception {
    Study study = study("violin", "E5/2 G3/2", first(0, Finger.FOURTH), Pin.finger(1, Finger.OPEN));
    assertThat(FingerboardView.caption(study, study.leftHand().notes().get(0)))
        .isEqualTo("string length 328 mm · fingers over 73 mm, 73 mm from 1 to 4 is at ease");
    assertThat(FingerboardView.caption(study, study.leftHand().notes().get(1)))
        .isEqualTo("string length 328 mm · no finger down");
  }

  @Test
  void aSystemShowsTheNotesFromItsFirstToItsLast() throws Exception {
    Study study = study("violin", "B4/8 C5/8 D5/8 E5/8 F5/8 E5/8 D5/8 C5/8 |".repeat(7) + " B4/1");
    Engraving engraving = new Engraver().engrave(study.passage(), 60);
    List<SystemPlan> plans = SystemPlan.of(study, engraving);
    int next = 0;
    for (SystemPlan plan : plans) {
      assertThat(plan.seen().get(0).number()).isEqualTo(next);
      next += plan.seen().size();
      assertThat(plan.shows(next - 1)).isTrue();
      assertThat(plan.shows(next)).isFalse();
      assertThat(plan.note(next - 1).number()).isEqualTo(next - 1);
    }
    assertThat(next).isEqualTo(study.notes().size());
    assertThat(plans.size()).isGreaterThan(1);
  }

  @Test
  void aTiedNoteLastsToItsLastHeadOnTheSystem() throws Exception {
    Study study = study("violin", "B4/2~ B4/4 C5/4 | D5/1");
    Engraving engraving = new Engraver().engrave(study.passage(), 60);
    SystemPlan plan = SystemPlan.of(study, engraving).get(0);
    double next = plan.note(1).place().x();
    assertThat(plan.note(0).place().until()).isCloseTo(next, within(1e-9));
  }
}
