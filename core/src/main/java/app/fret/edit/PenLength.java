package app.fret.edit;

import app.fret.score.Metre;
import app.fret.score.NoteValue;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** Lengths as players count them: so many notes to a beat. */
final class PenLength {
  private static final Fraction QUARTER = Fraction.of(1, 4);

  private PenLength() {}

  /** The beat that lengths are counted to: the felt one, a quarter where beats are uneven. */
  static Fraction beat(Metre metre) {
    if (metre.isFree()) {
      return QUARTER;
    }
    List<Fraction> beats = metre.beats();
    return beats.stream().distinct().count() == 1 ? beats.get(0) : QUARTER;
  }

  /**
   * The length of a note when so many of them fill a beat.
   *
   * @param perBeat how many, 1 to 9
   */
  static WrittenLength of(Metre metre, int perBeat) {
    Fraction beat = beat(metre);
    return Integer.bitCount(beat.getNumerator()) == 1
        ? inPlainBeat(beat, perBeat)
        : inDottedBeat(beat, perBeat);
  }

  /** Three in the time of two, five in that of four. */
  private static WrittenLength inPlainBeat(Fraction beat, int perBeat) {
    int normal = Integer.highestOneBit(perBeat);
    NoteValue value = value(beat.divide(normal));
    TupletRatio ratio = normal == perBeat ? TupletRatio.NONE : new TupletRatio(perBeat, normal);
    return new WrittenLength(value, 0, ratio);
  }

  /** One is the dotted beat, three its thirds, six its sixths; two stand in the time of three. */
  private static WrittenLength inDottedBeat(Fraction beat, int perBeat) {
    Fraction third = beat.divide(3);
    return switch (perBeat) {
      case 1 -> WrittenLength.of(value(third.multiply(2)), 1);
      case 2 -> new WrittenLength(value(third), 0, new TupletRatio(2, 3));
      case 3 -> WrittenLength.of(value(third));
      case 4 -> new WrittenLength(value(third), 0, new TupletRatio(4, 3));
      case 6 -> WrittenLength.of(value(third.divide(2)));
      default -> new WrittenLength(value(third.divide(2)), 0, new TupletRatio(perBeat, 6));
    };
  }

  private static NoteValue value(Fraction length) {
    for (NoteValue value : NoteValue.values()) {
      if (value.length().equals(length)) {
        return value;
      }
    }
    return NoteValue.HUNDRED_TWENTY_EIGHTH;
  }

  /** A length with a beat more; empty where no single note value is so long. */
  static Optional<WrittenLength> longer(WrittenLength length, Metre metre) {
    Fraction wanted = length.length().add(beat(metre));
    WrittenLength found = WrittenLength.longestWithin(wanted);
    return Optional.of(found).filter(w -> w.length().equals(wanted) && w.ratio().isNone());
  }
}
