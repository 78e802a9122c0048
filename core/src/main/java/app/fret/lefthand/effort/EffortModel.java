package app.fret.lefthand.effort;

import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * The sum of all weighted effort terms for one player and profile.
 *
 * <p>Problem: one number for being in a placement, one for moving between two, and one for a move
 * after another. Cost: one call of each term that has a weight. A hand that waits during open
 * strings must wait where it stood: it may travel only before its next stopped note, so entering
 * such a placement from elsewhere is impossible (infinite), which keeps each travel counted once.
 */
public final class EffortModel {
  private static final int TRAVEL_ROUNDING_MM = 10;
  private static final int MOST_TRAVEL_UNITS = 110;
  private static final int STRING_CODES = 8;

  private final boolean comparesTravel;
  private final WeakPairs weakPairs;
  private final StringGeometry geometry;
  private final Weighted<PlaceTerm> places;
  private final Weighted<MoveTerm> moves;
  private final Weighted<MoveTerm> steadyMoves;
  private final Weighted<MoveTerm> beatMoves;
  private final Weighted<TurnTerm> turns;
  private final Weighted<FigureTerm> figures;

  /** Terms of one kind with their weights; what weighs nothing is left out. */
  private record Weighted<T extends EffortTerm>(List<T> terms, double[] weights) {
    static <T extends EffortTerm> Weighted<T> of(
        Class<T> kind, List<EffortTerm> all, Profile profile) {
      List<T> terms =
          all.stream().filter(kind::isInstance).map(kind::cast).filter(profile::counts).toList();
      return new Weighted<>(terms, terms.stream().mapToDouble(profile::weight).toArray());
    }

    Weighted<T> only(Predicate<T> wanted) {
      int[] kept =
          IntStream.range(0, weights.length).filter(i -> wanted.test(terms.get(i))).toArray();
      return new Weighted<>(
          Arrays.stream(kept).mapToObj(terms::get).toList(),
          Arrays.stream(kept).mapToDouble(i -> weights[i]).toArray());
    }
  }

  /**
   * One term's share in the effort of a note.
   *
   * @param term name of the term
   * @param effort weighted effort, negative for a gain
   * @param text the reason in plain words
   */
  public record Reason(String term, double effort, String text) {}

  /** The model of a player under a profile. */
  public EffortModel(Player player, Profile profile) {
    List<EffortTerm> all = EffortTerms.of(player);
    comparesTravel = player.instrument().handling().comparesTravel();
    weakPairs = new WeakPairs(player);
    geometry = player.instrument().geometry();
    places = Weighted.of(PlaceTerm.class, all, profile);
    moves = Weighted.of(MoveTerm.class, all, profile);
    steadyMoves = moves.only(t -> !t.looksAtBeats());
    beatMoves = moves.only(MoveTerm::looksAtBeats);
    turns = Weighted.of(TurnTerm.class, all, profile);
    figures = Weighted.of(FigureTerm.class, all, profile);
  }

  /** Effort of taking a note so; finite. */
  public double stay(Moment moment, Placement at) {
    double sum = 0;
    for (int i = 0; i < places.weights.length && !at.isLeftOut(); i++) {
      sum += places.weights[i] * places.terms.get(i).effort(moment, at);
    }
    return sum;
  }

  /** Effort of the way between two placements; infinite when the hand cannot go it. */
  public double move(Moment moment, Placement from, Placement to) {
    return MoveWeigher.canGo(from, to)
        ? movesOffBeats(moment).effort(from, to) + movesAtBeats(moment).effort(from, to)
        : Double.POSITIVE_INFINITY;
  }

  /** Weighs many moves at one moment, but for what depends on beats. */
  public MoveWeigher movesOffBeats(Moment moment) {
    return new MoveWeigher(moment, steadyMoves.terms, steadyMoves.weights);
  }

  /** What many moves at one moment cost more or less for where the beats are. */
  public MoveWeigher movesAtBeats(Moment moment) {
    return new MoveWeigher(moment, beatMoves.terms, beatMoves.weights);
  }

  /** Effort of a move after another; finite. */
  public double turn(Moment moment, Trail before, Turn now) {
    double sum = 0;
    for (int i = 0; i < turns.weights.length && !now.touchesLeftOut(); i++) {
      sum += turns.weights[i] * turns.terms.get(i).effort(moment, before, now);
    }
    return sum;
  }

  /** Effort of taking a note of a figure otherwise than elsewhere; finite. */
  public double figure(Placement at, Placement model, boolean samePitch) {
    double sum = 0;
    for (int i = 0; i < figures.weights.length; i++) {
      sum += figures.weights[i] * figures.terms.get(i).effort(at, model, samePitch);
    }
    return sum;
  }

