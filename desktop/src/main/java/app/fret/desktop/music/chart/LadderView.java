package app.fret.desktop.music.chart;

import app.fret.desktop.music.ink.Fonts;
import app.fret.desktop.music.ink.Palette;
import app.fret.practice.Climb;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** The ladder drawn as rungs, the target on top, with the clean passes in a row beside them. */
public final class LadderView extends Region {
  private static final double RAIL_LEFT = 44;
  private static final double NARROWEST_RAILS = 24;
  private static final double DOTS_WIDTH = 60;
  private static final double DOT_GAP = 3;
  private static final double NOTE_WIDTH = 50;
  private static final double DOTS_GAP = 18;
  private static final double DOT = 13;
  private static final double DOT_STEP = 20;
  private static final double MARGIN = 20;

  private static final double NARROWEST = 205;
  private static final double LOWEST = 190;
  private static final double USUAL_WIDTH = 290;
  private static final double USUAL_HEIGHT = 440;

  private final Canvas canvas = new Canvas();
  private double dotStep = DOT_STEP;
  private double dot = DOT;
  private Optional<Climb> shown = Optional.empty();

  /** An empty ladder that takes the room it is given. */
  public LadderView() {
    setId("ladder");
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    setMinSize(NARROWEST, LOWEST);
    setPrefSize(USUAL_WIDTH, USUAL_HEIGHT);
    getChildren().add(canvas);
  }

  /** Shows where the player stands. */
  public void show(Climb climb) {
    shown = Optional.of(climb);
    paint(climb);
    setAccessibleText(
        String.format(
            Locale.ROOT,
            "Rung %d of %d, %d clean passes in a row",
            climb.rung() + 1,
            climb.ladder().rungs().size(),
            climb.cleanInARow()));
  }

  @Override
  protected void layoutChildren() {
    canvas.setWidth(getWidth());
    canvas.setHeight(getHeight());
    shown.ifPresent(this::paint);
  }

  private double railRight() {
    double besides = DOTS_GAP + DOTS_WIDTH + NOTE_WIDTH;
    double half = Math.min(getWidth() * 0.5, getWidth() - besides);
    return RAIL_LEFT + Math.max(NARROWEST_RAILS, half - RAIL_LEFT);
  }

  private double dotsLeft() {
    return railRight() + DOTS_GAP;
  }

  private void paint(Climb climb) {
    GraphicsContext graphics = canvas.getGraphicsContext2D();
    graphics.clearRect(0, 0, getWidth(), getHeight());
    int rungs = climb.ladder().rungs().size();
    double margin = Math.min(MARGIN, getHeight() / 12);
    double step = rungs > 1 ? (getHeight() - 2 * margin) / (rungs - 1) : 2 * DOT;
    dotStep = Math.min(DOT_STEP, DOTS_WIDTH / climb.gate().cleanNeeded());
    dot = Math.min(DOT, Math.min(dotStep, step) - DOT_GAP);
    paintRails(graphics);
    for (int rung = 0; rung < rungs; rung++) {
      paintRung(graphics, climb, rung, getHeight() - margin - rung * step);
    }
  }

  private void paintRails(GraphicsContext graphics) {
    graphics.setStroke(Color.web("#9A917F"));
    graphics.setLineWidth(4);
    graphics.strokeLine(RAIL_LEFT, 4, RAIL_LEFT, getHeight() - 4);
    graphics.strokeLine(railRight(), 4, railRight(), getHeight() - 4);
  }

  private void paintRung(GraphicsContext graphics, Climb climb, int rung, double y) {
    boolean current = rung == climb.rung() && !climb.isDone();
    boolean passed = rung < climb.passed();
    Color colour = current ? Palette.ACCENT : passed ? Palette.DONE : Palette.LINE;
    graphics.setStroke(colour);
    graphics.setLineWidth(current ? 6 : 4);
    graphics.strokeLine(RAIL_LEFT, y, railRight(), y);
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
    int clean = passed ? climb.gate().cleanNeeded() : current ? climb.cleanInARow() : 0;
    paintDots(graphics, climb, clean, y, colour);
    paintNote(graphics, climb, rung, y, current);
  }

  private void paintDots(GraphicsContext graphics, Climb climb, int clean, double y, Color colour) {
    for (int pass = 0; pass < climb.gate().cleanNeeded(); pass++) {
      double x = dotsLeft() + pass * dotStep;
      if (pass < clean) {
        graphics.setFill(colour);
        graphics.fillOval(x, y - dot / 2, dot, dot);
      } else {
        graphics.setStroke(colour.equals(Palette.LINE) ? Color.web("#B5AC9B") : colour);
        graphics.setLineWidth(1.6);
        graphics.strokeOval(x, y - dot / 2, dot, dot);
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
        current ? "now" : "target", dotsLeft() + climb.gate().cleanNeeded() * dotStep + 4, y);
  }
}
