package app.fret.files.abc;

import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** Reads note heads and lengths. */
final class AbcHeads {
  private final AbcPlace here;
  private final AbcCursor cursor;

  AbcHeads(AbcPlace here) {
    this.here = here;
    this.cursor = here.cursor();
  }

  AbcItem.Head head() {
    int from = cursor.at();
    return here.pitches()
        .read(cursor, here.key())
        .orElseGet(
            () -> {
              here.problem(
                  from, cursor.at(), "no instrument plays in this octave; take out , or '");
              return new AbcItem.Head(new WrittenPitch(Step.A, 0, 4), false);
            });
  }

  /** The length behind a note; empty, and said, where no note can be so long. */
  Optional<Fraction> length() {
    int from = cursor.at();
    Fraction length = cursor.length();
    if (length.signum() == 0) {
      here.problem(
          from,
          cursor.at(),
          "a length of nothing; take the 0 out",
          AbcMend.without(from, cursor.at()));
      return Optional.of(Fraction.ONE);
    }
    Fraction whole = length.multiply(here.unitLength());
    boolean isValue =
        Integer.bitCount(whole.getDenominator()) == 1
            && whole.getDenominator() <= AbcAssembler.SHORTEST
            && whole.compareTo(AbcAssembler.LONGEST) <= 0;
    if (!isValue) {
      here.problem(
          from - 1,
          cursor.at(),
          "the length " + whole + " of a whole note is no note value; for a triplet write (3",
          AbcMend.without(from, cursor.at()));
      return Optional.empty();
    }
    return Optional.of(length);
  }

  boolean isNote() {
    return AbcPitches.isAt(cursor);
  }
}
