package app.fret.files.abc;

import app.fret.score.Event;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tuplet;
import app.fret.score.TupletRatio;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Tuplets of a passage that no sign groups, as where a file leaves their figures out: ABC has no
 * notes of such lengths without one. Each is as short as it can be to end on an even value.
 */
final class UnmarkedTuplets {
  private final Passage passage;
  private final Set<Integer> marked = new HashSet<>();
  private final List<Tuplet> found = new ArrayList<>();
  private int first = -1;
  private int last = -1;
  private Fraction sum = Fraction.ZERO;

  private UnmarkedTuplets(Passage passage) {
    this.passage = passage;
    for (Tuplet tuplet : passage.tuplets()) {
      for (int i = tuplet.span().first(); i <= tuplet.span().last(); i++) {
        marked.add(i);
      }
    }
  }

  /** The tuplets of a passage that stand under no sign, in order. */
  static List<Tuplet> of(Passage passage) {
    UnmarkedTuplets tuplets = new UnmarkedTuplets(passage);
    for (int i = 0; i < passage.events().size(); i++) {
      tuplets.look(i);
    }
    tuplets.close();
    return tuplets.found;
  }

  private void look(int index) {
    Event event = passage.events().get(index);
    TupletRatio ratio = event.written().ratio();
    if (first >= 0 && (event.bar() != firstEvent().bar() || !ratio.equals(ratio()))) {
      close();
    }
    if (!ratio.isNone() && !marked.contains(index) && event.length().signum() > 0) {
      first = first < 0 ? index : first;
      last = index;
      sum = sum.add(event.length());
      if (Integer.bitCount(sum.getDenominator()) == 1) {
        close();
      }
    }
  }

  private Event firstEvent() {
    return passage.events().get(first);
  }

  private TupletRatio ratio() {
    return firstEvent().written().ratio();
  }

  private void close() {
    if (first >= 0) {
      found.add(new Tuplet(new Span(first, last), ratio(), false));
    }
    first = -1;
    sum = Fraction.ZERO;
  }
}
