package app.fret.book;

import app.fret.instrument.Hand;
import app.fret.instrument.Instruments;
import app.fret.instrument.PlayerSetup;
import java.util.List;
import java.util.Optional;
import org.jdbi.v3.core.Handle;

/** The players of a book. */
final class Players {
  private static final RowReader<BookPlayer> ROWS =
      new RowReader<>(
          "player",
          row -> {
            PlayerSetup setup = PlayerRow.setup(row);
            BookPlayer player = new BookPlayer(row.getLong("id"), row.getString("name"), setup);
            player.player(); // a setup that no player follows from makes no sense
            return player;
          });

  /** Spans are kept to a tenth of a millimetre. */
  private static final double SPAN_STEPS = 10;

  private final Handle handle;

  Players(Handle handle) {
    this.handle = handle;
  }

  /** All players, in the order they were added. */
  Found<BookPlayer> all() {
    return ROWS.read(handle, "SELECT * FROM player ORDER BY id");
  }

  BookPlayer add(String name, PlayerSetup setup) {
    long id =
        handle
            .createUpdate(PlayerRow.INSERT)
            .bind("name", name)
            .bindMap(PlayerRow.columns(setup))
            .executeAndReturnGeneratedKeys("id")
            .mapTo(Long.class)
            .one();
    return new BookPlayer(id, name, setup);
  }

  /**
   * Keeps a setup. A person has one hand: where its span has changed, it changes on their other
   * instruments by the same share of what a medium hand spans there.
   */
  void keepSetup(long playerId, PlayerSetup setup) {
    List<BookPlayer> all = all().rows();
    Optional<BookPlayer> before = all.stream().filter(p -> p.id() == playerId).findFirst();
    keepRow(playerId, setup);
    boolean isOtherHand =
        before.filter(p -> p.setup().comfortableMm() != setup.comfortableMm()).isPresent();
    if (isOtherHand) {
      all.stream()
          .filter(p -> p.id() != playerId && p.name().equals(before.get().name()))
          .forEach(p -> keepRow(p.id(), p.setup().withComfortableMm(span(setup, p))));
    }
  }

  private static double span(PlayerSetup setup, BookPlayer other) {
    double share = setup.comfortableMm() / medium(setup.instrument());
    return Math.round(SPAN_STEPS * share * medium(other.instrument())) / SPAN_STEPS;
  }

  private static double medium(String instrument) {
    return Hand.of(Hand.Preset.MEDIUM, Instruments.named(instrument).handSize()).comfortableMm();
  }

  private void keepRow(long playerId, PlayerSetup setup) {
    handle
        .createUpdate(PlayerRow.UPDATE)
        .bind("id", playerId)
        .bindMap(PlayerRow.columns(setup))
        .execute();
  }

  /**
   * The number under which the days of a person are kept, who may play several instruments: players
   * of one name are one person with one hand and one day.
   */
  long person(long playerId) {
    return handle
        .createQuery(
            "SELECT COALESCE(MIN(id), :id) FROM player"
                + " WHERE name = (SELECT name FROM player WHERE id = :id)")
        .bind("id", playerId)
        .mapTo(Long.class)
        .one();
  }
}
