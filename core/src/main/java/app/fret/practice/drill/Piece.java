package app.fret.practice.drill;

import app.fret.score.Marks;
import app.fret.score.Note;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * One note, chord or rest of a drill before it is laid into bars.
 *
 * @param source number of the note it comes from; of a rest that of the note it waits for
 * @param heads its note heads, none for a rest
 * @param length how long it lasts, as a fraction of a whole note
 * @param marks signs at it
 * @param isSlurred whether a slur leads to the next piece
 * @param words what is said over it
 */
record Piece(
    int source,
    List<Note> heads,
    Fraction length,
    Marks marks,
    boolean isSlurred,
    Optional<String> words) {
  static final Fraction WHOLE = Fraction.ONE;
  static final Fraction HALF = Fraction.of(1, 2);
  static final Fraction QUARTER = Fraction.of(1, 4);
  static final Fraction EIGHTH = Fraction.of(1, 8);

  Piece {
    heads = heads.stream().map(h -> h.withTies(false, false)).toList();
  }

  static Piece of(int source, List<Note> heads, Fraction length) {
    return new Piece(source, heads, length, Marks.NONE, false, Optional.empty());
  }

  static Piece rest(int source, Fraction length) {
    return of(source, List.of(), length);
  }

  boolean isRest() {
    return heads.isEmpty();
  }

  Piece lasting(Fraction newLength) {
    return new Piece(source, heads, newLength, marks, isSlurred, words);
  }

  Piece with(List<Note> newHeads) {
    return new Piece(source, newHeads, length, marks, isSlurred, words);
  }

  Piece marked(Marks newMarks) {
    return new Piece(source, heads, length, newMarks, isSlurred, words);
  }

  /** The same with no sign of the bow: it goes on as it comes. */
  Piece unsigned() {
    return marked(marks.withBow(Optional.empty()));
  }

  Piece slurred(boolean slur) {
    return new Piece(source, heads, length, marks, slur, words);
  }

  Piece saying(String newWords) {
    return new Piece(source, heads, length, marks, isSlurred, Optional.of(newWords));
  }
}
