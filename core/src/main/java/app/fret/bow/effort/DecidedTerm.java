package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;
import app.fret.score.BowDirection;

/** What the player decided of direction and place is kept. */
final class DecidedTerm extends NamedTerm {
  /** Half a step of the grid and a little: the nearest place is as good as the place itself. */
  private static final double NEAREST = 0.505 / (Way.PLACES - 1);

  private static final double PER_BOW = 4;

  DecidedTerm() {
    super("against-decision", Look.START);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    boolean turned =
        demand
            .decided()
            .filter(d -> d != Act.AS_IT_COMES)
            .map(d -> d == Act.UP ? BowDirection.UP : BowDirection.DOWN)
            .filter(d -> d != way.direction())
            .isPresent();
    double off =
        demand.place().isPresent()
            ? Math.max(0, Math.abs(way.start() - demand.place().getAsDouble()) - NEAREST)
            : 0;
    return (turned ? 1 : 0) + (off > 0 ? 0.1 + PER_BOW * off : 0);
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return "What you decided cannot be met here.";
  }
}
