package app.fret.desktop.model.passage;

import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.hand.Stop;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * A plan that can be compared with others and taken.
 *
 * @param name what it is called on screen
 * @param profile name of the profile it is the best plan of; empty for any other plan
 * @param plan its fingers, weighed by the profile in force so that efforts compare
 */
public record Candidate(String name, Optional<String> profile, LeftHandPlan plan) {
  /** Numbers of the notes that another plan takes otherwise. */
  public Set<Integer> differing(LeftHandPlan other) {
    Set<Integer> differing = new TreeSet<>();
    for (int i = 0; i < plan.notes().size(); i++) {
      if (!stops(plan, i).equals(stops(other, i))) {
        differing.add(i);
      }
    }
    return differing;
  }

  private static List<Stop> stops(LeftHandPlan plan, int note) {
    return plan.notes().get(note).placement().stops();
  }
}
