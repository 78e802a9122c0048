package app.fret.practice.drill;

import app.fret.score.Span;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** A sudden change of level: with a long stop to set the bow, with a short one, as written. */
final class LevelDrill {
  /** Levels apart, one for each of p, mp, mf and so on. */
  private static final double SUDDEN = 2.5;

  private LevelDrill() {}

  /** Whether the level jumps at a note. */
  static boolean isSudden(DrillSource source, int note) {
    return note > 0
        && source.isPlayable(note)
        && source.isPlayable(note - 1)
        && !source.note(note).isGrace()
        && Math.abs(source.level(note) - source.level(note - 1)) >= SUDDEN
        && !isPrepared(source, note);
  }

  /** Whether a wedge leads there: it grew or faded to what comes, however high the last step. */
  private static boolean isPrepared(DrillSource source, int note) {
    boolean grows = source.level(note) > source.level(note - 1);
    Fraction before = source.note(note - 1).onset();
    return source.passage().directions().hairpins().stream()
        .filter(h -> h.growing() == grows)
        .anyMatch(h -> h.from().compareTo(before) <= 0 && h.to().compareTo(before) >= 0);
  }

  static Optional<DrillMusic> of(DrillSource source, Span notes) {
    Optional<Integer> jump =
        source.timed(notes).stream()
            .filter(n -> n > notes.first() && isSudden(source, n))
            .findFirst();
    return jump.map(
        at -> {
          Sheet sheet = new Sheet(source, notes.first(), false);
          boolean isSofter = source.level(at) < source.level(at - 1);
          String words = isSofter ? "stop, lighten, new place" : "stop, set the weight";
          for (Fraction stop : List.of(Piece.HALF, Piece.EIGHTH, Fraction.ZERO)) {
            add(source, sheet, notes, at, stop, stop.signum() == 0 ? "as written" : words);
          }
          return sheet.finish();
        });
  }

  private static void add(
      DrillSource source, Sheet sheet, Span notes, int at, Fraction stop, String words) {
    sheet.again();
    List<Integer> timed = source.timed(notes);
    for (int note : timed) {
      Fraction silence = source.silenceBefore(note);
      if (note == at && stop.signum() > 0) {
        sheet.add(Piece.rest(note, stop).saying(words));
      } else if (note != timed.get(0) && silence.signum() > 0) {
        sheet.add(Piece.rest(note, silence));
      }
      Piece piece = source.piece(note);
      boolean ends = note == timed.get(timed.size() - 1) || note == at - 1 && stop.signum() > 0;
      piece = stop.signum() == 0 && note == timed.get(0) ? piece.saying(words) : piece;
      sheet.add(ends ? piece.slurred(false) : piece);
    }
    sheet.endBar();
  }
}
