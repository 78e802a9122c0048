package app.fret.shape;

import app.fret.score.LevelSigns;
import app.fret.score.NoteRef;
import java.util.Locale;
import java.util.OptionalInt;

/**
 * A level, or a hairpin from one to another, that the player gives to a stretch in place of what is
 * printed there.
 *
 * @param first its first note
 * @param last its last note
 * @param from level of the first note, 1 (pppp) to 10 (ffff)
 * @param to level of the last note; of a hairpin another than the first
 */
public record OwnLevel(NoteRef first, NoteRef last, double from, double to) {
  private static final double SOFTEST = 1;
  private static final double LOUDEST = 10;

  public OwnLevel {
    if (!isLevel(from) || !isLevel(to)) {
      throw new IllegalArgumentException("levels go from 1 (pppp) to 10 (ffff)");
    }
  }

  private static boolean isLevel(double level) {
    return level >= SOFTEST && level <= LOUDEST;
  }

  /**
   * The level of a sign or of a figure in text.
   *
   * @throws IllegalArgumentException when it is neither
   */
  public static double level(String text) {
    OptionalInt sign = LevelSigns.level(text.strip());
    if (sign.isPresent()) {
      return sign.getAsInt();
    }
    try {
      double level = Double.parseDouble(text.strip());
      if (isLevel(level)) {
        return level;
      }
    } catch (NumberFormatException e) {
      // It is said below what would be one.
    }
    throw new IllegalArgumentException(
        "'" + text + "' is no level; write pppp to ffff or a figure from 1 to 10");
  }

  /** The sign of a level, or its figure where it has none. */
  public static String sign(double level) {
    String nearest = LevelSigns.nearest(level);
    boolean isExact = LevelSigns.level(nearest).orElseThrow() == level;
    return isExact ? nearest : String.format(Locale.ROOT, "%.1f", level);
  }

  /** Whether it grows or fades. */
  public boolean isHairpin() {
    return from != to;
  }

  /** For players: {@code p}, or {@code from p to f}. */
  public String words() {
    return isHairpin() ? "from " + sign(from) + " to " + sign(to) : sign(from);
  }
}
