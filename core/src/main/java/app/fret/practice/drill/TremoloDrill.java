package app.fret.practice.drill;

import app.fret.score.Marks;
import app.fret.score.Marks.Articulation;
import app.fret.score.Span;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.numbers.fraction.Fraction;

/** A tremolo measured first: four, six and eight strokes a beat, then as fast as it is loose. */
final class TremoloDrill {
  /** Slashes from which the strokes are no longer counted. */
  private static final int UNMEASURED = 3;

  private static final int BEATS = 4;
  private static final List<Integer> STROKES_A_BEAT = List.of(4, 6, 8);

  private TremoloDrill() {}

  static boolean isTremolo(DrillSource source, int note) {
    return source.isPlayable(note) && source.note(note).marks().tremoloStrokes() >= UNMEASURED;
  }

  static Optional<DrillMusic> of(DrillSource source, Span notes) {
    return source.timed(notes).stream()
        .filter(n -> isTremolo(source, n))
        .findFirst()
        .map(n -> music(source, n));
  }

  private static DrillMusic music(DrillSource source, int note) {
    Sheet sheet = new Sheet(source, note, true);
    for (int strokes : STROKES_A_BEAT) {
      Fraction length = Fraction.of(1, BEATS * strokes);
      for (int i = 0; i < BEATS * strokes; i++) {
        boolean isBeat = i % strokes == 0;
        Piece piece =
            Piece.of(note, source.heads(note), length)
                .marked(isBeat ? Marks.NONE.toggled(Articulation.ACCENT) : Marks.NONE);
        sheet.add(i == 0 ? piece.saying(strokes + " a beat") : piece);
      }
    }
    Marks marks = new Marks(Set.of(), Set.of(), Optional.empty(), false, 3);
    sheet.add(
        Piece.of(note, source.heads(note), Piece.WHOLE)
            .marked(marks)
            .saying("as fast as is loose"));
    return sheet.finish();
  }
}
