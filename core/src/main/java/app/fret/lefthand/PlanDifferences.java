package app.fret.lefthand;

import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.lefthand.effort.EffortTerms;
import app.fret.lefthand.hand.Placement;
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
  /** Shares below this are nothing but rounding. */
  private static final double LEAST_SAID = 0.0005;

  /** How many notes before it the reasons of a note look at. */
  private static final int LOOKS_BACK = 2;

  private final PreparedPassage passage;
  private final Map<String, String> inShort = new HashMap<>();

  PlanDifferences(PreparedPassage passage) {
    this.passage = passage;
    EffortTerms.of(passage.player())
        .forEach(term -> inShort.put(term.name(), term.header().inShort()));
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
   * @param better the placements of the plan of less effort
   * @param other those of the plan that is to be explained
   */
  List<Difference> between(List<Placement> better, List<Placement> other) {
    return between(
        new PlanReasons(passage, better), new PlanReasons(passage, other), 0, better.size());
  }

  /**
   * The same of plans that differ in a stretch alone.
   *
   * @param first first note at which they may differ
   * @param end first note from which on they are alike again
   */
  List<Difference> between(PlanReasons better, PlanReasons other, int first, int end) {
    Map<String, Sum> sums = new LinkedHashMap<>();
    int notes = better.taken().size();
    for (int i = first; i < Math.min(notes, end + LOOKS_BACK); i++) {
      if (differNear(i, better.taken(), other.taken())) {
        add(sums, i, better.of(i), false);
        add(sums, i, other.of(i), true);
      }
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

  /** Where a note and those its reasons look back at are alike nothing can differ. */
  private static boolean differNear(int note, List<Placement> better, List<Placement> other) {
    for (int i = Math.max(0, note - LOOKS_BACK); i <= note; i++) {
      if (!better.get(i).equals(other.get(i))) {
        return true;
      }
    }
    return false;
  }

  private static void add(Map<String, Sum> sums, int note, List<Reason> reasons, boolean ofOther) {
    for (Reason reason : reasons) {
      sums.computeIfAbsent(reason.term(), t -> new Sum()).add(note, reason, ofOther);
    }
  }

  private String words(String term, Sum sum) {
    boolean more = Math.abs(sum.other) > Math.abs(sum.better);
    return (more ? "more " : "less ")
        + Optional.ofNullable(inShort.get(term)).orElse(term.replace('-', ' '));
  }
}
