package app.fret.study;

import app.fret.instrument.Instrument;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Totals;
import app.fret.lefthand.effort.shift.PositionWords;
import app.fret.lefthand.hand.Placement;
import app.fret.score.Bar;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Names plans by what sets them apart from the best one; no two of a passage alike. */
final class PlanNames {
  private static final double NEARLY_ALL = 0.9;
  private static final double NEARLY_EQUAL = 0.1;
  private static final int FEW_STRINGS = 2;

  private final Study study;
  private final Instrument instrument;
  private final LeftHandPlan best;
  private final Set<String> given = new HashSet<>();

  PlanNames(Study study) {
    this.study = study;
    this.instrument = study.player().instrument();
    this.best = study.leftHand();
  }

  /**
   * The name of the next plan, such as {@code Third position throughout}, {@code All on G and D},
   * {@code Fewer shifts} or {@code More on the D string}.
   */
  String next(LeftHandPlan other) {
    List<String> names = names(other);
    String bars = " in " + bars(other);
    String name =
        names.stream()
            .filter(n -> !given.contains(n))
            .findFirst()
            .orElseGet(() -> names.get(0) + bars);
    for (int again = 2; !given.add(name); again++) {
      name = names.get(0) + bars + " (" + again + ")";
    }
    return name;
  }

  /** All that is true of a plan and not of the best one, the most telling first. */
  private List<String> names(LeftHandPlan other) {
    Totals one = best.totals();
    Totals two = other.totals();
    List<String> names = new ArrayList<>();
    home(other)
        .filter(home -> !home(best).equals(Optional.of(home)))
        .ifPresent(home -> names.add(capitalised(home) + " throughout"));
    Set<Integer> strings = new TreeSet<>(two.notesPerString().keySet());
    if (strings.size() <= FEW_STRINGS && strings.size() < one.notesPerString().size()) {
      names.add("All on " + letters(strings));
    }
    if (evenRuns(other) > evenRuns(best)) {
      names.add("Shifts of equal distance");
    }
    addIf(names, two.shifts() < one.shifts(), "Fewer shifts");
    addIf(names, two.crossings() < one.crossings(), "Fewer crossings");
    int string = mostGained(one, two);
    addIf(names, string > 0, "More on the " + letter(Math.max(1, string)) + " string");
    addIf(names, two.openStrings() < one.openStrings(), "Fewer open strings");
    addIf(names, two.openStrings() > one.openStrings(), "More open strings");
    addIf(names, two.reaches() < one.reaches(), "Fewer stretches");
    addIf(names, highest(two) > highest(one), "Higher position");
    addIf(names, highest(two) < highest(one), "Lower position");
    names.add("Other positions");
    return names;
  }

  private static void addIf(List<String> names, boolean isSo, String name) {
    if (isSo) {
      names.add(name);
    }
  }

  private static String capitalised(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  private String letters(Set<Integer> strings) {
    return strings.stream()
        .sorted(Comparator.reverseOrder())
        .map(this::letter)
        .collect(Collectors.joining(" and "));
  }

  private String letter(int string) {
    return instrument.writtenOpen(string).step().name();
  }

  /** The bars in which most is otherwise: from the first such note to the last. */
  private String bars(LeftHandPlan other) {
    int[] differing =
        IntStream.range(0, other.notes().size())
            .filter(i -> !stops(other, i).equals(stops(best, i)))
            .toArray();
    if (differing.length == 0) {
      return "no bar";
    }
    String first = bar(differing[0]).label();
    String last = bar(differing[differing.length - 1]).label();
    return first.equals(last) ? "bar " + first : "bars " + first + " to " + last;
  }

  private Bar bar(int note) {
    return study.passage().bars().get(study.notes().get(note).bar());
  }

  private static Object stops(LeftHandPlan plan, int note) {
    return plan.notes().get(note).placement().stops();
  }

  /** How many runs of shifts go over ways so nearly equal that a player can learn them as one. */
  private static long evenRuns(LeftHandPlan plan) {
    return plan.advice().equalTravel().stream()
        .filter(run -> run.unevenness() <= NEARLY_EQUAL)
        .count();
  }

  /** The position that nearly all stopped notes lie in, if there is one. */
  private Optional<String> home(LeftHandPlan plan) {
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
