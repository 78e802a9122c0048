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

  /** A path of drawn strokes over a passage. */
  public BowedPath(BowLine line, List<Drawn> strokes, BowJoints joints, Figures figures) {
    this.line = line;
    this.strokes = strokes;
    this.joints = joints;
    this.figures = figures;
  }

  /** The passage as the bow sees it. */
  public BowLine line() {
    return line;
  }

  /** The figures that come back in it. */
  public Figures figures() {
    return figures;
  }

  /** Number of strokes. */
  public int size() {
    return strokes.size();
  }

  /** What a stroke asks of the bow. */
  public Draft draft(int stroke) {
    return strokes.get(stroke).draft();
  }

  /** How a stroke is drawn. */
  public Way way(int stroke) {
    return strokes.get(stroke).way();
  }

  /** First note of a stroke. */
  public BowedNote first(int stroke) {
    return line.note(draft(stroke).notes().first());
  }

  /** Last note of a stroke. */
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

  /** Time before a stroke in which the bow may be lifted, in seconds. */
  public double availableSeconds(int stroke) {
    return joints.availableSeconds(draft(stroke - 1), draft(stroke));
  }

  /** Silence before a stroke, in seconds. */
  public double restSeconds(int stroke) {
    return joints.restSeconds(draft(stroke - 1), draft(stroke));
  }
}
