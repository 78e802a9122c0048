package app.fret.practice.drill;

import app.fret.score.Span;
import java.util.List;
import java.util.Optional;
import java.util.function.IntFunction;
import org.apache.commons.numbers.fraction.Fraction;

/** Drills that go through some notes in order, each note giving one or more pieces. */
final class Copies {
  private Copies() {}

  /**
   * The notes in their rhythm and their place in the bar, rests between them kept.
   *
   * @param pieces what becomes of each note
   */
  static Optional<DrillMusic> of(DrillSource source, Span notes, IntFunction<List<Piece>> pieces) {
    List<Integer> timed = source.timed(notes);
    if (timed.isEmpty()) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, timed.get(0), false);
    add(source, timed, sheet, pieces);
    return Optional.of(sheet.finish());
  }

  /** The notes so often, with words over the start of each time. */
  static Optional<DrillMusic> times(
      DrillSource source, Span notes, List<String> words, IntFunction<Piece> piece) {
    List<Integer> timed = source.timed(notes);
    if (timed.isEmpty()) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, timed.get(0), false);
    for (String once : words) {
      int first = timed.get(0);
      add(
          source,
          timed,
          sheet,
          n -> List.of(n == first ? piece.apply(n).saying(once) : piece.apply(n)));
      sheet.endBar();
    }
    return Optional.of(sheet.finish());
  }

  private static void add(
      DrillSource source, List<Integer> timed, Sheet sheet, IntFunction<List<Piece>> pieces) {
    int first = timed.get(0);
    sheet.begin(source.placeInBar(first), first);
    Fraction end = source.note(first).onset();
    int last = timed.get(timed.size() - 1);
    for (int note : timed) {
      Fraction silence = source.note(note).onset().subtract(end);
      if (silence.signum() > 0) {
        sheet.add(Piece.rest(note, silence));
      }
      List<Piece> own = pieces.apply(note);
      for (Piece piece : own) {
        sheet.add(note == last ? piece.slurred(false) : piece);
      }
      end = source.note(note).end();
    }
  }
}
