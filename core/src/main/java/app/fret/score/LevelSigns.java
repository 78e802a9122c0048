package app.fret.score;

import java.util.List;
import java.util.OptionalInt;

/** The printed signs for loudness and their levels, from 1 (pppp) to 10 (ffff). */
public final class LevelSigns {
  /** The signs, softest first: the first is level 1. */
  public static final List<String> ALL =
      List.of("pppp", "ppp", "pp", "p", "mp", "mf", "f", "ff", "fff", "ffff");

  private LevelSigns() {}

  /** The level of a sign; empty when it is none of these. */
  public static OptionalInt level(String sign) {
    int place = ALL.indexOf(sign);
    return place < 0 ? OptionalInt.empty() : OptionalInt.of(place + 1);
  }

  /** The sign nearest to a level. */
  public static String nearest(double level) {
    int rounded = (int) Math.round(level);
    return ALL.get(Math.max(1, Math.min(ALL.size(), rounded)) - 1);
  }
}
