package app.fret.bench.students;

import app.fret.bench.students.Student.Traits;
import java.io.PrintStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** Compares ways of planning practice on invented students and prints what came of each. */
public final class Students {
  static final LocalDate START = LocalDate.of(2026, 3, 2);
  private static final int USUAL_SEEDS = 200;
  static final double SKIPS = 0.1;

  /** Plan, figures and student were worked on with other seeds. */
  static final int FIRST_SEED = 1_000;

  /** What is called clean lies so far below what is just possible. */
  static final double CLEAN_LEAD = 0.12;

  private Students() {}

  /**
   * What came of some students.
   *
   * @param ready share of passages ready on the day
   * @param spread standard error of that over students
   * @param minutes minutes played a day
   * @param neglect longest time a passage was not touched, in days, mean over students
   * @param declaredTrue share of passages declared ready that were
   */
  record Outcome(
      double ready, double spread, double minutes, double neglect, double declaredTrue) {}

  static Outcome outcome(Programme programme, Policy policy, Traits traits, int seeds) {
    List<Double> ready = new ArrayList<>();
    List<Boolean> declared = new ArrayList<>();
    double minutes = 0;
    double neglect = 0;
    for (int seed = 1; seed <= seeds; seed++) {
      Weeks weeks = new Weeks(programme, policy, traits, FIRST_SEED + seed, programme.days);
      weeks.live();
      ready.add(weeks.readyShare());
      declared.addAll(weeks.declared(START.plusDays(programme.days)));
      minutes += weeks.minutes / Math.max(1, weeks.daysPlayed) / seeds;
      neglect += (double) weeks.neglect / seeds;
    }
    double mean = ready.stream().mapToDouble(r -> r).average().orElse(0);
    double variance = ready.stream().mapToDouble(r -> (r - mean) * (r - mean)).sum();
    double spread = Math.sqrt(variance / Math.max(1, seeds - 1) / seeds);
    return new Outcome(mean, spread, minutes, neglect, share(declared));
  }

  private static double share(List<Boolean> list) {
    return list.isEmpty()
        ? Double.NaN
        : (double) list.stream().filter(b -> b).count() / list.size();
  }

  /** Both students and those of whom one thing is halved or doubled. */
  static Map<String, Traits> kinds() {
    Map<String, Traits> kinds = new LinkedHashMap<>();
    kinds.put("usual", Traits.USUAL);
    kinds.put("learning halved", new Traits(0.5, 1, 1, false));
    kinds.put("learning doubled", new Traits(2, 1, 1, false));
    kinds.put("forgetting halved", new Traits(1, 0.5, 1, false));
    kinds.put("forgetting doubled", new Traits(1, 2, 1, false));
    kinds.put("errors halved", new Traits(1, 1, 0.5, false));
    kinds.put("errors doubled", new Traits(1, 1, 2, false));
    kinds.put("second", Traits.SECOND);
    kinds.put("second, learning halved", new Traits(0.5, 1, 1, true));
    kinds.put("second, learning doubled", new Traits(2, 1, 1, true));
    kinds.put("second, forgetting doubled", new Traits(1, 2, 1, true));
    kinds.put("second, errors doubled", new Traits(1, 1, 2, true));
    return kinds;
  }

  /** Prints the comparison; the first argument is the number of students, 200 by default. */
  public static void main(String[] args) {
    int seeds = args.length > 0 ? Integer.parseInt(args[0]) : USUAL_SEEDS;
    PrintStream out = System.out;
    out.println(
        "Share of passages ready on the day, +- its standard error, " + seeds + " students");
    if (args.length > 1 && args[1].equals("bands")) {
      Bands.print(out, seeds);
      return;
    }
    if (args.length > 1 && args[1].equals("states")) {
      States.print(out, seeds);
      return;
    }
    if (args.length > 1 && args[1].equals("fit")) {
      FitProspect.print(out, seeds);
      return;
    }
    if (args.length > 1) {
      Programme only = Programme.valueOf(args[1]);
      print(out, only, "usual", Traits.USUAL, seeds);
      return;
    }
    Map<String, Traits> kinds = kinds();
    for (Programme programme : Programme.values()) {
      out.println();
      out.println(programme.words);
      kinds.forEach((name, traits) -> print(out, programme, name, traits, seeds));
    }
  }

  private static void print(
      PrintStream out, Programme programme, String name, Traits traits, int seeds) {
    Map<Policy, Outcome> outcomes = new EnumMap<>(Policy.class);
    for (Policy policy : Policy.values()) {
      outcomes.put(policy, outcome(programme, policy, traits, seeds));
    }
    out.println("  " + name);
    outcomes.forEach(
        (policy, o) ->
            out.printf(
                Locale.ROOT,
                "    %-28s %3.0f +- %.0f %%  %3.0f min a day, neglect %2.0f days%s%n",
                policy.words(),
                100 * o.ready(),
                100 * o.spread(),
                o.minutes(),
                o.neglect(),
                policy == Policy.CHOSEN
                    ? String.format(
                        Locale.ROOT, ", declared ready and true %.0f %%", 100 * o.declaredTrue())
                    : ""));
  }
}
