package app.fret.desktop.model.passage;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.model.OverDemo;
import app.fret.desktop.model.passage.PulseDesk.Subject;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.CardKind;
import app.fret.score.Span;
import app.fret.sound.ClickKind;
import app.fret.sound.Drone;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The pulse of what lies open, over the demo book. */
class PulseDeskTest extends OverDemo {
  PulseDeskTest() {
    super(0);
  }

  private PulseDesk pulse() {
    return desk.pulse();
  }

  private Subject subject() {
    return pulse().subjectProperty().get().orElseThrow();
  }

  @Test
  void itIsOfTheRungThatIsWorkedOn() {
    double rung = passage().passes().climbProperty().get().ladder().rungs().get(subject().rung());
    assertThat(subject().tempo().perMinute()).isEqualTo(rung);
    assertThat(subject().card()).isEmpty();
  }

  @Test
  void whileOnePractisesItFollowsTheOpenCard() {
    pulse().setFollowsCards(true);
    PracticeDay day = passage().day().orElseThrow();
    assertThat(subject().card().orElseThrow().kind()).isEqualTo(CardKind.WARM_UP);
    day.choose(1);
    assertThat(subject().card()).isEqualTo(day.openTask().map(DayTask::card));
    assertThat(subject().tempo())
        .isEqualTo(passage().practise().tempoOf(subject().card().orElseThrow()));
    pulse().setFollowsCards(false);
    assertThat(subject().card()).isEmpty();
  }

  @Test
  void theTempoMovesByStepsOfTheMetronomeAndComesBack() {
    double own = subject().tempo().perMinute();
    pulse().stepTempo(1);
    assertThat(subject().tempo().perMinute()).isGreaterThan(own);
    assertThat(subject().isOwnTempo()).isTrue();
    pulse().stepTempo(-1);
    pulse().stepTempo(-1);
    assertThat(subject().tempo().perMinute()).isLessThan(own);
    pulse().ownTempo();
    assertThat(subject().tempo().perMinute()).isEqualTo(own);
    assertThat(subject().isOwnTempo()).isFalse();
  }

  @Test
  void aNewRungTakesAChosenTempoBack() {
    pulse().stepTempo(-1);
    for (int i = 0; i < 3; i++) {
      passage().perform(Command.CLEAN);
    }
    assertThat(subject().isOwnTempo()).isFalse();
  }

  @Test
  void theLoopHoldsTheSelectedBars() {
    passage().select(0);
    passage().perform(Command.LOOP);
    assertThat(subject().bars()).contains(passage().selectedBars());
    passage().select(passage().study().notes().size() - 1);
    int last = passage().study().passage().bars().size() - 1;
    assertThat(subject().bars().orElseThrow().last()).isLessThanOrEqualTo(last);
    assertThat(subject().bars()).isNotEqualTo(Optional.of(new Span(0, 0)));
    passage().perform(Command.LOOP);
    assertThat(subject().bars()).isEmpty();
  }

  @Test
  void oneKeyStartsItAndOneComparesWithAndWithoutTheClick() {
    passage().perform(Command.START_PULSE);
    assertThat(pulse().playingProperty().get()).isTrue();
    passage().perform(Command.CLICK);
    assertThat(pulse().playingProperty().get()).as("it goes on without the click").isTrue();
    assertThat(pulse().settingsProperty().get().clicks()).isFalse();
    passage().perform(Command.CLICK);
    assertThat(pulse().settingsProperty().get().clicks()).isTrue();
    passage().perform(Command.START_PULSE);
    assertThat(pulse().playingProperty().get()).isFalse();
    passage().perform(Command.CLICK);
    assertThat(pulse().playingProperty().get()).as("K starts what does not play").isTrue();
  }

  @Test
  void anotherPassageStopsIt() {
    pulse().startOrStop();
    desk.open(desk.programme().get(1));
    assertThat(pulse().playingProperty().get()).isFalse();
    assertThat(subject().study()).isSameAs(passage().study());
  }

  @Test
  void whatOneWantsToHearIsTakenAsItIsSet() {
    pulse().set(pulse().settingsProperty().get().withKind(Optional.of(ClickKind.THIRDS)));
    pulse().set(pulse().settingsProperty().get().withSilentBars(2, 1));
    pulse().set(pulse().settingsProperty().get().withCountIn(2));
    pulse().set(pulse().settingsProperty().get().withDrone(Optional.of(new Drone("A3", false))));
    PulseSettings now = pulse().settingsProperty().get();
    assertThat(now.click(ClickKind.BEAT).kind()).isEqualTo(ClickKind.THIRDS);
    assertThat(now.click(ClickKind.BEAT).silentBars()).isEqualTo(1);
    assertThat(now.click(ClickKind.BEAT).countInBars()).isEqualTo(2);
    assertThat(now.withClicks(false).click(ClickKind.BEAT).kind()).isEqualTo(ClickKind.NONE);
    assertThat(now.withKind(Optional.empty()).click(ClickKind.HALF).kind())
        .isEqualTo(ClickKind.HALF);
    assertThat(now.drone().orElseThrow().what()).isEqualTo("A3");
  }

  @Test
  void everyPassageOfTheBookIsSurveyedForTheProgramme() {
    assertThat(desk.outlooks()).hasSizeLessThan(desk.programme().size());
    desk.surveyOthers();
    assertThat(desk.outlooks()).hasSameSizeAs(desk.programme());
  }
}
