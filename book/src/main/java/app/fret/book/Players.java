package app.fret.book;

import app.fret.instrument.PlayerSetup;
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

  void keepSetup(long playerId, PlayerSetup setup) {
    handle
        .createUpdate(PlayerRow.UPDATE)
        .bind("id", playerId)
        .bindMap(PlayerRow.columns(setup))
        .execute();
  }
}
