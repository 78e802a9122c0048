package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Bar;
import app.fret.score.Key;
import app.fret.score.Note;
import app.fret.score.Passage;
import java.util.List;
import java.util.OptionalInt;
import java.util.function.Predicate;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What rules look at.
 *
 * @param reading the reading of the passage
 */
record Page(Reading reading) {
  Passage passage() {
    return reading.passage();
  }

  List<PlayedNote> notes() {
    return reading.notes();
  }

  PlayedNote note(int number) {
    return notes().get(number);
  }

  Bar bar(PlayedNote note) {
    return passage().bars().get(note.bar());
  }

  Key key(PlayedNote note) {
    return bar(note).key();
  }

  /** The highest head of a note. */
  static Note top(PlayedNote note) {
    return note.notes().get(note.notes().size() - 1);
  }

  /** The first note that begins in this bar or a later one. */
  OptionalInt firstFrom(int bar) {
    return first(n -> n.bar() >= bar);
  }

  /** The first note that begins at this moment or later. */
  OptionalInt firstFrom(Fraction onset) {
    return first(n -> n.onset().compareTo(onset) >= 0);
  }

  /** The first note for which something holds that holds for all behind it. */
  private OptionalInt first(Predicate<PlayedNote> holds) {
    int low = 0;
    int high = notes().size();
    while (low < high) {
      int middle = (low + high) >>> 1;
      if (holds.test(note(middle))) {
        high = middle;
      } else {
        low = middle + 1;
      }
    }
    return low == notes().size() ? OptionalInt.empty() : OptionalInt.of(low);
  }

  /** The rest before a note. */
  Fraction silenceBefore(PlayedNote note) {
    Fraction before = note.number() == 0 ? Fraction.ZERO : note(note.number() - 1).end();
    Fraction silence = note.onset().subtract(before);
    return silence.signum() > 0 ? silence : Fraction.ZERO;
  }
}
