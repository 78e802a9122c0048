package app.fret.practice.schedule;

import java.time.DayOfWeek;
import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A card that a teacher set for a day of the week. It stays there until it is moved; only pain and
 * the date of its passage take it off.
 *
 * @param weekday on which day
 * @param item of which item, by its id
 * @param kind what; see {@link #KINDS}
 * @param minutes how long, 1 to {@link #MOST_MINUTES}
 * @param perMinute how fast, in the beat of the item's target; empty for what is usual for the kind
 * @param drill name of the drill, of a drill card; empty for the one that fits the place
 * @param spot place it is for, as {@link Spot#place()}; of a drill card only
 * @param words what the teacher said with it; blank where nothing
 */
public record FixedCard(
    DayOfWeek weekday,
    String item,
    CardKind kind,
    int minutes,
    OptionalDouble perMinute,
    Optional<String> drill,
    Optional<String> spot,
    String words) {
  /** Longest card, in minutes. */
  public static final int MOST_MINUTES = 120;

  /** What a teacher can set; warm-up and breaks come by themselves. */
  public static final Set<CardKind> KINDS =
      EnumSet.of(
          CardKind.LADDER,
          CardKind.DRILL,
          CardKind.RHYTHM,
          CardKind.UPKEEP,
          CardKind.MOCK,
          CardKind.SCALE,
          CardKind.STUDY,
          CardKind.LISTENING);

  /**
   * @throws IllegalArgumentException with a sentence, when it is no card that can be set
   */
  public FixedCard {
    if (minutes < 1 || minutes > MOST_MINUTES) {
      throw new IllegalArgumentException("a card takes 1 to " + MOST_MINUTES + " minutes");
    }
    if (!KINDS.contains(kind)) {
      throw new IllegalArgumentException("a " + kind.id() + " comes by itself and cannot be set");
    }
    if (perMinute.isPresent() && !(perMinute.getAsDouble() > 0)) {
      throw new IllegalArgumentException("a tempo is more than 0 a minute");
    }
  }

  /** The same on another day. */
  public FixedCard on(DayOfWeek day) {
    return new FixedCard(day, item, kind, minutes, perMinute, drill, spot, words);
  }
}
