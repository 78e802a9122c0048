package app.fret.book;

import app.fret.practice.schedule.PutBack;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Optional;
import org.jdbi.v3.core.Handle;

/** What hurt twice within a week and was put back by the player. */
final class PutBacks {
  private static final RowReader<PutBack> ROWS =
      new RowReader<>("bar put back after it hurt", PutBacks::putBack);

  private final Handle handle;

  PutBacks(Handle handle) {
    this.handle = handle;
  }

  private static PutBack putBack(ResultSet row) throws SQLException {
    return new PutBack(
        Optional.ofNullable(row.getString("bar")), LocalDate.parse(row.getString("day")));
  }

  /** Of a passage, in the order they were put back. */
  Found<PutBack> of(long passageId) {
    return ROWS.read(
        handle, "SELECT id, bar, day FROM put_back WHERE passage_id = ? ORDER BY id", passageId);
  }

  void add(long passageId, PutBack back) {
    handle
        .createUpdate("INSERT INTO put_back (passage_id, bar, day) VALUES (:passage, :bar, :day)")
        .bind("passage", passageId)
        .bind("bar", back.bar().orElse(null))
        .bind("day", back.date().toString())
        .execute();
  }
}
