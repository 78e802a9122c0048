package app.fret.practice.drill;

import app.fret.lefthand.figure.PedalFigure;
import app.fret.lefthand.figure.PedalFigures;
import app.fret.score.Span;
import app.fret.score.WrittenPitch;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A figure in which a tune goes on beside a note that comes back.
 *
 * @param source the passage
 * @param notes its notes
 * @param pedal the note that comes back
 */
record PedalTune(DrillSource source, Span notes, WrittenPitch pedal) {
  /** The figures of a passage, in order. */
  static List<PedalTune> of(DrillSource source) {
    return PedalFigures.of(source.brief()).stream().map(f -> of(source, f)).toList();
  }

  private static PedalTune of(DrillSource source, PedalFigure figure) {
    Span notes = new Span(figure.first(), figure.first() + figure.size() - 1);
    Map<WrittenPitch, Integer> often = new HashMap<>();
    source.timed(notes).forEach(n -> often.merge(source.top(n).written(), 1, Integer::sum));
    WrittenPitch pedal =
        often.entrySet().stream()
            .max(
                Map.Entry.<WrittenPitch, Integer>comparingByValue()
                    .thenComparing(Map.Entry.comparingByKey(Comparator.reverseOrder())))
            .orElseThrow()
            .getKey();
    return new PedalTune(source, notes, pedal);
  }

  /** The figure that holds most of some notes, where they have one. */
  static Optional<PedalTune> among(DrillSource source, Span notes) {
    return of(source).stream()
        .filter(p -> p.notes.first() <= notes.last() && p.notes.last() >= notes.first())
        .max(Comparator.comparingInt(p -> p.notes.last() - p.notes.first()));
  }

  /**
   * Lays the tune out: each of its notes lasts until the next one, from the beat on where the pedal
   * comes first.
   */
  void addTune(Sheet sheet, String words) {
    List<Integer> timed = source.timed(notes);
    List<Integer> tune = timed.stream().filter(this::isTune).toList();
    Fraction start = source.note(timed.get(0)).onset();
    Fraction end = source.note(timed.get(timed.size() - 1)).end();
    Fraction early = source.note(tune.get(0)).onset().subtract(start);
    sheet.again();
    sheet.begin(source.placeInBar(timed.get(0)), timed.get(0));
    for (int i = 0; i < tune.size(); i++) {
      int note = tune.get(i);
      Fraction until = i + 1 < tune.size() ? source.note(tune.get(i + 1)).onset() : end.add(early);
      Piece piece = Piece.of(note, source.heads(note), until.subtract(source.note(note).onset()));
      sheet.add(i == 0 ? piece.saying(words) : piece);
    }
    sheet.endBar();
  }

  private boolean isTune(int note) {
    return !source.top(note).written().equals(pedal);
  }
}
