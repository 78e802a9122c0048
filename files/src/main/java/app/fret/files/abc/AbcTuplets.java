package app.fret.files.abc;

import app.fret.score.Metre;
import app.fret.score.TupletRatio;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The tuplet that the next notes stand in. */
final class AbcTuplets {
  private static final Pattern TUPLET =
      Pattern.compile("\\((\\d{1,2})(?::(\\d{0,2}))?(?::(\\d{0,2}))?");

  private TupletRatio ratio = TupletRatio.NONE;
  private int left;
  private boolean begins;

  /** Whether a tuplet begins here. */
  static boolean isAt(AbcCursor cursor) {
    return cursor.match(TUPLET).lookingAt();
  }

  /** Whether notes are missing to fill it. */
  boolean isOpen() {
    return left > 0;
  }

  /**
   * Reads the beginning of a tuplet.
   *
   * @return whether there is such a tuplet
   */
  boolean read(AbcCursor cursor, Metre metre) {
    Matcher matcher = cursor.match(TUPLET);
    matcher.lookingAt();
    cursor.goTo(matcher.end());
    int notes = Integer.parseInt(matcher.group(1));
    int inTimeOf = number(matcher.group(2)).or(() -> usualTimeOf(notes, metre)).orElse(0);
    if (notes < 2 || inTimeOf < 1) {
      return false;
    }
    ratio = new TupletRatio(notes, inTimeOf);
    left = number(matcher.group(3)).orElse(notes);
    begins = true;
    return true;
  }

  /** Puts a note or rest into the tuplet that is open, if one is. */
  void take(AbcItem item) {
    if (left > 0) {
      left--;
      item.setRatio(ratio, begins, left == 0);
      begins = false;
    }
  }

  private static Optional<Integer> number(String digits) {
    return Optional.ofNullable(digits).filter(d -> !d.isEmpty()).map(Integer::valueOf);
  }

  /** In the time of how many, where it is not said (ABC 2.1, section 4.13). */
  private static Optional<Integer> usualTimeOf(int notes, Metre metre) {
    boolean compound = metre.unit() == 8 && metre.upper() % 3 == 0 && metre.upper() > 3;
    return switch (notes) {
      case 2, 4, 8 -> Optional.of(3);
      case 3, 6 -> Optional.of(2);
      case 5, 7, 9 -> Optional.of(compound ? 3 : 2);
      default -> Optional.empty();
    };
  }
}
