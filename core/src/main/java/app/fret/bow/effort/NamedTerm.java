package app.fret.bow.effort;

import java.util.OptionalDouble;

/** A term with what every term has. A new one is its file and its line in {@link BowTerms}. */
abstract class NamedTerm implements BowTerm {
  private static final double MOST_LEVELS = 3;

  private final String name;
  private final Look look;
  private final String inShort;
  private final OptionalDouble weight;

  /** A term of the hand; weights were found by trying passages. */
  NamedTerm(String name, Look look, String inShort, double weight) {
    this.name = name;
    this.look = look;
    this.inShort = inShort;
    this.weight = OptionalDouble.of(weight);
  }

  /** A term that weighs what the school's table asks under its name. */
  NamedTerm(String name, Look look) {
    this.name = name;
    this.look = look;
    this.inShort = name.replace('-', ' ');
    this.weight = OptionalDouble.empty();
  }

  @Override
  public final String name() {
    return name;
  }

  @Override
  public final Look look() {
    return look;
  }

  @Override
  public final String inShort() {
    return inShort;
  }

  @Override
  public final OptionalDouble weight() {
    return weight;
  }

  /** Levels of growth as far as they count, by twos. */
  static double counted(double growth) {
    return Math.min(Math.abs(growth), MOST_LEVELS) / 2;
  }
}
