package app.fret.bow;

import app.fret.bow.BowSearch.Drawn;
import java.util.List;

/** The strokes of a passage as they are drawn, one behind the other; plucked notes have none. */
final class BowedPath {
  private final BowLine line;
  private final List<Drawn> strokes;
  private final BowJoints joints;
  private final Figures figures;

  BowedPath(BowLine line, List<Drawn> strokes, BowJoints joints, Figures figures) {
    this.line = line;
    this.strokes = strokes;
    this.joints = joints;
    this.figures = figures;
  }

  BowLine line() {
    return line;
  }

  Figures figures() {
    return figures;
  }

  int size() {
    return strokes.size();
  }

  Draft draft(int stroke) {
    return strokes.get(stroke).draft();
  }

  Way way(int stroke) {
    return strokes.get(stroke).way();
  }

  BowedNote first(int stroke) {
    return line.note(draft(stroke).notes().first());
  }

  BowedNote last(int stroke) {
    return line.note(draft(stroke).notes().last());
  }

  /** Hair it uses, in cm. */
  double cm(int stroke) {
    return way(stroke).amount() * line.hairCm();
  }

  /** Whether the bow is set elsewhere before it. */
  boolean isMoved(int stroke) {
    return stroke > 0 && way(stroke).start() != way(stroke - 1).end();
  }

  double availableSeconds(int stroke) {
    return joints.availableSeconds(draft(stroke - 1), draft(stroke));
  }

  double restSeconds(int stroke) {
    return joints.restSeconds(draft(stroke - 1), draft(stroke));
  }
}
