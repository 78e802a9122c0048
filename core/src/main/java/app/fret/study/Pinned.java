package app.fret.study;

import app.fret.lefthand.Difference;
import java.util.List;

/**
 * What pins cost.
 *
 * @param extraEffort what the plan with them costs more than the plan without
 * @param why why, largest difference first; nothing where the plan would be the same
 */
public record Pinned(double extraEffort, List<Difference> why) {
  public Pinned {
    why = List.copyOf(why);
  }
}
