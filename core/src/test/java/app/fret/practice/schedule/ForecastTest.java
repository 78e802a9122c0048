package app.fret.practice.schedule;

import static app.fret.practice.schedule.Programmes.TODAY;
import static app.fret.practice.schedule.Programmes.passage;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The day a passage will be ready, against the formula of the model worked out step by step. */
class ForecastTest {
  private final Item item = passage("a", 120, 60, TODAY.plusDays(120));

  /** So many days of contact, every second day up to yesterday, eight clean passes on each. */
  private List<LoggedPass> days(int contacts) {
    List<LoggedPass> log = new ArrayList<>();
    for (int i = 0; i < contacts; i++) {
      LocalDate day = TODAY.minusDays(1 + 2L * (contacts - 1 - i));
      for (int pass = 0; pass < 8; pass++) {
        log.add(Programmes.pass("a", day, 60 + 3 * i, true, pass == 0));
      }
    }
    return log;
  }

  private Standing standing(int contacts) {
    return Standing.of(item, days(contacts), TODAY);
  }

  private double daysLeft(Standing standing, int contacts) {
    double gap = 0.20 - standing.theta();
    double pace = Math.log((0.20 - standing.theta0()) / gap) / contacts;
    double shrunk = Math.max(0.002, (contacts * pace + 0.4) / (contacts + 8));
    double left = Math.max(1, Math.log(gap / (0.20 - 0.06)) / shrunk);
    double soFar = 2 * (contacts - 1) + 2;
    return left * soFar / contacts;
  }

  private static LocalDate day(double days, double share) {
    return TODAY.plusDays(Math.max(0, Math.round((days + 3) * share - 3)));
  }

  @ParameterizedTest
  @CsvSource({
    "6, 0.36, 0.75, 1.50",
    "9, 0.36, 0.75, 1.50",
    "10, 0.27, 0.66, 1.80",
    "14, 0.27, 0.66, 1.80"
  })
  void theBandFollowsTheFormula(int contacts, double low, double mid, double high) {
    Standing standing = standing(contacts);
    double days = daysLeft(standing, contacts);
    assertThat(Forecast.of(standing, TODAY))
        .hasValueSatisfying(
            f -> {
              assertThat(f.low()).isEqualTo(day(days, low));
              assertThat(f.mid()).isEqualTo(day(days, mid));
              assertThat(f.high()).isEqualTo(day(days, high));
              assertThat(f.isProvisional()).isEqualTo(contacts < 10);
            });
  }

  @Test
  void fiveDaysTellNothing() {
    assertThat(Forecast.of(standing(5), TODAY)).isEmpty();
  }

  @Test
  void whoGainsNothingMayNeverBeReady() {
    List<LoggedPass> log = new ArrayList<>();
    for (int day = 12; day > 0; day--) {
      log.add(Programmes.pass("a", TODAY.minusDays(day), 60, day % 2 == 0));
    }
    Item soon = passage("a", 120, 60, TODAY.plusDays(20));
    assertThat(Forecast.of(Standing.of(soon, log, TODAY), TODAY))
        .hasValueSatisfying(f -> assertThat(f.mayBeNever()).isTrue());
  }

  @Test
  void morePracticeOfTheSameKindBringsTheDayNearer() {
    LocalDate early = Forecast.of(standing(10), TODAY).orElseThrow().mid();
    LocalDate late = Forecast.of(standing(14), TODAY).orElseThrow().mid();
    assertThat(late).isBefore(early);
  }
}
