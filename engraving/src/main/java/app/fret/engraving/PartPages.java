package app.fret.engraving;

import java.util.ArrayList;
import java.util.List;

/**
 * Puts the systems of an engraving on pages of paper, with a title over the first and notes to the
 * player under the last.
 *
 * <p>Units: mm from the upper left corner of the page. A staff space is {@link #STAFF_SPACE_MM},
 * the usual size of an orchestral part (common practice, no source).
 */
public final class PartPages {
  /** One staff space, in mm. */
  public static final double STAFF_SPACE_MM = 1.75;

  private static final double MARGIN_MM = 15;
  private static final double TITLE_MM = 7;
  private static final double TEXT_MM = 3.6;
  private static final double NUMBER_MM = 3.2;
  private static final double BELOW_TITLE_MM = 12;
  private static final double BETWEEN_SYSTEMS_MM = 4;
  private static final double LINE_MM = 4.8;

  /**
   * What stands around the music.
   *
   * @param title large, over the first page
   * @param left small, under the title at the left
   * @param right small, under the title at the right
   * @param notes sentences under the last system
   */
  public record Heading(String title, String left, String right, List<String> notes) {
    public Heading {
      notes = List.copyOf(notes);
    }
  }

  /** A system whose upper left staff corner lies here. */
  public record Line(Engraving.System system, double xMm, double yMm) {}

  /** How words stand at their place. */
  public enum Anchor {
    LEFT,
    MIDDLE,
    RIGHT
  }

  /** Words on a baseline. */
  public record Words(
      String text, double xMm, double yMm, double sizeMm, Mark.Face face, Anchor anchor) {}

  /** What stands on one page. */
  public record Page(List<Line> lines, List<Words> words) {
    public Page {
      lines = List.copyOf(lines);
      words = List.copyOf(words);
    }
  }

  private final Paper paper;
  private final List<Page> pages = new ArrayList<>();
  private List<Line> lines = new ArrayList<>();
  private List<Words> words = new ArrayList<>();
  private double y = MARGIN_MM;

  private PartPages(Paper paper) {
    this.paper = paper;
  }

  /** Width of the systems on this paper, in staff spaces. */
  public static double widthSpaces(Paper paper) {
    return (paper.widthMm() - 2 * MARGIN_MM) / STAFF_SPACE_MM;
  }

  /** The pages; at least one. */
  public static List<Page> of(Engraving engraving, Heading heading, Paper paper) {
    PartPages layout = new PartPages(paper);
    layout.addHeading(heading);
    engraving.systems().forEach(layout::addSystem);
    heading.notes().forEach(layout::addNote);
    layout.endPage();
    return List.copyOf(layout.pages);
  }

  private void addHeading(Heading heading) {
    double middle = paper.widthMm() / 2;
    double right = paper.widthMm() - MARGIN_MM;
    double line = MARGIN_MM + TITLE_MM;
    words.add(
        new Words(heading.title(), middle, line, TITLE_MM, Mark.Face.SEMI_BOLD, Anchor.MIDDLE));
    words.add(text(heading.left(), MARGIN_MM, line + LINE_MM + 2, Anchor.LEFT));
    words.add(text(heading.right(), right, line + LINE_MM + 2, Anchor.RIGHT));
    y = line + BELOW_TITLE_MM;
  }

  private static Words text(String text, double xMm, double yMm, Anchor anchor) {
    return new Words(text, xMm, yMm, TEXT_MM, Mark.Face.REGULAR, anchor);
  }

  private double bottomMm() {
    return paper.heightMm() - MARGIN_MM - LINE_MM;
  }

  private void addSystem(Engraving.System system) {
    double above = -system.top() * STAFF_SPACE_MM;
    double below = system.bottom() * STAFF_SPACE_MM;
    if (!lines.isEmpty() && y + above + below > bottomMm()) {
      endPage();
    }
    lines.add(new Line(system, MARGIN_MM, y + above));
    y += above + below + BETWEEN_SYSTEMS_MM;
  }

  /** Notes are broken at spaces to the width of the page. */
  private void addNote(String note) {
    double most = (paper.widthMm() - 2 * MARGIN_MM) / TEXT_MM;
    StringBuilder line = new StringBuilder();
    for (String word : note.split(" ")) {
      if (TextWidth.of(line + " " + word, 1) > most) {
        addNoteLine(line.toString());
        line.setLength(0);
      }
      line.append(line.isEmpty() ? "" : " ").append(word);
    }
    addNoteLine(line.toString());
  }

  private void addNoteLine(String line) {
    if (y + LINE_MM > bottomMm()) {
      endPage();
    }
    y += LINE_MM;
    words.add(text(line, MARGIN_MM, y, Anchor.LEFT));
  }

  private void endPage() {
    String number = String.valueOf(pages.size() + 1);
    words.add(
        new Words(
            number,
            paper.widthMm() / 2,
            paper.heightMm() - MARGIN_MM / 2,
            NUMBER_MM,
            Mark.Face.REGULAR,
            Anchor.MIDDLE));
    pages.add(new Page(lines, words));
    lines = new ArrayList<>();
    words = new ArrayList<>();
    y = MARGIN_MM;
  }
}
