package app.fret.score;

import org.apache.commons.numbers.fraction.Fraction;

/** Something in the bar that takes a written place: a note, a chord, a grace note or a rest. */
public sealed interface Event permits Sounding, Rest {
  /** Index of its bar in the passage, from 0. */
  int bar();

  /** Time from the start of the passage, as a fraction of a whole note. */
  Fraction onset();

  /** Time it takes, as a fraction of a whole note; zero for a grace note. */
  Fraction length();

  /** How the length is written. */
  WrittenLength written();

  /** When it is over. */
  default Fraction end() {
    return onset().add(length());
  }
}
