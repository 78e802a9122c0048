package app.fret.bow;

import java.util.ArrayList;
import java.util.List;

/** What the bow hand does during a stroke, in plain words (common practice, no source). */
final class Hints {
  private static final double LATE_SECONDS = 0.3;

  private Hints() {}

  static List<String> of(BowLine line, List<Draft> drafts, int stroke) {
    List<String> hints = new ArrayList<>();
    Draft draft = drafts.get(stroke);
    BowedNote first = line.note(draft.notes().first());
    boolean slurred = draft.notes().last() > draft.notes().first();
    if (first.accent() > 0) {
      hints.add("Weight in, then out without leaving the string.");
    }
    if (slurred && draft.kind() == StrokeKind.LEGATO && stroke < drafts.size() - 1) {
      hints.add("Let the last note under the slur sound a little longer.");
    }
    if (goesOntoTopString(line, draft.notes().first()) && first.isSoft()) {
      hints.add("Lighter onto the top string.");
    }
    boolean isLast = stroke == drafts.size() - 1;
    if (isLast && draft.seconds() < LATE_SECONDS) {
      hints.add("The last note is short: let the bow go on in the air.");
    }
    return hints;
  }

  private static boolean goesOntoTopString(BowLine line, int note) {
    return note > 0 && line.note(note).topString() == 1 && line.note(note - 1).topString() > 1;
  }
}
