package app.fret.bow.stroke;

import app.fret.leaning.OwnWeights;
import app.fret.reading.NoteMoves;
import app.fret.score.NoteRef;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;

/**
 * What the player has decided for the bow.
 *
 * @param school how far the bowing of the part binds
 * @param opposite whether a figure that comes back starts the other way on purpose, for variety
 * @param strokes decisions on strokes, in order
 * @param own what the player's own choices multiply the weights of the terms with
 * @param accents how accents are made
 */
public record BowChoices(
    BowSchool school, boolean opposite, List<StrokeAt> strokes, OwnWeights own, Accents accents) {
  private static final Comparator<StrokeAt> IN_ORDER =
      Comparator.comparingInt((StrokeAt s) -> s.at().bar())
          .thenComparing(s -> s.at().onsetInBar())
          .thenComparing(s -> s.at().written())
          .thenComparingInt(s -> s.at().occurrence())
          .thenComparing(s -> s.decision().act());

  public BowChoices {
    strokes = strokes.stream().sorted(IN_ORDER).toList();
  }

  /** Nothing decided: the printed bowing is kept. */
  public static BowChoices none() {
    return new BowChoices(BowSchool.PRINTED, false, List.of(), OwnWeights.NONE, Accents.BOTH);
  }

  /** The same decisions in another school. */
  public BowChoices withSchool(BowSchool newSchool) {
    return new BowChoices(newSchool, opposite, strokes, own, accents);
  }

  /** The same with figures that come back starting the other way, or the same. */
  public BowChoices withOpposite(boolean isOpposite) {
    return new BowChoices(school, isOpposite, strokes, own, accents);
  }

  /** The same school with these decisions in place of all others. */
  public BowChoices withStrokes(List<StrokeAt> newStrokes) {
    return new BowChoices(school, opposite, newStrokes, own, accents);
  }

  /** The same with a player's own weights in place of any others. */
  public BowChoices with(OwnWeights newOwn) {
    return new BowChoices(school, opposite, strokes, newOwn, accents);
  }

  /** The same with accents made another way. */
  public BowChoices with(Accents newAccents) {
    return new BowChoices(school, opposite, strokes, own, newAccents);
  }

  /** These and a decision, in place of those on its note that it excludes. */
  public BowChoices with(StrokeAt decided) {
    List<StrokeAt> all = new ArrayList<>(strokes);
    all.removeIf(s -> s.at().equals(decided.at()) && s.decision().excludes(decided.decision()));
    all.add(decided);
    return withStrokes(all);
  }

  /** These and more decisions, each as in {@link #with}. */
  public BowChoices withAll(List<StrokeAt> decided) {
    BowChoices all = this;
    for (StrokeAt one : decided) {
      all = all.with(one);
    }
    return all;
  }

  /** These without one decision. */
  public BowChoices without(StrokeAt decided) {
    return withStrokes(strokes.stream().filter(s -> !s.equals(decided)).toList());
  }

  /** These without any decision on some note heads. */
  public BowChoices without(Collection<NoteRef> heads) {
    return withStrokes(strokes.stream().filter(s -> !heads.contains(s.at())).toList());
  }

  /** The same with decisions that stay with their notes. */
  public BowChoices moved(NoteMoves moves) {
    return withStrokes(
        moves.each("the decision for the bow", strokes, StrokeAt::at, StrokeAt::movedTo));
  }
}
