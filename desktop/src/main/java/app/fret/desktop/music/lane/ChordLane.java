package app.fret.desktop.music.lane;

import app.fret.desktop.music.ink.Palette;
import app.fret.harmony.Harmony;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;

/** The chords over the music, where they can be told, with their degrees in the key. */
final class ChordLane implements Lane {
  private static final double HEIGHT = 20;
  private static final double MIDDLE = 9;
  private static final double LETTER = 7;

  @Override
  public boolean isOver() {
    return true;
  }

  @Override
  public double height(SystemPlan plan) {
    return here(plan).isEmpty() ? 0 : HEIGHT;
  }

  private static List<Harmony> here(SystemPlan plan) {
    return plan.study().harmonies().stream().filter(h -> plan.shows(h.firstNote())).toList();
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    LanePen pen = new LanePen(graphics);
    double free = 0;
    for (Harmony harmony : here(plan)) {
      double x = plan.note(harmony.firstNote()).place().x() * space;
      String sign = harmony.chord().sign();
      double until = x + LETTER * (sign.length() + 1);
      // Two names on one spot could be read as one.
      if (x >= free) {
        pen.text(sign, x, top + MIDDLE, Palette.INK);
        pen.text(harmony.degree(), until, top + MIDDLE, Palette.QUIET);
        free = until + LETTER * (harmony.degree().length() + 1);
      }
    }
  }
}
