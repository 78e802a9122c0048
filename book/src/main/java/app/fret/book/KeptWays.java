package app.fret.book;

import app.fret.leaning.KeptWay;
import app.fret.leaning.Side;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jdbi.v3.core.Handle;

/** What players kept in place of what was planned; it counts as long as it is decided. */
final class KeptWays {
  private final Handle handle;

  KeptWays(Handle handle) {
    this.handle = handle;
  }

  /** Keeps what a decided way costs more by each term, in place of what its note said before. */
  void keep(long passageId, Side side, String item, KeptWay way) {
    handle
        .createUpdate(
            "DELETE FROM kept_way WHERE passage_id = :id AND area = :area AND item = :item")
        .bind("id", passageId)
        .bind("area", side.id())
        .bind("item", item)
        .execute();
    way.shares()
        .forEach(
            (term, share) ->
                handle
                    .createUpdate(
                        "INSERT INTO kept_way (passage_id, area, item, term, share)"
                            + " VALUES (:id, :area, :item, :term, :share)")
                    .bind("id", passageId)
                    .bind("area", side.id())
                    .bind("item", item)
                    .bind("term", term)
                    .bind("share", share)
                    .execute());
  }

  /** The ways of a player's passages that are still decided and were not taken back. */
  List<KeptWay> of(long playerId, Side side) {
    Map<String, Map<String, Double>> ways = new LinkedHashMap<>();
    handle
        .createQuery(
            "SELECT k.passage_id, k.item, k.term, k.share FROM kept_way k"
                + " JOIN passage p ON p.id = k.passage_id"
                + " JOIN decision d ON d.passage_id = k.passage_id AND d.item = k.item"
                + " AND d.area = k.area"
                + " WHERE p.player_id = :player AND k.area = :area AND k.counts = 1"
                + " ORDER BY k.passage_id, k.item, k.term")
        .bind("area", side.id())
        .bind("player", playerId)
        .map(
            (row, context) ->
                ways.computeIfAbsent(
                        row.getLong("passage_id") + " " + row.getString("item"),
                        k -> new TreeMap<>())
                    .put(row.getString("term"), row.getDouble("share")))
        .list();
    return ways.values().stream().map(KeptWay::new).toList();
  }

  /** What was kept so far counts no more for a term; what is kept from now on does. */
  void takeBack(long playerId, Side side, String term) {
    handle
        .createUpdate(
            "UPDATE kept_way SET counts = 0 WHERE area = :area AND term = :term AND passage_id IN"
                + " (SELECT id FROM passage WHERE player_id = :player)")
        .bind("area", side.id())
        .bind("term", term)
        .bind("player", playerId)
        .execute();
  }
}
