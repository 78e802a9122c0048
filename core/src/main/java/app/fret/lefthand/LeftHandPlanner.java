package app.fret.lefthand;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.lefthand.effort.Moment;
import app.fret.lefthand.effort.Moments;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Passage;
import app.fret.score.PlayedNote;
import app.fret.score.SoundingPitch;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Chooses string, finger and base for every note so that total effort is least.
 *
 * <p>Problem: one layer of placements per note; take one from each. Exact, no beam: see {@link
 * Lattice} for recurrence, cost and source. Pins narrow the layers; what the best plan through each
 * other placement costs more is read from the forward and backward pass, not solved anew. Units:
 * effort has none; travel in mm, time in seconds at the target tempo.
 */
public final class LeftHandPlanner {
  private static final Comparator<Reason> LARGEST_FIRST =
      Comparator.comparingDouble((Reason r) -> -Math.abs(r.effort()));

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
    Task task = new Task(passage, tempo);
    Lattice lattice = task.solve(pins);
    if (Double.isInfinite(lattice.least())) {
      throw task.conflict(pins, lattice.firstUnreachable());
    }
    return task.describe(lattice);
  }

  /** The lattice behind a plan, for tests that compare it with other solvers. */
  Lattice lattice(Passage passage, Tempo tempo, List<Pin> pins) {
    return new Task(passage, tempo).solve(pins);
  }

  /** What belongs to one call: the passage laid out for search. */
  private final class Task {
    private final List<PlayedNote> notes;
    private final List<Moment> moments;
    private final List<List<Placement>> layers = new ArrayList<>();

    Task(Passage passage, Tempo tempo) {
      this.notes = PlayedNote.of(passage);
      this.moments = Moments.of(passage, notes, tempo);
      Placements placements = new Placements(player);
      Map<List<SoundingPitch>, List<Placement>> known = new HashMap<>();
      for (PlayedNote note : notes) {
        layers.add(known.computeIfAbsent(sounding(passage, note), placements::of));
      }
    }

    private List<SoundingPitch> sounding(Passage passage, PlayedNote note) {
      Instrument instrument = player.instrument();
      return note.notes().stream()
          .map(n -> instrument.sounding(n.written(), passage.transposition()))
          .toList();
    }

    Lattice solve(List<Pin> pins) {
      double[][] stays = new double[layers.size()][];
      for (int i = 0; i < stays.length; i++) {
        stays[i] = stays(i, pins);
      }
      return new Lattice(layers, moments, stays, model);
    }

    private double[] stays(int note, List<Pin> pins) {
      List<Placement> layer = layers.get(note);
      List<Pin> here = pins.stream().filter(p -> p.note() == note).toList();
      double[] stays = new double[layer.size()];
      for (int p = 0; p < stays.length; p++) {
        Placement placement = layer.get(p);
        boolean allowed = here.stream().allMatch(pin -> pin.allows(placement));
        stays[p] = allowed ? model.stay(moments.get(note), placement) : Double.POSITIVE_INFINITY;
      }
      return stays;
    }

    /** Drops pins one by one while the rest still cannot be met: what stays is to blame. */
    PinConflictException conflict(List<Pin> pins, int note) {
      List<Pin> blame = new ArrayList<>(pins);
      for (Pin pin : pins) {
        List<Pin> fewer = new ArrayList<>(blame);
        fewer.remove(pin);
        if (Double.isInfinite(solve(fewer).least())) {
          blame = fewer;
        }
      }
      return new PinConflictException(note, blame, message(blame, note));
    }

    private String message(List<Pin> blame, int note) {
      PlayedNote named = notes.get(note);
      String pitch = named.notes().get(named.notes().size() - 1).written().display();
      List<String> wanted = new ArrayList<>();
      for (Pin pin : blame) {
        wanted.add(pin.words(player.instrument()));
      }
      return pitch
          + " cannot be played with "
          + String.join(" and ", wanted)
          + "; free the pin or choose one of the other ways";
    }

    LeftHandPlan describe(Lattice lattice) {
      int[] path = lattice.path();
      List<Placement> taken = new ArrayList<>();
      for (int i = 0; i < path.length; i++) {
        taken.add(layers.get(i).get(path[i]));
      }
      List<NotePlan> notePlans = new ArrayList<>();
      for (int i = 0; i < path.length; i++) {
        notePlans.add(notePlan(lattice, i, taken));
      }
      List<Shift> shifts = new Shifts(player.instrument(), taken, moments).find();
      return new LeftHandPlan(
          profile, lattice.least(), notePlans, shifts, new TotalsCount(taken, shifts).count());
    }

    private NotePlan notePlan(Lattice lattice, int i, List<Placement> taken) {
      List<Reason> reasons = new ArrayList<>(model.stayReasons(moments.get(i), taken.get(i)));
      if (i > 0) {
        reasons.addAll(model.moveReasons(moments.get(i), taken.get(i - 1), taken.get(i)));
      }
      reasons.sort(LARGEST_FIRST);
      double effort = reasons.stream().mapToDouble(Reason::effort).sum();
      return new NotePlan(
          notes.get(i), taken.get(i), effort, reasons, otherWays(lattice, i, taken.get(i)));
    }

    /** The cheapest placement for each other choice of strings and fingers. */
    private List<OtherWay> otherWays(Lattice lattice, int note, Placement chosen) {
      Map<List<Stop>, OtherWay> ways = new LinkedHashMap<>();
      for (int p = 0; p < layers.get(note).size(); p++) {
        Placement way = layers.get(note).get(p);
        double extra = lattice.through(note, p) - lattice.least();
        if (Double.isInfinite(extra) || way.stops().equals(chosen.stops())) {
          continue;
        }
        OtherWay candidate =
            new OtherWay(way.stops(), way.base(), way.usesHand(), Math.max(0, extra));
        ways.merge(way.stops(), candidate, (a, b) -> b.extraEffort() < a.extraEffort() ? b : a);
      }
      return ways.values().stream()
          .sorted(Comparator.comparingDouble(OtherWay::extraEffort))
          .toList();
    }
  }

  /** Counts the totals of a finished path. */
  private record TotalsCount(List<Placement> path, List<Shift> shifts) {
    Totals count() {
      Map<Integer, Integer> perString = new HashMap<>();
      path.forEach(p -> p.stops().forEach(s -> perString.merge(s.string(), 1, Integer::sum)));
      return new Totals(
          shifts.size(),
          shifts.stream().mapToDouble(Shift::travelMm).sum(),
          shifts.stream().mapToDouble(Shift::travelMm).max().orElse(0),
          shifts.stream().mapToDouble(Shift::bits).max().orElse(0),
          crossings(),
          (int) path.stream().flatMap(p -> p.stops().stream()).filter(Stop::isOpen).count(),
          (int) path.stream().filter(p -> p.reachMm() > 0).count(),
          highestBase(),
          perString);
    }

    private Optional<Integer> highestBase() {
      return path.stream().filter(Placement::usesHand).map(Placement::base).max(Integer::compare);
    }

    private int crossings() {
      int crossings = 0;
      Set<Integer> before = Set.of();
      for (Placement placement : path) {
        Set<Integer> strings = new HashSet<>();
        placement.stops().forEach(s -> strings.add(s.string()));
        crossings += !before.isEmpty() && before.stream().noneMatch(strings::contains) ? 1 : 0;
        before = strings;
      }
      return crossings;
    }
  }
}
