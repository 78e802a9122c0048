package app.fret.book;

import app.fret.files.packet.Packet;
import app.fret.score.Tempo;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Optional;
import org.jdbi.v3.core.Handle;

/** The passages of a book, each with its score as it was read. */
final class Passages {
  private static final RowReader<BookPassage> ROWS = new RowReader<>("passage", Passages::passage);

  private final Handle handle;

  Passages(Handle handle) {
    this.handle = handle;
  }

  /** The passages of a player in audition order. */
  Found<BookPassage> of(long playerId) {
    return ROWS.read(
        handle,
        "SELECT id, player_id, title, file_name, part_index, first_bar, last_bar, target_beat,"
            + " target_per_minute, due_on FROM passage WHERE player_id = ? ORDER BY place, id",
        playerId);
  }

  private static BookPassage passage(ResultSet row) throws SQLException {
    return new BookPassage(
        row.getLong("id"),
        row.getLong("player_id"),
        row.getString("title"),
        row.getString("file_name"),
        new BookPassage.Cut(
            row.getInt("part_index"), row.getInt("first_bar"), row.getInt("last_bar")),
        Beats.tempo(row.getString("target_beat"), row.getDouble("target_per_minute")),
        Optional.ofNullable(row.getString("due_on")).map(LocalDate::parse));
  }

  BookPassage add(NewPassage passage) {
    long id =
        handle
            .createUpdate(
                "INSERT INTO passage (player_id, place, title, file_name, score, part_index,"
                    + " first_bar, last_bar, target_beat, target_per_minute, due_on)"
                    + " SELECT :player, COALESCE(MAX(place), 0) + 1, :title, :file, :score, :part,"
                    + " :first, :last, :beat, :perMinute, :due"
                    + " FROM passage WHERE player_id = :player")
            .bind("player", passage.playerId())
            .bind("title", passage.title())
            .bind("file", passage.fileName())
            .bind("score", passage.score())
            .bind("part", passage.cut().part())
            .bind("first", passage.cut().firstBar())
            .bind("last", passage.cut().lastBar())
            .bind("beat", Beats.column(passage.target().beat()))
            .bind("perMinute", passage.target().perMinute())
            .bind("due", passage.dueOn().map(LocalDate::toString))
            .executeAndReturnGeneratedKeys("id")
            .mapTo(Long.class)
            .one();
    return new BookPassage(
        id,
        passage.playerId(),
        passage.title(),
        passage.fileName(),
        passage.cut(),
        passage.target(),
        passage.dueOn());
  }

  byte[] score(long passageId) {
    return handle
        .createQuery("SELECT score FROM passage WHERE id = :id")
        .bind("id", passageId)
        .mapTo(byte[].class)
        .one();
  }

  /** The music as it was mended; empty where it is as it was read. */
  Optional<Packet.Mended> edited(long passageId) {
    return handle
        .createQuery(
            "SELECT edited, edited_from FROM passage WHERE id = :id AND edited IS NOT NULL")
        .bind("id", passageId)
        .map(
            (row, context) ->
                new Packet.Mended(
                    row.getBytes("edited"), Optional.ofNullable(row.getString("edited_from"))))
        .findOne();
  }

  void keepEdited(long passageId, Optional<Packet.Mended> music) {
    handle
        .createUpdate("UPDATE passage SET edited = :edited, edited_from = :origins WHERE id = :id")
        .bind("edited", music.map(Packet.Mended::music).orElse(null))
        .bind("origins", music.flatMap(Packet.Mended::origins).orElse(null))
        .bind("id", passageId)
        .execute();
  }

  Tempo target(long passageId) {
    return handle
        .createQuery("SELECT target_beat, target_per_minute FROM passage WHERE id = :id")
        .bind("id", passageId)
        .map(
            (row, context) ->
                Beats.tempo(row.getString("target_beat"), row.getDouble("target_per_minute")))
        .one();
  }

  void keepTarget(long passageId, Tempo target) {
    handle
        .createUpdate(
            "UPDATE passage SET target_beat = :beat, target_per_minute = :perMinute"
                + " WHERE id = :id")
        .bind("beat", Beats.column(target.beat()))
        .bind("perMinute", target.perMinute())
        .bind("id", passageId)
        .execute();
  }

  void keepDue(long passageId, Optional<LocalDate> day) {
    handle
        .createUpdate("UPDATE passage SET due_on = :due WHERE id = :id")
        .bind("due", day.map(LocalDate::toString).orElse(null))
        .bind("id", passageId)
        .execute();
  }

  void keepTitle(long passageId, String title) {
    handle
        .createUpdate("UPDATE passage SET title = :title WHERE id = :id")
        .bind("title", title)
        .bind("id", passageId)
        .execute();
  }
}
