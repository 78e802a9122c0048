package app.fret.engraving;

import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import java.util.List;

/** Third step of a system: draws ties and slurs over or under the notes that are there. */
final class CurveStep {
  private final Canvas canvas;
  private final Passage passage;
  private final List<EventShape> shapes;
  private final Placed placed;
  private final NoteDrawing notes;

  CurveStep(Canvas canvas, Passage passage, List<EventShape> shapes, Placed placed) {
    this.canvas = canvas;
    this.passage = passage;
    this.shapes = shapes;
    this.placed = placed;
    this.notes = new NoteDrawing(canvas);
  }

  /** Draws all of them; slurs clear the ties. */
  void draw() {
    drawTies();
    drawSlurs();
  }

  private void drawTies() {
    for (int i = placed.firstEvent(); i <= placed.lastEvent(); i++) {
      if (shapes.get(i).event instanceof Sounding sounding) {
        for (int head = 0; head < sounding.notes().size(); head++) {
          drawTie(i, sounding.notes(), head);
        }
      }
    }
  }

  private void drawTie(int event, List<Note> heads, int head) {
    EventShape shape = shapes.get(event);
    double y = shape.heads.get(head).y();
    boolean above = heads.size() > 1 ? head >= heads.size() / 2 : !shape.stemUp;
    double offset = above ? -0.55 : 0.55;
    double right = placed.x(event) + shape.headWidth;
    if (heads.get(head).tiedTo()) {
      double to = event < placed.lastEvent() ? placed.x(event + 1) - 0.1 : placed.end() - 0.2;
      new CurveDrawing(canvas).tie(right + 0.1, to, y + offset, above);
    }
    if (heads.get(head).tiedFrom() && event == placed.firstEvent()) {
      double from = placed.start() + 0.1;
      new CurveDrawing(canvas).tie(from, placed.x(event) - 0.1, y + offset, above);
    }
  }

  private void drawSlurs() {
    for (Span slur : passage.slurs()) {
      if (slur.last() >= placed.firstEvent() && slur.first() <= placed.lastEvent()) {
        drawSlur(slur);
      }
    }
  }

  private void drawSlur(Span slur) {
    int first = Math.max(slur.first(), placed.firstEvent());
    int last = Math.min(slur.last(), placed.lastEvent());
    boolean above = slurAbove(slur);
    boolean starts = first == slur.first();
    boolean ends = last == slur.last();
    double x1 = starts ? slurX(first, above, true) : placed.start() + 0.1;
    double x2 = ends ? slurX(last, above, false) : placed.end() - 0.2;
    double y1 = slurY(first, above);
    double y2 = slurY(last, above);
    double startY = starts ? y1 : y2;
    double endY = ends ? y2 : y1;
    if (x2 > x1 + 0.5) {
      new CurveDrawing(canvas).slur(x1, startY, x2, endY, above);
    }
  }

  /** Under the notes when all their stems go up, else over them. */
  private boolean slurAbove(Span slur) {
    for (int i = slur.first(); i <= slur.last(); i++) {
      EventShape shape = shapes.get(i);
      if (!shape.isRest() && !shape.isGrace() && !shape.stemUp) {
        return true;
      }
    }
    return false;
  }

  private double slurX(int event, boolean above, boolean start) {
    EventShape shape = shapes.get(event);
    double middle = placed.x(event) + shape.headWidth / 2;
    boolean atStem = above == shape.stemUp && shape.hasStem();
    if (!atStem) {
      return middle;
    }
    double stem = notes.stemX(shape, placed.x(event));
    return start ? stem + 0.2 : stem - 0.2;
  }

  private double slurY(int event, boolean above) {
    EventShape shape = shapes.get(event);
    double x = placed.x(event);
    double from = x + 0.1;
    double to = x + Math.max(0.3, shape.headWidth - 0.1);
    double gap = 0.4;
    return above
        ? Math.min(canvas.skyline.inkTopBetween(from, to), shape.highestHead() - 0.5) - gap
        : Math.max(canvas.skyline.inkBottomBetween(from, to), shape.lowestHead() + 0.5) + gap;
  }
}
