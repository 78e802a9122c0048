package app.fret.bow.trouble;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.StrokeAt;
import java.util.List;

/**
 * What would take a trouble away.
 *
 * @param words what is done, as a player says it, a sentence
 * @param decisions the decisions that do it, in one click
 * @param freed decisions that give way to it
 */
public record Mend(String words, List<StrokeAt> decisions, List<StrokeAt> freed) {
  public Mend {
    decisions = List.copyOf(decisions);
    freed = List.copyOf(freed);
  }

  /** A mend to which nothing gives way but what it excludes. */
  Mend(String words, List<StrokeAt> decisions) {
    this(words, decisions, List.of());
  }

  /** The choices with it taken. */
  public BowChoices in(BowChoices choices) {
    BowChoices freedOf = choices;
    for (StrokeAt decision : freed) {
      freedOf = freedOf.without(decision);
    }
    return freedOf.withAll(decisions);
  }
}
