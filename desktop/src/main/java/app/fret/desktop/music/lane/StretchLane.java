package app.fret.desktop.music.lane;

import app.fret.desktop.music.ink.Palette;
import app.fret.engraving.Engraving;
import app.fret.reading.Form;
import app.fret.score.Bar;
import app.fret.study.Study;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;

/** Stretches of bars that come back, with where they were and how they differ. */
final class StretchLane implements Lane {
  private static final double HEIGHT = 26;
  private static final double TICK = 5;

  /** Words may reach a little beyond a short stretch. */
  private static final double OVERHANG = 60;

  @Override
  public double height(SystemPlan plan) {
    return plan.system().bars().stream().anyMatch(b -> isIn(plan.study(), b.bar())) ? HEIGHT : 0;
  }

  private static boolean isIn(Study study, int bar) {
    return study.brief().reading().returns().stream()
        .anyMatch(r -> r.firstBar() <= bar && bar <= r.lastBar());
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    LanePen pen = new LanePen(graphics);
    List<Bar> bars = plan.study().passage().bars();
    for (Form.Return each : plan.study().brief().reading().returns()) {
      String words = "as bar" + numbers(bars, each) + after(each);
      paint(pen, plan, each.firstBar(), each.lastBar(), words, space, top);
    }
  }

  private static String numbers(List<Bar> bars, Form.Return each) {
    String from = bars.get(each.earlierBar()).label();
    String to = bars.get(each.earlierLastBar()).label();
    return each.firstBar() == each.lastBar() ? " " + from : "s " + from + " to " + to;
  }

  private static String after(Form.Return each) {
    return each.kind() == Form.Kind.EQUAL ? "" : ", " + each.words();
  }

  private static void paint(
      LanePen pen, SystemPlan plan, int first, int last, String words, double space, double top) {
    List<Engraving.BarPlace> here =
        plan.system().bars().stream().filter(b -> first <= b.bar() && b.bar() <= last).toList();
    if (here.isEmpty()) {
      return;
    }
    double from = here.get(0).x() * space + 2;
    double to = here.get(here.size() - 1).until() * space - 4;
    boolean begins = here.get(0).bar() == first;
    boolean ends = here.get(here.size() - 1).bar() == last;
    pen.line(from, top + TICK, to, top + TICK, Palette.ACCENT, 1.5);
    if (begins) {
      pen.line(from, top, from, top + TICK, Palette.ACCENT, 1.5);
    }
    if (ends) {
      pen.line(to, top, to, top + TICK, Palette.ACCENT, 1.5);
    }
    pen.textWithin(words, from + 4, top + TICK + 9, to - from + OVERHANG, Palette.ACCENT);
  }
}
