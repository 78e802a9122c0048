package app.fret.book;

import app.fret.practice.schedule.Round;
import java.time.LocalDate;
import java.util.List;
import org.jdbi.v3.core.Handle;

/** The rounds of auditions, with their own dates and lists, and lists that were drawn by lot. */
final class Rounds {
  private static final RowReader<Row> ROWS =
      new RowReader<>(
          "round",
          row ->
              new Row(
                  row.getLong("id"), row.getString("name"), LocalDate.parse(row.getString("day"))));

  private record Row(long id, String name, LocalDate day) {}

  private final Handle handle;

  Rounds(Handle handle) {
    this.handle = handle;
  }

  /** Of a player, earliest first. */
  Found<Round> of(long playerId) {
    Found<Row> found =
        ROWS.read(
            handle, "SELECT * FROM audition_round WHERE player_id = ? ORDER BY day, id", playerId);
    return new Found<>(
        found.rows().stream().map(r -> new Round(r.name(), r.day(), passages(r.id()))).toList(),
        found.unreadable());
  }

  private List<String> passages(long round) {
    return handle
        .createQuery(
            "SELECT r.passage_id FROM round_passage r JOIN passage p ON p.id = r.passage_id"
                + " WHERE r.round_id = :round ORDER BY p.place, p.id")
        .bind("round", round)
        .mapTo(String.class)
        .list();
  }

  /** Keeps a player's rounds in place of those before. */
  void keep(long playerId, List<Round> rounds) {
    handle
        .createUpdate("DELETE FROM audition_round WHERE player_id = :player")
        .bind("player", playerId)
        .execute();
    rounds.forEach(round -> add(playerId, round));
  }

  private void add(long playerId, Round round) {
    long id =
        handle
            .createUpdate(
                "INSERT INTO audition_round (player_id, name, day) VALUES (:player, :name, :day)")
            .bind("player", playerId)
            .bind("name", round.name())
            .bind("day", round.date().toString())
            .executeAndReturnGeneratedKeys("id")
            .mapTo(Long.class)
            .one();
    for (String passage : round.items()) {
      handle
          .createUpdate(
              "INSERT OR IGNORE INTO round_passage (round_id, passage_id) VALUES (:round, :passage)")
          .bind("round", id)
          .bind("passage", Long.valueOf(passage))
          .execute();
    }
  }

  /** The list drawn for a day, in the order it is asked; empty where none was drawn. */
  List<String> drawn(long playerId, LocalDate day) {
    return handle
        .createQuery(
            "SELECT passage_id FROM drawn_list WHERE player_id = :player AND day = :day"
                + " ORDER BY place")
        .bind("player", playerId)
        .bind("day", day.toString())
        .mapTo(String.class)
        .list();
  }

  /** Keeps the list drawn for a day; an empty one takes it off. */
  void keepDrawn(long playerId, LocalDate day, List<String> passages) {
    handle
        .createUpdate("DELETE FROM drawn_list WHERE player_id = :player AND day = :day")
        .bind("player", playerId)
        .bind("day", day.toString())
        .execute();
    for (int place = 0; place < passages.size(); place++) {
      handle
          .createUpdate(
              "INSERT INTO drawn_list (player_id, day, place, passage_id)"
                  + " VALUES (:player, :day, :place, :passage)")
          .bind("player", playerId)
          .bind("day", day.toString())
          .bind("place", place)
          .bind("passage", Long.valueOf(passages.get(place)))
          .execute();
    }
  }
}
