package app.fret.lefthand;

import app.fret.lefthand.hand.Placement;
import java.util.List;

/**
 * A way through a passage, without the words that a plan has.
 *
 * @param placements how each note is taken
 * @param effort its effort, without what was added to search for it
 * @param addedEffort its effort with what was added
 */
public record Route(List<Placement> placements, double effort, double addedEffort) {
  public Route {
    placements = List.copyOf(placements);
  }

  /** Something added to the effort of a placement while a route is searched for. */
  @FunctionalInterface
  public interface Extra {
    /** What is added for a note taken so; infinite where it may not be. */
    double at(int note, Placement placement);
  }
}
