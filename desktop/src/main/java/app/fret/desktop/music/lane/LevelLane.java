package app.fret.desktop.music.lane;

import app.fret.desktop.music.ink.Palette;
import app.fret.desktop.music.lane.SystemPlan.Seen;
import app.fret.shape.Levels;
import app.fret.shape.Phrase;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;

/**
 * How loud each note is, over a system: as printed in ink with squares, as proposed in the working
 * colour with circles, what lies between tinted; above it each phrase as a bracket with its peak, a
 * hollow diamond where it is proposed, a filled one where the player moved it, a small ring where
 * it was.
 */
public final class LevelLane implements Lane {
  private static final double HEIGHT = 98;

  /** Room of the word over a note that is brought out. */
  private static final double OUT = 9;

  private static final double ABOVE = 10;
  private static final double PHRASES = 22;
  private static final double CURVE = 64;
  private static final double SOFTEST = 1;
  private static final double LOUDEST = 10;
  private static final double PIANO = 4;
  private static final double FORTE = 7;
  private static final double DIAMOND = 6;

  @Override
  public boolean isOver() {
    return true;
  }

  @Override
  public double height(SystemPlan plan) {
    return HEIGHT;
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    new Painter(graphics, plan, space, top + PHRASES).paint();
  }

  /** Paints one system; its fields live as long. */
  private static final class Painter {
    private final GraphicsContext graphics;
    private final LanePen pen;
    private final SystemPlan plan;
    private final Levels levels;
    private final double space;
    private final double top;

    Painter(GraphicsContext graphics, SystemPlan plan, double space, double top) {
      this.graphics = graphics;
      this.pen = new LanePen(graphics);
      this.plan = plan;
      this.levels = plan.study().levels();
      this.space = space;
      this.top = top;
    }

    private double y(double level) {
      return top + CURVE * (LOUDEST - level) / (LOUDEST - SOFTEST);
    }

    private double x(Seen seen) {
      return seen.place().middle() * space;
    }

    void paint() {
      double from = plan.system().notesFrom() * space;
      double to = plan.system().bars().get(plan.system().bars().size() - 1).until() * space;
      for (double level : new double[] {SOFTEST, PIANO, FORTE, LOUDEST}) {
        pen.line(from, y(level), to, y(level), Palette.LINE, 1);
      }
      pen.name("level 10", y(LOUDEST));
      pen.name("forte 7", y(FORTE));
      pen.name("piano 4", y(PIANO));
      pen.name("1", y(SOFTEST));
      tint();
      paintPrinted();
      paintProposed();
      levels.phrases().forEach(this::paintPhrase);
    }

    private void tint() {
      List<Seen> seen = plan.seen();
      int count = seen.size();
      if (count < 2) {
        return;
      }
      double[] xs = new double[2 * count];
      double[] ys = new double[2 * count];
      for (int i = 0; i < count; i++) {
        xs[i] = x(seen.get(i));
        ys[i] = y(levels.printed(seen.get(i).number()));
        xs[2 * count - 1 - i] = xs[i];
        ys[2 * count - 1 - i] = y(levels.proposed(seen.get(i).number()));
      }
      graphics.setFill(Palette.SELECTION);
      graphics.fillPolygon(xs, ys, 2 * count);
    }

    private void paintPrinted() {
      Seen before = null;
      for (Seen seen : plan.seen()) {
        double y = y(levels.printed(seen.number()));
        if (before != null) {
          pen.line(x(before), y(levels.printed(before.number())), x(seen), y, Palette.INK, 1.4);
        }
        before = seen;
      }
      for (Seen seen : plan.seen()) {
        if (isMark(seen.number())) {
          graphics.setFill(Palette.INK);
          graphics.fillRect(x(seen) - 3, y(levels.printed(seen.number())) - 3, 6, 6);
        }
      }
    }

    /** Where the printed level begins, turns or ends. */
    private boolean isMark(int note) {
      if (note == 0 || note + 1 == plan.study().notes().size()) {
        return true;
      }
      double before = levels.printed(note) - levels.printed(note - 1);
      double after = levels.printed(note + 1) - levels.printed(note);
      return Math.abs(before - after) > 0.4;
    }

    private void paintProposed() {
      Seen before = null;
      for (Seen seen : plan.seen()) {
        double y = y(levels.proposed(seen.number()));
        if (before != null) {
          pen.line(x(before), y(levels.proposed(before.number())), x(seen), y, Palette.ACCENT, 2);
        }
        before = seen;
      }
      for (Seen seen : plan.seen()) {
        double y = y(levels.proposed(seen.number()));
        graphics.setFill(Palette.PAPER);
        graphics.fillOval(x(seen) - 2.6, y - 2.6, 5.2, 5.2);
        graphics.setStroke(Palette.ACCENT);
        graphics.setLineWidth(1.4);
        graphics.strokeOval(x(seen) - 2.6, y - 2.6, 5.2, 5.2);
        if (levels.isBroughtOut(seen.number())) {
          pen.text("out", x(seen) - OUT, y - ABOVE, Palette.ACCENT);
        }
      }
    }

    private void paintPhrase(Phrase phrase) {
      double from = Double.NaN;
      double to = Double.NaN;
      for (Seen seen : plan.seen()) {
        if (phrase.holds(seen.number())) {
          from = Double.isNaN(from) ? x(seen) : from;
          to = x(seen);
        }
      }
      if (Double.isNaN(from)) {
        return;
      }
      double y = top - PHRASES / 2;
      pen.line(from, y, to, y, Palette.QUIET, 1.2);
      if (plan.shows(phrase.firstNote())) {
        pen.line(from, y, from, y + 5, Palette.QUIET, 1.2);
      }
      if (plan.shows(phrase.lastNote())) {
        pen.line(to, y, to, y + 5, Palette.QUIET, 1.2);
      }
      paintPeak(phrase, y);
    }

    private void paintPeak(Phrase phrase, double y) {
      boolean moved = phrase.movedPeak().isPresent();
      if (moved && plan.shows(phrase.proposedPeak())) {
        double was = x(plan.note(phrase.proposedPeak()));
        graphics.setStroke(Palette.QUIET);
        graphics.setLineWidth(1.2);
        graphics.strokeOval(was - 3, y - 3, 6, 6);
      }
      if (phrase.isLevel() || !plan.shows(phrase.peak())) {
        return;
      }
      double x = x(plan.note(phrase.peak()));
      graphics.setLineDashes(2, 3);
      pen.line(x, y + DIAMOND, x, y(levels.proposed(phrase.peak())), Palette.ACCENT, 1);
      graphics.setLineDashes();
      double[] xs = {x - DIAMOND, x, x + DIAMOND, x};
      double[] ys = {y, y - DIAMOND, y, y + DIAMOND};
      graphics.setFill(moved ? Palette.ACCENT : Palette.PAPER);
      graphics.fillPolygon(xs, ys, 4);
      graphics.setStroke(Palette.ACCENT);
      graphics.setLineWidth(1.6);
      graphics.strokePolygon(xs, ys, 4);
    }
  }
}
