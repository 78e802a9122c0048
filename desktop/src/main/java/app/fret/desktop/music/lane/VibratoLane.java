package app.fret.desktop.music.lane;

import app.fret.desktop.music.ink.Palette;
import app.fret.desktop.music.lane.SystemPlan.Seen;
import app.fret.vibrato.Vibrato;
import app.fret.vibrato.VibratoPlan;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;

/**
 * The vibrato under a system: a wave as wide as its cents where a note must vibrate, a dashed box
 * where it may, a dashed line where it does not; a long note that cannot is named in its place.
 */
public final class VibratoLane implements Lane {
  private static final double HEIGHT = 38;
  private static final double PIXELS_PER_CENT = 0.28;
  private static final double PIXELS_PER_SECOND_SWING = 60;
  private static final double MAY = 10;
  private static final double STEP = 1.5;
  private static final int FEWEST_PIXELS = 26;

  @Override
  public double height(SystemPlan plan) {
    return HEIGHT;
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    LanePen pen = new LanePen(graphics);
    double middle = top + HEIGHT / 2;
    pen.name("vibrato", middle);
    VibratoPlan vibrato = plan.study().vibrato();
    List<Integer> conflicts = vibrato.conflicts().stream().map(c -> c.note()).toList();
    for (Seen seen : plan.seen()) {
      double from = seen.place().x() * space;
      double to = Math.max(from + 6, seen.place().until() * space - 4);
      if (conflicts.contains(seen.number())) {
        paintConflict(graphics, pen, from, to, middle);
      } else {
        paint(graphics, pen, vibrato.notes().get(seen.number()), from, to, middle);
      }
    }
  }

  private static void paintConflict(
      GraphicsContext graphics, LanePen pen, double from, double to, double middle) {
    double width = Math.max(to - from, FEWEST_PIXELS);
    graphics.setFill(Palette.MEND);
    graphics.fillRoundRect(from, middle - 11, width, 22, 4, 4);
    graphics.setStroke(Palette.TROUBLE);
    graphics.setLineWidth(1);
    graphics.strokeRoundRect(from, middle - 11, width, 22, 4, 4);
    pen.textWithin("cannot", from + 4, middle, width - 6, Palette.TROUBLE);
  }

  private static void paint(
      GraphicsContext graphics,
      LanePen pen,
      Vibrato vibrato,
      double from,
      double to,
      double middle) {
    switch (vibrato.need()) {
      case MUST -> paintWave(graphics, vibrato, from, to, middle);
      case MAY -> {
        graphics.setStroke(Palette.ACCENT);
        graphics.setLineWidth(1);
        graphics.setLineDashes(3, 3);
        graphics.strokeRoundRect(from, middle - MAY / 2, to - from, MAY, 3, 3);
        graphics.setLineDashes();
      }
      case NONE -> {
        graphics.setLineDashes(4, 4);
        pen.line(from, middle, to, middle, Palette.QUIET, 1);
        graphics.setLineDashes();
      }
    }
  }

  private static void paintWave(
      GraphicsContext graphics, Vibrato vibrato, double from, double to, double middle) {
    graphics.setStroke(Palette.ACCENT);
    graphics.setLineWidth(1.3);
    double swing = PIXELS_PER_SECOND_SWING / vibrato.rateHz();
    double beforeX = from;
    double beforeY = middle;
    for (double x = from; x <= to; x += STEP) {
      double share = to > from ? (x - from) / (to - from) : 0;
      double cents =
          vibrato.widthCents() + share * (vibrato.widthCentsAtEnd() - vibrato.widthCents());
      double y = middle - Math.sin((x - from) / swing * 2 * Math.PI) * cents * PIXELS_PER_CENT;
      graphics.strokeLine(beforeX, beforeY, x, y);
      beforeX = x;
      beforeY = y;
    }
  }
}
