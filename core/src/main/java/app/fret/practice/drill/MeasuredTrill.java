package app.fret.practice.drill;

import app.fret.lefthand.advice.TrillFinger;
import app.fret.score.Finger;
import app.fret.score.Marks;
import app.fret.score.Marks.Articulation;
import app.fret.score.Note;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** A trill in two, three and four notes a beat, the first of each beat lightly accented. */
final class MeasuredTrill {
  private static final int LETTERS = 7;
  private static final int BEATS = 4;
  private static final List<Integer> NOTES_A_BEAT = List.of(2, 3, 4);

  private MeasuredTrill() {}

  /** The drill; empty where the note is not trilled or the hand brings no finger for it. */
  static Optional<DrillMusic> of(DrillSource source, int note) {
    return source.leftHand().advice().trills().stream()
        .filter(t -> t.note() == note && source.isPlayable(note))
        .findFirst()
        .flatMap(t -> upper(source, t))
        .map(upper -> music(source, note, upper));
  }

  private static Optional<Note> upper(DrillSource source, TrillFinger trill) {
    Note lower = source.top(trill.note());
    Optional<Finger> finger = trill.finger();
    return finger
        .filter(f -> lower.string().isPresent())
        .map(f -> Note.of(trill.upper()).withFingering(Optional.of(f), lower.string()));
  }

  private static DrillMusic music(DrillSource source, int note, Note upper) {
    Sheet sheet = new Sheet(source, note, true);
    Note lower = source.top(note);
    for (int inABeat : NOTES_A_BEAT) {
      Fraction length = Fraction.of(1, BEATS * inABeat);
      for (int i = 0; i < BEATS * inABeat; i++) {
        boolean isFirst = i % inABeat == 0;
        Piece piece =
            Piece.of(note, List.of(i % 2 == 0 ? lower : upper), length)
                .slurred(i % inABeat < inABeat - 1)
                .marked(isFirst ? Marks.NONE.toggled(Articulation.ACCENT) : Marks.NONE);
        sheet.add(i == 0 ? piece.saying(inABeat + " a beat") : piece);
      }
    }
    sheet.add(Piece.of(note, List.of(lower), Piece.WHOLE));
    return sheet.finish();
  }
}
