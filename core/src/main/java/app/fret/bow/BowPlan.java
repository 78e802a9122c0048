package app.fret.bow;

import app.fret.bow.plane.PlanePlan;
import app.fret.bow.search.OtherStroke;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.trouble.BowPattern;
import app.fret.bow.trouble.BowTrouble;
import app.fret.reading.StrokeGroups;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The strokes of a passage.
 *
 * @param school how far the part was kept
 * @param strokes in order, together holding every note once, but where the bow changes inside one
 * @param effort total effort
 * @param hairCm hair of the bow, in cm
 * @param planes the arm's way over the strings
 * @param patterns patterns over the strings and in the bow
 * @param troubles where the bow gets into trouble, in the order of the music
 * @param answers what is worked out when it is asked for
 */
public record BowPlan(
    BowSchool school,
    List<Stroke> strokes,
    double effort,
    double hairCm,
    PlanePlan planes,
    List<BowPattern> patterns,
    List<BowTrouble> troubles,
    BowAnswers answers) {
  public BowPlan {
    strokes = List.copyOf(strokes);
    patterns = List.copyOf(patterns);
    troubles = List.copyOf(troubles);
  }

  /** The same with strokes of which more is said. */
  public BowPlan withStrokes(List<Stroke> newStrokes) {
    return new BowPlan(school, newStrokes, effort, hairCm, planes, patterns, troubles, answers);
  }

  /**
   * What each term costs over the whole passage; what signs and decisions ask for is no term of it.
   */
  public Map<String, Double> effortByTerm() {
    return answers.effortByTerm();
  }

  /** The other ways to take a stroke, cheapest first; none where it is plucked. */
  public List<OtherStroke> otherWays(int stroke) {
    return answers.otherWays(stroke);
  }

  /** Number of the stroke in which a note begins. */
  public int strokeOf(int note) {
    for (int i = 0; i < strokes.size(); i++) {
      if (strokes.get(i).lastNote() >= note) {
        return i;
      }
    }
    throw new IllegalArgumentException("no note " + note);
  }

  /** Which notes share a stroke; changes inside a note count for none. */
  public StrokeGroups groups() {
    List<Span> groups = new ArrayList<>();
    for (Stroke stroke : strokes) {
      int last = groups.size() - 1;
      boolean goesOn = last >= 0 && groups.get(last).last() >= stroke.firstNote();
      if (goesOn) {
        groups.set(last, new Span(groups.get(last).first(), stroke.lastNote()));
      } else {
        groups.add(new Span(stroke.firstNote(), stroke.lastNote()));
      }
    }
    return new StrokeGroups(groups);
  }
}
