package app.fret.instrument;

/**
 * Who plays: an instrument as set up for them, and their hand.
 *
 * @param name the player's name
 * @param instrument their instrument
 * @param hand their left hand
 */
public record Player(String name, Instrument instrument, Hand hand) {
  /** A player with a medium hand. */
  public static Player of(String name, Instrument instrument) {
    return new Player(name, instrument, Hand.of(Hand.Preset.MEDIUM, instrument.handSize()));
  }
}
