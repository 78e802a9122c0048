package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.LEARNER;
import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.climb;
import static app.fret.practice.schedule.Programmes.pass;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.reading.Material;
import app.fret.reading.PlayedNote;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is practised of one is practised of the other as far as it is the same. */
class KinshipsTest {
  private static final LocalDate DUE = TODAY.plusDays(61);
  private static final Kinships ALIKE = both(1);
  private static final Kinships PARTLY = both(0.6);

  private final Item a = passage("a", 120, 60, DUE);
  private final Item b = passage("b", 120, 60, DUE);
  private final Item c = passage("c", 120, 60, DUE);

  private static Kinships both(double share) {
    return new Kinships(Map.of("a", Map.of("b", share), "b", Map.of("a", share)));
  }

  private Schedule schedule(Kinships kin, List<LoggedPass> log) {
    return Schedule.of(LEARNER, List.of(a, b, c), kin, log, TODAY, 42, 7);
  }

  private static int minutes(Schedule schedule, String... ids) {
    return schedule.days().stream()
        .flatMap(d -> d.cards().stream())
        .filter(card -> card.item().filter(i -> List.of(ids).contains(i.id())).isPresent())
        .mapToInt(Card::minutes)
        .sum();
  }

  @Test
  void halfOfTheNotesMakeKinAndLessDoesNot() {
    String tune = "C5/8 D5/8 E5/8 F5/8 C5/8 D5/8 E5/8 F5/8";
    String other = "G5/8 E5/8 G5/8 E5/8 G5/8 E5/8 G5/8 D5/8";
    Map<String, Material> materials =
        Map.of(
            "a", material(tune + "|" + tune),
            "b", material("C5/1 |" + tune + "|" + other),
            "c", material(other + "| G5/8 D5/8 G5/8 D5/8 G5/8 D5/8 G5/8 C5/8 |" + tune));
    Kinships kin = Kinships.of(materials);
    assertThat(kin.share("a", "b")).isEqualTo(1);
    assertThat(kin.share("b", "a")).isEqualTo(0.5);
    assertThat(kin.share("c", "a")).as("a third is no kin").isZero();
    assertThat(kin.share("c", "b")).isCloseTo(2 / 3.0, within(1e-9));
    assertThat(kin.share("a", "a")).isZero();
  }

  private static Material material(String words) {
    return Material.of(PlayedNote.of(Music.passage(words)));
  }

  @Test
  void twoOfTheSameMaterialShareTheirMinutes() {
    int apart = minutes(schedule(Kinships.NONE, List.of()), "a", "b");
    int together = minutes(schedule(ALIKE, List.of()), "a", "b");
    assertThat(together).isLessThan(apart);
    assertThat(minutes(schedule(ALIKE, List.of()), "c"))
        .as("the other has what they leave")
        .isGreaterThan(minutes(schedule(Kinships.NONE, List.of()), "c"));
  }

  @Test
  void eachStillComesUpEveryThirdDayOfPractice() {
    Schedule schedule = schedule(ALIKE, List.of());
    for (Item item : List.of(a, b)) {
      List<Integer> on =
          IntStream.range(0, 20)
              .filter(
                  d ->
                      schedule.days().get(d).cards().stream()
                          .anyMatch(k -> k.item().filter(item::equals).isPresent()))
              .boxed()
              .toList();
      assertThat(on).isNotEmpty();
      OptionalInt longest = IntStream.range(1, on.size()).map(i -> on.get(i) - on.get(i - 1)).max();
      assertThat(longest).isPresent();
      assertThat(longest.getAsInt()).isLessThanOrEqualTo(4);
    }
  }

  @Test
  void theCardSaysWhatElseGains() {
    List<Card> today = schedule(PARTLY, List.of()).days().get(0).cards();
    assertThat(today)
        .filteredOn(k -> k.item().filter(a::equals).isPresent() && k.kind() == CardKind.LADDER)
        .isNotEmpty()
        .first()
        .satisfies(
            k ->
                assertThat(k.reason())
                    .endsWith("; Passage b gains with it, 60 % of its notes are the same"));
  }

  private static List<Item> items(Item... items) {
    return List.of(items);
  }

  private Standing standing(Kinships kin, List<LoggedPass> log) {
    return Standing.of(b, items(a, b), kin, log, TODAY);
  }

  @Test
  void aPassOfKinMovesTheEstimateByItsShare() {
    List<LoggedPass> log = List.of(pass("a", TODAY, 60, true));
    double alone = Standing.of(a, log, TODAY).theta() - Math.log(0.5);
    assertThat(standing(PARTLY, log).theta() - Math.log(0.5)).isCloseTo(0.6 * alone, within(1e-12));
    assertThat(standing(Kinships.NONE, log).theta()).isEqualTo(Math.log(0.5));
  }

  @Test
  void cleanPassesOfTheSameMaterialOpenItsRungsToo() {
    List<LoggedPass> log = climb(a, 6, 60, 70, 80);
    assertThat(standing(ALIKE, log).climb().rung()).isEqualTo(3);
    assertThat(standing(PARTLY, log).climb().rung()).isZero();
  }

  @Test
  void onlyItsOwnPassesMakeAPassageReady() {
    List<LoggedPass> log = new ArrayList<>(climb(a, 20, 60, 70, 80, 90, 100, 110, 120));
    for (int day = 10; day > 5; day--) {
      log.add(pass("a", TODAY.minusDays(day), 120, true, true));
    }
    assertThat(Standing.of(a, log, TODAY).isReady()).isTrue();
    assertThat(standing(ALIKE, log).isReady()).isFalse();
    assertThat(standing(ALIKE, log).contacts()).isEmpty();
  }

  @Test
  void aPassOfKinCountsAtItsTempoInTheOwnBeat() {
    Item inHalves =
        new Item(
            "b",
            "B",
            Item.Kind.PASSAGE,
            new Tempo(BeatUnit.HALF, 60),
            30,
            b.gate(),
            b.due(),
            20,
            6,
            "",
            0,
            List.of(),
            b.trial());
    List<LoggedPass> log = climb(a, 6, 60, 70);
    Standing halves = Standing.of(inHalves, items(a, inHalves), ALIKE, log, TODAY);
    assertThat(halves.theta()).isCloseTo(standing(ALIKE, log).theta(), within(1e-12));
    assertThat(halves.climb().rung()).isEqualTo(2);
  }
}
