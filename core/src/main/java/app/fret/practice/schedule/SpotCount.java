package app.fret.practice.schedule;

import app.fret.practice.drill.ProposedDrill.Cap;
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
 */
public record SpotCount(Spot spot, int today, int inARow) {
  /** What it may be played at most (common practice, no source). */
  public static final Cap CAP = Cap.USUAL;

  /**
   * Counts a spot.
   *
   * @param item its passage
   * @param log passes of the day of all items, in the order they were played
   */
  public static SpotCount of(String item, Spot spot, List<LoggedPass> log) {
    int today = 0;
    int inARow = 0;
    for (LoggedPass pass : log) {
      int hits = hits(item, spot, pass);
      today += hits;
      inARow = hits == 0 ? 0 : inARow + hits;
    }
    return new SpotCount(spot, today, inARow);
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
    return inARow >= CAP.inARow() || isFullForToday();
  }

  /** Whether it has been played often enough for today. */
  public boolean isFullForToday() {
    return today >= CAP.aDay();
  }
}
