package app.fret.study;

import app.fret.instrument.Instrument;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Totals;
import app.fret.lefthand.effort.shift.PositionWords;
import app.fret.lefthand.hand.Placement;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Names a plan by what sets it apart from the best one. */
public final class PlanNames {
  private static final double NEARLY_ALL = 0.9;
  private static final int FEW_STRINGS = 2;

  private PlanNames() {}

  /**
   * A name by what the plan does, such as {@code Third position throughout}, {@code All on G and
   * D}, {@code Fewer shifts} or {@code More on string II}.
   */
  public static String of(Instrument instrument, LeftHandPlan best, LeftHandPlan other) {
    Totals one = best.totals();
    Totals two = other.totals();
    Optional<String> home = home(instrument, other);
    if (home.isPresent() && !home.equals(home(instrument, best))) {
      return Character.toUpperCase(home.get().charAt(0)) + home.get().substring(1) + " throughout";
    }
    Set<Integer> strings = new TreeSet<>(two.notesPerString().keySet());
    if (strings.size() <= FEW_STRINGS && strings.size() < one.notesPerString().size()) {
      return "All on "
          + strings.stream()
              .sorted(Comparator.reverseOrder())
              .map(s -> instrument.writtenOpen(s).step().name())
              .collect(Collectors.joining(" and "));
    }
    if (two.shifts() < one.shifts()) {
      return "Fewer shifts";
    }
    if (two.crossings() < one.crossings()) {
      return "Fewer crossings";
    }
    int string = mostGained(one, two);
    if (string > 0) {
      return "More on string " + Instrument.numeral(string);
    }
    int rise = highest(two) - highest(one);
    return rise > 0 ? "Higher position" : rise < 0 ? "Lower position" : "Other positions";
  }

  /** The position that nearly all stopped notes lie in, if there is one. */
  private static Optional<String> home(Instrument instrument, LeftHandPlan plan) {
    Map<String, Long> notesIn =
        plan.notes().stream()
            .map(NotePlan::placement)
            .filter(Placement::usesHand)
            .collect(
                Collectors.groupingBy(
                    at -> PositionWords.of(instrument, at), Collectors.counting()));
    long all = notesIn.values().stream().mapToLong(n -> n).sum();
    return notesIn.entrySet().stream()
        .filter(e -> e.getValue() >= NEARLY_ALL * all)
        .map(Map.Entry::getKey)
        .findFirst();
  }

  /** The string that gains the most notes, 0 when none does. */
  private static int mostGained(Totals one, Totals two) {
    int gained = 0;
    int most = 0;
    for (int string : two.notesPerString().keySet()) {
      int more = two.notesPerString().get(string) - one.notesPerString().getOrDefault(string, 0);
      if (more > most) {
        most = more;
        gained = string;
      }
    }
    return gained;
  }

  private static int highest(Totals totals) {
    return totals.highest().map(Placement::hand).orElse(0);
  }
}
