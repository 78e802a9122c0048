package app.fret.reading;

import app.fret.score.Bar;
import app.fret.score.Passage;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Where the music breathes (common practice, no source): behind a rest, a hold, a double bar or a
 * repeat sign, behind a note that is long for its surroundings, and before material that comes
 * back. Phrases are as long as they are: seven bars stay seven.
 */
final class Phrases {
  private static final int FEWEST_NOTES = 4;

  /** A boundary needs this much; a breath that is sure gives it alone. */
  private static final double ENOUGH = 1.0;

  private static final double LONG_NOTE = 0.6;
  private static final double COMES_BACK = 0.7;
  private static final double SLUR_ENDS = 0.4;
  private static final double LONG_IS = 2.5;

  private Phrases() {}

  /** The phrases of a passage as runs of notes; every note is in one. */
  static List<Span> of(Passage passage, List<PlayedNote> notes, List<Form.Return> returns) {
    Set<Integer> starts =
        returns.stream()
            .flatMap(r -> java.util.stream.Stream.of(r.firstBar(), r.earlierBar()))
            .collect(Collectors.toSet());
    Set<Integer> slurEnds = passage.slurs().stream().map(Span::last).collect(Collectors.toSet());
    List<Span> phrases = new ArrayList<>();
    int first = 0;
    for (int i = 1; i < notes.size(); i++) {
      double breath = breath(passage, notes.get(i - 1), notes.get(i), starts, average(notes, i));
      breath += slurEnds.contains(notes.get(i - 1).events().last()) ? SLUR_ENDS : 0;
      if (breath >= ENOUGH && i - first >= FEWEST_NOTES) {
        phrases.add(new Span(first, i - 1));
        first = i;
      }
    }
    if (!notes.isEmpty()) {
      phrases.add(new Span(first, notes.size() - 1));
    }
    return List.copyOf(phrases);
  }

  /** Mean length of the notes before, for what is long among them. */
  private static double average(List<PlayedNote> notes, int before) {
    return notes.subList(Math.max(0, before - 1 - 2 * FEWEST_NOTES), before - 1).stream()
        .mapToDouble(n -> n.length().doubleValue())
        .average()
        .orElse(Double.MAX_VALUE);
  }

  private static double breath(
      Passage passage, PlayedNote last, PlayedNote next, Set<Integer> starts, double average) {
    Bar bar = passage.bars().get(last.bar());
    Fraction silence = next.onset().subtract(last.end());
    boolean rests = silence.compareTo(Fraction.of(1, 8)) >= 0 && last.length().signum() > 0;
    boolean barEnds = next.bar() != last.bar();
    boolean line =
        barEnds && (bar.edges().line() != Bar.Line.PLAIN || bar.edges().repeatTimes() > 0);
    double breath = line || last.marks().fermata() ? ENOUGH : 0;
    breath += rests && silence.compareTo(last.length()) >= 0 ? ENOUGH : rests ? LONG_NOTE : 0;
    breath += last.length().doubleValue() >= LONG_IS * average ? LONG_NOTE : 0;
    breath += barEnds && starts.contains(next.bar()) ? COMES_BACK : 0;
    return breath;
  }
}
