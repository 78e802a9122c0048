package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.LEARNER;
import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.climb;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.practice.schedule.ItemOutlook.State;
import app.fret.practice.schedule.Learner.Stance;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Where each item is on its way, and what could give. */
class OutlookTest {
  private static Schedule schedule(Learner learner, List<LoggedPass> log, Item... items) {
    return Schedule.of(learner, Arrays.asList(items), log, TODAY, 1, 1);
  }

  private static State state(Item item, List<LoggedPass> log) {
    return schedule(LEARNER, log, item).items().get(0).state();
  }

  private static List<LoggedPass> often(Item item, int days, int passes, double... tempos) {
    List<LoggedPass> log = new ArrayList<>();
    for (int i = 0; i < days; i++) {
      double perMinute = tempos[Math.min(i, tempos.length - 1)];
      for (int pass = 0; pass < passes; pass++) {
        log.add(Programmes.pass(item.id(), TODAY.minusDays(days - i), perMinute, true, pass == 0));
      }
    }
    return log;
  }

  @Test
  void aDateThatIsOverCannotBeMet() {
    Item over = passage("a", 120, 60, TODAY.minusDays(1));
    Schedule schedule = schedule(LEARNER, List.of(), over);
    assertThat(schedule.items().get(0).state()).isEqualTo(State.CANNOT);
    assertThat(schedule.items().get(0).warning()).contains("Its date is over.");
    assertThat(schedule.days().get(0).cards()).isEmpty();
  }

  @Test
  void withoutADateNothingIsLate() {
    Item free = passage("a", 120, 60, Optional.<LocalDate>empty());
    assertThat(state(free, List.of())).isEqualTo(State.UNKNOWN);
    assertThat(schedule(LEARNER, List.of(), free).offers()).isEmpty();
  }

  @Test
  void aSteadyClimbIsOnCourse() {
    Item item = passage("a", 120, 60, TODAY.plusDays(120));
    assertThat(state(item, often(item, 8, 9, 60, 70, 80, 90, 100, 110, 114)))
        .isEqualTo(State.ON_TRACK);
  }

  @Test
  void aStandstillIsBehindOrCannotBeMet() {
    Item item = passage("a", 120, 60, TODAY.plusDays(40));
    List<LoggedPass> log = new ArrayList<>();
    for (int day = 12; day > 0; day--) {
      log.add(Programmes.pass("a", TODAY.minusDays(day), 60, day % 2 == 0));
    }
    assertThat(state(item, log)).isIn(State.BEHIND, State.CANNOT);
  }

  @Test
  void aReadyPassageIsKeptUp() {
    Item item = passage("a", 120, 60, TODAY.plusDays(120));
    List<LoggedPass> log = climb(item, 12, 60, 70, 80, 90, 100, 110, 120, 120, 120, 120, 120);
    Schedule schedule = schedule(LEARNER, log, item);
    assertThat(schedule.items().get(0).state()).isEqualTo(State.READY);
    assertThat(schedule.days().get(0).cards())
        .extracting(Card::kind)
        .contains(CardKind.UPKEEP)
        .doesNotContain(CardKind.LADDER, CardKind.RHYTHM);
  }

  @Test
  void aPlateauIsAQuestionAndBringsTheWholeClimb() {
    Item item = passage("a", 120, 60, TODAY.plusDays(90));
    List<LoggedPass> log = new ArrayList<>(climb(item, 20, 60, 70));
    for (int day = 7; day > 0; day--) {
      log.add(Programmes.pass("a", TODAY.minusDays(day), 80, false));
    }
    Schedule schedule = schedule(LEARNER, log, item);
    assertThat(schedule.items().get(0).standing().isAtPlateau()).isTrue();
    assertThat(schedule.days().get(0).cards())
        .extracting(Card::kind)
        .contains(CardKind.WHOLE_CLIMB);
  }

  @Test
  void theStanceIsOfferedWhereItHelps() {
    List<Item> items = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      items.add(passage("n" + i, 120, 104, TODAY.plusDays(14)));
    }
    items.add(passage("far", 120, 60, TODAY.plusDays(14)));
    Item[] all = items.toArray(Item[]::new);
    int even = ready(LEARNER, all);
    int many = ready(LEARNER.with(Stance.AS_MANY_READY_AS_POSSIBLE), all);
    boolean offered =
        schedule(LEARNER, List.of(), all).offers().stream()
            .anyMatch(o -> o.kind() == Offer.Kind.STANCE);
    assertThat(offered).isEqualTo(many > even);
  }

  private static int ready(Learner learner, Item... items) {
    Projection projection = new Projection(learner, TODAY);
    for (Item item : items) {
      projection.with(Standing.of(item, List.of(), TODAY), 1);
    }
    return projection.ready();
  }

  @Test
  void aLowerTargetMakesMoreReadyInTheReckoning() {
    Item item = passage("a", 120, 96, TODAY.plusDays(12));
    Standing standing = Standing.of(item, List.of(), TODAY);
    assertThat(new Projection(LEARNER, TODAY).with(standing, 1).ready()).isZero();
    assertThat(new Projection(LEARNER, TODAY).with(standing, 0.8).ready()).isEqualTo(1);
  }
}
