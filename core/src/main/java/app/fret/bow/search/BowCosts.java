package app.fret.bow.search;

import app.fret.bow.effort.BowWeights;
import app.fret.bow.stroke.StrokeProfile;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What strokes and joints cost on one grid in one school. Those alike in all that bears on it share
 * their figures, also with an earlier passage's.
 */
final class BowCosts {
  private final BowWeights weights;
  private final int places;
  private final Map<StrokeProfile, StrokeTable> earlierTables;
  private final Map<List<Object>, JointCosts> earlierLifts;
  private final Map<StrokeProfile, StrokeTable> tables = new HashMap<>();
  private final Map<List<Object>, JointCosts> lifts = new HashMap<>();

  BowCosts(BowWeights weights, int places) {
    this(weights, places, Map.of(), Map.of());
  }

  private BowCosts(
      BowWeights weights,
      int places,
      Map<StrokeProfile, StrokeTable> earlierTables,
      Map<List<Object>, JointCosts> earlierLifts) {
    this.weights = weights;
    this.places = places;
    this.earlierTables = earlierTables;
    this.earlierLifts = earlierLifts;
  }

  /** Costs for a changed passage; what only this one's strokes needed is not carried on. */
  BowCosts next() {
    return new BowCosts(weights, places, tables, lifts);
  }

  StrokeTable of(StrokeProfile demand) {
    StrokeTable table = tables.get(demand);
    if (table == null) {
      StrokeTable earlier = earlierTables.get(demand);
      table = earlier == null ? new StrokeTable(demand, weights, places) : earlier;
      tables.put(demand, table);
    }
    return table;
  }

  JointCosts of(BowJoints.Joint joint) {
    List<Object> look = joint.look();
    JointCosts found = lifts.get(look);
    if (found == null) {
      JointCosts earlier = earlierLifts.get(look);
      found = earlier == null ? new JointCosts(joint, places) : earlier;
      lifts.put(look, found);
    }
    return found;
  }
}
