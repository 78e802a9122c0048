package app.fret.engraving;

import app.fret.score.Clef;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Second step of a system: draws notes, rests, beams and articulations where they were placed. */
final class NoteStep {
  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Canvas canvas;
  private final Passage passage;
  private final List<EventShape> shapes;
  private final List<Span> beams;
  private final Signatures signatures;
  private final LongRests longRests;
  private final Placed placed;
  private final NoteDrawing notes;

  NoteStep(
      Canvas canvas,
      Passage passage,
      List<EventShape> shapes,
      List<Span> beams,
      Signatures signatures,
      LongRests longRests,
      Placed placed) {
    this.canvas = canvas;
    this.passage = passage;
    this.shapes = shapes;
    this.beams = beams;
    this.signatures = signatures;
    this.longRests = longRests;
    this.placed = placed;
    this.notes = new NoteDrawing(canvas);
  }

  /** Draws them and returns where each stem ends, in the order of the events; NaN without one. */
  double[] draw() {
    double[] stemEnds = new double[placed.eventX().length];
    Arrays.fill(stemEnds, Double.NaN);
    for (int i = placed.firstEvent(); i <= placed.lastEvent(); i++) {
      EventShape shape = shapes.get(i);
      double x = placed.x(i);
      int barsOfRest = longRests.barsDrawnAs(shape.event.bar());
      if (barsOfRest == 0) {
        continue;
      }
      drawClefChange(shape, x);
      if (barsOfRest > 1) {
        drawLongRest(barsOfRest, placed.bar(shape.event.bar()));
      } else if (shape.isRest()) {
        notes.rest(shape, x, placed.bar(shape.event.bar()));
      } else {
        notes.heads(shape, x);
        if (!shape.beamed && shape.hasStem()) {
          stemEnds[i - placed.firstEvent()] = notes.stemAndFlag(shape, x);
        }
      }
    }
    for (Span beam : beams) {
      if (beam.first() >= placed.firstEvent() && beam.last() <= placed.lastEvent()) {
        drawBeam(beam, stemEnds);
      }
    }
    drawArticulations();
    return stemEnds;
  }

  /** A thick bar on the middle line with the number of bars over the staff. */
  private void drawLongRest(int bars, Engraving.BarPlace place) {
    double left = place.x() + 1.4;
    double right = place.until() - 1.4;
    canvas.glyph(left, 2, Smufl.LONG_REST_LEFT, 1, Mark.Role.NOTE);
    canvas.line(left, 2, right, 2, 1, Mark.Role.NOTE);
    double end = metrics.box(Smufl.LONG_REST_RIGHT).right();
    canvas.glyph(right - end, 2, Smufl.LONG_REST_RIGHT, 1, Mark.Role.NOTE);
    List<Smufl> figures = Signatures.figures(bars);
    double width = figures.stream().mapToDouble(metrics::advance).sum();
    double at = (left + right - width) / 2;
    for (Smufl figure : figures) {
      canvas.glyph(at, -1.5, figure, 1, Mark.Role.NOTE);
      at += metrics.advance(figure);
    }
  }

  private void drawClefChange(EventShape shape, double x) {
    Optional<Clef> clef = ShapeMaker.clefChange(passage, shape);
    if (clef.isPresent()) {
      List<Mark> signs = new ArrayList<>();
      signatures.drawClef(clef.get(), x - shape.left, true, signs);
      canvas.addGlyphs(signs);
    }
  }

  private void drawBeam(Span beam, double[] stemEnds) {
    double[] stemX = new double[beam.last() - beam.first() + 1];
    for (int i = 0; i < stemX.length; i++) {
      EventShape shape = shapes.get(beam.first() + i);
      stemX[i] = notes.stemX(shape, placed.x(shape.index));
    }
    double[] ends = new BeamDrawing(canvas).draw(beam, shapes, stemX);
    for (int i = 0; i < stemX.length; i++) {
      EventShape shape = shapes.get(beam.first() + i);
      notes.stem(shape, stemX[i], ends[i]);
      stemEnds[shape.index - placed.firstEvent()] = ends[i];
    }
  }

  private void drawArticulations() {
    for (int i = placed.firstEvent(); i <= placed.lastEvent(); i++) {
      if (shapes.get(i).event instanceof Sounding sounding) {
        notes.articulations(shapes.get(i), placed.x(i), sounding.marks());
      }
    }
  }
}
