package app.fret.bow.effort;

import app.fret.bow.stroke.BowParts;
import app.fret.bow.stroke.BowPlace;
import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;
import java.util.Locale;

/** Where the kind of stroke speaks. */
final class PlaceTerm extends NamedTerm {
  private static final double PER_TENTH = 0.1;
  private static final double MOST = 4;
  private static final double TO_THE_CENTRE = 0.24;

  PlaceTerm() {
    super("place", Look.MIDDLE, "strokes away from where they speak best", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    BowParts.Part part = demand.part();
    double room = demand.room();
    double off = part.outside(way.middle()) / PER_TENTH;
    double fromCentre = way.middle() - part.centre();
    return Math.min(part.weight() * room * off * off, MOST * part.weight())
        + TO_THE_CENTRE * room * fromCentre * fromCentre;
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    BowParts.Part part = demand.part();
    return String.format(
        Locale.ROOT,
        "Its middle lies %s; this stroke speaks from %.2f to %.2f.",
        BowPlace.words(way.middle()),
        part.from(),
        part.to());
  }
}
