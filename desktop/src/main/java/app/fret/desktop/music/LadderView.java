package app.fret.desktop.music;

import app.fret.practice.Climb;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** The ladder drawn as rungs, the target on top, with the clean passes in a row beside them. */
public final class LadderView extends Canvas {
  private static final double RAIL_LEFT = 48;
  private static final double RAIL_RIGHT = 150;
  private static final double DOTS_LEFT = 170;
  private static final double DOT = 13;
  private static final double DOT_STEP = 22;
  private static final double MARGIN = 20;

  /** A ladder of this size in pixels. */
  public LadderView(double width, double height) {
    super(width, height);
    setId("ladder");
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
  }

  /** Shows where the player stands. */
  public void show(Climb climb) {
    GraphicsContext graphics = getGraphicsContext2D();
    graphics.clearRect(0, 0, getWidth(), getHeight());
    int rungs = climb.ladder().rungs().size();
    double step = rungs > 1 ? (getHeight() - 2 * MARGIN) / (rungs - 1) : 0;
    paintRails(graphics);
    for (int rung = 0; rung < rungs; rung++) {
      paintRung(graphics, climb, rung, getHeight() - MARGIN - rung * step);
    }
    setAccessibleText(
        String.format(
            Locale.ROOT,
            "Rung %d of %d, %d clean passes in a row",
            climb.rung() + 1,
            rungs,
            climb.cleanInARow()));
  }

  private void paintRails(GraphicsContext graphics) {
    graphics.setStroke(Color.web("#9A917F"));
    graphics.setLineWidth(4);
    graphics.strokeLine(RAIL_LEFT, 4, RAIL_LEFT, getHeight() - 4);
    graphics.strokeLine(RAIL_RIGHT, 4, RAIL_RIGHT, getHeight() - 4);
  }

  private void paintRung(GraphicsContext graphics, Climb climb, int rung, double y) {
    boolean current = rung == climb.rung() && !climb.isDone();
    boolean passed = rung < climb.passed();
    Color colour = current ? Palette.ACCENT : passed ? Palette.DONE : Palette.LINE;
    graphics.setStroke(colour);
    graphics.setLineWidth(current ? 6 : 4);
    graphics.strokeLine(RAIL_LEFT, y, RAIL_RIGHT, y);
    graphics.setTextBaseline(VPos.CENTER);
    graphics.setTextAlign(TextAlignment.RIGHT);
    graphics.setFill(Palette.INK);
    graphics.setFont(current ? Fonts.semiBold(16) : Fonts.regular(14));
    double perMinute = climb.ladder().rungs().get(rung);
    graphics.fillText(
        perMinute == Math.rint(perMinute)
            ? String.valueOf((long) perMinute)
            : String.format(Locale.ROOT, "%.1f", perMinute),
        RAIL_LEFT - 14,
        y);
    int clean = passed ? climb.cleanNeeded() : current ? climb.cleanInARow() : 0;
    paintDots(graphics, climb, clean, y, colour);
    paintNote(graphics, climb, rung, y, current);
  }

  private static void paintDots(
      GraphicsContext graphics, Climb climb, int clean, double y, Color colour) {
    for (int dot = 0; dot < climb.cleanNeeded(); dot++) {
      double x = DOTS_LEFT + dot * DOT_STEP;
      if (dot < clean) {
        graphics.setFill(colour);
        graphics.fillOval(x, y - DOT / 2, DOT, DOT);
      } else {
        graphics.setStroke(colour.equals(Palette.LINE) ? Color.web("#B5AC9B") : colour);
        graphics.setLineWidth(1.6);
        graphics.strokeOval(x, y - DOT / 2, DOT, DOT);
      }
    }
  }

  private void paintNote(
      GraphicsContext graphics, Climb climb, int rung, double y, boolean current) {
    boolean target = rung == climb.ladder().rungs().size() - 1;
    if (!current && !target) {
      return;
    }
    graphics.setTextAlign(TextAlignment.LEFT);
    graphics.setFill(current ? Palette.ACCENT : Palette.QUIET);
    graphics.setFont(current ? Fonts.semiBold(14) : Fonts.regular(14));
    graphics.fillText(
        current ? "now" : "target", DOTS_LEFT + climb.cleanNeeded() * DOT_STEP + 12, y);
  }
}
