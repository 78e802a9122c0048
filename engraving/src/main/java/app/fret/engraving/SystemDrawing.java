package app.fret.engraving;

import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Tuplet;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Draws one system from the staff outwards: notes and beams, articulations, curves, tuplets, then
 * what a player adds over the staff, then words and dynamics. Its fields live for one system.
 */
final class SystemDrawing {
  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Passage passage;
  private final List<EventShape> shapes;
  private final List<Span> beams;
  private final Signatures signatures;
  private final Spacing spacing;
  private final LongRests longRests;
  private final Engraver.SystemRange range;
  private final double width;
  private final int firstEvent;
  private final int lastEvent;
  private final Canvas canvas;
  private final NoteDrawing notes;
  private final Map<Integer, Double> eventX = new HashMap<>();
  private final Map<Integer, Double> stemEnd = new HashMap<>();
  private final List<Engraving.BarPlace> barPlaces = new ArrayList<>();

  SystemDrawing(
      Passage passage,
      List<EventShape> shapes,
      List<Span> beams,
      Signatures signatures,
      Spacing spacing,
      LongRests longRests,
      Engraver.SystemRange range,
      double width) {
    this.passage = passage;
    this.shapes = shapes;
    this.beams = beams;
    this.signatures = signatures;
    this.spacing = spacing;
    this.longRests = longRests;
    this.range = range;
    this.width = width;
    this.firstEvent = spacing.firstEvent(range.firstBar());
    this.lastEvent = spacing.firstEvent(range.lastBar() + 1) - 1;
    this.canvas = new Canvas(width);
    this.notes = new NoteDrawing(canvas);
  }

  Engraving.System draw(double stretch, Annotations annotations) {
    double end = placeBars(stretch);
    double staff = metrics.thickness("staffLineThickness");
    for (int line = 0; line < 5; line++) {
      canvas.marks.add(new Mark.Line(0, line, end, line, staff, Mark.Role.STAFF));
    }
    drawNotes();
    drawArticulations();
    drawTies();
    drawSlurs();
    drawTuplets();
    new PlayingMarks(canvas, shapes, eventX).draw(firstEvent, lastEvent);
    new AnnotationDrawing(canvas, shapes, eventX, firstEvent, lastEvent).draw(annotations);
    new DirectionDrawing(canvas, passage, new TimeAxis(), barPlaces).draw();
    return new Engraving.System(
        canvas.marks,
        notePlaces(),
        barPlaces,
        Math.min(0, canvas.skyline.highest()),
        Math.max(4, canvas.skyline.lowest()),
        barPlaces.get(0).x());
  }

  private double placeBars(double stretch) {
    double x = 0;
    for (int bar = range.firstBar(); bar <= range.lastBar(); bar++) {
      boolean first = bar == range.firstBar();
      List<Mark> signs = new ArrayList<>();
      if (longRests.isHidden(bar)) {
        hide(bar, x);
        continue;
      }
      double from = signatures.draw(bar, x, first, signs);
      signs.forEach(this::addSign);
      double[] places = spacing.eventPlaces(bar, from, stretch);
      for (int i = 0; i < places.length; i++) {
        eventX.put(spacing.firstEvent(bar) + i, places[i]);
      }
      double until = x + spacing.barWidth(bar, first, stretch);
      barPlaces.add(new Engraving.BarPlace(bar, from, until));
      drawBarLines(bar, bar + longRests.barsDrawnAs(bar) - 1, from, until);
      x = until;
    }
    return x;
  }

  /** A bar drawn in one before it stands where that one ends. */
  private void hide(int bar, double x) {
    barPlaces.add(new Engraving.BarPlace(bar, x, x));
    for (int event = spacing.firstEvent(bar); event < spacing.firstEvent(bar + 1); event++) {
      eventX.put(event, x);
    }
  }

  private void addSign(Mark mark) {
    Mark.Glyph glyph = (Mark.Glyph) mark;
    canvas.glyph(glyph.x(), glyph.y(), glyph.sign(), glyph.scale(), glyph.role());
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

  private void drawNotes() {
    for (int i = firstEvent; i <= lastEvent; i++) {
      EventShape shape = shapes.get(i);
      double x = eventX.get(i);
      int barsOfRest = longRests.barsDrawnAs(shape.event.bar());
      if (barsOfRest == 0) {
        continue;
      }
      drawClefChange(shape, x);
      if (barsOfRest > 1) {
        drawLongRest(barsOfRest, barPlaces.get(shape.event.bar() - range.firstBar()));
      } else if (shape.isRest()) {
        notes.rest(shape, x, barPlaces.get(shape.event.bar() - range.firstBar()));
      } else {
        notes.heads(shape, x);
        if (!shape.beamed && shape.hasStem()) {
          stemEnd.put(i, notes.stemAndFlag(shape, x));
        }
      }
    }
    for (Span beam : beams) {
      if (beam.first() >= firstEvent && beam.last() <= lastEvent) {
        drawBeam(beam);
      }
    }
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
      signs.forEach(this::addSign);
    }
  }

  private void drawBeam(Span beam) {
    double[] stemX = new double[beam.last() - beam.first() + 1];
    for (int i = 0; i < stemX.length; i++) {
      EventShape shape = shapes.get(beam.first() + i);
      stemX[i] = notes.stemX(shape, eventX.get(shape.index));
    }
    double[] ends = new BeamDrawing(canvas).draw(beam, shapes, stemX);
    for (int i = 0; i < stemX.length; i++) {
      EventShape shape = shapes.get(beam.first() + i);
      notes.stem(shape, stemX[i], ends[i]);
      stemEnd.put(shape.index, ends[i]);
    }
  }

