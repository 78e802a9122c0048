package app.fret.files.plan;

import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.advice.LeftOut;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.PlayedNote;
import app.fret.score.Note;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;

/** What a plan could not do, each in a line with its bar and note. */
final class Remarks {
  private Remarks() {}

  /** A chord no hand can hold. */
  static String leftOut(Study study, LeftOut out) {
    return place(study, study.notes().get(out.note()))
        + ": no hand of this size can hold the chord, "
        + out.words()
        + "; it has no fingers";
  }

  /** Printed fingers and strings that the plan as printed could not keep. */
  static List<String> printedNotKept(Study study) {
    List<String> remarks = new ArrayList<>();
    boolean asPrinted = study.choices().profile().name().equals(Profiles.AS_PRINTED);
    for (NotePlan plan : study.leftHand().notes()) {
      if (asPrinted && !keepsPrint(plan)) {
        remarks.add(place(study, plan.note()) + ": the printed finger cannot be kept");
      }
    }
    return remarks;
  }

  private static boolean keepsPrint(NotePlan plan) {
    List<Stop> stops = plan.placement().stops();
    for (int i = 0; i < stops.size(); i++) {
      Note head = plan.note().notes().get(i);
      Stop stop = stops.get(i);
      boolean finger = head.finger().isEmpty() || head.finger().get() == stop.finger();
      boolean string = head.string().isEmpty() || head.string().getAsInt() == stop.string();
      if (!finger || !string) {
        return false;
      }
    }
    return true;
  }

  private static String place(Study study, PlayedNote note) {
    String bar = study.passage().bars().get(note.bar()).label();
    return "bar " + bar + ", note " + note.indexInBar();
  }
}
