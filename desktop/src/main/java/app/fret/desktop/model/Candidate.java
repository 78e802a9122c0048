package app.fret.desktop.model;

import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Pin;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
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

  /** The pins that take this plan in place of another, in these bars. */
  public List<Pin> pinsAgainst(LeftHandPlan other, Span bars) {
    List<Pin> pins = new ArrayList<>();
    for (int note : differing(other)) {
      NotePlan taken = plan.notes().get(note);
      boolean inside = taken.note().bar() >= bars.first() && taken.note().bar() <= bars.last();
      if (inside && !taken.placement().isLeftOut()) {
        pins.add(pin(note, taken.placement()));
      }
    }
    return pins;
  }

  private static Pin pin(int note, Placement placement) {
    Stop top = placement.top();
    OptionalInt base =
        placement.usesHand() && !top.isOpen()
            ? OptionalInt.of(placement.base())
            : OptionalInt.empty();
    return new Pin(note, OptionalInt.of(top.string()), Optional.of(top.finger()), base);
  }
}
