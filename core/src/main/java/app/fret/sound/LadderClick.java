package app.fret.sound;

import app.fret.practice.Ladder;

/**
 * The click whose unit grows up the ladder: the beat first, every other beat on the highest third
 * of the rungs, where the beat alone begins to hurry (common practice, no source). Below what a
 * metronome gives, the halves of the beat.
 */
public final class LadderClick {
  /** Slowest beat that a metronome gives, a minute. */
  private static final double SLOWEST_BEAT = 40;

  private LadderClick() {}

  /** The click for a rung, counted from 0. */
  public static ClickKind of(Ladder ladder, int rung) {
    if (ladder.rungs().get(rung) < SLOWEST_BEAT) {
      return ClickKind.HALVES;
    }
    int rungs = ladder.rungs().size();
    boolean isHigh = 3 * (rung + 1) > 2 * rungs;
    return isHigh ? ClickKind.HALF : ClickKind.BEAT;
  }
}
