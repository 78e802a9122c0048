package app.fret.bow.search;

import app.fret.bow.search.BowSearch.Drawn;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowedNote;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.Figures;
import app.fret.bow.stroke.Way;
import java.util.List;

/** The strokes of a passage as they are drawn, one behind the other; plucked notes have none. */
public final class BowedPath {
  private final BowLine line;
  private final List<Drawn> strokes;
  private final BowJoints joints;
  private final Figures figures;

  public BowedPath(BowLine line, List<Drawn> strokes, BowJoints joints, Figures figures) {
    this.line = line;
    this.strokes = strokes;
    this.joints = joints;
    this.figures = figures;
  }

  public BowLine line() {
    return line;
  }

  public Figures figures() {
    return figures;
  }

  public int size() {
    return strokes.size();
  }

  public Draft draft(int stroke) {
    return strokes.get(stroke).draft();
  }

  public Way way(int stroke) {
    return strokes.get(stroke).way();
  }

  public BowedNote first(int stroke) {
    return line.note(draft(stroke).notes().first());
  }

  public BowedNote last(int stroke) {
    return line.note(draft(stroke).notes().last());
  }

  /** Hair it uses, in cm. */
  public double cm(int stroke) {
    return way(stroke).amount() * line.hairCm();
  }

  /** Whether the bow is set elsewhere before it. */
  public boolean isMoved(int stroke) {
    return stroke > 0 && way(stroke).start() != way(stroke - 1).end();
  }

  public double availableSeconds(int stroke) {
    return joints.availableSeconds(draft(stroke - 1), draft(stroke));
  }

  public double restSeconds(int stroke) {
    return joints.restSeconds(draft(stroke - 1), draft(stroke));
  }
}
