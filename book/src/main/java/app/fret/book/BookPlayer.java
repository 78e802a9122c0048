package app.fret.book;

import app.fret.instrument.Hand;
import app.fret.instrument.Instrument;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;

/**
 * A player of the book.
 *
 * @param id number in the book
 * @param name the player's name
 * @param instrument name of the instrument, such as {@code violin}
 * @param comfortableMm span from first to fourth finger at ease, in mm
 * @param stringLengthMm vibrating length of the strings, in mm
 */
public record BookPlayer(
    long id, String name, String instrument, double comfortableMm, double stringLengthMm) {
  /** The player as the planners know them. */
  public Player player() {
    Instrument usual = Instruments.named(instrument);
    return new Player(
        name,
        usual.withStringLengthMm(stringLengthMm),
        Hand.ofSpanMm(comfortableMm, usual.handSize()));
  }
}
