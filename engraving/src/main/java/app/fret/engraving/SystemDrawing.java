package app.fret.engraving;

import app.fret.score.Passage;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;

/**
 * Draws systems from the staff outwards, in steps of which each hands on what the next needs: bars
 * and places, notes and stem ends, curves, tuplets, then what a player adds over the staff, then
 * words and dynamics. Holds what all systems of a passage share.
 */
final class SystemDrawing {
  private final Passage passage;
  private final DirectionIndex directions;
  private final List<EventShape> shapes;
  private final List<Span> beams;
  private final Signatures signatures;
  private final Spacing spacing;
  private final LongRests longRests;
  private final double width;

  SystemDrawing(
      Passage passage,
      List<EventShape> shapes,
      List<Span> beams,
      Signatures signatures,
      Spacing spacing,
      LongRests longRests,
      double width) {
    this.passage = passage;
    this.directions = new DirectionIndex(passage.directions());
    this.shapes = shapes;
    this.beams = beams;
    this.signatures = signatures;
    this.spacing = spacing;
    this.longRests = longRests;
    this.width = width;
  }

  Engraving.System draw(Engraver.SystemRange range, double stretch, Annotations annotations) {
    Canvas canvas = new Canvas(width);
    Placed placed =
        new BarStep(canvas, passage, signatures, spacing, longRests).draw(range, stretch);
    double[] stemEnds =
        new NoteStep(canvas, passage, shapes, beams, signatures, longRests, placed).draw();
    new JoinStep(canvas, passage, shapes, placed, stemEnds).draw();
    new CurveStep(canvas, passage, shapes, placed).draw();
    new TupletStep(canvas, passage, shapes, placed).draw();
    new PlayingMarks(canvas, shapes, placed).draw();
    new AnnotationDrawing(canvas, shapes, placed).draw(annotations);
    TimeAxis axis = new TimeAxis(passage, shapes, placed, width);
    new DirectionDrawing(canvas, passage, directions, axis, placed.bars()).draw();
    return new Engraving.System(
        canvas.marks,
        notePlaces(placed, stemEnds),
        restPlaces(placed),
        placed.bars(),
        Math.min(0, canvas.skyline.highest()),
        Math.max(4, canvas.skyline.lowest()),
        placed.start());
  }

  private List<Engraving.NotePlace> notePlaces(Placed placed, double[] stemEnds) {
    List<Engraving.NotePlace> places = new ArrayList<>();
    for (int i = placed.firstEvent(); i <= placed.lastEvent(); i++) {
      EventShape shape = shapes.get(i);
      if (!shape.isRest()) {
        double until = until(placed, i);
        double end = stemEnds[i - placed.firstEvent()];
        double tip = Double.isNaN(end) ? shape.highestHead() : end;
        places.add(
            new Engraving.NotePlace(
                i,
                placed.x(i),
                shape.headWidth,
                until,
                Math.min(tip, shape.highestHead() - 0.5),
                Math.max(tip, shape.lowestHead() + 0.5)));
      }
    }
    return places;
  }

  private double until(Placed placed, int event) {
    EventShape shape = shapes.get(event);
    return event < placed.lastEvent() && shapes.get(event + 1).event.bar() == shape.event.bar()
        ? placed.x(event + 1)
        : placed.bar(shape.event.bar()).until() - 0.3;
  }

  private List<Engraving.NotePlace> restPlaces(Placed placed) {
    List<Engraving.NotePlace> places = new ArrayList<>();
    for (int i = placed.firstEvent(); i <= placed.lastEvent(); i++) {
      EventShape shape = shapes.get(i);
      if (shape.isRest()) {
        places.add(
            new Engraving.NotePlace(i, placed.x(i), shape.headWidth, until(placed, i), 0, 4));
      }
    }
    return places;
  }
}
