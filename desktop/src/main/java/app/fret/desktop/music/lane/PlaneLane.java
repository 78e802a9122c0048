package app.fret.desktop.music.lane;

import app.fret.bow.plane.PlanePlan;
import app.fret.bow.plane.PlanePlan.NotePlane;
import app.fret.desktop.music.ink.Palette;
import app.fret.desktop.music.lane.SystemPlan.Seen;
import app.fret.instrument.Instrument;
import app.fret.instrument.StringPlanes;
import java.util.Locale;
import javafx.scene.canvas.GraphicsContext;

/**
 * The bow's planes under a system: a block a note at the angle it is bowed at, the highest string
 * above, in the colour of its string; a line where the arm goes from one to the next.
 */
public final class PlaneLane implements Lane {
  private static final double HEIGHT = 64;
  private static final double BAND = 52;
  private static final double BLOCK = 5;
  private static final double NUMERAL = 4;

  @Override
  public double height(SystemPlan plan) {
    return HEIGHT;
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    LanePen pen = new LanePen(graphics);
    Instrument instrument = plan.study().player().instrument();
    StringPlanes planes = StringPlanes.of(instrument);
    PlanePlan bow = plan.study().bow().planes();
    double from = plan.system().notesFrom() * space;
    double to = plan.system().bars().get(plan.system().bars().size() - 1).until() * space;
    double reach = planes.degrees(1) + planes.leanDegrees();
    double middle = top + HEIGHT / 2;
    for (int string = 1; string <= instrument.stringCount(); string++) {
      double y = middle - planes.degrees(string) / reach * BAND / 2;
      pen.line(from, y, to, y, Palette.LINE, 1);
      String numeral = Instrument.numeral(string);
      pen.text(numeral, from - 4 - NUMERAL * numeral.length(), y, Palette.string(string));
    }
    pen.name("plane", middle);
    double before = Double.NaN;
    double beforeX = 0;
    for (Seen seen : plan.seen()) {
      NotePlane note = bow.notes().get(seen.number());
      double y = middle - note.degrees() / reach * BAND / 2;
      double x = seen.place().x() * space;
      double end = Math.max(x + 4, seen.place().until() * space - 3);
      if (!Double.isNaN(before) && before != y) {
        pen.line(beforeX, before, x, y, Palette.QUIET, 1);
      }
      graphics.setFill(Palette.string(note.string()));
      graphics.fillRoundRect(x, y - BLOCK / 2, end - x, BLOCK, 3, 3);
      before = y;
      beforeX = end;
    }
  }

  /** The crossings of a passage in a few words. */
  public static String words(PlanePlan planes) {
    return String.format(
        Locale.ROOT,
        "%s · hand %.1f m, prepared %.1f m",
        planes.crossings() == 1 ? "1 crossing" : planes.crossings() + " crossings",
        planes.totalMm() / 1000,
        planes.preparedTotalMm() / 1000);
  }
}
