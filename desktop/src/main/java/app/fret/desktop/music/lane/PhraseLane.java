package app.fret.desktop.music.lane;

import app.fret.desktop.music.ink.Palette;
import app.fret.score.Span;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;

/** Where the music breathes: a line under each phrase, with the bars it has at its start. */
final class PhraseLane implements Lane {
  private static final double HEIGHT = 20;
  private static final double TICK = 4;

  @Override
  public double height(SystemPlan plan) {
    return HEIGHT;
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    LanePen pen = new LanePen(graphics);
    pen.name("phrases", top + TICK + 2);
    for (Span phrase : plan.study().levels().spans()) {
      paint(pen, plan, phrase, space, top);
    }
  }

  private static void paint(LanePen pen, SystemPlan plan, Span phrase, double space, double top) {
    List<SystemPlan.Seen> here =
        plan.seen().stream().filter(s -> phrase.holds(s.number())).toList();
    if (here.isEmpty()) {
      return;
    }
    SystemPlan.Seen first = here.get(0);
    SystemPlan.Seen last = here.get(here.size() - 1);
    double from = first.place().x() * space - 3;
    double to = Math.max(from + 2 * TICK, last.place().until() * space - 2 * TICK);
    pen.line(from, top, to, top, Palette.QUIET, 1);
    if (first.number() == phrase.first()) {
      pen.line(from, top, from, top + TICK, Palette.QUIET, 1);
      pen.textWithin(words(plan, phrase), from + 4, top + 9, to - from, Palette.QUIET);
    }
    if (last.number() == phrase.last()) {
      pen.line(to, top, to, top + TICK, Palette.QUIET, 1);
    }
  }

  private static String words(SystemPlan plan, Span phrase) {
    int from = plan.study().notes().get(phrase.first()).bar();
    int to = plan.study().notes().get(phrase.last()).bar();
    int bars = to - from + 1;
    return bars == 1 ? "1 bar" : bars + " bars";
  }
}
