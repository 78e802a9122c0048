package app.fret.lefthand;

import app.fret.lefthand.figure.Assumed;
import app.fret.lefthand.figure.PedalFigure;
import app.fret.lefthand.figure.ThumbStretch;
import app.fret.lefthand.figure.ThumbStretches;
import java.util.ArrayList;
import java.util.List;

/**
 * Weighs a passage under one assumption after the other and keeps the cheapest: what is recognised
 * of a figure is a guess that the exact search may speak against.
 */
final class Hypotheses {
  /**
   * What it costs to take a pedal figure for none, for each of its notes: where its strings cost
   * more than this it is forgotten (common practice, no source).
   */
  private static final double LEAVING_A_NOTE = 0.45;

  /** What it costs to set the thumb for a figure, once for all its notes (as above). */
  private static final double SETTING_THE_THUMB = 1.0;

  private static final int MOST_LEFT_ALONE = 3;
  private static final int MOST_SET_ALONE = 3;

  private final List<PedalFigure> pedals;
  private final List<ThumbStretch> thumbs;
  private Assumed assumed;
  private PreparedPassage best;
  private double least;

  /**
   * Begins with a passage weighed while every pedal figure is assumed.
   *
   * @param assumed what it was weighed under
   */
  Hypotheses(PreparedPassage weighed, Assumed assumed) {
    this.pedals = assumed.pedals();
    this.thumbs = ThumbStretches.of(weighed.brief());
    this.assumed = assumed;
    this.best = weighed;
  }

  /** The passage under the assumption of least effort. */
  PreparedPassage cheapest() {
    if (pedals.isEmpty() && thumbs.isEmpty()) {
      return best;
    }
    least = best.leastWithoutFigures();
    if (!pedals.isEmpty()) {
      weighFewerPedals();
    }
    int alone = Math.min(MOST_SET_ALONE, thumbs.size());
    for (int i = 0; i < alone; i++) {
      weighWith(thumbs.subList(i, i + 1));
    }
    if (alone < thumbs.size()) {
      weighWith(thumbs.subList(alone, thumbs.size()));
    }
    return best;
  }

  private void weighWith(List<ThumbStretch> more) {
    List<ThumbStretch> all = new ArrayList<>(assumed.thumbs());
    all.addAll(more);
    weigh(new Assumed(assumed.pedals(), all));
  }

  /** Weighs another assumption, keeps it where it is cheaper, and says the effort of the plan. */
  private double weigh(Assumed other) {
    PreparedPassage weighed = best.assuming(other);
    double planned = weighed.leastWithoutFigures();
    double effort =
        planned
            + LEAVING_A_NOTE * (notes(pedals) - notes(other.pedals()))
            + SETTING_THE_THUMB * other.thumbs().size();
    if (effort < least) {
      least = effort;
      best = weighed;
      assumed = other;
    }
    return planned;
  }

  /**
   * Without any of the figures, and without each of the first few of several. To leave one saves
   * hardly more than to leave all, so that none is tried whose price is higher than that.
   */
  private void weighFewerPedals() {
    double kept = least;
    double saved = kept - weigh(new Assumed(List.of(), List.of()));
    for (int i = 0; i < Math.min(pedals.size(), MOST_LEFT_ALONE) && pedals.size() > 1; i++) {
      if (LEAVING_A_NOTE * pedals.get(i).size() < saved) {
        List<PedalFigure> others = new ArrayList<>(pedals);
        others.remove(i);
        weigh(new Assumed(others, List.of()));
      }
    }
  }

  private static int notes(List<PedalFigure> figures) {
    return figures.stream().mapToInt(PedalFigure::size).sum();
  }
}
