package app.fret.book;

import app.fret.book.OtherItem.Heard;
import app.fret.book.OtherItem.Kind;
import app.fret.files.packet.Packet;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jdbi.v3.core.Handle;

/** What is on programmes without music of its own, and the days on which it had its turn. */
final class OtherItems {
  private static final RowReader<OtherItem> ROWS =
      new RowReader<>("study or recording", OtherItems::item);
  private static final RowReader<Turn> TURNS =
      new RowReader<>(
          "turn of a study or recording",
          row -> new Turn(row.getLong("item_id"), LocalDate.parse(row.getString("day"))));

  private record Turn(long item, LocalDate day) {}

  private final Handle handle;

  OtherItems(Handle handle) {
    this.handle = handle;
  }

  Found<OtherItem> of(long playerId) {
    return ROWS.read(handle, "SELECT * FROM other_item WHERE player_id = ? ORDER BY id", playerId);
  }

  private static OtherItem item(ResultSet row) throws SQLException {
    double perMinute = row.getDouble("heard_per_minute");
    OptionalDouble heard = row.wasNull() ? OptionalDouble.empty() : OptionalDouble.of(perMinute);
    return new OtherItem(
        row.getLong("id"),
        row.getLong("player_id"),
        Kind.ofId(row.getString("kind")),
        row.getString("title"),
        row.getInt("minutes"),
        new Heard(
            heard, row.getString("bowings"), row.getString("bow_amount"), row.getString("shape")));
  }

  OtherItem add(long playerId, Kind kind, String title, int minutes) {
    OtherItem checked = new OtherItem(0, playerId, kind, title, minutes, Heard.NOTHING);
    long id =
        handle
            .createUpdate(
                "INSERT INTO other_item (player_id, kind, title, minutes)"
                    + " VALUES (:player, :kind, :title, :minutes)")
            .bind("player", playerId)
            .bind("kind", kind.id())
            .bind("title", title)
            .bind("minutes", minutes)
            .executeAndReturnGeneratedKeys("id")
            .mapTo(Long.class)
            .one();
    return new OtherItem(id, playerId, kind, title, minutes, checked.heard());
  }

  void remove(long id) {
    handle.createUpdate("DELETE FROM other_item WHERE id = :id").bind("id", id).execute();
  }

  void keep(long id, Heard heard) {
    handle
        .createUpdate(
            "UPDATE other_item SET heard_per_minute = :perMinute, bowings = :bowings,"
                + " bow_amount = :amount, shape = :shape WHERE id = :id")
        .bind("perMinute", heard.perMinute().isPresent() ? heard.perMinute().getAsDouble() : null)
        .bind("bowings", heard.bowings())
        .bind("amount", heard.bowAmount())
        .bind("shape", heard.shape())
        .bind("id", id)
        .execute();
  }

  void tick(long id, LocalDate day, boolean done) {
    String sql =
        done
            ? "INSERT OR IGNORE INTO other_done (item_id, day) VALUES (:id, :day)"
            : "DELETE FROM other_done WHERE item_id = :id AND day = :day";
    handle.createUpdate(sql).bind("id", id).bind("day", day.toString()).execute();
  }

  /** All of a player's, to be sent. */
  List<Packet.Other> packed(long playerId) {
    Map<Long, List<LocalDate>> turns = turns(playerId);
    return of(playerId).rows().stream()
        .map(
            item ->
                new Packet.Other(
                    item.kind().id(),
                    item.title(),
                    item.minutes(),
                    item.heard().perMinute(),
                    item.heard().bowings(),
                    item.heard().bowAmount(),
                    item.heard().shape(),
                    turns.getOrDefault(item.id(), List.of())))
        .toList();
  }

  /**
   * Takes those of a packet in. One of the same kind and title is the same, its turns are those of
   * both; where both noted something different in it, theirs comes beside it, so that nothing is
   * lost.
   *
   * @return where both ask for other minutes
   */
  List<Merged.Conflict> merge(long playerId, List<Packet.Other> theirs) {
    List<Merged.Conflict> conflicts = new ArrayList<>();
    for (Packet.Other other : theirs) {
      Heard heard =
          new Heard(other.heardPerMinute(), other.bowings(), other.bowAmount(), other.shape());
      OtherItem same = find(playerId, other, heard).orElseGet(() -> added(playerId, other));
      if (same.heard().equals(Heard.NOTHING)) {
        keep(same.id(), heard);
      }
      if (same.minutes() != other.minutes()) {
        conflicts.add(
            Merged.Conflict.of(
                Merged.Subject.MINUTES_BESIDE,
                Optional.empty(),
                other.title(),
                same.minutes() + " min",
                other.minutes() + " min"));
      }
      other.turns().forEach(day -> tick(same.id(), day, true));
    }
    return conflicts;
  }

  /** Takes the minutes of the packet's of a title. */
  void takeMinutes(long playerId, List<Packet.Other> theirs, String title) {
    theirs.stream()
        .filter(other -> other.title().equals(title))
        .forEach(
            other ->
                handle
                    .createUpdate(
                        "UPDATE other_item SET minutes = :minutes"
                            + " WHERE player_id = :player AND kind = :kind AND title = :title")
                    .bind("minutes", other.minutes())
                    .bind("player", playerId)
                    .bind("kind", other.kind())
                    .bind("title", title)
                    .execute());
  }

  private Optional<OtherItem> find(long playerId, Packet.Other other, Heard heard) {
    return of(playerId).rows().stream()
        .filter(i -> i.kind().id().equals(other.kind()) && i.title().equals(other.title()))
        .filter(
            i ->
                i.heard().equals(heard)
                    || i.heard().equals(Heard.NOTHING)
                    || heard.equals(Heard.NOTHING))
        .findFirst();
  }

  private OtherItem added(long playerId, Packet.Other other) {
    return add(playerId, Kind.ofId(other.kind()), other.title(), other.minutes());
  }

  /** The days on which a player's items had their turn, oldest first. */
  Map<Long, List<LocalDate>> turns(long playerId) {
    Map<Long, List<LocalDate>> turns = new LinkedHashMap<>();
    for (Turn turn :
        TURNS
            .read(
                handle,
                "SELECT d.rowid AS id, d.item_id, d.day FROM other_done d"
                    + " JOIN other_item i ON i.id = d.item_id"
                    + " WHERE i.player_id = ? ORDER BY d.day, d.item_id",
                playerId)
            .rows()) {
      turns.computeIfAbsent(turn.item(), id -> new ArrayList<>()).add(turn.day());
    }
    return turns;
  }
}
