package app.fret.files.plan;

import app.fret.bow.stroke.Stroke;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What the bow hand does where, each hint once with its bars. */
public final class BowHints {
  private static final int MOST_BARS = 8;

  private BowHints() {}

  /** The hints of a study, a sentence each, such as "Bars 1, 3: Weight in, then out ...". */
  public static List<String> of(Study study) {
    Map<String, List<String>> bars = new LinkedHashMap<>();
    for (Stroke stroke : study.bow().strokes()) {
      int bar = study.notes().get(stroke.firstNote()).bar();
      String label = study.passage().bars().get(bar).label();
      for (String hint : stroke.hints()) {
        List<String> at = bars.computeIfAbsent(hint, h -> new ArrayList<>());
        if (at.isEmpty() || !at.get(at.size() - 1).equals(label)) {
          at.add(label);
        }
      }
    }
    List<String> hints = new ArrayList<>();
    bars.forEach((hint, at) -> hints.add(where(at) + hint));
    return hints;
  }

  private static String where(List<String> bars) {
    if (bars.size() > MOST_BARS) {
      return "Bow, in " + bars.size() + " bars: ";
    }
    return (bars.size() == 1 ? "Bow, bar " : "Bow, bars ") + String.join(", ", bars) + ": ";
  }
}