  /** A move as later moves see it. */
  public Turn turnOf(Placement from, Placement to) {
    boolean overOpen = from.isSingle() && from.top().isOpen();
    Trail trail = new Trail(string(from), travelUnits(from, to) * travelUnit());
    return new Turn(trail, string(to), overOpen, fingerStays(from, to), weakPairs.joins(from, to));
  }

  private static int string(Placement placement) {
    return placement.isLeftOut() ? 0 : placement.top().string();
  }

  private int travelUnit() {
    return comparesTravel ? TRAVEL_ROUNDING_MM : 1;
  }

  /** Travel in units of what is remembered of it. */
  private int travelUnits(Placement from, Placement to) {
    int semitones = to.usesHand() ? to.hand() - from.hand() : 0;
    if (!comparesTravel || semitones == 0) {
      return Integer.signum(semitones);
    }
    double mm = geometry.spanMm(from.hand(), to.hand());
    int units = (int) Math.rint(mm / TRAVEL_ROUNDING_MM);
    return Integer.signum(semitones) * Math.max(1, Math.min(MOST_TRAVEL_UNITS, units));
  }

  /** A number that is the same for equal turns, from 0 to below {@link #turnCodes()}. */
  public int turnCode(Placement from, Placement to) {
    int code = travelUnits(from, to) + MOST_TRAVEL_UNITS;
    code = code * STRING_CODES + string(from);
    code = code * STRING_CODES + string(to);
    code = code * 2 + (from.isSingle() && from.top().isOpen() ? 1 : 0);
    code = code * 2 + (fingerStays(from, to) ? 1 : 0);
    return code * 2 + (weakPairs.joins(from, to) ? 1 : 0);
  }

  /** One more than the greatest turn code. */
  public int turnCodes() {
    return (2 * MOST_TRAVEL_UNITS + 1) * STRING_CODES * STRING_CODES * 8;
  }

  private static boolean fingerStays(Placement from, Placement to) {
    if (!from.isSingle() || !to.isSingle() || from.hand() != to.hand()) {
      return false;
    }
    Stop over = from.top();
    Stop kept = to.top();
    boolean inTheWay =
        over.string() == kept.string() && (over.isOpen() || over.place() < kept.place());
    return kept.isPressed() && !inTheWay && over.finger() != kept.finger();
  }

  /** Why being there costs what it costs, only terms that speak. */
  public List<Reason> stayReasons(Moment moment, Placement at) {
    List<Reason> reasons = new ArrayList<>();
    for (int i = 0; i < places.weights.length && !at.isLeftOut(); i++) {
      PlaceTerm term = places.terms.get(i);
      double effort = places.weights[i] * term.effort(moment, at);
      if (effort != 0) {
        reasons.add(new Reason(term.name(), effort, term.reason(moment, at)));
      }
    }
    return reasons;
  }

  /** Why getting there costs what it costs, only terms that speak. */
  public List<Reason> moveReasons(Moment moment, Placement from, Placement to) {
    List<Reason> reasons = new ArrayList<>();
    boolean plannable = !from.isLeftOut() && !to.isLeftOut();
    for (int i = 0; i < moves.weights.length && plannable; i++) {
      MoveTerm term = moves.terms.get(i);
      double effort = moves.weights[i] * term.effort(moment, from, to);
      if (effort != 0) {
        reasons.add(new Reason(term.name(), effort, term.reason(moment, from, to)));
      }
    }
    return reasons;
  }

  /** Why a move after another costs what it costs, only terms that speak. */
  public List<Reason> turnReasons(Moment moment, Trail before, Turn now) {
    List<Reason> reasons = new ArrayList<>();
    for (int i = 0; i < turns.weights.length && !now.touchesLeftOut(); i++) {
      TurnTerm term = turns.terms.get(i);
      double effort = turns.weights[i] * term.effort(moment, before, now);
      if (effort != 0) {
        reasons.add(new Reason(term.name(), effort, term.reason(moment, before, now)));
      }
    }
    return reasons;
  }

  /** Why a note of a figure costs more than elsewhere, only terms that speak. */
  public List<Reason> figureReasons(Placement at, Placement model, boolean samePitch) {
    List<Reason> reasons = new ArrayList<>();
    for (int i = 0; i < figures.weights.length; i++) {
      FigureTerm term = figures.terms.get(i);
      double effort = figures.weights[i] * term.effort(at, model, samePitch);
      if (effort != 0) {
        reasons.add(new Reason(term.name(), effort, term.reason(at, model)));
      }
    }
    return reasons;
  }
}
