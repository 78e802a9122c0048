package app.fret.book;

import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.FixedCard;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jdbi.v3.core.Handle;

/**
 * The weeks that teachers set. An item is known as the schedule knows it: a passage by its number,
 * a study or recording by {@link OtherItem#ITEM_PREFIX} and its number.
 */
final class WeekCards {
  private static final RowReader<FixedCard> ROWS =
      new RowReader<>("card of the set week", WeekCards::card);

  private final Handle handle;

  WeekCards(Handle handle) {
    this.handle = handle;
  }

  private static FixedCard card(ResultSet row) throws SQLException {
    String passage = row.getString("passage_id");
    double perMinute = row.getDouble("per_minute");
    OptionalDouble tempo = row.wasNull() ? OptionalDouble.empty() : OptionalDouble.of(perMinute);
    String kind = row.getString("kind");
    return new FixedCard(
        RowReader.named(DayOfWeek.class, row.getString("weekday")),
        passage != null ? passage : OtherItem.ITEM_PREFIX + row.getString("other_item_id"),
        CardKind.ofId(kind)
            .orElseThrow(() -> new IllegalArgumentException("no kind of card '" + kind + "'")),
        row.getInt("minutes"),
        tempo,
        Optional.ofNullable(row.getString("drill")),
        Optional.ofNullable(row.getString("spot")),
        row.getString("words"));
  }

  /** Of a player, in order. */
  Found<FixedCard> of(long playerId) {
    return ROWS.read(handle, "SELECT * FROM week_card WHERE player_id = ? ORDER BY id", playerId);
  }

  /** Keeps a week in place of the one before. */
  void keep(long playerId, List<FixedCard> week) {
    handle
        .createUpdate("DELETE FROM week_card WHERE player_id = :player")
        .bind("player", playerId)
        .execute();
    week.forEach(card -> add(playerId, card));
  }

  private void add(long playerId, FixedCard card) {
    boolean isOther = card.item().startsWith(OtherItem.ITEM_PREFIX);
    String number = card.item().substring(isOther ? OtherItem.ITEM_PREFIX.length() : 0);
    handle
        .createUpdate(
            "INSERT INTO week_card (player_id, weekday, passage_id, other_item_id, kind, minutes,"
                + " per_minute, drill, spot, words) VALUES (:player, :weekday, :passage, :other,"
                + " :kind, :minutes, :perMinute, :drill, :spot, :words)")
        .bind("player", playerId)
        .bind("weekday", card.weekday().name())
        .bind("passage", isOther ? null : Long.valueOf(number))
        .bind("other", isOther ? Long.valueOf(number) : null)
        .bind("kind", card.kind().id())
        .bind("minutes", card.minutes())
        .bind("perMinute", card.perMinute().isPresent() ? card.perMinute().getAsDouble() : null)
        .bind("drill", card.drill().orElse(null))
        .bind("spot", card.spot().orElse(null))
        .bind("words", card.words())
        .execute();
  }
}
