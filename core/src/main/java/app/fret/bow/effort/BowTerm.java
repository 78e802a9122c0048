package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;
import java.util.OptionalDouble;

/** One reason why a stroke is better drawn one way than another. Effort 1: a coach would remark. */
public interface BowTerm {
  /** Name of the term, by which a player's own weights know it. */
  String name();

  /** What it is about, so that one can say "more" or "less" of it. */
  String inShort();

  /** What it weighs in every school; empty where the school's table has a price of its name. */
  OptionalDouble weight();

  /** Whether it tells of the hand, not of what a part or a decision asks for. */
  default boolean isOfTheHand() {
    return weight().isPresent();
  }

  /** What of a way it looks at; ways alike in that share what was said. */
  Look look();

  /**
   * Effort of drawing a stroke so, 0 when it has nothing to say, before its weight in the school.
   *
   * @param demand what the stroke asks for
   * @param way how it is drawn; only what {@link #look()} names is looked at
   */
  double effort(StrokeProfile demand, Way way);

  /** Why, in plain words. */
  String reason(StrokeProfile demand, Way way);

  /** What of a way a term looks at. */
  enum Look {
    /** How much bow. */
    AMOUNT,
    /** Where its middle lies. */
    MIDDLE,
    /** Direction and where it starts. */
    START,
    /** Direction and where it ends. */
    END
  }
}
