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
  private final Map<Integer, Double> eventX;
  private final int firstEvent;
  private final int lastEvent;

  AnnotationDrawing(
      Canvas canvas,
      List<EventShape> shapes,
      Map<Integer, Double> eventX,
      int firstEvent,
      int lastEvent) {
    this.canvas = canvas;
    this.shapes = shapes;
    this.eventX = eventX;
    this.firstEvent = firstEvent;
    this.lastEvent = lastEvent;
  }

  void draw(Annotations annotations) {
    annotations.cautions().stream()
        .filter(e -> e >= firstEvent && e <= lastEvent)
        .sorted()
        .forEach(this::drawCaution);
    for (Annotations.Bracket bracket : annotations.brackets()) {
      if (bracket.lastEvent() >= firstEvent && bracket.firstEvent() <= lastEvent) {
        drawBracket(bracket);
      }
    }
  }

  private void drawCaution(int event) {
    double middle = eventX.get(event) + shapes.get(event).headWidth / 2;
    double width = TextWidth.of("!", CAUTION_SIZE);
    double left = middle - width / 2;
    double edge = canvas.skyline.topBetween(left - 0.2, left + width + 0.2);
    double y = Math.min(-0.75, edge - GAP);
    canvas.text(left, y, "!", CAUTION_SIZE, Mark.Face.SEMI_BOLD, Mark.Role.CAUTION);
  }

  /** A line over its events with the name at its start; on a later system without the hook. */
  private void drawBracket(Annotations.Bracket bracket) {
    boolean starts = bracket.firstEvent() >= firstEvent;
    int from = Math.max(bracket.firstEvent(), firstEvent);
    int to = Math.min(bracket.lastEvent(), lastEvent);
    double left = eventX.get(from);
    double words = TextWidth.of(bracket.words(), TEXT_SIZE);
    double end = Math.min(canvas.width, eventX.get(to) + shapes.get(to).headWidth + RIGHT);
    double right = Math.max(end, left + words + 0.4);
    double edge = Math.min(-1, canvas.skyline.topBetween(left, right));
    double y = edge - GAP - HOOK;
    double lineFrom = left + words + 0.3;
    canvas.text(left, y + 0.45, bracket.words(), TEXT_SIZE, Mark.Face.REGULAR, Mark.Role.POSITION);
    if (right > lineFrom + 0.3) {
      canvas.line(lineFrom, y, right, y, THICKNESS, Mark.Role.POSITION);
      boolean ends = bracket.lastEvent() <= lastEvent;
      if (ends) {
        canvas.line(right, y, right, y + HOOK, THICKNESS, Mark.Role.POSITION);
      }
    }
    if (starts) {
      canvas.line(left - 0.15, y - 0.5, left - 0.15, y + HOOK, THICKNESS, Mark.Role.POSITION);
    }
  }
}
