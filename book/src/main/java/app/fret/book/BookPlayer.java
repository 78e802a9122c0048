package app.fret.book;

import app.fret.instrument.Player;
import app.fret.instrument.PlayerSetup;

/**
 * A player of the book.
 *
 * @param id number in the book
 * @param name the player's name
 * @param setup instrument, hand and schools
 */
public record BookPlayer(long id, String name, PlayerSetup setup) {
  /** Name of the instrument, such as {@code violin}. */
  public String instrument() {
    return setup.instrument();
  }

  /** The player as the planners know them. */
  public Player player() {
    return setup.player(name);
  }
}
