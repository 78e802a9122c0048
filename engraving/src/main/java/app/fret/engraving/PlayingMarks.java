package app.fret.engraving;

import app.fret.instrument.Instrument;
import app.fret.score.BowDirection;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Sounding;
import java.util.List;

/**
 * Draws over the staff what the player's hands do: fingers nearest the note, the string where it
 * changes, then harmonics, bow signs, ornaments and holds.
 */
final class PlayingMarks {
  static final double FINGER_SIZE = 1.75;
  private static final double STRING_SIZE = 1.45;
  private static final double GAP = 0.35;

  /** A stem stands no further from the middle of its head, in staff spaces. */
  private static final double STEM = 0.6;

  private static final double LOWEST_BASELINE = -0.75;

  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Canvas canvas;
  private final List<EventShape> shapes;
  private final Placed placed;

  PlayingMarks(Canvas canvas, List<EventShape> shapes, Placed placed) {
    this.canvas = canvas;
    this.shapes = shapes;
    this.placed = placed;
  }

  void draw() {
    for (int i = placed.firstEvent(); i <= placed.lastEvent(); i++) {
      if (shapes.get(i).event instanceof Sounding sounding) {
        draw(shapes.get(i), sounding);
      }
    }
  }

  private void draw(EventShape shape, Sounding sounding) {
    double middle = placed.x(shape.index) + shape.headWidth / 2;
    double scale = shape.isGrace() ? 0.8 : 1;
    for (Note note : sounding.notes()) {
      note.finger()
          .ifPresent(
              finger ->
                  text(
                      middle,
                      finger.sign(),
                      FINGER_SIZE * scale,
                      Mark.Face.SEMI_BOLD,
                      Mark.Role.FINGER));
    }
    for (Note note : sounding.notes()) {
      if (note.string().isPresent() && namesString(sounding, note)) {
        int string = note.string().getAsInt();
        text(
            middle,
            Instrument.numeral(string),
            STRING_SIZE * scale,
            Mark.Face.SEMI_BOLD,
            Mark.Role.string(string));
      }
      if (note.harmonic() != Note.Harmonic.NONE) {
        sign(middle, Smufl.HARMONIC, 0.9, Mark.Role.FINGER);
      }
    }
    drawSigns(middle, sounding.marks());
  }

  /** Of a double stop the upper string says both; a chord of three or four says them itself. */
  private static boolean namesString(Sounding sounding, Note note) {
    int size = sounding.notes().size();
    return size == 1 || (size == 2 && note == sounding.notes().get(1));
  }

  private void drawSigns(double middle, Marks marks) {
    for (Marks.Ornament ornament : marks.ornaments()) {
      sign(middle, glyph(ornament), 1, Mark.Role.NOTE);
    }
    marks
        .bow()
        .ifPresent(
            bow ->
                sign(
                    middle,
                    bow == BowDirection.DOWN ? Smufl.DOWN_BOW : Smufl.UP_BOW,
                    0.95,
                    Mark.Role.BOW));
    if (marks.fermata()) {
      sign(middle, Smufl.FERMATA_ABOVE, 1, Mark.Role.NOTE);
    }
  }

  private static Smufl glyph(Marks.Ornament ornament) {
    return switch (ornament) {
      case TRILL -> Smufl.TRILL;
      case MORDENT -> Smufl.MORDENT;
      case INVERTED_MORDENT -> Smufl.SHORT_TRILL;
      case TURN -> Smufl.TURN;
      case INVERTED_TURN -> Smufl.TURN_INVERTED;
    };
  }

  private void text(double middle, String text, double size, Mark.Face face, Mark.Role role) {
    double width = TextWidth.of(text, size);
    double left = middle - width / 2;
    double edge =
        canvas.skyline.topBetween(left - 0.15, Math.max(left + width, middle + STEM) + 0.15);
    double baseline = Math.min(LOWEST_BASELINE, edge - GAP);
    canvas.marks.add(new Mark.Text(left, baseline, text, size, face, role));
    canvas.skyline.add(left, left + width, baseline - 0.68 * size, baseline);
  }

  private void sign(double middle, Smufl sign, double scale, Mark.Role role) {
    FontMetrics.Box box = metrics.box(sign);
    double left = middle - (box.left() + box.right()) / 2 * scale;
    double edge = canvas.skyline.topBetween(left + box.left() * scale, left + box.right() * scale);
    double y = Math.min(LOWEST_BASELINE, edge - GAP) - box.bottom() * scale;
    canvas.glyph(left, y, sign, scale, role);
  }
}
