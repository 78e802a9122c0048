package app.fret.desktop.music.lane;

import app.fret.bow.SlowStroke;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.trouble.BowTrouble;
import app.fret.desktop.music.ink.Palette;
import app.fret.desktop.music.lane.SystemPlan.Seen;
import java.util.List;
import java.util.Locale;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;

/**
 * The bow under a system: where on the hair it is at every moment, from the frog below to the tip
 * above, coloured by its speed. In the air it is dotted; the balance point is shaded, places of
 * trouble are hatched.
 */
public final class TrackLane implements Lane {
  /** Speed of the slowest colour, in cm/s. */
  public static final double SLOW_CM_PER_SECOND = 10;

  /** Speed of the fastest colour, in cm/s. */
  public static final double FAST_CM_PER_SECOND = 60;

  private static final double HEIGHT = 116;
  private static final double TRACK = 100;
  private static final double BALANCE_FROM = 0.25;
  private static final double BALANCE_TO = 0.35;
  private static final int LINES = 10;
  private static final double HATCH = 7;

  private final double tempoShare;

  /** The bow at the target tempo. */
  public TrackLane() {
    this(1);
  }

  /**
   * The bow at a slower tempo: in the same places, at less speed.
   *
   * @param tempoShare share of the target tempo
   */
  public TrackLane(double tempoShare) {
    this.tempoShare = tempoShare;
  }

  @Override
  public double height(SystemPlan plan) {
    return HEIGHT;
  }

  /** Colour of a speed: quiet blue-green when slow, warm when fast. */
  public static Color colour(double cmPerSecond) {
    double share = (cmPerSecond - SLOW_CM_PER_SECOND) / (FAST_CM_PER_SECOND - SLOW_CM_PER_SECOND);
    return Palette.ACCENT.interpolate(Palette.CAUTION, Math.max(0, Math.min(1, share)));
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    new Painter(graphics, plan, space, top + (HEIGHT - TRACK) / 2, tempoShare).paint();
  }

  /** Paints one system; its fields live as long. */
  private static final class Painter {
    private final GraphicsContext graphics;
    private final LanePen pen;
    private final SystemPlan plan;
    private final double space;
    private final double top;
    private final double tempoShare;

    Painter(
        GraphicsContext graphics, SystemPlan plan, double space, double top, double tempoShare) {
      this.graphics = graphics;
      this.pen = new LanePen(graphics);
      this.plan = plan;
      this.space = space;
      this.top = top;
      this.tempoShare = tempoShare;
    }

    private double y(double place) {
      return top + TRACK * (1 - place);
    }

    private double x(int note) {
      return plan.note(note).place().x() * space;
    }

    private double until(int note) {
      return plan.note(note).place().until() * space;
    }

    void paint() {
      paintAxis();
      List<BowTrouble> troubles = plan.study().bow().troubles();
      troubles.forEach(t -> hatch(t.firstNote(), t.lastNote()));
      List<Stroke> strokes = plan.study().bow().strokes();
      for (int i = 0; i < strokes.size(); i++) {
        paintStroke(strokes.get(i));
        if (i > 0 && strokes.get(i).retakeBefore()) {
          paintAir(strokes.get(i - 1), strokes.get(i));
        }
      }
    }

    private void paintAxis() {
      double from = plan.system().notesFrom() * space;
      double to = plan.system().bars().get(plan.system().bars().size() - 1).until() * space;
      graphics.setFill(Palette.BOARD);
      graphics.fillRect(from, y(BALANCE_TO), to - from, y(BALANCE_FROM) - y(BALANCE_TO));
      for (int line = 0; line <= LINES; line++) {
        double place = (double) line / LINES;
        boolean named = line % (LINES / 2) == 0;
        pen.line(from, y(place), to, y(place), Palette.LINE, named ? 1.2 : 0.5);
      }
      pen.name("tip 1.0", y(1));
      pen.name("0.5", y(0.5));
      pen.name("balance", y((BALANCE_FROM + BALANCE_TO) / 2));
      pen.name("frog 0", y(0));
    }

    private void paintStroke(Stroke stroke) {
      if (stroke.kind() == StrokeKind.PIZZICATO || stroke.amountCm() <= 0) {
        return;
      }
      double place = stroke.start();
      double along = Math.signum(stroke.end() - stroke.start());
      double perCm = Math.abs(stroke.end() - stroke.start()) / stroke.amountCm();
      for (int note = stroke.firstNote(); note <= stroke.lastNote(); note++) {
        double share = stroke.sharesCm().get(note - stroke.firstNote());
        double next = place + along * perCm * share;
        if (plan.shows(note)) {
          pen.line(from(stroke, note), y(place), to(stroke, note), y(next), colour(stroke), 3.2);
        }
        place = next;
      }
    }

    private Color colour(Stroke stroke) {
      return TrackLane.colour(SlowStroke.of(stroke, tempoShare).speedCmPerSecond());
    }

    /** Where a note's part of a stroke begins on the page. */
    private double from(Stroke stroke, int note) {
      boolean inside = note == stroke.firstNote() && stroke.beginsInside();
      return inside ? x(note) + stroke.from() * (end(note) - x(note)) : x(note);
    }

    private double to(Stroke stroke, int note) {
      if (note < stroke.lastNote() && plan.shows(note + 1)) {
        return x(note + 1);
      }
      int next = plan.study().bow().strokes().indexOf(stroke) + 1;
      List<Stroke> strokes = plan.study().bow().strokes();
      boolean goesOn =
          next < strokes.size()
              && strokes.get(next).firstNote() == note
              && strokes.get(next).beginsInside();
      return goesOn ? from(strokes.get(next), note) : end(note);
    }

    /** Where the sound of a stroke's last note ends on the page. */
    private double end(int note) {
      return Math.max(x(note) + 4, until(note) - 3);
    }

    private void paintAir(Stroke before, Stroke stroke) {
      boolean here = plan.shows(before.lastNote()) && plan.shows(stroke.firstNote());
      if (here) {
        graphics.setLineDashes(2, 4);
        pen.line(
            end(before.lastNote()),
            y(before.end()),
            x(stroke.firstNote()),
            y(stroke.start()),
            Palette.QUIET,
            1.4);
        graphics.setLineDashes();
      }
    }

    private void hatch(int first, int last) {
      double from = Double.NaN;
      double to = Double.NaN;
      for (Seen seen : plan.seen()) {
        if (seen.number() >= first && seen.number() <= last) {
          from = Double.isNaN(from) ? x(seen.number()) : from;
          to = until(seen.number());
        }
      }
      if (Double.isNaN(from)) {
        return;
      }
      for (double x = from; x < to; x += HATCH) {
        pen.line(x, y(0), Math.min(to, x + HATCH), y(1), Palette.HATCH, 1.2);
      }
    }
  }

  /** What a colour stands for, in words. */
  public static String legend() {
    return String.format(Locale.ROOT, "%.0f to %.0f cm/s", SLOW_CM_PER_SECOND, FAST_CM_PER_SECOND);
  }
}
