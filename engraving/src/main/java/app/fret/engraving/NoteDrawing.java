package app.fret.engraving;

import app.fret.score.Marks;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import java.util.Set;

/** Draws heads, ledger lines, stems, flags, dots, rests and the signs at the heads. */
final class NoteDrawing {
  private static final double STEM = 3.5;
  private static final double MIDDLE_LINE = 2;
  private static final double DOT_GAP = 0.35;
  private static final double DOT_STEP = 0.6;

  private final FontMetrics metrics = FontMetrics.BRAVURA;
  private final Canvas canvas;
  private final double stemThickness = metrics.thickness("stemThickness");

  NoteDrawing(Canvas canvas) {
    this.canvas = canvas;
  }

  void heads(EventShape shape, double x) {
    ledgerLines(shape, x);
    for (EventShape.Head head : shape.heads) {
      canvas.glyph(x + head.dx(), head.y(), head.sign(), shape.scale, Mark.Role.NOTE);
    }
    for (EventShape.Sign sign : shape.signsBefore) {
      canvas.glyph(x + sign.dx(), sign.y(), sign.sign(), sign.scale(), Mark.Role.NOTE);
    }
    double furthest = shape.heads.stream().mapToDouble(EventShape.Head::dx).max().orElse(0);
    for (EventShape.Head head : shape.heads) {
      dots(shape, x + shape.headWidth + Math.max(0, furthest), head.y());
    }
  }

  /** Dots of a note on a line move up into the space. */
  private void dots(EventShape shape, double x, double y) {
    boolean onLine = Math.abs(y - Math.rint(y)) < 0.01;
    double dotY = onLine ? y - 0.5 : y;
    for (int dot = 0; dot < shape.event.written().dots(); dot++) {
      double at = x + (DOT_GAP + DOT_STEP * dot) * shape.scale;
      canvas.glyph(at, dotY, Smufl.DOT, shape.scale, Mark.Role.NOTE);
    }
  }

  private void ledgerLines(EventShape shape, double x) {
    double extra = metrics.thickness("legerLineExtension") * shape.scale;
    double thickness = metrics.thickness("legerLineThickness");
    for (double y = -1; y >= shape.highestHead() - 0.01; y--) {
      canvas.line(x - extra, y, x + shape.headWidth + extra, y, thickness, Mark.Role.STAFF);
    }
    for (double y = 5; y <= shape.lowestHead() + 0.01; y++) {
      canvas.line(x - extra, y, x + shape.headWidth + extra, y, thickness, Mark.Role.STAFF);
    }
  }

  /** Middle of the stem. */
  double stemX(EventShape shape, double x) {
    Smufl head = shape.heads.get(0).sign();
    String anchor = shape.stemUp ? "stemUpSE" : "stemDownNW";
    double edge = x + metrics.anchor(head, anchor).x() * shape.scale;
    return shape.stemUp ? edge - stemThickness / 2 : edge + stemThickness / 2;
  }

  /** Draws a stem to the given height. */
  void stem(EventShape shape, double stemX, double end) {
    Smufl head = shape.heads.get(0).sign();
    String anchor = shape.stemUp ? "stemUpSE" : "stemDownNW";
    double start = shape.stemUp ? shape.lowestHead() : shape.highestHead();
    canvas.line(
        stemX,
        start + metrics.anchor(head, anchor).y() * shape.scale,
        stemX,
        end,
        stemThickness,
        Mark.Role.NOTE);
    int strokes = shape.event instanceof Sounding s ? s.marks().tremoloStrokes() : 0;
    if (strokes > 0) {
      double middle = (end + (shape.stemUp ? shape.highestHead() : shape.lowestHead())) / 2;
      canvas.glyph(stemX, middle, Smufl.TREMOLO_1.plus(strokes - 1), 1, Mark.Role.NOTE);
    }
  }

