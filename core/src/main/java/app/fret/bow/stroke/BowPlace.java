package app.fret.bow.stroke;

import java.util.Locale;

/** Places on the bow in a player's words, with the figure beside them. */
public final class BowPlace {
  private static final double AT_THE_FROG = 0.1;
  private static final double NEAR_THE_FROG = 0.25;
  private static final double LOWER_HALF = 0.42;
  private static final double MIDDLE = 0.58;
  private static final double UPPER_HALF = 0.75;
  private static final double NEAR_THE_TIP = 0.9;

  private BowPlace() {}

  /**
   * Where it is, such as {@code near the frog (0.15)}.
   *
   * @param place 0 at the frog to 1 at the tip
   */
  public static String words(double place) {
    return name(place) + String.format(Locale.ROOT, " (%.2f)", place);
  }

  private static String name(double place) {
    if (place < AT_THE_FROG) {
      return "at the frog";
    }
    if (place < NEAR_THE_FROG) {
      return "near the frog";
    }
    if (place < LOWER_HALF) {
      return "in the lower half";
    }
    if (place <= MIDDLE) {
      return "in the middle";
    }
    if (place <= UPPER_HALF) {
      return "in the upper half";
    }
    return place <= NEAR_THE_TIP ? "near the tip" : "at the tip";
  }
}
