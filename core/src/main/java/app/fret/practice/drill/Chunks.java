package app.fret.practice.drill;

import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/**
 * Cuts a passage into chunks: at phrases, then at beats, so that each holds one problem at most and
 * no more than two bars (common practice, no source). The player may move any border to another
 * note.
 */
public final class Chunks {
  private static final int MOST_BARS = 2;
  private static final int FEWEST_NOTES = 4;

  private Chunks() {}

  /**
   * The chunks of a passage, in order, together every note once. Practised, each goes on to the
   * first note of the next.
   */
  public static List<Span> of(DrillSource source) {
    TreeSet<Integer> starts = new TreeSet<>();
    List<Problem> narrow =
        Problems.of(source).stream()
            .filter(p -> p.notes().last() - p.notes().first() < FEWEST_NOTES)
            .toList();
    for (Span phrase : source.brief().levels().spans()) {
      starts.add(phrase.first());
      cut(source, phrase, narrow, starts);
    }
    return between(starts, source.count());
  }

  /** The chunks between these first notes; the first chunk starts at the first note anyway. */
  public static List<Span> between(TreeSet<Integer> starts, int count) {
    List<Span> chunks = new ArrayList<>();
    int from = 0;
    for (int start : starts) {
      if (start > from && start < count) {
        chunks.add(new Span(from, start - 1));
        from = start;
      }
    }
    if (count > 0) {
      chunks.add(new Span(from, count - 1));
    }
    return chunks;
  }

  private static void cut(
      DrillSource source, Span phrase, List<Problem> problems, TreeSet<Integer> starts) {
    int from = phrase.first();
    for (int note = phrase.first() + 1; note <= phrase.last(); note++) {
      boolean beat = source.brief().reading().beats().begins(note) && !source.note(note).isGrace();
      if (!beat || note - from < FEWEST_NOTES || phrase.last() - note < FEWEST_NOTES - 1) {
        continue;
      }
      boolean isLong = source.note(note).bar() - source.note(from).bar() >= MOST_BARS;
      boolean holdsOne = holds(problems, from, note - 1) > 0;
      boolean anotherComes = holds(problems, from, nextBeat(source, note, phrase.last())) > 1;
      boolean insideOne = isInsideOne(problems, note);
      if (isLong || holdsOne && anotherComes && !insideOne) {
        starts.add(note);
        from = note;
      }
    }
  }

  private static boolean isInsideOne(List<Problem> problems, int note) {
    return problems.stream().anyMatch(p -> p.notes().first() < note && note <= p.notes().last());
  }

  private static int nextBeat(DrillSource source, int note, int last) {
    int next = note + 1;
    while (next <= last && !source.brief().reading().beats().begins(next)) {
      next++;
    }
    return next - 1;
  }

  private static long holds(List<Problem> problems, int first, int last) {
    return problems.stream()
        .filter(p -> p.notes().first() >= first && p.notes().last() <= last)
        .count();
  }
}
