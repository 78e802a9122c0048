package app.fret.study;

import app.fret.lefthand.LeftHandPlan;
import java.util.ArrayList;
import java.util.List;

/**
 * Another fingering of a whole passage that is worth a look.
 *
 * @param name how it differs from the one in force, as no other of its list
 * @param plan its fingers, weighed as the one in force is
 * @param isAsGood whether it costs so little more that only the player can choose
 */
public record OtherFingering(String name, LeftHandPlan plan, boolean isAsGood) {
  /** Differences below this are within what the weights can tell (agreement of worked passages). */
  private static final double AS_GOOD = 0.25;

  /**
   * The other fingerings of a passage, least effort first; none where there is one good way.
   *
   * @param count how many are wanted, 0 to 6
   */
  public static List<OtherFingering> of(Study study, int count) {
    List<OtherFingering> others = new ArrayList<>();
    PlanNames names = new PlanNames(study);
    for (LeftHandPlan plan : study.differentPlans(count)) {
      double extra = plan.effort() - study.leftHand().effort();
      others.add(new OtherFingering(names.next(plan), plan, extra <= AS_GOOD));
    }
    return List.copyOf(others);
  }
}
