package app.fret.practice;

import java.util.List;

/**
 * Where a player stands on a ladder and what the next pass decides.
 *
 * <p>A rung is passed after so many clean passes in a row. A miss resets the count; two misses in a
 * row, or the first where the gate is strict, drop one rung. No rung is skipped. Every pass gives a
 * new climb; the old one stays as it was.
 *
 * @param ladder the ladder
 * @param rung rung being worked on, from 0
 * @param cleanInARow clean passes in a row on it
 * @param missesInARow misses in a row on it
 * @param passed rungs passed so far, counted from the lowest; all of them when the target is clean
 * @param gate what opens a rung and closes it again
 */
public record Climb(
    Ladder ladder, int rung, int cleanInARow, int missesInARow, int passed, Gate gate) {
  /** At the foot of the ladder. */
  public static Climb start(Ladder ladder, Gate gate) {
    return new Climb(ladder, 0, 0, 0, 0, gate);
  }

  /**
   * One pass as it was logged.
   *
   * @param perMinute tempo it was played at, in the ladder's unit
   * @param clean whether it was clean
   */
  public record Pass(double perMinute, boolean clean) {}

  /**
   * Where a player stands after all passes so far, oldest first. A pass at a tempo that is not the
   * rung worked on, as after a change of target, counts on the highest rung that is not faster.
   */
  public static Climb after(Ladder ladder, Gate gate, List<Pass> passes) {
    Climb climb = start(ladder, gate);
    for (Pass pass : passes) {
      climb = climb.after(pass);
    }
    return climb;
  }

  /** After one more pass, at whatever tempo it was played. */
  public Climb after(Pass pass) {
    Climb there = movedTo(ladder.rungAt(pass.perMinute()));
    return pass.clean() ? there.clean() : there.miss();
  }

  private Climb movedTo(int other) {
    return other == rung ? this : new Climb(ladder, other, 0, 0, Math.max(passed, other), gate);
  }

  /** After a clean pass. */
  public Climb clean() {
    if (cleanInARow + 1 < gate.cleanNeeded()) {
      return new Climb(ladder, rung, cleanInARow + 1, 0, passed, gate);
    }
    int nowPassed = Math.max(passed, rung + 1);
    if (rung == ladder.rungs().size() - 1) {
      return new Climb(ladder, rung, gate.cleanNeeded(), 0, nowPassed, gate);
    }
    return new Climb(ladder, rung + 1, 0, 0, nowPassed, gate);
  }

  /** After a miss. */
  public Climb miss() {
    if (missesInARow + 1 < gate.missesThatDrop()) {
      return new Climb(ladder, rung, 0, missesInARow + 1, Math.min(passed, rung), gate);
    }
    int lower = Math.max(0, rung - 1);
    return new Climb(ladder, lower, 0, 0, Math.min(passed, lower), gate);
  }

  /** Beats a minute of the highest rung passed, 0 before the first. */
  public double cleanPerMinute() {
    return passed == 0 ? 0 : ladder.rungs().get(passed - 1);
  }

  /** Whether the target itself has been passed. */
  public boolean isDone() {
    return passed == ladder.rungs().size();
  }

  /** Clean passes in a row still needed on this rung. */
  public int cleanLeft() {
    return Math.max(0, gate.cleanNeeded() - cleanInARow);
  }
}
