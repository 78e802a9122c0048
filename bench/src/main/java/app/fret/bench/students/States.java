package app.fret.bench.students;

import app.fret.bench.students.Student.Traits;
import app.fret.practice.schedule.ItemOutlook.State;
import java.io.PrintStream;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What each state that was said came to: how often the passage was ready on its date. */
final class States {
  private static final int STEADY_DAYS = 5;

  private States() {}

  /**
   * Days on which a state was said.
   *
   * @param days how many, of all passages
   * @param ready of them those whose passage was ready on its date
   */
  private record Count(int days, int ready) {
    Count and(boolean isReady) {
      return new Count(days + 1, ready + (isReady ? 1 : 0));
    }
  }

  static void print(PrintStream out, int seeds) {
    out.println("States as they were said day by day: of them so many were ready on the date");
    for (Programme programme : Programme.values()) {
      out.println();
      out.println(programme.words);
      Students.kinds().forEach((name, traits) -> print(out, programme, name, traits, seeds));
    }
  }

  private static void print(
      PrintStream out, Programme programme, String name, Traits traits, int seeds) {
    Map<State, Count> counts = new EnumMap<>(State.class);
    int changes = 0;
    int soon = 0;
    for (int seed = 1; seed <= seeds; seed++) {
      Weeks weeks =
          new Weeks(programme, Policy.CHOSEN, traits, Students.FIRST_SEED + seed, programme.days);
      weeks.live();
      Map<String, List<Weeks.Said>> byItem = new HashMap<>();
      for (Weeks.Said said : weeks.said()) {
        counts.merge(said.state(), new Count(0, 0).and(weeks.isReady(said.item())), States::sum);
        byItem.computeIfAbsent(said.item(), i -> new ArrayList<>()).add(said);
      }
      for (List<Weeks.Said> days : byItem.values()) {
        List<LocalDate> turns = turns(days);
        changes += turns.size();
        soon += soon(turns);
      }
    }
    out.printf(Locale.ROOT, "  %-28s", name);
    counts.forEach(
        (state, c) ->
            out.printf(
                Locale.ROOT,
                " %s %d of %d (%.0f %%);",
                state.id(),
                c.ready(),
                c.days(),
                100.0 * c.ready() / c.days()));
    out.printf(
        Locale.ROOT,
        " changes %.1f a passage, %d %% of them within five days%n",
        (double) changes / seeds / programme.passages,
        Math.round(100.0 * soon / Math.max(1, changes)));
  }

  private static Count sum(Count one, Count other) {
    return new Count(one.days() + other.days(), one.ready() + other.ready());
  }

  private static List<LocalDate> turns(List<Weeks.Said> days) {
    List<LocalDate> turns = new ArrayList<>();
    for (int i = 1; i < days.size(); i++) {
      if (days.get(i).state() != days.get(i - 1).state()) {
        turns.add(days.get(i).on());
      }
    }
    return turns;
  }

  private static int soon(List<LocalDate> turns) {
    int soon = 0;
    for (int i = 1; i < turns.size(); i++) {
      soon += ChronoUnit.DAYS.between(turns.get(i - 1), turns.get(i)) < STEADY_DAYS ? 1 : 0;
    }
    return soon;
  }
}
