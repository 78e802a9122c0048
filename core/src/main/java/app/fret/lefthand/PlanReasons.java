package app.fret.lefthand;

import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Moment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** Says why each note of a path costs what it costs; all reasons together are its effort. */
final class PlanReasons {
  private static final Comparator<Reason> LARGEST_FIRST =
      Comparator.comparingDouble((Reason r) -> -Math.abs(r.effort()));

  private final PreparedPassage passage;
  private final FigureModels models;
  private final EffortModel model;
  private final List<Placement> taken;
  private final Map<Integer, List<Reason>> known = new ConcurrentHashMap<>();

  PlanReasons(PreparedPassage passage, List<Placement> taken) {
    this(passage, taken, passage.models());
  }

  PlanReasons(PreparedPassage passage, List<Placement> taken, FigureModels models) {
    this.passage = passage;
    this.models = models;
    this.model = passage.model();
    this.taken = taken;
  }

  /** What the path takes of each note. */
  List<Placement> taken() {
    return taken;
  }

  /** The reasons at a note, largest first: for being there and for getting there. */
  List<Reason> of(int i) {
    return known.computeIfAbsent(i, this::found);
  }

  private List<Reason> found(int i) {
    Moment moment = passage.moments().get(i);
    Placement at = taken.get(i);
    List<Reason> reasons = new ArrayList<>(model.stayReasons(moment, at));
    models
        .of(i)
        .ifPresent(m -> reasons.addAll(model.figureReasons(moment, at, m, models.samePitch(i))));
    if (i > 0) {
      reasons.addAll(model.moveReasons(moment, taken.get(i - 1), at));
      Trail before = i > 1 ? model.turnOf(taken.get(i - 2), taken.get(i - 1)).trail() : Trail.NONE;
      Turn now = model.turnOf(taken.get(i - 1), at);
      reasons.addAll(i > 1 ? model.turnReasons(moment, before, now) : List.of());
    }
    reasons.sort(LARGEST_FIRST);
    return reasons;
  }
}
