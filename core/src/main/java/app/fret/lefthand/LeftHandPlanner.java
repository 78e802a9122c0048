package app.fret.lefthand;

import app.fret.brief.Brief;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.figure.Assumed;
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
  private final Profile profile;
  private final EffortModel model;

  /** A planner for a player under a profile. */
  public LeftHandPlanner(Player player, Profile profile) {
    this.profile = profile;
    this.model = new EffortModel(player, profile);
  }

  /**
   * The plan of least effort that keeps to the pins.
   *
   * @param brief the music at its tempo; its player is the one this planner is for
   * @param pins what the player has decided
   * @throws PinConflictException when no plan keeps to all pins
   */
  public LeftHandPlan plan(Brief brief, List<Pin> pins) throws PinConflictException {
    return prepare(brief).plan(pins);
  }

  /** Weighs everything about a passage that does not depend on pins. */
  public PreparedPassage prepare(Brief brief) {
    Assumed everyPedal = Assumed.of(brief);
    PreparedPassage weighed = new PreparedPassage(brief, profile, model, everyPedal);
    return new Hypotheses(weighed, everyPedal).cheapest();
  }

  /**
   * Weighs a passage whose fingers are decided but for a few notes, such as a drill: figures are
   * taken as the pins take them, which spares the search for how they are best taken.
   *
   * @param pins what is decided
   */
  public PreparedPassage prepareDecided(Brief brief, List<Pin> pins) {
    return prepare(brief).decided(pins);
  }
}
