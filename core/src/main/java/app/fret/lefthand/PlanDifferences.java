package app.fret.lefthand;

import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.lefthand.effort.EffortTerms;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Why one plan costs more than another: the terms in which the two whole plans differ.
 *
 * <p>A term's share is what its reasons add up to in the one plan less what they add up to in the
 * other, so that all shares together are the difference of the two efforts.
 */
final class PlanDifferences {
  /** Shares below this are said together. */
  private static final double LEAST_SAID = 0.005;

  private final Map<String, String> inShort = new HashMap<>();

  PlanDifferences(Player player) {
    EffortTerms.of(player).forEach(term -> inShort.put(term.name(), term.inShort()));
  }

  /** What of one term the plans have, note by note. */
  private static final class Sum {
    private double better;
    private double other;
    private final Map<Integer, Double> byNote = new LinkedHashMap<>();

    double share() {
      return other - better;
    }

    void add(int note, Reason reason, boolean ofOther) {
      better += ofOther ? 0 : reason.effort();
      other += ofOther ? reason.effort() : 0;
      byNote.merge(note, ofOther ? reason.effort() : -reason.effort(), Double::sum);
    }

    /** The note at which it differs most, in the direction of the whole. */
    int note() {
      double sign = Math.signum(share());
      return byNote.entrySet().stream()
          .max(Comparator.comparingDouble(e -> sign * e.getValue()))
          .orElseThrow()
          .getKey();
    }
  }

  /**
   * The differences, largest first.
   *
   * @param better the plan of less effort
   * @param other the plan that is to be explained, weighed alike
   */
  List<Difference> between(LeftHandPlan better, LeftHandPlan other) {
    Map<String, Sum> sums = new LinkedHashMap<>();
    for (int i = 0; i < better.notes().size(); i++) {
      add(sums, i, better.notes().get(i), false);
      add(sums, i, other.notes().get(i), true);
    }
    List<Difference> differences = new ArrayList<>();
    sums.forEach(
        (term, sum) -> {
          if (Math.abs(sum.share()) >= LEAST_SAID) {
            differences.add(new Difference(term, sum.share(), sum.note(), words(term, sum)));
          }
        });
    differences.sort(Comparator.comparingDouble(d -> -Math.abs(d.share())));
    return List.copyOf(differences);
  }

  private static void add(Map<String, Sum> sums, int note, NotePlan plan, boolean ofOther) {
    for (Reason reason : plan.reasons()) {
      sums.computeIfAbsent(reason.term(), t -> new Sum()).add(note, reason, ofOther);
    }
  }

  private String words(String term, Sum sum) {
    boolean more = Math.abs(sum.other) > Math.abs(sum.better);
    return (more ? "more " : "less ")
        + Optional.ofNullable(inShort.get(term)).orElse(term.replace('-', ' '));
  }
}
