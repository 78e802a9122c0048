package app.fret.engraving;

import app.fret.score.Bar;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Passage;
import app.fret.score.Rest;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Finds bars of rest that are drawn as one with their number over it.
 *
 * <p>A run ends where anything else has to be seen: another metre, key or clef, a mark, a repeat, a
 * double bar.
 */
final class LongRests {
  private final int[] lengths;

  LongRests(Passage passage) {
    List<Bar> bars = passage.bars();
    Set<Integer> silent = silentBars(passage);
    Set<Fraction> marked = markedOnsets(passage.directions());
    lengths = new int[bars.size()];
    int lead = 0;
    for (int bar = 0; bar < bars.size(); bar++) {
      lengths[bar] = 1;
      boolean joins =
          bar > 0
              && silent.contains(bar)
              && silent.contains(bar - 1)
              && !marked.contains(bars.get(bar).onset())
              && looksLike(bars.get(bar - 1), bars.get(bar));
      if (joins) {
        lengths[lead]++;
        lengths[bar] = 0;
      } else {
        lead = bar;
      }
    }
  }

  private static Set<Integer> silentBars(Passage passage) {
    Set<Integer> silent = new HashSet<>();
    Set<Integer> sounding = new HashSet<>();
    for (Event event : passage.events()) {
      boolean rests = event instanceof Rest rest && rest.wholeBar();
      (rests ? silent : sounding).add(event.bar());
    }
    silent.removeAll(sounding);
    return silent;
  }

  private static Set<Fraction> markedOnsets(Directions directions) {
    Set<Fraction> onsets = new HashSet<>();
    add(onsets, directions.dynamics(), Directions.Dynamic::onset);
    add(onsets, directions.words(), Directions.Words::onset);
    add(onsets, directions.tempos(), Directions.TempoMark::onset);
    add(onsets, directions.rehearsals(), Directions.Rehearsal::onset);
    return onsets;
  }

  private static <T> void add(
      Set<Fraction> onsets, Collection<T> marks, Function<T, Fraction> onset) {
    marks.forEach(m -> onsets.add(onset.apply(m)));
  }

  private static boolean looksLike(Bar before, Bar bar) {
    return before.edges().equals(Bar.Edges.PLAIN)
        && !bar.edges().repeatStart()
        && bar.edges().endingStart().isEmpty()
        && before.metre().equals(bar.metre())
        && before.key().equals(bar.key())
        && before.clefs().size() == 1
        && bar.clefs().size() == 1
        && before.clefs().get(0).clef().equals(bar.clefs().get(0).clef());
  }

  /** Number of bars that are drawn as this one, 0 for a bar that is drawn in one before it. */
  int barsDrawnAs(int bar) {
    return lengths[bar];
  }

  /** Whether the bar is drawn in one before it. */
  boolean isHidden(int bar) {
    return lengths[bar] == 0;
  }
}
