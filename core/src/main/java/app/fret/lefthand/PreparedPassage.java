package app.fret.lefthand;

import app.fret.brief.Brief;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.figure.Assumed;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Moment;
import app.fret.reading.PlayedNote;
import app.fret.score.SoundingPitch;
import app.fret.search.Chain;
import app.fret.search.Detour;
import app.fret.search.Lattice;
import app.fret.search.Lazy;
import app.fret.search.OtherPlans;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A passage weighed for one player, profile and tempo: plans with other pins share the weighing.
 *
 * <p>Immutable; may be asked from several threads at once.
 */
public final class PreparedPassage {
  private static final double SHARE_THAT_DIFFERS = 0.3;

  /** What costs more is put before nobody, unless another aim asks for it; common practice. */
  private static final double MOST_EXTRA_EFFORT = 2.5;

  /** In a few notes less is much already. */
  private static final double EXTRA_EFFORT_A_NOTE = 0.15;

  private static final int FEWEST_THAT_DIFFER = 3;

  private final WeighedPassage weighed;
  private final Profile profile;
  private final Optional<List<Pin>> decided;
  private final Lazy<FigureModels> models;
  private final Lazy<double[][]> stays;
  private final Lazy<Lattice> solved;
  private final Lazy<PlanDifferences> differences;

  /**
   * A passage to plan.
   *
   * @param assumed what is assumed of its figures
   */
  PreparedPassage(Brief brief, Profile profile, EffortModel model, Assumed assumed) {
    this(new WeighedPassage(brief, model, assumed), profile, Optional.empty());
  }

  private PreparedPassage(WeighedPassage weighed, Profile profile, Optional<List<Pin>> decided) {
    this.weighed = weighed;
    this.profile = profile;
    this.decided = decided;
    this.models = new Lazy<>(() -> decided.map(this::modelsUnder).orElseGet(this::bestModels));
    this.stays = new Lazy<>(() -> weighed.withFigures(weighed.stays(), models.get()));
    this.solved = new Lazy<>(() -> weighed.lattice().with(stays.get()));
    this.differences = new Lazy<>(() -> new PlanDifferences(this));
  }

  /**
   * The plan of least effort that keeps to the pins.
   *
   * @throws PinConflictException when no plan keeps to all of them
   */
  public LeftHandPlan plan(List<Pin> pins) throws PinConflictException {
    return new PlanDescription(this, solve(pins)).describe();
  }

  /**
   * Other plans that a coach would put before a pupil: other ideas that cost little more, or the
   * best of another aim. An idea is another where three in ten of the notes that the best plan
   * stops, at least three and some three of them in a row, are stopped on another string or in
   * another position than in the best plan and in every other one. An open string in place of a
   * finger of the same hand is no other idea.
   *
   * @param pins what the player has decided
   * @param count how many are wanted, 0 to {@link OtherPlans#MOST}
   * @param winners plans of other profiles, which compete with those searched for
   * @return as many as there are, least effort first, without the best plan itself
   * @throws PinConflictException when no plan keeps to all pins
   */
  public List<LeftHandPlan> differentPlans(List<Pin> pins, int count, List<LeftHandPlan> winners)
      throws PinConflictException {
    Lattice lattice = solve(pins);
    int[] best = lattice.path();
    OtherPlans search =
        new OtherPlans(chain(), pinned(pins), this::differInKind, notesThatDiffer(best));
    List<OtherPlans.Found> pool = new ArrayList<>(search.after(List.of(best), count));
    double dearest = lattice.least() + mostExtraEffort(best);
    pool.removeIf(f -> f.effort() > dearest);
    for (LeftHandPlan winner : count == 0 ? List.<LeftHandPlan>of() : winners) {
      path(winner).ifPresent(p -> pool.add(new OtherPlans.Found(p, effort(p))));
    }
    pool.sort(Comparator.comparingDouble(OtherPlans.Found::effort));
    List<OtherPlans.Found> taken = new ArrayList<>(List.of(new OtherPlans.Found(best, 0)));
    for (OtherPlans.Found each : pool) {
      boolean apart = taken.stream().allMatch(t -> search.areApart(t.path(), each.path()));
      if (apart && differInARow(best, each.path()) && taken.size() <= count) {
        taken.add(each);
      }
    }
    PlanDescription description = new PlanDescription(this, lattice);
    return taken.stream().skip(1).map(f -> description.describe(f.path(), f.effort())).toList();
  }