  /** Draws stem and flag of a note without beam and returns the height of the stem's end. */
  double stemAndFlag(EventShape shape, double x) {
    double length = (STEM + 0.75 * Math.max(0, shape.flags() - 2)) * shape.scale;
    double end = shape.stemUp ? shape.highestHead() - length : shape.lowestHead() + length;
    if (!shape.isGrace()) {
      end = shape.stemUp ? Math.min(end, MIDDLE_LINE) : Math.max(end, MIDDLE_LINE);
    }
    double stemX = stemX(shape, x);
    stem(shape, stemX, end);
    if (shape.flags() > 0) {
      Smufl flag = Smufl.FLAG_8_UP.plus(2 * (shape.flags() - 1) + (shape.stemUp ? 0 : 1));
      canvas.glyph(stemX - stemThickness / 2, end, flag, shape.scale, Mark.Role.NOTE);
    }
    boolean slashed = shape.event instanceof Sounding s && s.grace() == Sounding.Grace.SLASHED;
    if (slashed) {
      canvas.line(stemX - 0.6, end + 1.5, stemX + 0.8, end + 0.4, 0.1, Mark.Role.NOTE);
    }
    return end;
  }

  void rest(EventShape shape, double x, Engraving.BarPlace bar) {
    Smufl sign = ShapeMaker.restSign(shape.event);
    boolean whole = shape.event instanceof Rest rest && rest.wholeBar();
    double at = whole ? (bar.x() + bar.until() - metrics.width(sign)) / 2 : x;
    double y = sign == Smufl.REST_WHOLE ? 1 : 2;
    canvas.glyph(at, y, sign, 1, Mark.Role.NOTE);
    if (!whole) {
      dots(shape, x + shape.headWidth, 1.5);
    }
  }

  /** Articulations stand at the head's side, opposite the stem, nearest first. */
  void articulations(EventShape shape, double x, Marks marks) {
    Set<Marks.Articulation> signs = marks.articulations();
    boolean above = !shape.stemUp;
    boolean both =
        signs.contains(Marks.Articulation.TENUTO) && signs.contains(Marks.Articulation.STACCATO);
    if (both || signs.contains(Marks.Articulation.DETACHED_LEGATO)) {
      articulation(shape, x, Smufl.TENUTO_STACCATO_ABOVE, above);
    }
    for (Marks.Articulation sign : signs) {
      boolean drawn =
          sign == Marks.Articulation.DETACHED_LEGATO
              || (both
                  && (sign == Marks.Articulation.TENUTO || sign == Marks.Articulation.STACCATO));
      if (!drawn) {
        articulation(shape, x, glyph(sign), above || STANDS_ABOVE.contains(sign));
      }
    }
  }

  /** Signs that stand over the staff whatever the stem does. */
  private static final Set<Marks.Articulation> STANDS_ABOVE =
      Set.of(Marks.Articulation.STRONG_ACCENT, Marks.Articulation.SNAP_PIZZICATO);

  private static Smufl glyph(Marks.Articulation sign) {
    return switch (sign) {
      case STACCATO -> Smufl.STACCATO_ABOVE;
      case TENUTO -> Smufl.TENUTO_ABOVE;
      case STACCATISSIMO -> Smufl.STACCATISSIMO_ABOVE;
      case ACCENT -> Smufl.ACCENT_ABOVE;
      case STRONG_ACCENT -> Smufl.STRONG_ACCENT_ABOVE;
      case DETACHED_LEGATO -> Smufl.TENUTO_STACCATO_ABOVE;
      case SNAP_PIZZICATO -> Smufl.SNAP_PIZZICATO_ABOVE;
    };
  }

  private void articulation(EventShape shape, double x, Smufl above, boolean over) {
    Smufl sign = over ? above : above.plus(1);
    FontMetrics.Box box = metrics.box(sign);
    double middle = x + shape.headWidth / 2;
    double left = middle - (box.left() + box.right()) / 2;
    double gap = 0.35;
    double from = x + 0.2;
    double to = x + shape.headWidth - 0.2;
    double y;
    if (over) {
      double edge = Math.min(shape.highestHead() - 0.5, canvas.skyline.inkTopBetween(from, to));
      y = settle(edge - gap - box.bottom(), -1, box);
    } else {
      double edge = Math.max(shape.lowestHead() + 0.5, canvas.skyline.inkBottomBetween(from, to));
      y = settle(edge + gap - box.top(), 1, box);
    }
    canvas.glyph(left, y, sign, 1, Mark.Role.NOTE);
  }

  /** A small sign in the staff stands in a space, not on a line. */
  private static double settle(double y, int direction, FontMetrics.Box box) {
    boolean small = box.height() < 0.6;
    double middle = y + (box.top() + box.bottom()) / 2;
    if (!small || middle < 0 || middle > 4) {
      return y;
    }
    double space = direction < 0 ? Math.floor(middle - 0.5) + 0.5 : Math.ceil(middle + 0.5) - 0.5;
    return y + space - middle;
  }
}
