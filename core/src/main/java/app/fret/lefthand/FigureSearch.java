package app.fret.lefthand;

import app.fret.lefthand.hand.Placement;
import app.fret.reading.Families;
import app.fret.score.Finger;
import app.fret.score.Span;
import app.fret.search.Lattice;
import app.fret.search.OtherPlans;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How figures are best taken, each time they come.
 *
 * <p>Problem: a figure is held against the fingers it has elsewhere, but which fingers those are
 * depends on the plan, and the plan on what it costs to depart from them. Method: the plan that
 * does not look at figures gives the first models; then each figure in turn is begun with another
 * finger, everywhere at once, and what follows is kept if the whole plan, its own figures held
 * against each other, is cheaper. Each plan under given models is exact; the models themselves are
 * a local optimum. Cost: two forward passes a try, as many tries as {@link #PASSES_OF_LAYERS}
 * allows, so that long passages take no longer for it.
 */
final class FigureSearch {
  /** Passes times notes that may be spent. */
  private static final int PASSES_OF_LAYERS = 3000;

  private static final int PASSES_OF_TRY = 2;

  /** Fewer tell nothing: the first plan then says how figures are taken. */
  private static final int FEWEST_TRIES = 3;

  /** Other ideas of the whole passage that are tried as sources of the models. */
  private static final int OTHER_IDEAS = 3;

  /** Other beginnings tried of one figure. */
  private static final int BEGINNINGS = 5;

  /** What leaving a beginning costs while it is tried: more than most moves, not more than all. */
  private static final double LEAN = 2;

  private final WeighedPassage weighed;
  private FigureModels best;
  private double least = Double.POSITIVE_INFINITY;
  private int triesLeft;

  /**
   * How a figure begins.
   *
   * @param finger the finger of its first note
   * @param string the string of it when the figure always sounds alike, {@link #ANY} otherwise
   */
  private record Beginning(Finger finger, int string) {
    static final int ANY = 0;

    static Beginning of(Placement way, boolean samePitch) {
      return new Beginning(way.top().finger(), samePitch ? way.top().string() : ANY);
    }
  }

  FigureSearch(WeighedPassage weighed) {
    this.weighed = weighed;
    this.triesLeft = PASSES_OF_LAYERS / (PASSES_OF_TRY * Math.max(1, weighed.layers().size()));
  }

  /**
   * The models under which the plan of the passage without pins is cheapest.
   *
   * @param others finds other ideas than the plan that does not look at figures
   */
  FigureModels best(OtherPlans others) {
    int[] first = weighed.lattice().path();
    best = weighed.modelsOf(first);
    if (best.isEmpty() || triesLeft < FEWEST_TRIES) {
      return best;
    }
    tryModels(best);
    for (OtherPlans.Found idea : others.after(List.of(first), Math.min(OTHER_IDEAS, triesLeft))) {
      tryModels(weighed.modelsOf(idea.path()));
    }
    for (Families.Family family : weighed.brief().reading().families()) {
      for (Beginning beginning : beginnings(family)) {
        if (triesLeft > 0) {
          tryModels(weighed.modelsOf(solve(leaning(family, beginning)).path()));
        }
      }
    }
    return best;
  }

  /** Takes these models if the plan under them, its own figures held together, is cheaper. */
  private void tryModels(FigureModels tried) {
    triesLeft--;
    Lattice lattice = solve(weighed.withFigures(weighed.stays(), tried));
    int[] path = lattice.path();
    double effort = lattice.least() - weighed.tooMuch(path, tried);
    if (effort < least) {
      least = effort;
      best = weighed.modelsOf(path);
    }
  }

  /** The fingers a figure can begin with, cheapest whole plan first, without the one it has. */
  private List<Beginning> beginnings(Families.Family family) {
    if (triesLeft <= 0) {
      return List.of();
    }
    triesLeft--;
    Lattice lattice = solve(weighed.withFigures(weighed.stays(), best));
    int note = family.spans().get(0).first();
    Map<Beginning, Double> efforts = new LinkedHashMap<>();
    for (int p = 0; p < weighed.layers().get(note).size(); p++) {
      Placement way = weighed.layers().get(note).get(p);
      double effort = lattice.through(note, p);
      if (Double.isFinite(effort)) {
        efforts.merge(Beginning.of(way, family.samePitch()), effort, Math::min);
      }
    }
    return efforts.entrySet().stream()
        .sorted(Map.Entry.comparingByValue())
        .skip(1)
        .limit(BEGINNINGS)
        .map(Map.Entry::getKey)
        .toList();
  }

  private double[][] leaning(Families.Family family, Beginning beginning) {
    double[][] leaning = weighed.withFigures(weighed.stays(), best);
    for (Span span : family.spans()) {
      int note = span.first();
      leaning[note] = leaning[note].clone();
      for (int p = 0; p < leaning[note].length; p++) {
        Beginning of = Beginning.of(weighed.layers().get(note).get(p), family.samePitch());
        leaning[note][p] += of.equals(beginning) ? 0 : LEAN;
      }
    }
    return leaning;
  }

  private Lattice solve(double[][] stays) {
    return weighed.lattice().with(stays);
  }
}