  /** Single notes here and there are small change, and no idea of the passage. */
  private boolean differInARow(int[] one, int[] other) {
    int row = 0;
    for (int i = 0; i < one.length && row < FEWEST_THAT_DIFFER; i++) {
      row = differInKind(i, one[i], other[i]) ? row + 1 : 0;
    }
    return row >= FEWEST_THAT_DIFFER;
  }

  private double mostExtraEffort(int[] best) {
    return Math.min(MOST_EXTRA_EFFORT, EXTRA_EFFORT_A_NOTE * stopped(best));
  }

  private long stopped(int[] path) {
    return placements(path).stream().filter(Placement::usesHand).count();
  }

  private int notesThatDiffer(int[] best) {
    int share = (int) Math.ceil(SHARE_THAT_DIFFERS * stopped(best));
    return Math.min(best.length, Math.max(FEWEST_THAT_DIFFER, share));
  }

  /** The path of a plan, where every placement of it is one of these. */
  private Optional<int[]> path(LeftHandPlan plan) {
    int[] path = new int[layers().size()];
    for (int i = 0; i < path.length; i++) {
      path[i] = layers().get(i).indexOf(plan.notes().get(i).placement());
      if (path[i] < 0) {
        return Optional.empty();
      }
    }
    return Optional.of(path);
  }

  private double effort(int[] path) {
    PlanReasons reasons = new PlanReasons(this, placements(path));
    double effort = 0;
    for (int i = 0; i < path.length; i++) {
      effort += reasons.of(i).stream().mapToDouble(EffortModel.Reason::effort).sum();
    }
    return effort;
  }

  /**
   * Another plan of the same passage and player, weighed by this profile, so that the two can be
   * compared.
   *
   * @param other a plan under any profile
   * @param pins the pins of the plan it is compared with
   * @throws PinConflictException when no plan keeps to these pins
   */
  public LeftHandPlan weighed(LeftHandPlan other, List<Pin> pins) throws PinConflictException {
    int[] path = path(other).orElseThrow();
    return new PlanDescription(this, solve(pins)).describe(path, effort(path));
  }

  /**
   * Why a plan costs more than another, largest difference first.
   *
   * @param better the plan of less effort
   * @param other another plan of this passage
   */
  public List<Difference> differences(LeftHandPlan better, LeftHandPlan other) {
    return differences.get().between(taken(better), taken(other));
  }

  private static List<Placement> taken(LeftHandPlan plan) {
    return plan.notes().stream().map(LeftHandPlan.NotePlan::placement).toList();
  }

  /**
   * Why a route costs more than another, largest difference first.
   *
   * @param better the route of less effort
   * @param other another of the same passage
   */
  public List<Difference> differences(Route better, Route other) {
    return differences.get().between(better.placements(), other.placements());
  }

  /**
   * The route of least effort while something is added to the effort of placements, its figures
   * held against each other; its effort is infinite where there is none.
   */
  public Route route(Route.Extra extra) {
    double[][] changed = new double[weighed.stays().length][];
    for (int i = 0; i < changed.length; i++) {
      changed[i] = weighed.stays()[i].clone();
      for (int p = 0; p < changed[i].length; p++) {
        changed[i][p] += extra.at(i, layers().get(i).get(p));
      }
    }
    Lattice first = weighed.lattice().with(changed);
    if (Double.isInfinite(first.least())) {
      return new Route(List.of(), Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);
    }
    FigureModels figures = weighed.modelsOf(first.path());
    Lattice lattice = first.with(weighed.withFigures(changed, figures));
    int[] path = lattice.path();
    double added = 0;
    for (int i = 0; i < path.length; i++) {
      added += extra.at(i, layers().get(i).get(path[i]));
    }
    double effort = lattice.least() - added - weighed.tooMuch(path, figures);
    return new Route(placements(path), effort, effort + added);
  }

  /** The route of the best plan without pins. */
  public Route best() {
    Lattice lattice = solved.get();
    return new Route(placements(lattice.path()), lattice.least(), lattice.least());
  }

  /** What each term adds to the effort of a route. */
  public Map<String, Double> shares(Route route) {
    Map<String, Double> shares = new HashMap<>();
    PlanReasons reasons =
        new PlanReasons(
            this,
            route.placements(),
            new FigureModels(brief().reading(), brief().notes(), route.placements()));
    for (int i = 0; i < route.placements().size(); i++) {
      reasons.of(i).forEach(r -> shares.merge(r.term(), r.effort(), Double::sum));
    }
    return shares;
  }

  /** The same passage while something else is assumed of its figures. */
  PreparedPassage assuming(Assumed other) {
    return new PreparedPassage(weighed.assuming(other), profile, decided);
  }

