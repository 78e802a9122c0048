package app.fret.study;

import app.fret.bow.BowPlan;
import app.fret.bow.pattern.Habit;
import app.fret.bow.pattern.Pattern;
import app.fret.bow.pattern.PatternStrokes;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.trouble.BowTrouble;
import app.fret.lefthand.PinConflictException;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * A bowing pattern for a stretch, planned on the bow.
 *
 * @param pattern the pattern
 * @param choices the bow's decisions with it
 * @param extraEffort what both hands' plan with it costs more than the present one
 * @param strokes bows it takes over the stretch
 * @param troubles troubles of the bow in the stretch
 * @param isInForce whether the stretch is bowed so now
 * @param against how far it is from the habit of a section, 0 for the usual one
 */
public record PatternOffer(
    Pattern pattern,
    BowChoices choices,
    double extraEffort,
    int strokes,
    int troubles,
    boolean isInForce,
    double against) {
  /** Where two come to the same strokes the plainer name is taken. */
  private static final List<Pattern> NAMED_FIRST =
      List.of(
          Pattern.HOOKED,
          Pattern.SEPARATE,
          Pattern.BEAT,
          Pattern.BAR,
          Pattern.HALF_BAR,
          Pattern.TWO_AND_TWO,
          Pattern.THREE_AND_ONE,
          Pattern.SLUR_TWO_TWO_SEPARATE,
          Pattern.AS_IT_COMES);

  private static final double A_TROUBLE = 0.25;

  /** What a unit of effort to a bar is worth beside the habit. */
  private static final double EFFORT_A_BAR = 0.15;

  /**
   * The patterns for a stretch, the one that suits it best first. Patterns that come to the same
   * strokes are one.
   *
   * @throws PinConflictException when pins cannot be met, which no pattern should bring about
   */
  public static List<PatternOffer> of(Study study, Span stretch) throws PinConflictException {
    Habit habit = new Habit(study.brief(), stretch);
    List<PatternOffer> offers = new ArrayList<>();
    Set<List<List<Object>>> known = new HashSet<>();
    for (Pattern pattern : NAMED_FIRST) {
      if (!PatternStrokes.suits(study.brief().reading(), stretch, pattern)) {
        continue;
      }
      BowChoices choices =
          PatternStrokes.with(study.choices().bow(), study.brief().reading(), stretch, pattern);
      Study bowed = study.with(study.choices().with(choices));
      if (known.add(strokes(bowed.bow(), stretch))) {
        offers.add(offer(study, bowed, stretch, pattern, habit));
      }
    }
    int bars = bars(study, stretch);
    offers.sort(Comparator.comparingDouble(o -> o.rank(bars)));
    return List.copyOf(offers);
  }

  private static PatternOffer offer(
      Study study, Study bowed, Span stretch, Pattern pattern, Habit habit) {
    List<List<Object>> strokes = strokes(bowed.bow(), stretch);
    return new PatternOffer(
        pattern,
        bowed.choices().bow(),
        bowed.effort() - study.effort(),
        strokes.size(),
        (int) bowed.bow().troubles().stream().filter(t -> isIn(t, stretch)).count(),
        strokes.equals(strokes(study.bow(), stretch)),
        habit.against(pattern));
  }

  private static boolean isIn(BowTrouble trouble, Span stretch) {
    return stretch.holds(trouble.firstNote());
  }

  /** Notes and direction of each stroke in a stretch. */
  private static List<List<Object>> strokes(BowPlan bow, Span stretch) {
    List<List<Object>> strokes = new ArrayList<>();
    for (Stroke stroke : bow.strokes()) {
      if (stroke.lastNote() >= stretch.first() && stroke.firstNote() <= stretch.last()) {
        strokes.add(List.of(stroke.firstNote(), stroke.lastNote(), stroke.direction()));
      }
    }
    return strokes;
  }

  private static int bars(Study study, Span stretch) {
    int first = study.notes().get(stretch.first()).bar();
    int last = study.notes().get(stretch.last()).bar();
    return last - first + 1;
  }

  private double rank(int bars) {
    return against + EFFORT_A_BAR * extraEffort / bars + A_TROUBLE * troubles;
  }
}
