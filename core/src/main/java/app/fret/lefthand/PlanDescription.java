package app.fret.lefthand;

import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.advice.Advice;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.search.Detour;
import app.fret.search.Lattice;
import app.fret.search.Lazy;
import app.fret.search.OtherWays;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** Puts a solved path into words and figures. */
final class PlanDescription {
  private final PreparedPassage passage;
  private final Lattice lattice;
  private final OtherWays others;
  private final Map<List<Placement>, int[]> waysOf = new IdentityHashMap<>();
  private final Lazy<int[]> path;
  private final Lazy<PlanReasons> best;

  PlanDescription(PreparedPassage passage, Lattice lattice) {
    this.passage = passage;
    this.lattice = lattice;
    this.others = new OtherWays(lattice);
    Lazy<int[]> cheapest = new Lazy<>(lattice::path);
    this.path = cheapest;
    this.best = new Lazy<>(() -> new PlanReasons(passage, passage.placements(cheapest.get())));
  }

  /** The best plan. */
  LeftHandPlan describe() {
    return describe(best.get(), lattice.least());
  }

  /** The plan that takes this path, at this effort. */
  LeftHandPlan describe(int[] path, double effort) {
    return describe(new PlanReasons(passage, passage.placements(path)), effort);
  }

  private LeftHandPlan describe(PlanReasons why, double effort) {
    List<Placement> taken = why.taken();
    List<NotePlan> plans = new ArrayList<>();
    for (int i = 0; i < taken.size(); i++) {
      plans.add(notePlan(i, taken, why));
    }
    List<Shift> shifts = new Shifts(passage.brief(), taken, passage.moments()).find();
    return new LeftHandPlan(
        passage.profile(),
        effort,
        plans,
        shifts,
        new TotalsCount(passage.player(), taken, shifts).count(),
        Advice.of(passage.brief(), passage.moments(), taken));
  }

  private NotePlan notePlan(int i, List<Placement> taken, PlanReasons why) {
    Placement at = taken.get(i);
    return new NotePlan(
        passage.notes().get(i),
        at,
        new Lazy<>(() -> why.of(i)),
        new Lazy<>(() -> otherWays(i, at)));
  }

  /** The cheapest placement for each other choice of strings and fingers. */
  private List<OtherWay> otherWays(int note, Placement chosen) {
    List<Placement> layer = passage.layers().get(note);
    int[] wayOf = waysOf(layer);
    return others.through(note, wayOf, wayOf[layer.indexOf(chosen)]).stream()
        .map(
            way ->
                new OtherWay(
                    layer.get(way.choice()),
                    way.extraEffort(),
                    new Lazy<>(() -> why(note, way.choice()))))
        .toList();
  }

  private synchronized int[] waysOf(List<Placement> layer) {
    return waysOf.computeIfAbsent(layer, PlanDescription::ways);
  }

  private List<Difference> why(int note, int choice) {
    Detour detour = lattice.detour(note, choice);
    List<Placement> other = passage.placements(detour.on(path.get()));
    return passage.differences(best.get(), new PlanReasons(passage, other), detour);
  }

  /** For each placement the first one of its layer that has the same strings and fingers. */
  private static int[] ways(List<Placement> layer) {
    Map<List<Stop>, Integer> first = new HashMap<>();
    int[] wayOf = new int[layer.size()];
    for (int p = 0; p < wayOf.length; p++) {
      Integer known = first.putIfAbsent(layer.get(p).stops(), p);
      wayOf[p] = known == null ? p : known;
    }
    return wayOf;
  }
}
