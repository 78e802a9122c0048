package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.LEARNER;
import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class DrawnListTest {
  private static final List<String> IDS = List.of("a", "b", "c", "d", "e");

  @Test
  void aSeedDrawsTheSameListAndOthersDrawOthers() {
    assertThat(DrawnList.draw(IDS, 3, 4)).hasSize(3).isEqualTo(DrawnList.draw(IDS, 3, 4));
    assertThat(DrawnList.draw(IDS, 3, 4)).isSubsetOf(IDS).doesNotHaveDuplicates();
    Set<List<String>> drawn = new HashSet<>();
    for (long seed = 0; seed < 20; seed++) {
      drawn.add(DrawnList.draw(IDS, 3, seed));
    }
    assertThat(drawn).hasSizeGreaterThan(10);
    assertThat(DrawnList.draw(IDS, 9, 1)).containsExactlyInAnyOrderElementsOf(IDS);
  }

  @Test
  void theListComesAfterTheWarmUpOnceAndColdPassesOfItGo() {
    List<Item> items =
        Stream.of("a", "b", "c").map(id -> passage(id, 120, 60, TODAY.plusDays(2))).toList();
    Schedule schedule = Schedule.of(LEARNER, items, List.of(), TODAY, 1, 7);
    List<Card> planned = schedule.days().get(0).cards();
    assertThat(planned).extracting(Card::kind).contains(CardKind.MOCK);
    List<Card> cards = DrawnList.before(planned, schedule, List.of("c", "a"), TODAY);
    assertThat(cards.get(0).kind()).isEqualTo(CardKind.WARM_UP);
    assertThat(cards.subList(1, 3))
        .extracting(c -> c.item().orElseThrow().id())
        .containsExactly("c", "a");
    assertThat(cards.subList(1, 3)).allMatch(c -> c.kind() == CardKind.MOCK && c.passes() == 1);
    assertThat(cards.get(1).reason()).startsWith("drawn by lot, 1 of 2");
    assertThat(cards.subList(3, cards.size()))
        .noneMatch(
            c ->
                c.kind() == CardKind.MOCK && c.item().filter(i -> !i.id().equals("b")).isPresent());
  }

  @Test
  void whatHurtsIsNotAskedByLot() {
    Item a = passage("a", 120, 60, TODAY.plusDays(40));
    LoggedPass hurt =
        new LoggedPass(
            "a", TODAY, 60, false, 20, false, Optional.empty(), false, true, CardKind.LADDER);
    Schedule schedule = Schedule.of(LEARNER, List.of(a), List.of(hurt), TODAY, 1, 7);
    assertThat(DrawnList.before(List.of(), schedule, List.of("a"), TODAY)).isEmpty();
  }
}