  private void drawArticulations() {
    for (int i = firstEvent; i <= lastEvent; i++) {
      if (shapes.get(i).event instanceof Sounding sounding) {
        notes.articulations(shapes.get(i), eventX.get(i), sounding.marks());
      }
    }
  }

  private void drawTies() {
    for (int i = firstEvent; i <= lastEvent; i++) {
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
    double right = eventX.get(event) + shape.headWidth;
    if (heads.get(head).tiedTo()) {
      double to = event < lastEvent ? eventX.get(event + 1) - 0.1 : barEnd() - 0.2;
      new CurveDrawing(canvas).tie(right + 0.1, to, y + offset, above);
    }
    if (heads.get(head).tiedFrom() && event == firstEvent) {
      double from = barPlaces.get(0).x() + 0.1;
      new CurveDrawing(canvas).tie(from, eventX.get(event) - 0.1, y + offset, above);
    }
  }

  private double barEnd() {
    return barPlaces.get(barPlaces.size() - 1).until();
  }

  private void drawSlurs() {
    for (Span slur : passage.slurs()) {
      if (slur.last() >= firstEvent && slur.first() <= lastEvent) {
        drawSlur(slur);
      }
    }
  }

  private void drawSlur(Span slur) {
    int first = Math.max(slur.first(), firstEvent);
    int last = Math.min(slur.last(), lastEvent);
    boolean above = slurAbove(slur);
    boolean starts = first == slur.first();
    boolean ends = last == slur.last();
    double x1 = starts ? slurX(first, above, true) : barPlaces.get(0).x() + 0.1;
    double x2 = ends ? slurX(last, above, false) : barEnd() - 0.2;
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
    double middle = eventX.get(event) + shape.headWidth / 2;
    boolean atStem = above == shape.stemUp && shape.hasStem();
    if (!atStem) {
      return middle;
    }
    double stem = notes.stemX(shape, eventX.get(event));
    return start ? stem + 0.2 : stem - 0.2;
  }

  private double slurY(int event, boolean above) {
    EventShape shape = shapes.get(event);
    double x = eventX.get(event);
    double from = x + 0.1;
    double to = x + Math.max(0.3, shape.headWidth - 0.1);
    double gap = 0.4;
    return above
        ? Math.min(canvas.skyline.inkTopBetween(from, to), shape.highestHead() - 0.5) - gap
        : Math.max(canvas.skyline.inkBottomBetween(from, to), shape.lowestHead() + 0.5) + gap;
  }

  private void drawTuplets() {
    for (Tuplet tuplet : passage.tuplets()) {
      int first = tuplet.span().first();
      int last = tuplet.span().last();
      if (first >= firstEvent && last <= lastEvent) {
        drawTuplet(tuplet, first, last);
      }
    }
  }

  private void drawTuplet(Tuplet tuplet, int first, int last) {
    double x1 = eventX.get(first);
    double x2 = eventX.get(last) + shapes.get(last).headWidth;
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

  private List<Engraving.NotePlace> notePlaces() {
    List<Engraving.NotePlace> places = new ArrayList<>();
    for (int i = firstEvent; i <= lastEvent; i++) {
      EventShape shape = shapes.get(i);
      if (!shape.isRest()) {
        double until =
            i < lastEvent && shapes.get(i + 1).event.bar() == shape.event.bar()
                ? eventX.get(i + 1)
                : barPlaces.get(shape.event.bar() - range.firstBar()).until() - 0.3;
        double tip = stemEnd.getOrDefault(i, shape.highestHead());
        places.add(
            new Engraving.NotePlace(
                i,
                eventX.get(i),
                shape.headWidth,
                until,
                Math.min(tip, shape.highestHead() - 0.5),
                Math.max(tip, shape.lowestHead() + 0.5)));
      }
    }
    return places;
  }

  /** Where a moment of the passage lies on this system. */
  final class TimeAxis {
    /** Whether the moment lies on this system; its end counts only on the last. */
    boolean holds(Fraction onset) {
      boolean last = range.lastBar() == passage.bars().size() - 1;
      int toEnd = onset.compareTo(end());
      return onset.compareTo(start()) >= 0 && (toEnd < 0 || (last && toEnd == 0));
    }

    Fraction start() {
      return passage.bars().get(range.firstBar()).onset();
    }

    Fraction end() {
      return passage.bars().get(range.lastBar()).end();
    }

    /** Left edge of the head that sounds at this moment, or a place between two. */
    double x(Fraction onset) {
      double before = barPlaces.get(0).x();
      Fraction beforeOnset = start();
      for (int i = firstEvent; i <= lastEvent; i++) {
        EventShape shape = shapes.get(i);
        int order = shape.event.onset().compareTo(onset);
        if (order == 0 && !shape.isGrace()) {
          return eventX.get(i);
        }
        if (order > 0) {
          return between(before, beforeOnset, eventX.get(i), shape.event.onset(), onset);
        }
        before = eventX.get(i);
        beforeOnset = shape.event.onset();
      }
      return onset.compareTo(end()) >= 0
          ? barEnd() - 0.8
          : between(before, beforeOnset, barEnd(), end(), onset);
    }

    private double between(double x1, Fraction t1, double x2, Fraction t2, Fraction t) {
      double whole = t2.subtract(t1).doubleValue();
      double share = whole == 0 ? 0 : t.subtract(t1).doubleValue() / whole;
      return x1 + (x2 - x1) * share;
    }

    double width() {
      return width;
    }
  }
}
