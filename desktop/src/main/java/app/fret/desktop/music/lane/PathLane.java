package app.fret.desktop.music.lane;

import app.fret.desktop.music.ink.Fonts;
import app.fret.desktop.music.ink.Palette;
import app.fret.desktop.music.lane.SystemPlan.Seen;
import app.fret.engraving.Engraving;
import app.fret.instrument.Instrument;
import app.fret.lefthand.Shift;
import app.fret.lefthand.effort.shift.PositionWords;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.study.PositionRun;
import app.fret.study.Study;
import java.util.List;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/**
 * Paints the path of the left hand under a system: a row for each string, a block for each note as
 * long as it lasts with its finger in it, joined by lines; a shift is a slope as thick as it is
 * hard, and brackets under the rows name the positions.
 */
final class PathLane implements Lane {
  private static final double ROW = 18;
  private static final double BRACKET_GAP = 9;
  private static final double BRACKET_HEIGHT = 20;

  @Override
  public double height(SystemPlan plan) {
    return plan.study().player().instrument().stringCount() * ROW + BRACKET_GAP + BRACKET_HEIGHT;
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    new Painter(graphics, plan, space, top).paint();
  }

  /** Paints one system; its fields live as long. */
  private static final class Painter {
    private static final double BLOCK = 15;
    private static final double SHORTEST_BLOCK = 15;
    private static final double NUMERAL_X = 4;

    private final GraphicsContext graphics;
    private final SystemPlan plan;
    private final Study study;
    private final Instrument instrument;
    private final Engraving.System system;
    private final double space;
    private final double top;

    Painter(GraphicsContext graphics, SystemPlan plan, double space, double top) {
      this.graphics = graphics;
      this.plan = plan;
      this.study = plan.study();
      this.instrument = study.player().instrument();
      this.system = plan.system();
      this.space = space;
      this.top = top;
    }

    private double x(double spaces) {
      return spaces * space;
    }

    private double rowY(int string) {
      return top + (string - 0.5) * ROW;
    }

    void paint() {
      paintRows();
      List<Seen> seen = plan.seen();
      for (int i = 1; i < seen.size(); i++) {
        paintJoint(seen.get(i - 1), seen.get(i));
      }
      seen.forEach(this::paintBlocks);
      paintPositions(seen);
    }

    private void paintRows() {
      double end = x(system.bars().get(system.bars().size() - 1).until());
      graphics.setTextBaseline(VPos.CENTER);
      graphics.setTextAlign(TextAlignment.LEFT);
      graphics.setFont(Fonts.semiBold(12));
      for (int string = 1; string <= instrument.stringCount(); string++) {
        graphics.setStroke(Palette.LINE);
        graphics.setLineWidth(1);
        graphics.strokeLine(x(system.notesFrom()), rowY(string), end, rowY(string));
        graphics.setFill(Palette.string(string));
        graphics.fillText(Instrument.numeral(string), NUMERAL_X, rowY(string));
      }
    }

    private void paintJoint(Seen from, Seen to) {
      if (from.plan().placement().isLeftOut()
          || to.plan().placement().isLeftOut()
          || isRestBetween(from, to)) {
        return;
      }
      Optional<Shift> shift = Optional.ofNullable(plan.shiftsInto().get(to.number()));
      double x1 = blockRight(from);
      double x2 = x(to.place().x());
      double y1 = rowY(from.plan().placement().top().string());
      double y2 = rowY(to.plan().placement().top().string());
      graphics.setStroke(shift.isPresent() ? Palette.CAUTION : Palette.QUIET);
      graphics.setLineWidth(shift.map(s -> 1 + s.bits() * 0.7).orElse(1.0));
      graphics.strokeLine(x1, y1, Math.max(x1 + 1, x2), y2);
    }

    /** Over a rest nothing joins two notes: the hand has time. */
    private static boolean isRestBetween(Seen from, Seen to) {
      return from.plan().note().end().compareTo(to.plan().note().onset()) < 0;
    }

    private double blockRight(Seen seen) {
      double from = x(seen.place().x());
      double share = (x(seen.place().until()) - from) * 0.88;
      return from + Math.max(SHORTEST_BLOCK, share);
    }

    private void paintBlocks(Seen seen) {
      for (Stop stop : seen.plan().placement().stops()) {
        paintBlock(seen, stop);
      }
    }

    private void paintBlock(Seen seen, Stop stop) {
      double from = x(seen.place().x());
      double width = blockRight(seen) - from;
      double y = rowY(stop.string()) - BLOCK / 2;
      Color colour = Palette.string(stop.string());
      graphics.setFill(stop.isOpen() ? Palette.PAPER : colour);
      graphics.fillRoundRect(from, y, width, BLOCK, 8, 8);
      if (stop.isOpen()) {
        graphics.setStroke(colour);
        graphics.setLineWidth(1.5);
        graphics.strokeRoundRect(from + 0.75, y + 0.75, width - 1.5, BLOCK - 1.5, 7, 7);
      }
      if (!study.pinsOn(seen.plan().note().number()).isEmpty()) {
        graphics.setStroke(Palette.INK);
        graphics.setLineWidth(2);
        graphics.strokeRoundRect(from - 1.5, y - 1.5, width + 3, BLOCK + 3, 9, 9);
      }
      graphics.setFill(stop.isOpen() ? colour : Palette.CARD);
      graphics.setFont(Fonts.semiBold(11.5));
      graphics.setTextAlign(TextAlignment.CENTER);
      graphics.setTextBaseline(VPos.CENTER);
      graphics.fillText(stop.finger().sign(), from + Math.min(width, 22) / 2, y + BLOCK / 2);
    }

    /** One bracket for each run of notes in one position, as far as it lies on this system. */
    private void paintPositions(List<Seen> seen) {
      for (PositionRun run : plan.runs()) {
        List<Seen> inside =
            seen.stream()
                .filter(s -> s.number() >= run.firstNote() && s.number() <= run.lastNote())
                .toList();
        if (!inside.isEmpty()) {
          Seen last = inside.get(inside.size() - 1);
          int next = seen.indexOf(last) + 1;
          double until = next < seen.size() ? x(seen.get(next).place().x()) - 5 : blockRight(last);
          paintBracket(x(inside.get(0).place().x()), until, run.held());
        }
      }
    }

    private void paintBracket(double from, double until, Placement held) {
      double y = top + instrument.stringCount() * ROW + BRACKET_GAP;
      graphics.setStroke(Palette.QUIET);
      graphics.setLineWidth(1);
      graphics.strokeLine(from, y - 4, from, y);
      graphics.strokeLine(from, y, Math.max(from + 4, until), y);
      graphics.setFill(Palette.QUIET);
      graphics.setFont(Fonts.regular(11.5));
      graphics.setTextAlign(TextAlignment.LEFT);
      graphics.setTextBaseline(VPos.TOP);
      double room = until - from - 6;
      String words = PositionWords.of(instrument, held).replaceFirst(",.*", "");
      String name = instrument.positionName(held.base(), held.frame());
      for (String shown : List.of(words, words.replace(" position", ""), name)) {
        if (widthOf(shown) <= room) {
          graphics.fillText(shown, from + 3, y + 2);
          return;
        }
      }
    }

    private double widthOf(String words) {
      Text text = new Text(words);
      text.setFont(graphics.getFont());
      return text.getLayoutBounds().getWidth();
    }
  }
}
