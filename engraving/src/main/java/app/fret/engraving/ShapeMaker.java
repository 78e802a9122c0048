package app.fret.engraving;

import app.fret.score.Accidental;
import app.fret.score.Bar;
import app.fret.score.BarAccidentals;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Joins;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Measures every event of a passage: heads, stem direction, accidentals, dots, room needed. */
final class ShapeMaker {
  private static final double MIDDLE_LINE = 2;
  private static final double ACCIDENTAL_GAP = 0.25;
  private static final double DOT_GAP = 0.35;
  private static final double DOT_STEP = 0.6;
  private static final double CLEF_CHANGE_GAP = 0.8;

  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Passage passage;

  /** The same with every accidental that the page needs. */
  private final Passage signed;

  private final List<EventShape> shapes = new ArrayList<>();

  private ShapeMaker(Passage passage) {
    this.passage = passage;
    this.signed = BarAccidentals.completed(passage);
  }

  static List<EventShape> make(Passage passage, List<Span> beams) {
    ShapeMaker maker = new ShapeMaker(passage);
    for (int i = 0; i < passage.events().size(); i++) {
      maker.shapes.add(maker.measureHeads(i));
    }
    maker.decideStems(beams);
    for (EventShape shape : maker.shapes) {
      maker.finish(shape);
    }
    return maker.shapes;
  }

  private EventShape measureHeads(int index) {
    Event event = passage.events().get(index);
    boolean grace = event instanceof Sounding sounding && sounding.isGrace();
    EventShape shape = new EventShape(index, event, grace);
    if (event instanceof Sounding sounding) {
      for (Note note : sounding.notes()) {
        shape.heads.add(new EventShape.Head(yOf(sounding, note), 0, head(event)));
      }
    }
    return shape;
  }

  /** Height of a note under the clef and octave line in force. */
  private double yOf(Sounding event, Note note) {
    Bar bar = passage.bars().get(event.bar());
    Clef clef = bar.clefAt(event.onset());
    int octaves = 0;
    for (Directions.OctaveShift shift : passage.directions().octaveShifts()) {
      boolean inside =
          shift.from().compareTo(event.onset()) <= 0 && event.onset().compareTo(shift.to()) < 0;
      octaves += inside ? shift.octaves() : 0;
    }
    int aboveBottomLine = note.written().staffStep() - 7 * octaves - clef.bottomLineStep();
    return 4 - aboveBottomLine / 2.0;
  }

  private static Smufl head(Event event) {
    NoteValue value = event.written().value();
    if (value == NoteValue.LONG || value == NoteValue.BREVE) {
      return Smufl.HEAD_BREVE;
    }
    return value == NoteValue.WHOLE
        ? Smufl.HEAD_WHOLE
        : value == NoteValue.HALF ? Smufl.HEAD_HALF : Smufl.HEAD_BLACK;
  }

  private void decideStems(List<Span> beams) {
    for (EventShape shape : shapes) {
      shape.stemUp = shape.isGrace() || stemUp(shape.highestHead(), shape.lowestHead());
    }
    for (Span beam : beams) {
      turnAlike(beam);
      for (int i = beam.first(); i <= beam.last(); i++) {
        shapes.get(i).beamed = true;
      }
    }
    for (int i = 0; i + 1 < shapes.size(); i++) {
      if (isTremolo(i) && !shapes.get(i).beamed && !shapes.get(i + 1).beamed) {
        turnAlike(new Span(i, i + 1));
      }
    }
  }

  /** The strokes of a tremolo of two notes lie between stems of one direction. */
  private boolean isTremolo(int from) {
    return Joins.leads(passage.events(), from)
        && ((Sounding) passage.events().get(from))
            .marks()
            .join()
            .filter(j -> j.kind() == Marks.Join.Kind.TREMOLO)
            .isPresent();
  }

  /** One direction for the stems of a group, as its outermost heads ask. */
  private void turnAlike(Span group) {
    double highest = Double.POSITIVE_INFINITY;
    double lowest = Double.NEGATIVE_INFINITY;
    for (int i = group.first(); i <= group.last(); i++) {
      highest = Math.min(highest, shapes.get(i).highestHead());
      lowest = Math.max(lowest, shapes.get(i).lowestHead());
    }
    for (int i = group.first(); i <= group.last(); i++) {
      shapes.get(i).stemUp = shapes.get(i).isGrace() || stemUp(highest, lowest);
    }
  }

  /** Up when the head furthest from the middle line lies below it; down on a draw. */
  private static boolean stemUp(double highest, double lowest) {
    return lowest - MIDDLE_LINE > MIDDLE_LINE - highest;
  }

  private void finish(EventShape shape) {
    if (shape.isRest()) {
      finishRest(shape);
    } else {
      finishNote(shape);
    }
    shape.left += clefChangeWidth(shape);
  }

  private void finishRest(EventShape shape) {
    shape.headWidth = metrics.width(restSign(shape.event));
    shape.right = shape.headWidth + dotsWidth(shape);
  }

