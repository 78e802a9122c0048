package app.fret.practice.drill;

import app.fret.lefthand.figure.PedalFigure;
import app.fret.lefthand.figure.PedalFigures;
import app.fret.score.Note;
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

  /** Lays the tune out: each of its notes lasts until the next one. */
  void addTune(Sheet sheet, String words) {
    List<Integer> timed = source.timed(notes);
    sheet.again();
    sheet.begin(source.placeInBar(timed.get(0)), timed.get(0));
    Fraction end = source.note(timed.get(timed.size() - 1)).end();
    boolean isSaid = false;
    for (int i = 0; i < timed.size(); i++) {
      int note = timed.get(i);
      Fraction until = i + 1 < timed.size() ? source.note(timed.get(i + 1)).onset() : end;
      Fraction length = until.subtract(source.note(note).onset());
      if (!isTune(note)) {
        if (!isSaid) {
          sheet.add(Piece.rest(note, length));
        }
        continue;
      }
      int next = i + 1;
      while (next < timed.size() && !isTune(timed.get(next))) {
        next++;
      }
      Fraction lasts = next < timed.size() ? source.note(timed.get(next)).onset() : end;
      List<Note> heads = source.heads(note);
      Piece piece = Piece.of(note, heads, lasts.subtract(source.note(note).onset()));
      sheet.add(isSaid ? piece : piece.saying(words));
      isSaid = true;
    }
    sheet.endBar();
  }

  private boolean isTune(int note) {
    return !source.top(note).written().equals(pedal);
  }
}
