package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.LEARNER;
import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.pass;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.practice.schedule.ItemOutlook.State;
import app.fret.practice.schedule.ItemOutlook.Why;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is said of a passage, and that it is held on to. */
class PrognosisTest {
  private static final Item ITEM = passage("a", 120, 60, TODAY.plusDays(40));

  private static ItemOutlook said(Item item, List<LoggedPass> log, LocalDate today) {
    return Schedule.of(LEARNER, List.of(item), log, today, 1, 1).items().get(0);
  }

  /** Ten passes a day from so many days ago, clean but for every some. */
  private static List<LoggedPass> days(int days, double perMinute, int missEvery) {
    List<LoggedPass> log = new ArrayList<>();
    for (int day = days; day > 0; day--) {
      for (int i = 1; i <= 10; i++) {
        log.add(pass("a", TODAY.minusDays(day), perMinute, i % missEvery != 0, i == 1));
      }
    }
    return log;
  }

  @Test
  void whereItCannotTellItSaysWhy() {
    Item free = passage("a", 120, 60, Optional.<LocalDate>empty());
    assertThat(said(free, List.of(), TODAY).why()).contains(Why.NO_DATE);
    assertThat(said(free, List.of(), TODAY).words()).isEqualTo("no date set");
    assertThat(said(ITEM, days(3, 60, 4), TODAY).why()).contains(Why.TOO_EARLY);
    ItemOutlook middle = said(passage("a", 120, 60, TODAY.plusDays(25)), days(12, 84, 2), TODAY);
    assertThat(middle.state()).isEqualTo(State.UNKNOWN);
    assertThat(middle.why()).contains(Why.EITHER_WAY);
    assertThat(middle.forecast()).isEmpty();
  }

  @Test
  void whatIsKnownHasNoWhy() {
    ItemOutlook slow = said(passage("a", 120, 60, TODAY.plusDays(6)), days(20, 60, 2), TODAY);
    assertThat(slow.state()).isIn(State.BEHIND, State.CANNOT);
    assertThat(slow.why()).isEmpty();
    assertThat(slow.words()).isEqualTo(slow.state().words());
  }

  @Test
  void theChanceGrowsWithWhatIsClean() {
    Standing weak = Standing.of(ITEM, days(12, 84, 2), TODAY);
    Standing strong = Standing.of(ITEM, days(12, 108, 10), TODAY);
    LocalDate due = ITEM.due().orElseThrow();
    assertThat(Prospect.of(strong, TODAY, due)).isGreaterThan(Prospect.of(weak, TODAY, due));
    assertThat(Prospect.of(weak, TODAY, due)).isBetween(0.0, 1.0);
  }

  @Test
  void oneDayDoesNotTurnWhatWasSaid() {
    List<LoggedPass> log = new ArrayList<>(days(14, 110, 10));
    State before = said(ITEM, log, TODAY).state();
    assertThat(before).isEqualTo(State.ON_TRACK);
    for (int i = 0; i < 10; i++) {
      log.add(pass("a", TODAY, 110, false, i == 0));
    }
    assertThat(said(ITEM, log, TODAY.plusDays(1)).state()).isEqualTo(before);
  }

  @Test
  void whatStaysOtherIsSaidAfterThreeDays() {
    List<LoggedPass> log = new ArrayList<>(days(14, 110, 10));
    for (int day = 0; day < 8; day++) {
      for (int i = 0; i < 14; i++) {
        log.add(pass("a", TODAY.plusDays(day), 110, false, i == 0));
      }
    }
    assertThat(said(ITEM, log, TODAY.plusDays(8)).state()).isNotEqualTo(State.ON_TRACK);
  }
}
