package app.fret.desktop.music.lane;

import app.fret.desktop.music.ink.Palette;
import app.fret.engraving.Engraving;
import app.fret.reading.Others;
import app.fret.score.Bar;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import org.apache.commons.numbers.fraction.Fraction;

/** What the other parts run on, a tick for each of their notes, with a post where they stop. */
final class OthersLane implements Lane {
  private static final double HEIGHT = 22;
  private static final double STRIP = 15;
  private static final double LABEL = 122;
  private static final Map<Fraction, String> NAMES =
      Map.of(
          Fraction.of(1, 2), "halves",
          Fraction.of(1, 4), "quarters",
          Fraction.of(1, 8), "eighths",
          Fraction.of(1, 12), "triplets",
          Fraction.of(1, 16), "sixteenths",
          Fraction.of(1, 24), "sextuplets",
          Fraction.of(1, 32), "thirty-seconds");

  @Override
  public double height(SystemPlan plan) {
    return plan.study().others().running().isEmpty() ? 0 : HEIGHT;
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    Others others = plan.study().others();
    if (others.running().isEmpty()) {
      return;
    }
    LanePen pen = new LanePen(graphics);
    pen.name("others", top + STRIP / 2);
    List<Integer> stops = others.stops(plan.study().passage().bars().size());
    boolean first = true;
    for (Engraving.BarPlace place : plan.system().bars()) {
      Optional<Others.Running> running =
          others.running().stream()
              .filter(r -> r.firstBar() <= place.bar() && place.bar() <= r.lastBar())
              .findFirst();
      boolean labelled = running.isPresent() && (first || running.get().firstBar() == place.bar());
      if (running.isPresent()) {
        paintTicks(pen, plan, place.bar(), running.get(), space, top, labelled);
      } else if (stops.contains(place.bar())) {
        paintStop(pen, place, space, top);
      }
      first = false;
    }
  }

  private static void paintTicks(
      LanePen pen,
      SystemPlan plan,
      int index,
      Others.Running running,
      double space,
      double top,
      boolean labelled) {
    Bar bar = plan.study().passage().bars().get(index);
    double from = plan.x(index, bar.onset()) * space;
    double label = labelled ? LABEL : 0;
    if (labelled) {
      pen.textWithin(words(running), from, top + STRIP / 2, LABEL - 4, Palette.QUIET);
    }
    for (Fraction at = bar.onset(); at.compareTo(bar.end()) < 0; at = at.add(running.value())) {
      double x = plan.x(index, at) * space;
      if (x >= from + label) {
        pen.line(x, top + 3, x, top + STRIP - 3, Palette.QUIET, 2);
      }
    }
  }

  private static String words(Others.Running running) {
    String value = NAMES.getOrDefault(running.value(), running.fraction());
    return running.part().isEmpty() ? value : value + ", " + running.part();
  }

  private static void paintStop(LanePen pen, Engraving.BarPlace place, double space, double top) {
    double x = place.x() * space;
    pen.line(x, top - 2, x, top + STRIP + 2, Palette.CAUTION, 2);
    double width = (place.until() - place.x()) * space;
    pen.textWithin("others stop: you count", x + 6, top + STRIP / 2, width, Palette.CAUTION);
  }
}
