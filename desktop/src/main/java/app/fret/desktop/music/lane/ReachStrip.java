package app.fret.desktop.music.lane;

import app.fret.desktop.music.ink.Fonts;
import app.fret.desktop.music.ink.Palette;
import app.fret.engraving.Engraving;
import app.fret.instrument.Instrument;
import app.fret.lefthand.hand.Placement;
import app.fret.study.Study;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;

/**
 * Paints under the path how far the hand opens at each note, in mm, against the span at ease: a bar
 * a note, with a line where ease ends.
 */
final class ReachStrip implements Lane {
  private static final double HEIGHT = 34;

  @Override
  public double height(SystemPlan plan) {
    return HEIGHT;
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    new Painter(graphics, plan, space, top).paint();
  }

  /** Paints one system; its fields live as long. */
  private static final class Painter {
    private static final double BAR = 22;
    private static final double TOP_GAP = 8;
    private static final double LABEL_WIDTH = 78;

    private final GraphicsContext graphics;
    private final SystemPlan plan;
    private final Study study;
    private final Engraving.System system;
    private final double space;
    private final double top;

    Painter(GraphicsContext graphics, SystemPlan plan, double space, double top) {
      this.graphics = graphics;
      this.plan = plan;
      this.study = plan.study();
      this.system = plan.system();
      this.space = space;
      this.top = top + TOP_GAP;
    }

    void paint() {
      double easeMm = study.player().hand().comfortableMm();
      double mostMm = study.player().hand().greatestMm();
      double pixelsPerMm = BAR / mostMm;
      double floor = top + BAR;
      double from = system.notesFrom() * space;
      double end = system.bars().get(system.bars().size() - 1).until() * space;
      for (SystemPlan.Seen seen : plan.seen()) {
        paintBar(seen.plan().placement(), seen.place(), floor, pixelsPerMm);
      }
      graphics.setStroke(Palette.LINE);
      graphics.setLineWidth(1);
      graphics.strokeLine(from, floor, end, floor);
      graphics.setStroke(Palette.CAUTION);
      graphics.setLineDashes(4, 3);
      double ease = floor - easeMm * pixelsPerMm;
      graphics.strokeLine(Math.max(from, LABEL_WIDTH), ease, end, ease);
      graphics.setLineDashes();
      graphics.setFont(Fonts.regular(11.5));
      graphics.setFill(Palette.QUIET);
      graphics.setTextBaseline(VPos.CENTER);
      graphics.setTextAlign(TextAlignment.LEFT);
      graphics.fillText(String.format(Locale.ROOT, "ease %.0f mm", easeMm), 4, ease);
    }

    private void paintBar(
        Placement placement, Engraving.NotePlace place, double floor, double pixelsPerMm) {
      if (!placement.usesHand()) {
        return;
      }
      Instrument instrument = study.player().instrument();
      double easeMm = study.player().hand().comfortableMm();
      double openMm = placement.openMm(instrument.geometry());
      // Each pair of fingers has an ease of its own: what goes beyond it stands above the line.
      double shownMm =
          placement.reachMm() > 0 ? easeMm + placement.reachMm() : Math.min(openMm, easeMm);
      double height = Math.max(1.5, shownMm * pixelsPerMm);
      graphics.setFill(placement.reachMm() > 0 ? Palette.CAUTION : Palette.REACH);
      graphics.fillRect(place.x() * space, floor - height, place.width() * space, height);
    }
  }
}
