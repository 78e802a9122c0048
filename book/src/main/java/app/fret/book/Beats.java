package app.fret.book;

import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import org.apache.commons.numbers.fraction.Fraction;

/** Beat units as they stand in a column, such as {@code quarter 1/4}. */
final class Beats {
  private Beats() {}

  static String column(BeatUnit unit) {
    return unit.name() + " " + unit.length().toString().replace(" ", "");
  }

  /**
   * Reads a column.
   *
   * @throws IllegalArgumentException when it is no beat unit or the number no tempo
   */
  static Tempo tempo(String column, double perMinute) {
    int gap = column.lastIndexOf(' ');
    if (gap < 1) {
      throw new IllegalArgumentException("'" + column + "' is no beat unit");
    }
    Fraction length = Fraction.parse(column.substring(gap + 1));
    return new Tempo(new BeatUnit(column.substring(0, gap), length), perMinute);
  }
}
