package app.fret.desktop.music.lane;

import app.fret.desktop.music.ink.Palette;
import app.fret.engraving.Engraving;
import app.fret.reading.BeatGroups;
import app.fret.score.Bar;
import java.util.List;
import javafx.scene.canvas.GraphicsContext;
import org.apache.commons.numbers.fraction.Fraction;

/** Beats under the staff, each block as long as its notes; uneven ones with words to say. */
final class BeatLane implements Lane {
  private static final double HEIGHT = 22;
  private static final double BLOCK = 15;
  private static final double GAP = 3;
  private static final double EDGE = 0.6;

  @Override
  public double height(SystemPlan plan) {
    return HEIGHT;
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    LanePen pen = new LanePen(graphics);
    pen.name("beats", top + BLOCK / 2);
    for (Engraving.BarPlace place : plan.system().bars()) {
      Bar bar = plan.study().passage().bars().get(place.bar());
      BeatGroups groups = plan.study().brief().reading().beatGroups().get(place.bar());
      if (!bar.metre().isFree()) {
        paintBar(pen, plan, bar, groups, space, top);
      }
    }
  }

  private static void paintBar(
      LanePen pen, SystemPlan plan, Bar bar, BeatGroups groups, double space, double top) {
    Fraction missing = bar.placeInMetre(bar.onset());
    Fraction at = bar.onset().subtract(missing);
    List<Fraction> lengths = groups.lengths(bar.metre());
    List<String> words = groups.words();
    for (int beat = 0; beat < lengths.size(); beat++) {
      Fraction from = at.compareTo(bar.onset()) < 0 ? bar.onset() : at;
      Fraction to = at.add(lengths.get(beat));
      boolean there = from.compareTo(bar.end()) < 0 && to.compareTo(bar.onset()) > 0;
      if (there) {
        double x = (plan.x(groups.bar(), from) - EDGE) * space;
        double until = plan.x(groups.bar(), to.compareTo(bar.end()) > 0 ? bar.end() : to);
        double width = (until - EDGE) * space - GAP - x;
        pen.block(x, top, width, BLOCK, beat == 0 ? Palette.SELECTION : Palette.CARD);
        String label = groups.uneven() ? words.get(beat) : String.valueOf(beat + 1);
        pen.textWithin(label, x + 5, top + BLOCK / 2, width - 6, Palette.INK);
      }
      at = to;
    }
  }
}
