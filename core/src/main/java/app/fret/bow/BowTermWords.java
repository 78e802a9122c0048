package app.fret.bow;

import java.util.Map;

/** What the terms of the bow are about, so that one can say "more" or "less" of it. */
public final class BowTermWords {
  private static final Map<String, String> WORDS =
      Map.ofEntries(
          Map.entry("amount", "bow other than the level asks for"),
          Map.entry("place", "strokes away from where they speak best"),
          Map.entry("ends", "strokes at the ends of the bow"),
          Map.entry("strong", "strong notes against the strong direction"),
          Map.entry("beat", "beats against the bow"),
          Map.entry("first", "beginning against the usual direction"),
          Map.entry("last", "ending against the usual direction"),
          Map.entry("hairpin", "growing and fading against the bow"),
          Map.entry("hairpin-end", "swells that end at the wrong place"),
          Map.entry("chord", "chords against the bow"),
          Map.entry("leap", "leaps over strings at a bad place"));

  private BowTermWords() {}

  /** What a term is about. */
  public static String inShort(String term) {
    return WORDS.getOrDefault(term, term.replace('-', ' '));
  }

  /** Whether it tells of the hand, not of what a part or a decision asks for. */
  static boolean isOfTheHand(String term) {
    return WORDS.containsKey(term);
  }
}
