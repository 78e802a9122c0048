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
   * One time through the notes.
   *
   * @param words over its start; none where blank
   * @param pieces what becomes of each note
   */
  record Time(String words, IntFunction<List<Piece>> pieces) {}

  /**
   * The notes in their rhythm and their place in the bar, rests between them kept.
   *
   * @param pieces what becomes of each note
   */
  static Optional<DrillMusic> of(DrillSource source, Span notes, IntFunction<List<Piece>> pieces) {
    return through(source, notes, List.of(new Time("", pieces)));
  }

  /** The notes so often, with words over the start of each time. */
  static Optional<DrillMusic> times(
      DrillSource source, Span notes, List<String> words, IntFunction<Piece> piece) {
    IntFunction<List<Piece>> pieces = n -> List.of(piece.apply(n));
    return through(source, notes, words.stream().map(w -> new Time(w, pieces)).toList());
  }

  /** The notes once for each time, each with pieces of its own. */
  static Optional<DrillMusic> through(DrillSource source, Span notes, List<Time> times) {
    List<Integer> timed = source.timed(notes);
    if (timed.isEmpty()) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, timed.get(0), false);
    for (Time time : times) {
      add(source, timed, sheet, time);
    }
    return Optional.of(sheet.finish());
  }

  /** Adds one time through the notes to a sheet. */
  static void add(DrillSource source, List<Integer> timed, Sheet sheet, Time time) {
    int first = timed.get(0);
    sheet.again();
    sheet.begin(source.placeInBar(first), first);
    Fraction end = source.note(first).onset();
    int last = timed.get(timed.size() - 1);
    boolean isSaid = time.words().isBlank();
    for (int note : timed) {
      Fraction silence = source.note(note).onset().subtract(end);
      if (silence.signum() > 0) {
        sheet.add(Piece.rest(note, silence));
      }
      List<Piece> own = time.pieces().apply(note);
      for (int i = 0; i < own.size(); i++) {
        Piece piece = note == last && i == own.size() - 1 ? own.get(i).slurred(false) : own.get(i);
        sheet.add(isSaid ? piece : piece.saying(time.words()));
        isSaid = true;
      }
      end = source.note(note).end();
    }
    sheet.endBar();
  }
}
