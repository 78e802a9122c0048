package app.fret.practice.programme;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.practice.Gate;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.Spot;
import app.fret.practice.schedule.Tried;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Whatever was logged: no card loads a bar on the day it hurt. */
class PainRestsTest {
  private static final LocalDate FIRST = LocalDate.of(2026, 11, 2);
  private static final int DAYS = 25;

  private static Item passage(String id, Optional<Tried> trial) {
    return new Item(
        id,
        "Passage " + id,
        Item.Kind.PASSAGE,
        new Tempo(BeatUnit.QUARTER, 112),
        60,
        Gate.USUAL,
        Optional.of(FIRST.plusDays(DAYS + 3)),
        25,
        8,
        "bars 3 and 4",
        0,
        List.of(
            new Spot("3:2", "bar 3, a shift", List.of("guide-slide", "join"), true),
            new Spot("4:1", "bar 4, a run", List.of("rhythm", "chain-forward"), false),
            new Spot("9:1", "bar 9, thirds", List.of("lower-both-upper"), true)),
        trial);
  }

  private static final List<Item> ITEMS =
      List.of(
          passage("a", Optional.empty()),
          passage("b", Optional.of(new Tried("bar 3: 2 on I against 3 on II", 5))));

  private static ProgrammeDays programme(List<LoggedPass> log) {
    return new ProgrammeDays(Learner.USUAL, ITEMS, Map.of(), log, 3);
  }

  /** Plays a day's cards, some of them, with misses and now and then a hurt. */
  private static List<LoggedPass> play(Random random, LocalDate day, List<DayTask> tasks) {
    List<LoggedPass> played = new ArrayList<>();
    for (DayTask task : tasks) {
      Card card = task.card();
      if (card.item().isEmpty() || card.perMinute().isEmpty() || random.nextInt(4) == 0) {
        continue;
      }
      boolean hurts = random.nextInt(12) == 0;
      Optional<String> spot =
          card.spot().map(Spot::place).or(() -> somewhere(random, card.item().get()));
      played.add(
          new LoggedPass(
              card.item().get().id(),
              day,
              card.perMinute().getAsDouble(),
              random.nextInt(3) > 0,
              25,
              false,
              spot,
              false,
              hurts,
              card.kind()));
    }
    return played;
  }

  private static Optional<String> somewhere(Random random, Item item) {
    int at = random.nextInt(item.spots().size() + 1);
    return at == item.spots().size() ? Optional.empty() : Optional.of(item.spots().get(at).place());
  }

  private static String bar(String place) {
    return place.split(":")[0];
  }

  /** Whether a card goes through a bar; an empty one stands for the whole passage. */
  private static boolean loads(Card card, String item, Optional<String> bar) {
    if (card.item().filter(i -> i.id().equals(item)).isEmpty()) {
      return false;
    }
    if (bar.isEmpty()) {
      return true;
    }
    return card.kind() == CardKind.DRILL
        ? card.spot().filter(s -> bar(s.place()).equals(bar.get())).isPresent()
        : !card.easing().without().contains(bar.get());
  }

  @RepeatedTest(20)
  void noCardLoadsABarOnTheDayItHurt(RepetitionInfo repetition) {
    Random random = new Random(repetition.getCurrentRepetition());
    List<LoggedPass> log = new ArrayList<>();
    int looked = 0;
    for (int i = 0; i < DAYS; i++) {
      LocalDate day = FIRST.plusDays(i);
      log.addAll(play(random, day, programme(log).tasks(day, Set.of())));
      List<Card> planned = programme(log).from(day, 1).days().get(0).cards();
      List<Card> left =
          programme(log).tasks(day, Set.of()).stream()
              .filter(t -> !t.isDone())
              .map(DayTask::card)
              .toList();
      for (LoggedPass pass : log) {
        if (pass.hurts() && pass.date().equals(day)) {
          Optional<String> bar = pass.spot().map(PainRestsTest::bar);
          assertThat(planned).noneMatch(c -> loads(c, pass.item(), bar));
          assertThat(left).noneMatch(c -> loads(c, pass.item(), bar));
          looked++;
        }
      }
    }
    assertThat(looked).as("hurts looked at").isPositive();
  }

  /** A drill that was not enough is followed by another kind. */
  @RepeatedTest(10)
  void noSpotHasTheSameDrillTwiceADay(RepetitionInfo repetition) {
    Random random = new Random(100 + repetition.getCurrentRepetition());
    List<LoggedPass> log = new ArrayList<>();
    int drills = 0;
    for (int i = 0; i < DAYS; i++) {
      LocalDate day = FIRST.plusDays(i);
      List<String> planned =
          programme(log).from(day, 1).days().get(0).cards().stream()
              .filter(c -> c.kind() == CardKind.DRILL)
              .map(c -> c.item().get().id() + c.spot().get().place() + c.drill().get())
              .toList();
      assertThat(planned).doesNotHaveDuplicates();
      drills += planned.size();
      log.addAll(play(random, day, programme(log).tasks(day, Set.of())));
    }
    assertThat(drills).isGreaterThan(DAYS / 2);
  }

  @Test
  void whatWasDoneBeforeItHurtStaysAmongTheDaysCards() {
    List<DayTask> morning = programme(List.of()).tasks(FIRST, Set.of());
    DayTask drill =
        morning.stream().filter(t -> t.card().kind() == CardKind.DRILL).findFirst().orElseThrow();
    String item = drill.card().item().orElseThrow().id();
    String place = drill.card().spot().orElseThrow().place();
    LoggedPass hurt =
        new LoggedPass(
            item, FIRST, 60, false, 20, false, Optional.of(place), false, true, CardKind.DRILL);
    List<DayTask> after = programme(List.of(hurt)).tasks(FIRST, Set.of(drill.name()));
    assertThat(after).filteredOn(t -> t.name().equals(drill.name())).allMatch(DayTask::isDone);
    assertThat(after).extracting(DayTask::name).contains(drill.name());
    assertThat(after)
        .filteredOn(
            t -> !t.isDone() && t.card().item().filter(i -> i.id().equals(item)).isPresent())
        .isNotEmpty()
        .allMatch(t -> t.card().easing().without().equals(List.of(bar(place))));
    assertThat(after).extracting(DayTask::number).isSorted().doesNotHaveDuplicates();
  }

  /** Nothing is left to rest from. */
  @Test
  void noBreakStandsAloneWhereCardsWereTakenOff() {
    List<LoggedPass> log = new ArrayList<>();
    for (Item item : ITEMS) {
      log.add(
          new LoggedPass(
              item.id(),
              FIRST,
              60,
              false,
              20,
              false,
              Optional.empty(),
              false,
              true,
              CardKind.LADDER));
    }
    List<DayTask> left = programme(log).tasks(FIRST, Set.of());
    assertThat(programme(List.of()).tasks(FIRST, Set.of()))
        .anyMatch(t -> t.card().kind() == CardKind.BREAK);
    assertThat(left).noneMatch(t -> t.card().kind() == CardKind.BREAK);
    assertThat(left).noneMatch(t -> t.card().item().isPresent());
  }
}
