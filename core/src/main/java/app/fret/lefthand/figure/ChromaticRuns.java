package app.fret.lefthand.figure;

import app.fret.brief.Brief;
import app.fret.score.SoundingPitch;
import java.util.Arrays;
import java.util.List;

/** Runs of three half steps or more one way, in which fingers may slide (common practice). */
public final class ChromaticRuns {
  private static final int FEWEST_HALF_STEPS = 3;

  private ChromaticRuns() {}

  /** By note: whether it stands in such a run. */
  public static boolean[] of(Brief brief) {
    List<List<SoundingPitch>> pitches = brief.pitches();
    boolean[] runs = new boolean[pitches.size()];
    int first = 0;
    for (int i = 1; i <= runs.length; i++) {
      if (i < runs.length && goesOn(pitches, first, i)) {
        continue;
      }
      if (i - 1 - first >= FEWEST_HALF_STEPS) {
        Arrays.fill(runs, first, i, true);
      }
      first = i < runs.length && isHalfStep(pitches, i - 1, i) ? i - 1 : i;
    }
    return runs;
  }

  private static boolean goesOn(List<List<SoundingPitch>> pitches, int first, int next) {
    boolean sameWay =
        next - 1 == first || step(pitches, next - 1, next) == step(pitches, next - 2, next - 1);
    return isHalfStep(pitches, next - 1, next) && sameWay;
  }

  private static boolean isHalfStep(List<List<SoundingPitch>> pitches, int one, int other) {
    return Math.abs(step(pitches, one, other)) == 1;
  }

  /** Half steps from one single note to the next; 0 where one is a chord. */
  private static int step(List<List<SoundingPitch>> pitches, int one, int other) {
    return pitches.get(one).size() == 1 && pitches.get(other).size() == 1
        ? pitches.get(other).get(0).midi() - pitches.get(one).get(0).midi()
        : 0;
  }
}
