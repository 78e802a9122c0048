package app.fret.bench.students;

import app.fret.bench.students.Student.Traits;
import app.fret.practice.schedule.Forecast;
import java.io.PrintStream;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * How often the bands of forecasts hold the day on which a passage is first declared ready.
 * Students go on for so long that nearly all become ready, so that late ones are not left out.
 */
final class Bands {
  private static final int HORIZON_DAYS = 200;
  private static final int TOLD_DAYS = 60;

  /** The model's own shift; see {@code forecast.offset-days}. */
  private static final double OFFSET = 3;

  private Bands() {}

  /**
   * Of one forecast.
   *
   * @param share days it really took over days forecast, both with the model's shift; without bound
   *     where it never came to it
   */
  private record Case(boolean isProvisional, boolean held, double share) {}

  static void print(PrintStream out, int seeds) {
    out.println("Bands of the forecast, nominal 80 %, " + seeds + " students for each programme");
    Map<String, Traits> kinds = new LinkedHashMap<>(Students.kinds());
    kinds.forEach(
        (name, traits) -> {
          List<Case> cases = new ArrayList<>();
          for (Programme programme : Programme.values()) {
            for (int seed = 1; seed <= seeds; seed++) {
              cases.addAll(cases(programme, traits, Students.FIRST_SEED + seed));
            }
          }
          print(out, name, "from 10 contact days", cases, false);
          print(out, name, "6 to 9 contact days", cases, true);
        });
  }

  private static void print(
      PrintStream out, String name, String when, List<Case> all, boolean isProvisional) {
    List<Case> cases = all.stream().filter(c -> c.isProvisional() == isProvisional).toList();
    List<Double> shares = new ArrayList<>(cases.stream().map(Case::share).toList());
    Collections.sort(shares);
    long held = cases.stream().filter(Case::held).count();
    out.printf(
        Locale.ROOT,
        "  %-20s %-22s %5d told, %3.0f %% held; really over forecast: tenth %.2f, half %.2f,"
            + " nine tenths %.2f%n",
        name,
        when,
        cases.size(),
        100.0 * held / Math.max(1, cases.size()),
        at(shares, 0.1),
        at(shares, 0.5),
        at(shares, 0.9));
  }

  private static double at(List<Double> sorted, double share) {
    return sorted.isEmpty() ? Double.NaN : sorted.get((int) (share * (sorted.size() - 1)));
  }

  private static List<Case> cases(Programme programme, Traits traits, int seed) {
    Weeks weeks = new Weeks(programme, Policy.CHOSEN, traits, seed, HORIZON_DAYS);
    weeks.live();
    List<Case> cases = new ArrayList<>();
    for (Weeks.Told told : weeks.told()) {
      Forecast forecast = told.forecast();
      boolean counts = told.on().isBefore(Students.START.plusDays(TOLD_DAYS));
      Optional<LocalDate> ready = weeks.readySince(told.item());
      if (counts && ready.filter(told.on()::isAfter).isEmpty()) {
        boolean held =
            ready
                .filter(d -> !d.isBefore(forecast.low()) && !d.isAfter(forecast.high()))
                .isPresent();
        double mid = ChronoUnit.DAYS.between(told.on(), forecast.mid()) + OFFSET;
        double share =
            ready
                .map(d -> (ChronoUnit.DAYS.between(told.on(), d) + OFFSET) / mid)
                .orElse(Double.POSITIVE_INFINITY);
        cases.add(new Case(forecast.isProvisional(), held, share));
      }
    }
    return cases;
  }
}
