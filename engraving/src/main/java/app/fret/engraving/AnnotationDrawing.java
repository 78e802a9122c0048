package app.fret.engraving;

import java.util.List;
import java.util.Map;

/** Draws position brackets and caution signs over everything that stands over the staff so far. */
final class AnnotationDrawing {
  private static final double TEXT_SIZE = 1.35;
  private static final double CAUTION_SIZE = 1.7;
  private static final double GAP = 0.45;
  private static final double HOOK = 0.6;
  private static final double THICKNESS = 0.12;
  private static final double RIGHT = 0.6;

  private final Canvas canvas;
  private final List<EventShape> shapes;
  private final Placed placed;

  AnnotationDrawing(Canvas canvas, List<EventShape> shapes, Placed placed) {
    this.canvas = canvas;
    this.shapes = shapes;
    this.placed = placed;
  }

  void draw(Annotations annotations) {
    annotations.beside().entrySet().stream()
        .filter(e -> placed.holds(e.getKey()))
        .sorted(Map.Entry.comparingByKey())
        .forEach(e -> e.getValue().forEach(words -> drawBeside(e.getKey(), words)));
    annotations.cautions().stream().filter(placed::holds).sorted().forEach(this::drawCaution);
    for (Annotations.Bracket bracket : annotations.brackets()) {
      if (bracket.lastEvent() >= placed.firstEvent()
          && bracket.firstEvent() <= placed.lastEvent()) {
        drawBracket(bracket);
      }
    }
  }

  /** Words over what stands over the note so far. */
  private void drawBeside(int event, String words) {
    double left = placed.x(event);
    double width = TextWidth.of(words, TEXT_SIZE);
    double edge = canvas.skyline.topBetween(left - 0.2, left + width + 0.2);
    double y = Math.min(-0.75, edge - GAP);
    canvas.text(left, y, words, TEXT_SIZE, Mark.Face.REGULAR, Mark.Role.FINGER);
  }

  private void drawCaution(int event) {
    double middle = placed.x(event) + shapes.get(event).headWidth / 2;
    double width = TextWidth.of("!", CAUTION_SIZE);
    double left = middle - width / 2;
    double edge = canvas.skyline.topBetween(left - 0.2, left + width + 0.2);
    double y = Math.min(-0.75, edge - GAP);
    canvas.text(left, y, "!", CAUTION_SIZE, Mark.Face.SEMI_BOLD, Mark.Role.CAUTION);
  }

  /** A line over its events with the name at its start; on a later system without the hook. */
  private void drawBracket(Annotations.Bracket bracket) {
    boolean starts = bracket.firstEvent() >= placed.firstEvent();
    int from = Math.max(bracket.firstEvent(), placed.firstEvent());
    int to = Math.min(bracket.lastEvent(), placed.lastEvent());
    double left = placed.x(from);
    double words = TextWidth.of(bracket.words(), TEXT_SIZE);
    double end = Math.min(canvas.width, placed.x(to) + shapes.get(to).headWidth + RIGHT);
    double right = Math.max(end, left + words + 0.4);
    double edge = Math.min(-1, canvas.skyline.topBetween(left, right));
    double y = edge - GAP - HOOK;
    double lineFrom = left + words + 0.3;
    canvas.text(left, y + 0.45, bracket.words(), TEXT_SIZE, Mark.Face.REGULAR, Mark.Role.POSITION);
    if (right > lineFrom + 0.3) {
      canvas.line(lineFrom, y, right, y, THICKNESS, Mark.Role.POSITION);
      boolean ends = bracket.lastEvent() <= placed.lastEvent();
      if (ends) {
        canvas.line(right, y, right, y + HOOK, THICKNESS, Mark.Role.POSITION);
      }
    }
    if (starts) {
      canvas.line(left - 0.15, y - 0.5, left - 0.15, y + HOOK, THICKNESS, Mark.Role.POSITION);
    }
  }
}
