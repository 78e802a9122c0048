package app.fret.engraving;

import app.fret.score.Bar;
import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.List;

/**
 * First step of a system: places its bars and events, and draws staff, signatures and bar lines.
 */
final class BarStep {
  private static final int STAFF_LINES = 5;

  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Canvas canvas;
  private final Passage passage;
  private final Signatures signatures;
  private final Spacing spacing;
  private final LongRests longRests;

  BarStep(
      Canvas canvas, Passage passage, Signatures signatures, Spacing spacing, LongRests longRests) {
    this.canvas = canvas;
    this.passage = passage;
    this.signatures = signatures;
    this.spacing = spacing;
    this.longRests = longRests;
  }

  /** Draws the bars of a system, stretched so. */
  Placed draw(Engraver.SystemRange range, double stretch) {
    int firstEvent = spacing.firstEvent(range.firstBar());
    double[] eventX = new double[spacing.firstEvent(range.lastBar() + 1) - firstEvent];
    List<Engraving.BarPlace> places = new ArrayList<>();
    double x = 0;
    for (int bar = range.firstBar(); bar <= range.lastBar(); bar++) {
      int at = spacing.firstEvent(bar) - firstEvent;
      Engraving.BarPlace place =
          longRests.isHidden(bar)
              ? hide(bar, x, eventX, at)
              : draw(bar, x, bar == range.firstBar(), stretch, eventX, at);
      places.add(place);
      x = place.until();
    }
    drawStaff(x);
    return new Placed(range, firstEvent, eventX, places);
  }

  private void drawStaff(double end) {
    double thickness = metrics.thickness("staffLineThickness");
    for (int line = 0; line < STAFF_LINES; line++) {
      canvas.marks.add(new Mark.Line(0, line, end, line, thickness, Mark.Role.STAFF));
    }
  }

  private Engraving.BarPlace draw(
      int bar, double x, boolean first, double stretch, double[] eventX, int at) {
    List<Mark> signs = new ArrayList<>();
    double from = signatures.draw(bar, x, first, signs);
    canvas.addGlyphs(signs);
    double[] places = spacing.eventPlaces(bar, from, stretch);
    System.arraycopy(places, 0, eventX, at, places.length);
    double until = x + spacing.barWidth(bar, first, stretch);
    drawBarLines(bar, bar + longRests.barsDrawnAs(bar) - 1, from, until);
    return new Engraving.BarPlace(bar, from, until);
  }

  /** A bar drawn in one before it stands where that one ends. */
  private Engraving.BarPlace hide(int bar, double x, double[] eventX, int at) {
    int count = spacing.firstEvent(bar + 1) - spacing.firstEvent(bar);
    for (int i = 0; i < count; i++) {
      eventX[at + i] = x;
    }
    return new Engraving.BarPlace(bar, x, x);
  }

  private void drawBarLines(int first, int last, double from, double until) {
    Bar bar = passage.bars().get(last);
    double thin = metrics.thickness("thinBarlineThickness");
    double thick = metrics.thickness("thickBarlineThickness");
    double apart = metrics.thickness("barlineSeparation");
    if (passage.bars().get(first).edges().repeatStart()) {
      barLine(from + thick / 2, thick);
      barLine(from + thick + apart, thin);
      repeatDots(from + thick + 2 * apart);
    }
    if (bar.edges().repeatTimes() > 0) {
      barLine(until - thick / 2, thick);
      barLine(until - thick - apart, thin);
      repeatDots(until - thick - 2 * apart - 0.4);
    } else if (bar.edges().line() == Bar.Line.FINAL) {
      barLine(until - thick / 2, thick);
      barLine(until - thick - apart, thin);
    } else {
      barLine(until - thin / 2, thin);
      if (bar.edges().line() == Bar.Line.DOUBLE) {
        barLine(until - thin - apart, thin);
      }
    }
  }

  private void barLine(double x, double thickness) {
    canvas.marks.add(new Mark.Line(x, 0, x, 4, thickness, Mark.Role.STAFF));
  }

  private void repeatDots(double x) {
    canvas.glyph(x, 1.5, Smufl.REPEAT_DOT, 1, Mark.Role.NOTE);
    canvas.glyph(x, 2.5, Smufl.REPEAT_DOT, 1, Mark.Role.NOTE);
  }
}
