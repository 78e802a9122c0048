package app.fret.bow;

/** A term with what every term has. */
abstract class NamedTerm implements BowTerm {
  private static final double MOST_LEVELS = 3;

  private final String name;
  private final Look look;

  NamedTerm(String name, Look look) {
    this.name = name;
    this.look = look;
  }

  @Override
  public final String name() {
    return name;
  }

  @Override
  public final Look look() {
    return look;
  }

  /** Levels of growth as far as they count, by twos. */
  static double counted(double growth) {
    return Math.min(Math.abs(growth), MOST_LEVELS) / 2;
  }
}
