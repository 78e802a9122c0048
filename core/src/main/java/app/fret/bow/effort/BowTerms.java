package app.fret.bow.effort;

import java.util.List;

/**
 * The terms of a stroke by itself. All rules are common practice without a source; the figures were
 * found by trying passages.
 */
public final class BowTerms {
  private static final List<BowTerm> ALL =
      List.of(
          new AmountTerm(),
          new PlaceTerm(),
          new EndsTerm(),
          new SoftStartTerm(),
          new StrongTerm(),
          new BeatTerm(),
          new FirstTerm(),
          new LastTerm(),
          new HairpinTerm(),
          new HairpinEndTerm(),
          new ChordTerm(),
          new LeapTerm(),
          new PrintedTerm(),
          new DecidedTerm());

  private BowTerms() {}

  /** All terms, in the order their reasons are said. */
  public static List<BowTerm> all() {
    return ALL;
  }

  /** What the term of a name is about. */
  public static String inShort(String name) {
    return ALL.stream()
        .filter(t -> t.name().equals(name))
        .map(BowTerm::inShort)
        .findFirst()
        .orElse(name.replace('-', ' '));
  }
}