  private void finishNote(EventShape shape) {
    displaceSeconds(shape);
    shape.headWidth = metrics.width(shape.heads.get(0).sign()) * shape.scale;
    double furthest = shape.heads.stream().mapToDouble(EventShape.Head::dx).max().orElse(0);
    double nearest = shape.heads.stream().mapToDouble(EventShape.Head::dx).min().orElse(0);
    shape.right = shape.headWidth + Math.max(0, furthest) + dotsWidth(shape);
    if (shape.flags() > 0 && !shape.beamed && shape.stemUp) {
      shape.right += 0.9 * shape.scale;
    }
    shape.left = Math.max(0, -nearest);
    stackAccidentals(shape);
  }

  private static double dotsWidth(EventShape shape) {
    int dots = shape.event.written().dots();
    return dots == 0 ? 0 : (DOT_GAP + DOT_STEP * dots) * shape.scale;
  }

  /** Heads a step apart stand on both sides of the stem. */
  private void displaceSeconds(EventShape shape) {
    List<EventShape.Head> heads = shape.heads;
    double width = metrics.width(heads.get(0).sign()) * shape.scale;
    boolean aside = false;
    int from = shape.stemUp ? 0 : heads.size() - 1;
    int step = shape.stemUp ? 1 : -1;
    for (int i = from + step; i >= 0 && i < heads.size(); i += step) {
      boolean second = Math.abs(heads.get(i).y() - heads.get(i - step).y()) < 0.75;
      aside = second && !aside;
      if (aside) {
        EventShape.Head head = heads.get(i);
        heads.set(i, new EventShape.Head(head.y(), shape.stemUp ? width : -width, head.sign()));
      }
    }
  }

  /** Accidentals in columns, highest first, a new column where two would touch. */
  private void stackAccidentals(EventShape shape) {
    List<Optional<Accidental>> signs =
        signed.events().get(shape.index) instanceof Sounding sounding
            ? sounding.notes().stream().map(Note::accidental).toList()
            : List.of();
    List<Double> columnBottoms = new ArrayList<>();
    double columnWidth = 1.1 * shape.scale;
    double edge = shape.left;
    for (int i = signs.size() - 1; i >= 0; i--) {
      if (signs.get(i).isEmpty()) {
        continue;
      }
      double y = shape.heads.get(i).y();
      int column = 0;
      while (column < columnBottoms.size() && y - columnBottoms.get(column) < 2.8) {
        column++;
      }
      if (column == columnBottoms.size()) {
        columnBottoms.add(y);
      } else {
        columnBottoms.set(column, y);
      }
      addAccidental(shape, signs.get(i).get(), y, edge + column * columnWidth);
    }
  }

  private void addAccidental(EventShape shape, Accidental sign, double y, double edge) {
    Smufl glyph = sign(sign.kind());
    double width = metrics.width(glyph) * shape.scale;
    double dx = -edge - ACCIDENTAL_GAP * shape.scale - width;
    if (sign.cautionary()) {
      double parenthesis = metrics.width(Smufl.PARENTHESIS_RIGHT) * shape.scale;
      dx -= parenthesis;
      shape.signsBefore.add(
          new EventShape.Sign(dx + width, y, Smufl.PARENTHESIS_RIGHT, shape.scale));
      shape.signsBefore.add(
          new EventShape.Sign(dx - parenthesis, y, Smufl.PARENTHESIS_LEFT, shape.scale));
      shape.left = Math.max(shape.left, parenthesis - dx);
    }
    shape.signsBefore.add(new EventShape.Sign(dx, y, glyph, shape.scale));
    shape.left = Math.max(shape.left, -dx);
  }

  static Smufl sign(Accidental.Kind kind) {
    return switch (kind) {
      case DOUBLE_FLAT -> Smufl.DOUBLE_FLAT;
      case FLAT -> Smufl.FLAT;
      case NATURAL -> Smufl.NATURAL;
      case SHARP -> Smufl.SHARP;
      case DOUBLE_SHARP -> Smufl.DOUBLE_SHARP;
    };
  }

  static Smufl restSign(Event event) {
    return switch (event.written().value()) {
      case LONG -> Smufl.REST_LONG;
      case BREVE -> Smufl.REST_BREVE;
      case WHOLE -> Smufl.REST_WHOLE;
      case HALF -> Smufl.REST_HALF;
      case QUARTER -> Smufl.REST_QUARTER;
      case EIGHTH -> Smufl.REST_8;
      case SIXTEENTH -> Smufl.REST_16;
      case THIRTY_SECOND -> Smufl.REST_32;
      case SIXTY_FOURTH -> Smufl.REST_64;
      case HUNDRED_TWENTY_EIGHTH -> Smufl.REST_128;
    };
  }

  /** Room for a clef that changes just before this event, inside the bar. */
  private double clefChangeWidth(EventShape shape) {
    return clefChange(passage, shape)
        .map(clef -> metrics.width(Signatures.changeSign(clef)) + CLEF_CHANGE_GAP)
        .orElse(0.0);
  }

  /** The clef that changes just before this event, inside the bar. */
  static Optional<Clef> clefChange(Passage passage, EventShape shape) {
    Bar bar = passage.bars().get(shape.event.bar());
    return bar.clefs().stream()
        .skip(1)
        .filter(c -> c.onset().equals(shape.event.onset()))
        .map(Bar.ClefAt::clef)
        .findFirst();
  }
}
