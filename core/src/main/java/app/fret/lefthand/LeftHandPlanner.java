package app.fret.lefthand;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Profile;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import java.util.List;

/**
 * Chooses string, finger and base for every note so that total effort is least.
 *
 * <p>Problem: one layer of placements per note; take one from each. Exact, no beam: see {@link
 * Lattice} for recurrence, cost and source. Pins narrow the layers; what the best plan through each
 * other placement costs more is read from the forward and backward pass, not solved anew. Figures
 * that come back are planned twice: once freely and without pins, to see which fingers each figure
 * has most often, and once with what it costs to depart from them. Units: effort has none; travel
 * in mm, time in seconds at the target tempo.
 */
public final class LeftHandPlanner {
  private final Player player;
  private final Profile profile;
  private final EffortModel model;

  /** A planner for a player under a profile. */
  public LeftHandPlanner(Player player, Profile profile) {
    this.player = player;
    this.profile = profile;
    this.model = new EffortModel(player, profile);
  }

  /**
   * The plan of least effort that keeps to the pins.
   *
   * @param passage the music; all its notes within the instrument's range
   * @param tempo the target tempo, which decides what is fast
   * @param pins what the player has decided
   * @throws PinConflictException when no plan keeps to all pins
   */
  public LeftHandPlan plan(Passage passage, Tempo tempo, List<Pin> pins)
      throws PinConflictException {
    return prepare(passage, tempo).plan(pins);
  }

  /** Weighs everything about a passage that does not depend on pins. */
  public PreparedPassage prepare(Passage passage, Tempo tempo) {
    return new PreparedPassage(passage, tempo, player, profile, model);
  }
}
