package app.fret.desktop.music.lane;

import app.fret.desktop.music.ink.Fonts;
import app.fret.desktop.music.ink.Palette;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** Draws the small blocks and words of the lanes under a staff. */
final class LanePen {
  private static final double LETTER = 5.9;

  private final GraphicsContext graphics;

  LanePen(GraphicsContext graphics) {
    this.graphics = graphics;
  }

  /** The name of a lane at its left. */
  void name(String words, double middle) {
    text(words, 0, middle, Palette.QUIET);
  }

  /** Words, as many letters as fit. */
  void textWithin(String words, double x, double middle, double width, Color colour) {
    int fits = (int) Math.floor(width / LETTER);
    if (words.length() <= fits) {
      text(words, x, middle, colour);
    } else if (fits > 2) {
      text(words.substring(0, fits - 1) + "…", x, middle, colour);
    }
  }

  void text(String words, double x, double middle, Color colour) {
    graphics.setFont(Fonts.regular(12));
    graphics.setFill(colour);
    graphics.setTextBaseline(VPos.CENTER);
    graphics.setTextAlign(TextAlignment.LEFT);
    graphics.fillText(words, x, middle);
  }

  /** A framed block. */
  void block(double x, double y, double width, double height, Color fill) {
    graphics.setFill(fill);
    graphics.fillRoundRect(x, y, width, height, 4, 4);
    graphics.setStroke(Palette.LINE);
    graphics.setLineWidth(1);
    graphics.strokeRoundRect(x, y, width, height, 4, 4);
  }

  void line(double x1, double y1, double x2, double y2, Color colour, double width) {
    graphics.setStroke(colour);
    graphics.setLineWidth(width);
    graphics.strokeLine(x1, y1, x2, y2);
  }
}
