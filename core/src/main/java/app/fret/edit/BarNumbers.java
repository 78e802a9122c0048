package app.fret.edit;

import java.util.ArrayList;
import java.util.List;

/** Numbers of bars when some are put in or taken out. */
final class BarNumbers {
  private BarNumbers() {}

  /**
   * The bars with their numbers: counted on where they were counted before, else each keeps its own
   * and what was put in gets that of the bar before it with a dash.
   *
   * @param before the bars as they were
   * @param now the bars as they are, those that were put in with the labels of others
   */
  static List<Measure> renumbered(List<Measure> before, List<Measure> now) {
    boolean counted = isCounted(before);
    List<Measure> numbered = new ArrayList<>();
    int first = counted ? Integer.parseInt(before.get(0).label()) : 0;
    for (int i = 0; i < now.size(); i++) {
      Measure bar = now.get(i);
      String label = bar.label();
      if (counted) {
        label = String.valueOf(first + i);
      } else if (label.isEmpty()) {
        label = i == 0 ? "1" : numbered.get(i - 1).label() + "'";
      }
      numbered.add(bar.withLabel(label));
    }
    return numbered;
  }

  private static boolean isCounted(List<Measure> bars) {
    for (int i = 0; i < bars.size(); i++) {
      String label = bars.get(i).label();
      if (!label.matches("\\d{1,6}")
          || Integer.parseInt(label) != Integer.parseInt(bars.get(0).label()) + i) {
        return false;
      }
    }
    return true;
  }
}
