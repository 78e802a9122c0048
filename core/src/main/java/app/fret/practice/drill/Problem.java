package app.fret.practice.drill;

import app.fret.score.Span;
import java.util.List;

/**
 * Something that makes a passage hard, with the drills that fit it.
 *
 * @param notes numbers of the first and the last note
 * @param words what and how much, such as {@code shift of 5.4 bits, 87 mm in 0.21 s}
 * @param weight how hard, comparable between kinds; a coach would remark on 1
 * @param drills what fits, the likeliest first
 * @param isCapped whether repeats load the hand
 */
public record Problem(
    Span notes, String words, double weight, List<DrillKind> drills, boolean isCapped) {
  public Problem {
    drills = List.copyOf(drills);
  }
}
