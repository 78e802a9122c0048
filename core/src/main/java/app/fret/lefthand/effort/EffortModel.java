package app.fret.lefthand.effort;

import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.effort.finger.WeakPairs;
import app.fret.lefthand.effort.shift.Crawl;
import app.fret.lefthand.effort.term.EffortTerm;
import app.fret.lefthand.effort.term.FigureTerm;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.Trail;
import app.fret.lefthand.effort.term.Turn;
import app.fret.lefthand.effort.term.TurnTerm;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

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
  private static final int TRAVEL_KINDS = 4;
  private static final int NOTHING_TO_SAY = 0;
  private static final int FINGER_CODES = STRING_CODES * STRING_CODES * 8;

  private final boolean comparesTravel;
  private final WeakPairs weakPairs;
  private final StringGeometry geometry;
  private final Weighted<PlaceTerm> places;
  private final Weighted<MoveTerm> moves;
  private final MoveGroup allMoves;
  private final Map<MoveLook, MoveGroup> movesByLook = new EnumMap<>(MoveLook.class);
  private final Crawl crawl;
  private final Weighted<TurnTerm> turns;
  private final Weighted<FigureTerm> figures;

  /**
   * One term's share in the effort of a note.
   *
   * @param term name of the term
   * @param effort weighted effort, negative for a gain
   * @param words gives the reason in plain words; most are never asked for
   */
  public record Reason(String term, double effort, Supplier<String> words) {
    /** The reason in plain words. */
    public String text() {
      return words.get();
    }
  }

  /** The model of a player under a profile. */
  public EffortModel(Player player, Profile profile) {
    List<EffortTerm> all = EffortTerms.of(player);
    comparesTravel = player.instrument().handling().comparesTravel();
    weakPairs = new WeakPairs(player);
    geometry = player.instrument().geometry();
    places = Weighted.of(PlaceTerm.class, all, profile);
    moves = Weighted.of(MoveTerm.class, all, profile);
    allMoves = new MoveGroup(moves);
    for (MoveLook look : MoveLook.values()) {
      movesByLook.put(look, new MoveGroup(moves.only(term -> term.header().look() == look)));
    }
    crawl = new Crawl(player);
    turns = Weighted.of(TurnTerm.class, all, profile);
    figures = Weighted.of(FigureTerm.class, all, profile);
  }

  /** The sides of a moment that stays look at. */
  public Facets stayFacets() {
    return places.facets();
  }

  /** The sides of a moment that moves look at. */
  public Facets moveFacets() {
    return moves.facets().and(Moment.Sign.FIRST);
  }

  /** The sides of a moment that turns look at. */
  public Facets turnFacets() {
    return turns.facets().and(Moment.Sign.FIRST);
  }

  /** Efforts of taking a note in each of these ways; finite. */
  public double[] stays(Moment moment, List<Placement> ways) {
    Moment[] shown = places.shown(moment);
    return ways.stream()
        .mapToDouble(at -> at.isLeftOut() ? 0 : places.sum(shown, (t, m) -> t.effort(m, at)))
        .toArray();
  }

  /** Effort of taking a note so; finite. */
  public double stay(Moment moment, Placement at) {
    return stays(moment, List.of(at))[0];
  }

  /** Effort of the way between two placements; infinite when the hand cannot go it. */
  public double move(Moment moment, Placement from, Placement to) {
    if (!MoveWeigher.canGo(from, to)) {
      return Double.POSITIVE_INFINITY;
    }
    return isFree(moment, from, to) ? 0 : allMoves.at(moment).effort(from, to);
  }

  /** Whether nothing is carried over: around what is left out, and where the music begins anew. */
  private static boolean isFree(Moment moment, Placement from, Placement to) {
    return from.isLeftOut() || to.isLeftOut() || moment.is(Moment.Sign.FIRST);
  }

  /** Weighs the moves between these layers. */
  public MoveWeigher moves(List<List<Placement>> layers) {
    return new MoveWeigher(
        layers,
        crawl,
        movesByLook.get(MoveLook.FINGERS),
        movesByLook.get(MoveLook.HANDS),
        movesByLook.get(MoveLook.ALL));
  }

  /** Turns at a moment. */
  public TurnsAt turnsAt(Moment moment) {
    return new TurnsAt(turns.shown(moment), moment.is(Moment.Sign.FIRST));
  }

  /** The terms of turns, each with what it is shown of one moment. */
  public final class TurnsAt {
    private final Moment[] shown;
    private final boolean isFree;

    private TurnsAt(Moment[] shown, boolean isFree) {
      this.shown = shown;
      this.isFree = isFree;
    }

    /** One kind of turn. */
    public After of(Turn now) {
      return new After(now);
    }

    /** What a turn costs after each trail, asked once for all trails alike to it. */
    public final class After {
      private final Turn now;
      private final double[] known = new double[STRING_CODES * TRAVEL_KINDS];

      private After(Turn now) {
        this.now = now;
        Arrays.fill(known, isFree || now.touchesLeftOut() ? 0 : Double.NaN);
      }

      /** Effort of the turn after a trail; finite. */
      public double effort(Trail before) {
        int kind = before.fromString() * TRAVEL_KINDS + travelKind(before.travel(), now);
        if (Double.isNaN(known[kind])) {
          known[kind] = 0;
          for (int i = 0; i < shown.length; i++) {
            double effort = turns.terms().get(i).effort(shown[i], before, now);
            known[kind] += turns.weights()[i] * effort;
          }
        }
        return known[kind];
      }
    }
  }

  /**
   * All that a term may look at of an earlier travel: which way, and whether it is as far as now.
   */
  private static int travelKind(int travel, Turn now) {
    return travel == now.trail().travel() ? TRAVEL_KINDS - 1 : Integer.signum(travel) + 1;
  }

  /** Effort of a move after another; finite. */
  public double turn(Moment moment, Trail before, Turn now) {
    return turnsAt(moment).of(now).effort(before);
  }

  /** Effort of taking a note of a figure otherwise than elsewhere; finite. */
  public double figure(Placement at, Placement model, boolean samePitch) {
    double sum = 0;
    for (int i = 0; i < figures.weights().length; i++) {
      sum += figures.weights()[i] * figures.terms().get(i).effort(at, model, samePitch);
    }
    return sum;
  }

  /** A move as later moves see it. */
  public Turn turnOf(Placement from, Placement to) {
    if (touchesLeftOut(from, to)) {
      return Turn.NONE;
    }
    boolean overOpen = from.isSingle() && from.top().isOpen();
    int travel = travelUnits(from.hand(), to.hand()) * travelUnit();
    Trail trail = new Trail(string(from), travel);
    return new Turn(trail, string(to), overOpen, fingerStays(from, to), weakPairs.joins(from, to));
  }

  /** Around a chord that is left out the hand goes where it likes, and nothing is remembered. */
  private static boolean touchesLeftOut(Placement from, Placement to) {
    return from.isLeftOut() || to.isLeftOut();
  }

  private static int string(Placement placement) {
    return placement.top().string();
  }

  private int travelUnit() {
    return comparesTravel ? TRAVEL_ROUNDING_MM : 1;
  }

  /**
   * Travel in units of what is remembered of it, negative downwards.
   *
   * @param fromHand where the hand stands, in semitones
   * @param toHand where it goes
   */
  private int travelUnits(int fromHand, int toHand) {
    int semitones = toHand - fromHand;
    if (!comparesTravel || semitones == 0) {
      return Integer.signum(semitones);
    }
    double mm = geometry.spanMm(fromHand, toHand);
    int units = (int) Math.rint(mm / TRAVEL_ROUNDING_MM);
    return Integer.signum(semitones) * Math.max(1, Math.min(MOST_TRAVEL_UNITS, units));
  }

  /**
   * A number that is the same for equal turns, from 0 to below {@link #turnCodes()}, of two parts:
   * how far the hand travels, and the rest, which is the same for placements with the same fingers
   * as long as the hand stays or travels in both.
   */
  public int turnCode(int fromHand, int toHand, int fingerCode) {
    int travel = fingerCode == NOTHING_TO_SAY ? 0 : travelUnits(fromHand, toHand);
    return (travel + MOST_TRAVEL_UNITS) * FINGER_CODES + fingerCode;
  }

  /** The part of a turn's number that fingers make, from 0 to below 512. */
  public int fingerCode(Placement from, Placement to) {
    if (touchesLeftOut(from, to)) {
      return NOTHING_TO_SAY;
    }
    int code = string(from) * STRING_CODES + string(to);
    code = code * 2 + (from.isSingle() && from.top().isOpen() ? 1 : 0);
    code = code * 2 + (fingerStays(from, to) ? 1 : 0);
    return code * 2 + (weakPairs.joins(from, to) ? 1 : 0);
  }

  /** One more than the greatest turn code. */
  public int turnCodes() {
    return (2 * MOST_TRAVEL_UNITS + 1) * FINGER_CODES;
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
    return at.isLeftOut()
        ? List.of()
        : places.reasons(moment, (t, m) -> t.effort(m, at), (t, m) -> t.reason(m, at));
  }

  /** Why getting there costs what it costs, only terms that speak. */
  public List<Reason> moveReasons(Moment moment, Placement from, Placement to) {
    return isFree(moment, from, to)
        ? List.of()
        : moves.reasons(moment, (t, m) -> t.effort(m, from, to), (t, m) -> t.reason(m, from, to));
  }

  /** Why a move after another costs what it costs, only terms that speak. */
  public List<Reason> turnReasons(Moment moment, Trail before, Turn now) {
    return now.touchesLeftOut() || moment.is(Moment.Sign.FIRST)
        ? List.of()
        : turns.reasons(
            moment, (t, m) -> t.effort(m, before, now), (t, m) -> t.reason(m, before, now));
  }

  /** Why a note of a figure costs more than elsewhere, only terms that speak. */
  public List<Reason> figureReasons(
      Moment moment, Placement at, Placement model, boolean samePitch) {
    return figures.reasons(
        moment, (t, m) -> t.effort(at, model, samePitch), (t, m) -> t.reason(at, model));
  }
}