  /**
   * The same passage where its fingers are decided but for a few notes: how figures are taken is
   * read from the pins, not searched for.
   */
  PreparedPassage decided(List<Pin> pins) {
    return new PreparedPassage(weighed, profile, Optional.of(pins));
  }

  /** The same music on other strokes, weighed in the same way. */
  public PreparedPassage on(Brief strokes) {
    LeftHandPlanner planner = new LeftHandPlanner(strokes.player(), profile);
    return decided
        .map(pins -> planner.prepareDecided(strokes, pins))
        .orElseGet(() -> planner.prepare(strokes));
  }

  /** Effort of the best plan without pins, before like figures are held against each other. */
  double leastWithoutFigures() {
    return weighed.lattice().least();
  }

  private boolean differInKind(int note, int one, int other) {
    List<Placement> layer = layers().get(note);
    return layer.get(one).isOtherKindThan(layer.get(other));
  }

  /** Solves with pins; the lattice has a plan. */
  Lattice solve(List<Pin> pins) throws PinConflictException {
    Lattice lattice = solved.get().with(pinned(pins));
    if (Double.isInfinite(lattice.least())) {
      throw new PinConflict(this, pins).blame();
    }
    return lattice;
  }

  /**
   * Those of some pins that can be added one after the other, each at little more effort.
   *
   * @param pins the pins there are, which can be met
   * @param wanted others, on notes without one
   * @return as many of the others as go; a player would not want them where they cost much
   */
  public List<Pin> affordable(List<Pin> pins, List<Pin> wanted) {
    List<Pin> all = new ArrayList<>(pins);
    List<Pin> taken = new ArrayList<>();
    double before = solved.get().with(pinned(all)).least();
    for (Pin pin : wanted) {
      all.add(pin);
      double after = solved.get().with(pinned(all)).least();
      if (after - before <= MOST_EXTRA_EFFORT) {
        taken.add(pin);
        before = after;
      } else {
        all.remove(pin);
      }
    }
    return taken;
  }

  private double[][] pinned(List<Pin> pins) {
    return pinned(stays.get(), pins);
  }

  private double[][] pinned(double[][] free, List<Pin> pins) {
    double[][] pinned = free.clone();
    for (Pin pin : pins) {
      double[] row = pinned[pin.note()].clone();
      List<Placement> layer = layers().get(pin.note());
      for (int p = 0; p < row.length; p++) {
        row[p] = pin.allows(layer.get(p)) ? row[p] : Double.POSITIVE_INFINITY;
      }
      pinned[pin.note()] = row;
    }
    return pinned;
  }

  /** How the cheapest plan under pins takes figures; where there is none, how the passage does. */
  private FigureModels modelsUnder(List<Pin> pins) {
    Lattice lattice = weighed.lattice().with(pinned(weighed.stays(), pins));
    return Double.isFinite(lattice.least()) ? weighed.modelsOf(lattice.path()) : bestModels();
  }

  private FigureModels bestModels() {
    int fewest = notesThatDiffer(weighed.lattice().path());
    return new FigureSearch(weighed)
        .best(new OtherPlans(chain(), weighed.stays(), this::differInKind, fewest));
  }

  /** Whether any plan keeps to these pins. */
  boolean canMeet(List<Pin> pins) {
    return Double.isFinite(solved.get().with(pinned(pins)).least());
  }

  /** First note that cannot be reached under pins that cannot be met. */
  int firstUnreachable(List<Pin> pins) {
    return solved.get().with(pinned(pins)).firstUnreachable();
  }

  /** What a path costs more than the best, from which it goes apart only for a while. */
  List<Difference> differences(PlanReasons best, PlanReasons other, Detour detour) {
    return differences.get().between(best, other, detour.first(), detour.end());
  }

  /** The placements a path takes. */
  List<Placement> placements(int[] path) {
    return weighed.placements(path);
  }

  private Chain chain() {
    return weighed.chain();
  }

  Brief brief() {
    return weighed.brief();
  }

  Player player() {
    return brief().player();
  }

  Profile profile() {
    return profile;
  }

  EffortModel model() {
    return weighed.model();
  }

  /** How figures are taken elsewhere. */
  FigureModels models() {
    return models.get();
  }

  List<PlayedNote> notes() {
    return brief().notes();
  }

  List<Moment> moments() {
    return weighed.moments();
  }

  List<List<Placement>> layers() {
    return weighed.layers();
  }

  /** What each note sounds, lowest first. */
  List<List<SoundingPitch>> pitches() {
    return brief().pitches();
  }
}
