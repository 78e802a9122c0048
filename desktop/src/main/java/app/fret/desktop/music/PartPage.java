package app.fret.desktop.music;

import app.fret.desktop.music.ink.Fonts;
import app.fret.desktop.music.ink.Palette;
import app.fret.engraving.Mark;
import app.fret.engraving.Paper;
import app.fret.engraving.PartPages;
import javafx.geometry.VPos;
import javafx.print.PageLayout;
import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** One page of the part as a node of that size, in points. */
public final class PartPage {
  private static final double POINTS_PER_MM = 72 / 25.4;

  /** Canvases are pictures: drawn finer than a point, printed notes keep their edges. */
  private static final double FINER = 4;

  private PartPage() {}

  /** The page, scaled and moved into what the printer can print. */
  public static Node of(PartPages.Page page, Paper paper, PageLayout layout) {
    Canvas canvas = paint(page, paper, POINTS_PER_MM * FINER);
    double scale =
        Math.min(
            layout.getPrintableWidth() / canvas.getWidth(),
            layout.getPrintableHeight() / canvas.getHeight());
    canvas.setScaleX(scale);
    canvas.setScaleY(scale);
    canvas.setTranslateX(-canvas.getWidth() * (1 - scale) / 2);
    canvas.setTranslateY(-canvas.getHeight() * (1 - scale) / 2);
    return new Group(canvas);
  }

  private static Canvas paint(PartPages.Page page, Paper paper, double pixelsPerMm) {
    Canvas canvas = new Canvas(paper.widthMm() * pixelsPerMm, paper.heightMm() * pixelsPerMm);
    GraphicsContext graphics = canvas.getGraphicsContext2D();
    for (PartPages.Line line : page.lines()) {
      double space = PartPages.STAFF_SPACE_MM * pixelsPerMm;
      new MarkPainter(graphics, space, line.xMm() * pixelsPerMm, line.yMm() * pixelsPerMm)
          .paint(line.system().marks());
    }
    graphics.setTextBaseline(VPos.BASELINE);
    graphics.setFill(Palette.INK);
    for (PartPages.Words words : page.words()) {
      double size = words.sizeMm() * pixelsPerMm;
      Font font = words.face() == Mark.Face.SEMI_BOLD ? Fonts.semiBold(size) : Fonts.regular(size);
      graphics.setFont(font);
      graphics.setTextAlign(alignment(words.anchor()));
      graphics.fillText(words.text(), words.xMm() * pixelsPerMm, words.yMm() * pixelsPerMm);
    }
    return canvas;
  }

  private static TextAlignment alignment(PartPages.Anchor anchor) {
    return switch (anchor) {
      case LEFT -> TextAlignment.LEFT;
      case MIDDLE -> TextAlignment.CENTER;
      case RIGHT -> TextAlignment.RIGHT;
    };
  }
}
