package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.LEARNER;
import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class BlocksTest {
  private static List<Card> cards(int minutes) {
    List<Item> items =
        Stream.of("a", "b", "c", "d", "e", "f", "g", "h")
            .map(id -> passage(id, 120, 60, TODAY.plusDays(40)))
            .toList();
    return Schedule.of(LEARNER.withMinutes(minutes), items, List.of(), TODAY, 1, 7)
        .days()
        .get(0)
        .cards();
  }

  @Test
  void aShortDayIsOneBlock() {
    assertThat(Blocks.of(cards(60))).hasSize(1);
    assertThat(Blocks.of(List.of())).isEmpty();
  }

  @Test
  void aLongDayIsCutAtBreaksIntoBlocksThatAreAboutEven() {
    List<Card> cards = cards(200);
    List<List<Card>> blocks = Blocks.of(cards);
    assertThat(blocks).hasSizeBetween(2, 3);
    assertThat(blocks.stream().flatMap(List::stream)).containsExactlyElementsOf(cards);
    for (List<Card> block : blocks.subList(0, blocks.size() - 1)) {
      assertThat(block.get(block.size() - 1).kind()).isEqualTo(CardKind.BREAK);
    }
    List<Integer> minutes =
        blocks.stream().map(b -> b.stream().mapToInt(Card::minutes).sum()).toList();
    assertThat(minutes).allMatch(m -> m >= 35 && m <= 105, "about even: " + minutes);
  }

  @Test
  void everyCardHasTheNumberOfItsBlock() {
    List<Card> cards = cards(200);
    List<Integer> numbers = Blocks.numbers(cards);
    assertThat(numbers).hasSameSizeAs(cards).isSorted().startsWith(1);
    assertThat(IntStream.range(1, numbers.size()).map(i -> numbers.get(i) - numbers.get(i - 1)))
        .allMatch(step -> step == 0 || step == 1);
  }
}
