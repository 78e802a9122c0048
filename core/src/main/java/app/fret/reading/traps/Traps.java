package app.fret.reading.traps;

import app.fret.reading.Reading;
import java.util.Comparator;
import java.util.List;

/** Finds all traps of a page. */
public final class Traps {
  private static final List<TrapRule> RULES =
      List.of(
          new AccidentalRule(),
          new KeyRule(),
          new ClefRule(),
          new OctaveSignRule(),
          new TieRule(),
          new SignatureRule(),
          new LongRestRule(),
          new RepeatRule(),
          new DotsRule(),
          new PluckedRule(),
          new DividedRule(),
          new PaceRule(),
          new OrnamentRule(),
          new WordRule(),
          new TripletRule(),
          new DisplacedRule(),
          new RestezRule(),
          new MarkWordRule());

  private Traps() {}

  /** The traps of a passage in order of their notes. */
  public static List<Trap> of(Reading reading) {
    Page page = new Page(reading);
    return RULES.stream()
        .flatMap(rule -> rule.find(page).stream())
        .sorted(Comparator.comparingInt(Trap::note).thenComparing(Trap::kind))
        .toList();
  }
}
