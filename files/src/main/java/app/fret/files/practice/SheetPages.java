package app.fret.files.practice;

import app.fret.engraving.Engraving;
import app.fret.engraving.Mark;
import app.fret.engraving.Paper;
import app.fret.engraving.PartPages;
import app.fret.engraving.PartPages.Anchor;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Fills pages from top to bottom with words, boxes to tick and music. */
final class SheetPages {
  private static final double MARGIN_MM = 15;
  private static final double TITLE_MM = 6;
  private static final double INDENT_MM = 6;
  private static final double LEADING = 1.45;
  private static final double GAP_MM = 3;
  private static final double BETWEEN_SYSTEMS_MM = 3;
  private static final double NUMBER_MM = 3;
  private static final double LINE_SPACES = 0.1;

  /** Mean width of a letter over the size of its type, to break lines by; it errs to the short. */
  private static final double LETTER_EM = 0.5;

  private final Paper paper;
  private final List<PartPages.Page> pages = new ArrayList<>();
  private List<PartPages.Line> lines = new ArrayList<>();
  private List<PartPages.Words> words = new ArrayList<>();
  private List<Mark> boxes = new ArrayList<>();
  private double y = MARGIN_MM;

  SheetPages(Paper paper) {
    this.paper = paper;
  }

  private double right() {
    return paper.widthMm() - MARGIN_MM;
  }

  private double bottom() {
    return paper.heightMm() - MARGIN_MM;
  }

  /** Begins a new page where so much does not fit any more. */
  private void room(double heightMm) {
    boolean isEmpty = lines.isEmpty() && words.isEmpty();
    if (!isEmpty && y + heightMm > bottom()) {
      endPage();
    }
  }

  void title(String text) {
    y += TITLE_MM;
    words.add(new PartPages.Words(text, MARGIN_MM, y, TITLE_MM, Mark.Face.SEMI_BOLD, Anchor.LEFT));
    y += GAP_MM;
  }

  void gap() {
    y += GAP_MM;
  }

  /** A heading, which keeps room for what it heads. */
  void heading(String text, double sizeMm) {
    room(4 * sizeMm * LEADING);
    y += sizeMm * LEADING;
    words.add(new PartPages.Words(text, MARGIN_MM, y, sizeMm, Mark.Face.SEMI_BOLD, Anchor.LEFT));
  }

  void text(String text, double sizeMm) {
    broken(text, MARGIN_MM, sizeMm);
  }

  void indented(String text, double sizeMm) {
    broken(text, MARGIN_MM + INDENT_MM, sizeMm);
  }

  private void broken(String text, double xMm, double sizeMm) {
    int most = (int) ((right() - xMm) / (sizeMm * LETTER_EM));
    StringBuilder line = new StringBuilder();
    for (String word : text.split(" ")) {
      if (!line.isEmpty() && line.length() + 1 + word.length() > most) {
        line(line.toString(), xMm, sizeMm);
        line.setLength(0);
      }
      line.append(line.isEmpty() ? "" : " ").append(word);
    }
    line(line.toString(), xMm, sizeMm);
  }

  private void line(String text, double xMm, double sizeMm) {
    room(sizeMm * LEADING);
    y += sizeMm * LEADING;
    words.add(new PartPages.Words(text, xMm, y, sizeMm, Mark.Face.REGULAR, Anchor.LEFT));
  }

  /** A line with a box before it and a figure at its end. */
  void tick(String text, String figure, double sizeMm, double boxMm) {
    room(2 * sizeMm * LEADING);
    y += sizeMm * LEADING + 1;
    box(MARGIN_MM, y, boxMm);
    words.add(
        new PartPages.Words(
            text, MARGIN_MM + INDENT_MM, y, sizeMm, Mark.Face.REGULAR, Anchor.LEFT));
    words.add(new PartPages.Words(figure, right(), y, sizeMm, Mark.Face.REGULAR, Anchor.RIGHT));
  }

  /** Figures with boxes behind each, as many in a line as there is room for. */
  void boxes(List<String> figures, int each, double sizeMm, double boxMm) {
    double width = 4 * sizeMm + each * (boxMm + 1);
    double x = MARGIN_MM + INDENT_MM;
    room(sizeMm * LEADING + 1);
    y += sizeMm * LEADING + 1;
    for (String figure : figures) {
      if (x + width > right()) {
        x = MARGIN_MM + INDENT_MM;
        room(sizeMm * LEADING + 1);
        y += sizeMm * LEADING + 1;
      }
      double end = x + 2.2 * sizeMm;
      words.add(new PartPages.Words(figure, end, y, sizeMm, Mark.Face.REGULAR, Anchor.RIGHT));
      for (int i = 0; i < each; i++) {
        box(end + 1.5 + i * (boxMm + 1), y, boxMm);
      }
      x += width;
    }
  }

  /** A box that stands on a base line. */
  private void box(double xMm, double baseMm, double sideMm) {
    double space = PartPages.STAFF_SPACE_MM;
    double left = xMm / space;
    double end = (xMm + sideMm) / space;
    double top = (baseMm - sideMm) / space;
    double base = baseMm / space;
    Mark.Role role = Mark.Role.STAFF;
    boxes.add(new Mark.Line(left, top, end, top, LINE_SPACES, role));
    boxes.add(new Mark.Line(left, base, end, base, LINE_SPACES, role));
    boxes.add(new Mark.Line(left, top, left, base, LINE_SPACES, role));
    boxes.add(new Mark.Line(end, top, end, base, LINE_SPACES, role));
  }

  /** Goes to a new page rather than leave words alone at the foot and their music overleaf. */
  void keepTogether(Optional<Engraving.System> music) {
    double height = music.map(SheetPages::heightMm).orElse(0.0);
    room(height + 6 * TITLE_MM);
  }

  private static double heightMm(Engraving.System system) {
    return (system.bottom() - system.top()) * PartPages.STAFF_SPACE_MM + BETWEEN_SYSTEMS_MM;
  }

  void music(Engraving.System system) {
    room(heightMm(system));
    y += BETWEEN_SYSTEMS_MM / 2;
    double above = -system.top() * PartPages.STAFF_SPACE_MM;
    lines.add(new PartPages.Line(system, MARGIN_MM, y + above));
    y += heightMm(system);
  }

  private void endPage() {
    if (!boxes.isEmpty()) {
      Engraving.System drawn =
          new Engraving.System(boxes, List.of(), List.of(), List.of(), 0, 4, 0);
      lines.add(new PartPages.Line(drawn, 0, 0));
    }
    words.add(
        new PartPages.Words(
            String.valueOf(pages.size() + 1),
            paper.widthMm() / 2,
            paper.heightMm() - MARGIN_MM / 2,
            NUMBER_MM,
            Mark.Face.REGULAR,
            Anchor.MIDDLE));
    pages.add(new PartPages.Page(lines, words));
    lines = new ArrayList<>();
    words = new ArrayList<>();
    boxes = new ArrayList<>();
    y = MARGIN_MM;
  }

  /** All pages; at least one. */
  List<PartPages.Page> done() {
    endPage();
    return List.copyOf(pages);
  }
}
