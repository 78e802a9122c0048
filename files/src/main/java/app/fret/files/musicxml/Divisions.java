package app.fret.files.musicxml;

import app.fret.score.Bar;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Passage;
import java.math.BigInteger;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.apache.commons.numbers.fraction.Fraction;

/** The step in which a score can count all times of a passage exactly. */
final class Divisions {
  /** Longest duration in divisions that a reader has to take. */
  private static final BigInteger MOST = BigInteger.valueOf(999_999_999);

  private Divisions() {}

  /**
   * The least number of divisions of a quarter that counts every length of the passage.
   *
   * @return empty when they are too many to be written
   */
  static OptionalInt of(Passage passage) {
    BigInteger divisions =
        times(passage)
            .map(t -> BigInteger.valueOf(t.multiply(4).getDenominator()))
            .reduce(BigInteger.ONE, Divisions::leastCommonMultiple);
    BigInteger longest =
        divisions.multiply(BigInteger.valueOf(4L * (1 + passage.length().intValue())));
    return longest.compareTo(MOST) <= 0
        ? OptionalInt.of(divisions.intValueExact())
        : OptionalInt.empty();
  }

  private static BigInteger leastCommonMultiple(BigInteger one, BigInteger other) {
    return one.divide(one.gcd(other)).multiply(other);
  }

  private static Stream<Fraction> times(Passage passage) {
    Directions directions = passage.directions();
    return Stream.of(
            passage.bars().stream().map(Bar::length),
            passage.bars().stream().flatMap(b -> b.clefs().stream()).map(Bar.ClefAt::onset),
            passage.events().stream().map(Event::length),
            directions.dynamics().stream().map(Directions.Dynamic::onset),
            directions.hairpins().stream().flatMap(h -> Stream.of(h.from(), h.to())),
            directions.words().stream().map(Directions.Words::onset),
            directions.tempos().stream().map(Directions.TempoMark::onset),
            directions.rehearsals().stream().map(Directions.Rehearsal::onset),
            directions.octaveShifts().stream().flatMap(o -> Stream.of(o.from(), o.to())))
        .flatMap(times -> times);
  }
}
