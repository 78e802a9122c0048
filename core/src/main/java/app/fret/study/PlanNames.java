package app.fret.study;

import app.fret.instrument.Instrument;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.Totals;
import app.fret.lefthand.hand.Placement;

/** Names a plan by what sets it apart from the best one. */
public final class PlanNames {
  private PlanNames() {}

  /** A name such as {@code More on string II} or {@code Fewer shifts}. */
  public static String of(LeftHandPlan best, LeftHandPlan other) {
    Totals one = best.totals();
    Totals two = other.totals();
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
