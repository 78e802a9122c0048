package app.fret.study;

import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinConflictException;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;

/** Makes the pins by which a study takes another plan, whole or in some bars. */
public final class TakenPlan {
  private TakenPlan() {}

  /**
   * The fewest pins found that take the plan in these bars: the notes that differ, and whatever
   * else moves once they are pinned.
   *
   * @param study the study as it is
   * @param plan a plan of the same passage and player
   * @param bars indexes of the first and last bar taken
   * @return none when these bars are taken so already
   * @throws PinConflictException when a pin elsewhere does not allow it
   */
  public static List<Pin> pins(Study study, LeftHandPlan plan, Span bars)
      throws PinConflictException {
    List<Pin> pins = new ArrayList<>();
    List<Pin> more = differing(study.leftHand(), plan, bars);
    while (!more.isEmpty()) {
      pins.addAll(more);
      Study taken = study.with(study.pinned(study.choices(), pins));
      more = differing(taken.leftHand(), plan, bars);
      more.removeAll(pins); // what is pinned and still differs never will be taken so
    }
    return pins;
  }

  private static List<Pin> differing(LeftHandPlan now, LeftHandPlan plan, Span bars) {
    List<Pin> pins = new ArrayList<>();
    for (int note = 0; note < plan.notes().size(); note++) {
      NotePlan taken = plan.notes().get(note);
      boolean same = taken.placement().stops().equals(now.notes().get(note).placement().stops());
      if (bars.holds(taken.note().bar()) && !same) {
        pins.addAll(Pin.taking(note, taken.placement()));
      }
    }
    return pins;
  }
}
