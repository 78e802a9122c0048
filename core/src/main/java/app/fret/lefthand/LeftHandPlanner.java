package app.fret.lefthand;

import app.fret.brief.Brief;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.figure.PedalFigure;
import app.fret.lefthand.figure.PedalFigures;
import java.util.ArrayList;
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
  /**
   * What it costs to take a pedal figure for none, for each of its notes: a figure is a guess, and
   * where its strings cost more than this it is forgotten (common practice, no source).
   */
  private static final double LEAVING_A_NOTE = 0.45;

  private static final int MOST_LEFT_ALONE = 3;

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
    List<PedalFigure> figures = PedalFigures.of(brief);
    PreparedPassage best = new PreparedPassage(brief, profile, model, figures);
    if (figures.isEmpty()) {
      return best;
    }
    double least = best.leastWithoutFigures();
    for (List<PedalFigure> kept : hypotheses(figures)) {
      PreparedPassage other = new PreparedPassage(brief, profile, model, kept);
      double effort = other.leastWithoutFigures() + leaving(figures) - leaving(kept);
      if (effort < least) {
        least = effort;
        best = other;
      }
    }
    return best;
  }

  /** Without any of the figures, and without each of the first few of several. */
  private static List<List<PedalFigure>> hypotheses(List<PedalFigure> figures) {
    List<List<PedalFigure>> all = new ArrayList<>(List.of(List.of()));
    for (int i = 0; i < Math.min(figures.size(), MOST_LEFT_ALONE) && figures.size() > 1; i++) {
      List<PedalFigure> kept = new ArrayList<>(figures);
      kept.remove(i);
      all.add(kept);
    }
    return all;
  }

  private static double leaving(List<PedalFigure> figures) {
    return LEAVING_A_NOTE * figures.stream().mapToInt(PedalFigure::size).sum();
  }
}
