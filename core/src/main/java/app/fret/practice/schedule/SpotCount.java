package app.fret.practice.schedule;

import app.fret.practice.drill.ProposedDrill.Cap;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How often a spot that loads the hand was played today, in whatever form: on the ladder, in a
 * rhythm set, a climb, a trial, a run-through or a drill. Another passage, or a pass without the
 * spot, ends a run.
 *
 * @param spot the spot
 * @param today hits today
 * @param inARow hits since anything else was played
 * @param cap how often it may be played
 */
public record SpotCount(Spot spot, int today, int inARow, Cap cap) {
  /** What it may be played at most (common practice, no source). */
  public static final Cap CAP = Cap.USUAL;

  /** The same for one that comes back after it hurt. */
  public static final Cap HALF_CAP = new Cap(CAP.inARow() / 2, CAP.aDay() / 2);

  /** For one that rests: not at all. */
  public static final Cap NOT_AT_ALL = new Cap(0, 0);

  /**
   * Counts a spot.
   *
   * @param item its passage
   * @param log passes of the day of all items, in the order they were played
   */
  public static SpotCount of(String item, Spot spot, List<LoggedPass> log) {
    return of(item, spot, log, CAP);
  }

  /** The same with how often the spot may be played. */
  public static SpotCount of(String item, Spot spot, List<LoggedPass> log, Cap cap) {
    int today = 0;
    int inARow = 0;
    for (LoggedPass pass : log) {
      int hits = hits(item, spot, pass);
      today += hits;
      inARow = hits == 0 ? 0 : inARow + hits;
    }
    return new SpotCount(spot, today, inARow, cap);
  }

  /**
   * The spots of an item that load the hand or hurt, each with how often it may be played.
   *
   * @param easing how the item goes easier since something hurt
   */
  public static List<SpotCount> of(Item item, Easing easing, List<LoggedPass> log) {
    List<SpotCount> counts = new ArrayList<>();
    for (Spot spot : item.spots()) {
      if (spot.isCapped() && !easing.holds(spot)) {
        counts.add(of(item.id(), spot, log));
      }
    }
    easing.without().forEach(bar -> counts.add(of(item.id(), sore(bar), log, NOT_AT_ALL)));
    easing.halved().forEach(bar -> counts.add(of(item.id(), sore(bar), log, HALF_CAP)));
    return counts;
  }

  private static Spot sore(String bar) {
    return new Spot(bar + ":1", "bar " + bar, List.of(), true);
  }

  /** A drill is of one spot; all other passes go through every spot that is not left out. */
  private static int hits(String item, Spot spot, LoggedPass pass) {
    boolean isOfAnother =
        pass.card() == CardKind.DRILL && !pass.spot().equals(Optional.of(spot.place()));
    boolean isWithout = !pass.item().equals(item) || pass.spotLeftOut() || isOfAnother;
    return isWithout ? 0 : pass.hits();
  }

  /** Whether it has been played often enough for now: the next pass goes without it. */
  public boolean isFull() {
    return inARow >= cap.inARow() || isFullForToday();
  }

  /** Whether it has been played often enough for today. */
  public boolean isFullForToday() {
    return today >= cap.aDay();
  }
}
