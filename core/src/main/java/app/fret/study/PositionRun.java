package app.fret.study;

import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.hand.Placement;
import java.util.ArrayList;
import java.util.List;

/**
 * Notes that the hand plays from one position; open strings belong to the position before them.
 *
 * @param firstNote number of its first note
 * @param lastNote number of its last note
 * @param held where the hand stands
 */
public record PositionRun(int firstNote, int lastNote, Placement held) {
  /** The runs of a plan, in order; open strings before the first stopped note belong to none. */
  public static List<PositionRun> of(LeftHandPlan plan) {
    List<PositionRun> runs = new ArrayList<>();
    for (int note = 0; note < plan.notes().size(); note++) {
      Placement placement = plan.notes().get(note).placement();
      PositionRun last = runs.isEmpty() ? null : runs.get(runs.size() - 1);
      if (placement.usesHand() && (last == null || !last.isHeldBy(placement))) {
        runs.add(new PositionRun(note, note, placement));
      } else if (last != null) {
        runs.set(runs.size() - 1, new PositionRun(last.firstNote, note, last.held));
      }
    }
    return runs;
  }

  private boolean isHeldBy(Placement placement) {
    return held.hand() == placement.hand() && held.inThumbPosition() == placement.inThumbPosition();
  }
}
