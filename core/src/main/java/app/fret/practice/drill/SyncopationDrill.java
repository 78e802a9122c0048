package app.fret.practice.drill;

import app.fret.practice.drill.Copies.Time;
import app.fret.score.Marks.Articulation;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** Notes held over a beat: first with every beat struck, then held with the beat felt. */
final class SyncopationDrill {
  private static final int FEWEST = 2;

  private SyncopationDrill() {}

  /** Whether a note begins between beats and is held over one. */
  static boolean isSyncopated(DrillSource source, int note) {
    return !source.note(note).isGrace()
        && source.isPlayable(note)
        && !source.brief().reading().beats().begins(note)
        && !source.beatsWithin(note).isEmpty();
  }

  static Optional<DrillMusic> of(DrillSource source, Span notes) {
    long held = source.timed(notes).stream().filter(n -> isSyncopated(source, n)).count();
    return held < FEWEST
        ? Optional.empty()
        : Copies.through(
            source,
            notes,
            List.of(
                new Time("every beat struck", n -> struck(source, n)),
                new Time("held, the beat felt", n -> List.of(source.piece(n)))));
  }

  /** The note once more on each beat that it is held over, the beat lightly accented. */
  private static List<Piece> struck(DrillSource source, int note) {
    if (!isSyncopated(source, note)) {
      return List.of(source.plain(note).unsigned());
    }
    List<Piece> pieces = new ArrayList<>();
    Fraction from = Fraction.ZERO;
    for (Fraction beat : source.beatsWithin(note)) {
      pieces.add(part(source, note, beat.subtract(from), from.signum() > 0));
      from = beat;
    }
    pieces.add(part(source, note, source.note(note).length().subtract(from), true));
    return pieces;
  }

  private static Piece part(DrillSource source, int note, Fraction length, boolean isOnBeat) {
    Piece piece = Piece.of(note, source.heads(note), length);
    return isOnBeat ? piece.marked(piece.marks().toggled(Articulation.ACCENT)) : piece;
  }
}
