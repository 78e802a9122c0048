package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Marks.Articulation;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;

/**
 * Dots under a slur: short notes in one direction of the bow.
 *
 * <p>Limits: told at the first of several such slurs in a row.
 */
final class DotsRule implements TrapRule {
  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    boolean told = false;
    for (Span stroke : page.reading().strokes().groups()) {
      boolean dotted = stroke.last() > stroke.first() && allDotted(page, stroke);
      if (dotted && !told) {
        int count = stroke.last() - stroke.first() + 1;
        traps.add(
            new Trap(
                Kind.SAME_DIRECTION_DOTS,
                stroke.first(),
                count + " dotted notes under one slur: one direction, the bow stops for each."));
      }
      told = dotted;
    }
    return traps;
  }

  private static boolean allDotted(Page page, Span stroke) {
    for (int i = stroke.first(); i <= stroke.last(); i++) {
      PlayedNote note = page.note(i);
      if (!note.marks().articulations().contains(Articulation.STACCATO)) {
        return false;
      }
    }
    return true;
  }
}
