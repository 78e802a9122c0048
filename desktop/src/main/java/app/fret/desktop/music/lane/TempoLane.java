package app.fret.desktop.music.lane;

import app.fret.desktop.music.ink.Palette;
import app.fret.reading.NotePlaces;
import app.fret.score.NoteRef;
import app.fret.study.Study;
import app.fret.time.TempoPlace;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;

/** Notes that go at a tempo of their own, as bands under the music. */
final class TempoLane implements Lane {
  private static final double HEIGHT = 22;
  private static final double BAND = 15;

  @Override
  public double height(SystemPlan plan) {
    return plan.study().choices().tempo().places().isEmpty() ? 0 : HEIGHT;
  }

  @Override
  public void paint(GraphicsContext graphics, SystemPlan plan, double space, double top) {
    LanePen pen = new LanePen(graphics);
    for (TempoPlace place : plan.study().choices().tempo().places()) {
      Optional<Integer> first = note(plan.study(), place.from());
      Optional<Integer> last = note(plan.study(), place.to());
      if (first.isPresent() && last.isPresent()) {
        paint(pen, plan, place, first.get(), last.get(), space, top);
      }
    }
  }

  private static Optional<Integer> note(Study study, NoteRef at) {
    return study.places().find(at).map(NotePlaces.Head::note);
  }

  private static void paint(
      LanePen pen,
      SystemPlan plan,
      TempoPlace place,
      int first,
      int last,
      double space,
      double top) {
    double from = Double.NaN;
    double to = 0;
    for (SystemPlan.Seen seen : plan.seen()) {
      if (seen.number() >= first && seen.number() <= last) {
        from = Double.isNaN(from) ? seen.place().x() * space - 4 : from;
        to = seen.place().until() * space - 4;
      }
    }
    if (!Double.isNaN(from)) {
      pen.block(from, top, to - from, BAND, Palette.REACH);
      String words =
          String.format(Locale.ROOT, "%s %s", place.kind().words(), number(place.perMinute()));
      pen.textWithin(words, from + 5, top + BAND / 2, to - from - 6, Palette.INK);
    }
  }

  private static String number(double value) {
    return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
  }
}
