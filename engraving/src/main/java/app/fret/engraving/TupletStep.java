package app.fret.engraving;

import app.fret.score.Passage;
import app.fret.score.Tuplet;
import java.util.List;

/** Fourth step of a system: draws the figures and brackets of tuplets clear of what is there. */
final class TupletStep {
  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Canvas canvas;
  private final Passage passage;
  private final List<EventShape> shapes;
  private final Placed placed;

  TupletStep(Canvas canvas, Passage passage, List<EventShape> shapes, Placed placed) {
    this.canvas = canvas;
    this.passage = passage;
    this.shapes = shapes;
    this.placed = placed;
  }

  /** Draws all that lie wholly here. */
  void draw() {
    for (Tuplet tuplet : passage.tuplets()) {
      int first = tuplet.span().first();
      int last = tuplet.span().last();
      if (first >= placed.firstEvent() && last <= placed.lastEvent()) {
        drawTuplet(tuplet, first, last);
      }
    }
  }

  private void drawTuplet(Tuplet tuplet, int first, int last) {
    double x1 = placed.x(first);
    double x2 = placed.x(last) + shapes.get(last).headWidth;
    int up = 0;
    for (int i = first; i <= last; i++) {
      up += shapes.get(i).isRest() ? 0 : shapes.get(i).stemUp ? 1 : -1;
    }
    boolean above = up >= 0;
    String figure = String.valueOf(tuplet.ratio().actual());
    double figureWidth = figure.length() * metrics.advance(Smufl.TUPLET_3) * 0.85;
    double middle = (x1 + x2 - figureWidth) / 2;
    double edge = above ? canvas.skyline.topBetween(x1, x2) : canvas.skyline.bottomBetween(x1, x2);
    double baseline = above ? Math.min(edge, -0.3) - 0.45 : Math.max(edge, 4.3) + 1.75;
    double at = middle;
    for (int i = 0; i < figure.length(); i++) {
      canvas.glyph(at, baseline, Smufl.TUPLET_0.plus(figure.charAt(i) - '0'), 0.85, Mark.Role.NOTE);
      at += metrics.advance(Smufl.TUPLET_3) * 0.85;
    }
    if (tuplet.bracket()) {
      drawBracket(x1, middle - 0.4, baseline - 0.6, above, true);
      drawBracket(middle + figureWidth + 0.4, x2, baseline - 0.6, above, false);
    }
  }

  private void drawBracket(double x1, double x2, double y, boolean above, boolean left) {
    double thickness = metrics.thickness("tupletBracketThickness");
    double hook = above ? 0.7 : -0.7;
    canvas.line(x1, y, x2, y, thickness, Mark.Role.NOTE);
    double at = left ? x1 : x2;
    canvas.line(at, y, at, y + hook, thickness, Mark.Role.NOTE);
  }
}
