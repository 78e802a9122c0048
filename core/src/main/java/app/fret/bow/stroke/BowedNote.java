package app.fret.bow.stroke;

import app.fret.score.BowDirection;
import java.util.List;
import java.util.Optional;

/**
 * A note as the bow sees it, or a piece of a long one inside which the bow may change.
 *
 * @param number number of the note in the passage
 * @param from share of the note that is over when the piece begins; 0 for a whole note
 * @param seconds how long it lasts at the tempo, in s
 * @param silenceSeconds rest before it, in s
 * @param level printed level, 1 to 10
 * @param played level it is played at, 1 to 10: with what is proposed between the marks, and what
 *     its string asks for
 * @param stress weight of its place in the bar: 1 on the first beat, 0.6 on the half bar, 0.35 on
 *     other beats, 0.12 off the beat, 0.05 elsewhere
 * @param strings strings it sounds on, lowest-pitched first, by number from 1 at the highest
 * @param accent 0 without, 1 accented, more for a forced attack
 * @param isShort whether a dot or wedge stands over it
 * @param isPlucked whether it is plucked
 * @param isGrace whether it is a grace note
 * @param printed bow sign of the part
 */
public record BowedNote(
    int number,
    double from,
    double seconds,
    double silenceSeconds,
    double level,
    double played,
    double stress,
    List<Integer> strings,
    double accent,
    boolean isShort,
    boolean isPlucked,
    boolean isGrace,
    Optional<BowDirection> printed) {
  static final double FIRST_BEAT = 1;
  public static final double HALF_BAR = 0.6;
  public static final double BEAT = 0.35;
  public static final double OFF_BEAT = 0.12;
  static final double ELSEWHERE = 0.05;

  /** From here on a note is loud: forte. */
  static final double LOUD = 7;

  /** Up to here it is soft: piano. */
  static final double SOFT = 4;

  public BowedNote {
    strings = List.copyOf(strings);
  }

  /** Whether it is forte or more. */
  public boolean isLoud() {
    return level >= LOUD;
  }

  /** Whether it is piano or less. */
  public boolean isSoft() {
    return level <= SOFT;
  }

  /** Whether it begins inside a note. */
  public boolean isInside() {
    return from > 0;
  }

  /** String that carries the note: the highest. */
  public int topString() {
    return strings.get(strings.size() - 1);
  }
}
