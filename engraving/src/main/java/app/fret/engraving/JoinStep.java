package app.fret.engraving;

import app.fret.score.Joins;
import app.fret.score.Marks;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import java.util.List;

/**
 * Draws what leads from a note to the next: the line of a glissando from head to head, the strokes
 * of a tremolo between the stems.
 */
final class JoinStep {
  private static final double GAP = 0.3;

  /** Shortest line that is still seen as one, in staff spaces. */
  private static final double SHORTEST = 0.8;

  private static final double LINE = 0.14;
  private static final double STROKE = 0.5;
  private static final double STROKE_STEP = 0.8;

  /** Room between the strokes and the stems, so that they are not taken for beams. */
  private static final double STEM_GAP = 0.5;

  /** Waves of a glissando, in staff spaces. */
  private static final double WAVE = 0.9;

  private static final double WAVE_HEIGHT = 0.18;

  private final Canvas canvas;
  private final Passage passage;
  private final List<EventShape> shapes;
  private final Placed placed;
  private final double[] stemEnds;

  JoinStep(
      Canvas canvas, Passage passage, List<EventShape> shapes, Placed placed, double[] stemEnds) {
    this.canvas = canvas;
    this.passage = passage;
    this.shapes = shapes;
    this.placed = placed;
    this.stemEnds = stemEnds;
  }

  /** Draws all that begin or end in the system; a line is cut where the system ends. */
  void draw() {
    for (int i = placed.firstEvent() - 1; i <= placed.lastEvent(); i++) {
      if (Joins.leads(passage.events(), i)) {
        Marks.Join join = ((Sounding) passage.events().get(i)).marks().join().orElseThrow();
        if (join.kind() != Marks.Join.Kind.TREMOLO) {
          drawLine(i, join.kind() == Marks.Join.Kind.GLISSANDO);
        } else if (placed.holds(i) && placed.holds(i + 1)) {
          drawStrokes(i, join.strokes());
        }
      }
    }
  }

  private void drawLine(int from, boolean waves) {
    EventShape left = shapes.get(from);
    EventShape right = shapes.get(from + 1);
    double x1 = placed.holds(from) ? placed.x(from) + left.headWidth + GAP : placed.start() + GAP;
    double x2 =
        placed.holds(from + 1) ? placed.x(from + 1) - signs(right) - GAP : placed.end() - GAP;
    if (x2 - x1 < SHORTEST) {
      return;
    }
    double y1 = top(left);
    double y2 = top(right);
    if (waves) {
      drawWaves(x1, y1, x2, y2);
    } else {
      canvas.line(x1, y1, x2, y2, LINE, Mark.Role.NOTE);
    }
  }

  /** Room that accidentals take before the heads. */
  private static double signs(EventShape shape) {
    return -shape.signsBefore.stream().mapToDouble(EventShape.Sign::dx).min().orElse(0);
  }

  /** The head at which the line stands: the highest, as where two are drawn on the upper leads. */
  private static double top(EventShape shape) {
    return shape.highestHead();
  }

  private void drawWaves(double x1, double y1, double x2, double y2) {
    int pieces = Math.max(2, 2 * (int) Math.round((x2 - x1) / WAVE));
    double lastX = x1;
    double lastY = y1;
    for (int piece = 1; piece <= pieces; piece++) {
      double share = (double) piece / pieces;
      double x = x1 + (x2 - x1) * share;
      double swing = piece == pieces ? 0 : (piece % 2 == 0 ? 1 : -1) * WAVE_HEIGHT;
      double y = y1 + (y2 - y1) * share + swing;
      canvas.line(lastX, lastY, x, y, LINE, Mark.Role.NOTE);
      lastX = x;
      lastY = y;
    }
  }

  private void drawStrokes(int from, int strokes) {
    double left = placed.x(from) + shapes.get(from).headWidth + STEM_GAP;
    double right = placed.x(from + 1) - signs(shapes.get(from + 1)) - STEM_GAP;
    double leftY = middle(from);
    double rightY = middle(from + 1);
    for (int stroke = 0; stroke < strokes; stroke++) {
      double offset = (stroke - (strokes - 1) / 2.0) * STROKE_STEP;
      double y1 = leftY + offset - STROKE / 2;
      double y2 = rightY + offset - STROKE / 2;
      canvas.marks.add(
          new Mark.Shape(
              List.of(left, y1, right, y2, right, y2 + STROKE, left, y1 + STROKE), Mark.Role.NOTE));
    }
  }

  /** Half way up the stem; beside the head where there is none. */
  private double middle(int event) {
    EventShape shape = shapes.get(event);
    double end = stemEnds[event - placed.firstEvent()];
    double head = shape.stemUp ? shape.highestHead() : shape.lowestHead();
    return Double.isNaN(end) ? head : (head + end) / 2;
  }
}
