package app.fret.desktop.model.passage;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.search.OtherStroke;
import app.fret.desktop.model.OverDemo;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.hand.Placement;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.trial.Trial.Verdict;
import app.fret.practice.trial.TrialPlan;
import app.fret.practice.trial.Way;
import app.fret.study.Study;
import app.fret.study.TrialStudy;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Two ways of one spot tried in turn, over the demo book. */
class TrialDeskTest extends OverDemo {
  TrialDeskTest() {
    super(2);
  }

  private TrialDesk trial() {
    return passage().trial();
  }

  /** A note that can be taken otherwise with ease. */
  private int begin() {
    Study study = passage().study();
    NotePlan plan =
        study.leftHand().notes().stream()
            .filter(p -> !p.otherWays().isEmpty())
            .findFirst()
            .orElseThrow();
    Placement other = plan.otherWays().get(0).placement();
    trial().beginFingering(plan.note().number(), other);
    return plan.note().number();
  }

  private Optional<DayTask> card() {
    String id = String.valueOf(passage().opened().entry().id());
    return passage().day().orElseThrow().seenProperty().get().orElseThrow().tasks().stream()
        .filter(t -> t.card().kind() == CardKind.TRIAL)
        .filter(t -> t.card().item().orElseThrow().id().equals(id))
        .findFirst();
  }

  @Test
  void aTrialThatIsBegunHasACardToday() {
    assertThat(card()).isEmpty();
    begin();
    TrialPlan plan = trial().plan().orElseThrow();
    assertThat(card().orElseThrow().card().reason())
        .contains(plan.a().words() + " against " + plan.b().words());
    assertThat(card().orElseThrow().card().passes()).matches(p -> p % 4 == 0).isPositive();
  }

  @Test
  void eachWayIsPlannedWithItsOwnFinger() {
    int note = begin();
    TrialPlan plan = trial().plan().orElseThrow();
    Placement a =
        TrialStudy.of(passage().study(), plan, Way.A).leftHand().notes().get(note).placement();
    Placement b =
        TrialStudy.of(passage().study(), plan, Way.B).leftHand().notes().get(note).placement();
    assertThat(a.stops())
        .isEqualTo(passage().study().leftHand().notes().get(note).placement().stops());
    assertThat(b.stops()).isNotEqualTo(a.stops());
  }

  @Test
  void passesAreCountedForTheWayThatIsItsTurnAndOneIsKept() {
    begin();
    TrialPlan plan = trial().plan().orElseThrow();
    PracticeDay day = passage().day().orElseThrow();
    // A misses, B is clean: A B, B A, A B.
    for (boolean clean : new boolean[] {false, true, true, false, false, true}) {
      day.choose(card().orElseThrow().number());
      passage().practise().log(clean);
    }
    assertThat(trial().played().played(Way.A)).isEqualTo(3);
    assertThat(trial().played().clean(Way.B)).isEqualTo(3);
    assertThat(trial().played().verdict()).isEqualTo(Verdict.B_LEADS);
    assertThat(trial().words()).contains("B leads by three pairs").doesNotContain("prove");
    trial().keep(Way.B);
    assertThat(trial().plan()).isEmpty();
    assertThat(passage().messageProperty().get()).contains("clean 3 of 3 times against 0 of 3");
    assertThat(passage().study().choices().pins()).containsAll(plan.b().pins());
    assertThat(card()).as("the trial is over").isEmpty();
    assertThat(passage().passes().climbProperty().get().cleanInARow())
        .as("passes of a trial open no rung")
        .isZero();
    passage().undo();
    assertThat(trial().plan()).contains(plan);
  }

  @Test
  void onlyOneTrialIsOpenAtATime() {
    begin();
    TrialPlan first = trial().plan().orElseThrow();
    begin();
    assertThat(trial().plan()).contains(first);
    assertThat(passage().messageProperty().get()).contains("Another trial is open");
  }

  @Test
  void anotherStrokeIsTriedToo() {
    Study study = passage().study();
    OtherStroke other =
        IntStream.range(0, study.bow().strokes().size())
            .mapToObj(stroke -> study.bow().otherWays(stroke))
            .flatMap(List::stream)
            .findFirst()
            .orElseThrow();
    trial().beginBowing(other);
    TrialPlan plan = trial().plan().orElseThrow();
    assertThat(plan.b().stroke()).contains(other.decided());
    assertThat(TrialStudy.of(study, plan, Way.B).choices().bow().strokes())
        .contains(other.decided());
    trial().keep(Way.A);
    assertThat(passage().study().choices().bow().strokes()).doesNotContain(other.decided());
  }
}
