package app.fret.bow.stroke;

import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.Span;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A long note and a short one behind it that are taken in one direction by custom, slurred or not:
 * dotted rhythms, and in compound time a beat of two thirds and one (common practice, no source).
 */
public final class HookedPair {
  /** A little under three, so that notes rounded to microseconds are told apart from it. */
  private static final double OF_A_DOTTED_PAIR = 2.9;

  private static final double LIKE = 1.5;
  private static final double LONGEST_SECONDS = 1;
  private static final int THIRDS = 3;

  private HookedPair() {}

  /** Whether two pieces, one behind the other, are such a pair. */
  public static boolean is(BowLine line, int first, int second) {
    BowedNote before = line.note(first);
    BowedNote note = line.note(second);
    boolean together =
        before.seconds() < LONGEST_SECONDS
            && note.silenceSeconds() == 0
            && !note.isGrace()
            && !before.isGrace();
    boolean isDotted =
        before.seconds() >= OF_A_DOTTED_PAIR * note.seconds() && !beginsARun(line, second);
    return together && (isDotted || areCompoundBeat(line, first, second));
  }

  /** Quick notes that follow a long one are no dotted rhythm. */
  private static boolean beginsARun(BowLine line, int note) {
    return note + 1 < line.notes().size()
        && line.note(note + 1).silenceSeconds() == 0
        && !line.note(note + 1).isGrace()
        && line.note(note + 1).seconds() < LIKE * line.note(note).seconds();
  }

  /** Whether two strokes of a note each are such a pair; grace notes lead into the first. */
  public static boolean is(BowLine line, Span first, Span second) {
    return line.withoutGraces(first).first() == first.last()
        && second.first() == second.last()
        && is(line, first.last(), second.first());
  }

  /** Whether two notes fill a beat of three as two and one. */
  private static boolean areCompoundBeat(BowLine line, int first, int second) {
    PlayedNote before = line.played(first);
    PlayedNote note = line.played(second);
    Fraction both = before.length().add(note.length());
    if (before.number() == note.number() || !before.length().equals(note.length().multiply(2))) {
      return false;
    }
    Bar bar = line.brief().passage().bars().get(before.bar());
    Fraction at = bar.placeInMetre(before.onset());
    Fraction start = Fraction.ZERO;
    for (Fraction beat : bar.metre().beats()) {
      if (start.equals(at) && beat.equals(both)) {
        return beat.getNumerator() == THIRDS;
      }
      start = start.add(beat);
    }
    return false;
  }
}
