package app.fret.desktop.music;

import app.fret.engraving.Engraving;
import app.fret.instrument.Instrument;
import app.fret.lefthand.LeftHandPlan.NotePlan;
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
final class ReachStrip {
  static final double HEIGHT = 34;
  private static final double BAR = 22;
  private static final double TOP_GAP = 8;

  private final GraphicsContext graphics;
  private final Study study;
  private final Engraving.System system;
  private final double space;
  private final double top;

  ReachStrip(
      GraphicsContext graphics, Study study, Engraving.System system, double space, double top) {
    this.graphics = graphics;
    this.study = study;
    this.system = system;
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
    for (NotePlan plan : study.leftHand().notes()) {
      system
          .placeOf(plan.note().events().first())
          .ifPresent(place -> paintBar(plan.placement(), place, floor, pixelsPerMm));
    }
    graphics.setStroke(Palette.LINE);
    graphics.setLineWidth(1);
    graphics.strokeLine(from, floor, end, floor);
    graphics.setStroke(Palette.CAUTION);
    graphics.setLineDashes(4, 3);
    graphics.strokeLine(from, floor - easeMm * pixelsPerMm, end, floor - easeMm * pixelsPerMm);
    graphics.setLineDashes();
    graphics.setFont(Fonts.regular(11.5));
    graphics.setFill(Palette.QUIET);
    graphics.setTextBaseline(VPos.CENTER);
    graphics.setTextAlign(TextAlignment.LEFT);
    graphics.fillText(
        String.format(Locale.ROOT, "ease %.0f mm", easeMm), 4, floor - easeMm * pixelsPerMm);
  }

  private void paintBar(
      Placement placement, Engraving.NotePlace place, double floor, double pixelsPerMm) {
    if (!placement.usesHand()) {
      return;
    }
    Instrument instrument = study.player().instrument();
    double openMm = FingerboardView.openMm(instrument, placement);
    double height = Math.max(1.5, openMm * pixelsPerMm);
    graphics.setFill(placement.reachMm() > 0 ? Palette.CAUTION : Palette.REACH);
    graphics.fillRect(place.x() * space, floor - height, place.width() * space, height);
  }
}
