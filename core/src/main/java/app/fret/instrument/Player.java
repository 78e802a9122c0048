package app.fret.instrument;

import java.util.OptionalInt;

/**
 * Who plays: an instrument as set up for them, and their hand.
 *
 * @param name the player's name
 * @param instrument their instrument
 * @param hand their left hand
 * @param habits what they were taught where schools differ
 */
public record Player(String name, Instrument instrument, Hand hand, Habits habits) {
  /** A player of usual habits. */
  public Player(String name, Instrument instrument, Hand hand) {
    this(name, instrument, hand, Habits.USUAL);
  }

  /** A player with a medium hand. */
  public static Player of(String name, Instrument instrument) {
    return new Player(name, instrument, Hand.of(Hand.Preset.MEDIUM, instrument.handSize()));
  }

  /** The same player with other habits. */
  public Player withHabits(Habits newHabits) {
    return new Player(name, instrument, hand, newHabits);
  }

  /** Lowest place from which this player's hand may crawl; empty when it never does. */
  public OptionalInt crawlFromBase() {
    OptionalInt custom = instrument.handling().crawlFromBase();
    if (habits.crawl().isEmpty()) {
      return custom;
    }
    return habits.crawl().get() ? OptionalInt.of(custom.orElse(1)) : OptionalInt.empty();
  }

  /** The same player with the strings tuned as a part asks. */
  public Player tunedFor(StatedTuning stated) {
    return new Player(name, stated.on(instrument), hand, habits);
  }
}
