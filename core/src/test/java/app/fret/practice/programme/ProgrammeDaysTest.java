package app.fret.practice.programme;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.practice.Gate;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.LoggedPass;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ProgrammeDaysTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);

  private static Item scale() {
    return new Item(
        "scale",
        "Scale in thirds",
        Item.Kind.SCALE,
        new Tempo(BeatUnit.QUARTER, 60),
        60,
        Gate.USUAL,
        Optional.empty(),
        0,
        0,
        "",
        5,
        List.of(),
        Optional.empty());
  }

  private static LoggedPass pass(LocalDate day, CardKind kind) {
    return new LoggedPass("scale", day, 60, true, 60, false, Optional.empty(), false, false, kind);
  }

  private static ProgrammeDays programme(List<LoggedPass> log) {
    return new ProgrammeDays(Learner.USUAL, List.of(scale()), Map.of(), log, 7);
  }

  private static DayTask scaleTask(List<DayTask> tasks) {
    return tasks.stream().filter(t -> t.card().item().isPresent()).findFirst().orElseThrow();
  }

  @Test
  void whatIsPlayedTodayFillsItsCardAndLeavesTheCardsAsTheyWere() {
    List<DayTask> morning = programme(List.of()).tasks(TODAY, Set.of());
    DayTask open = scaleTask(morning);
    assertThat(open.isDone()).isFalse();
    List<LoggedPass> log = List.of(pass(TODAY, open.card().kind()));
    List<DayTask> evening = programme(log).tasks(TODAY, Set.of());
    assertThat(evening.stream().map(DayTask::card).toList())
        .isEqualTo(morning.stream().map(DayTask::card).toList());
    assertThat(scaleTask(evening).isDone()).isTrue();
    assertThat(scaleTask(evening).passesDone()).isEqualTo(1);
  }

  @Test
  void whatWasPlayedYesterdayFillsNoCardOfToday() {
    CardKind kind = scaleTask(programme(List.of()).tasks(TODAY, Set.of())).card().kind();
    ProgrammeDays programme = programme(List.of(pass(TODAY.minusDays(1), kind)));
    assertThat(programme.playedOn(TODAY)).isEmpty();
    assertThat(programme.tasks(TODAY, Set.of())).allMatch(t -> t.passesDone() == 0);
  }

  @Test
  void cardsThatAreAlikeAreTickedOneByOne() {
    List<Card> cards = new ArrayList<>(programme(List.of()).from(TODAY, 1).days().get(0).cards());
    Card first = cards.get(0);
    List<DayTask> tasks = DayTask.of(List.of(first, first), List.of(), Set.of(first.name()));
    assertThat(tasks).extracting(DayTask::isDone).containsExactly(true, false);
    assertThat(tasks).extracting(DayTask::name).doesNotHaveDuplicates();
  }

  @Test
  void theDaysAheadBeginWithTheDayAskedFor() {
    assertThat(programme(List.of()).from(TODAY, 3).days())
        .extracting(d -> d.date())
        .containsExactly(TODAY, TODAY.plusDays(1), TODAY.plusDays(2));
  }
}
