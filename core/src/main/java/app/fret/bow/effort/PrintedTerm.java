package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/** Bow signs of the part are kept, as far as they bind in the school. */
public final class PrintedTerm extends NamedTerm {
  PrintedTerm() {
    super("against-sign", Look.START);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    boolean against = demand.printed().filter(p -> p != way.direction()).isPresent();
    return against && demand.decided().isEmpty() ? 1 : 0;
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return "The part asks for the other direction.";
  }
}
