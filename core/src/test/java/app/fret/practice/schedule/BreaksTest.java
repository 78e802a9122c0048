package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.LEARNER;
import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.practice.schedule.Learner.Stance;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Breaks between cards, and what a player may say of practice. */
class BreaksTest {
  private static Card card(CardKind kind, int minutes) {
    return new Card(
        kind,
        Optional.of(passage("a", 120, 60, TODAY.plusDays(90))),
        1,
        OptionalDouble.of(60),
        minutes * 2,
        minutes,
        "because",
        Optional.empty(),
        Optional.empty());
  }

  private static List<Card> between(int... minutes) {
    List<Card> cards = new ArrayList<>();
    for (int m : minutes) {
      cards.add(card(CardKind.LADDER, m));
    }
    return new Breaks(LEARNER).between(cards);
  }

  private static List<Integer> minutes(List<Card> cards) {
    return cards.stream().map(c -> c.isPlayed() ? c.minutes() : -c.minutes()).toList();
  }

  @Test
  void aBreakFollowsTwentyMinutesOfPlaying() {
    assertThat(minutes(between(10, 10, 10))).containsExactly(10, 10, -5, 10);
  }

  @Test
  void noCardIsCut() {
    assertThat(minutes(between(10, 7, 9, 10))).containsExactly(10, 7, -5, 9, 10);
    assertThat(minutes(between(6, 9, 8, 10, 7))).containsExactly(6, 9, 8, -5, 10, 7);
  }

  @Test
  void theLongestStretchIsAsShortAsTheBreaksAllow() {
    assertThat(minutes(between(10, 10, 4, 10, 4, 8))).containsExactly(10, 10, 4, -5, 10, 4, 8);
  }

  @Test
  void aCardLongerThanAStretchGoesInEqualPartsAndKeepsItsPasses() {
    List<Card> cards = between(40);
    assertThat(minutes(cards)).containsExactly(20, -5, 20);
    assertThat(cards.get(0).passes() + cards.get(2).passes()).isEqualTo(80);
    assertThat(cards.get(2).reason()).isEqualTo("because");
  }

  @Test
  void aDayEndsWithPlayingNotWithABreak() {
    assertThat(minutes(between(10, 10))).containsExactly(10, 10);
  }

  @Test
  void aRunThroughIsNeverCut() {
    List<Card> cards =
        new Breaks(LEARNER).between(List.of(card(CardKind.LADDER, 15), card(CardKind.MOCK, 29)));
    assertThat(minutes(cards)).containsExactly(15, -5, 29);
  }

  @ParameterizedTest
  @CsvSource({"60, 46, 2", "45, 36, 1", "30, 22, 0", "90, 71, 3", "8, 6, 0"})
  void playingMinutesLeaveRoomForWarmUpAndBreaks(int minutes, int playing, int breaks) {
    Learner learner = LEARNER.withMinutes(minutes);
    assertThat(learner.playingMinutes()).isEqualTo(playing);
    assertThat(learner.breaks()).isEqualTo(breaks);
  }

  @Test
  void daysOfPracticeLeaveOutDaysOff() {
    LocalDate monday = LocalDate.of(2026, 11, 23);
    assertThat(LEARNER.practiceDays(monday, monday.plusDays(13))).isEqualTo(12);
    assertThat(LEARNER.practiceDays(monday, monday.minusDays(1))).isZero();
  }

  @Test
  void whatMakesNoSenseIsRefused() {
    Set<DayOfWeek> all = EnumSet.allOf(DayOfWeek.class);
    assertThatThrownBy(() -> new Learner(60, all, 2, Stance.EVEN)).hasMessageContaining("off");
    assertThatThrownBy(() -> new Learner(0, Set.of(), 2, Stance.EVEN))
        .hasMessageContaining("minutes");
    assertThatThrownBy(() -> new Learner(60, Set.of(), 4, Stance.EVEN))
        .hasMessageContaining("rhythm days");
  }
}
