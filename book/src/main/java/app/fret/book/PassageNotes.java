package app.fret.book;

import app.fret.book.PassageNote.By;
import app.fret.book.PassageNote.VideoPlace;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Optional;
import org.jdbi.v3.core.Handle;

/** What was said of passages. */
final class PassageNotes {
  private static final RowReader<PassageNote> ROWS =
      new RowReader<>("note on a passage", PassageNotes::note);

  private final Handle handle;

  PassageNotes(Handle handle) {
    this.handle = handle;
  }

  private static PassageNote note(ResultSet row) throws SQLException {
    int seconds = row.getInt("video_seconds");
    return new PassageNote(
        Instant.parse(row.getString("written_at")),
        By.ofId(row.getString("said_by")),
        Optional.ofNullable(row.getString("bar")),
        row.getString("words"),
        Optional.ofNullable(row.getString("video")).map(file -> new VideoPlace(file, seconds)));
  }

  /** Of a passage, oldest first. */
  Found<PassageNote> of(long passageId) {
    return ROWS.read(
        handle,
        "SELECT * FROM passage_note WHERE passage_id = ? ORDER BY written_at, id",
        passageId);
  }

  /** Adds one; one of the same moment is there already and stays. */
  boolean add(long passageId, PassageNote note) {
    return handle
            .createUpdate(
                "INSERT OR IGNORE INTO passage_note (passage_id, written_at, said_by, bar, words,"
                    + " video, video_seconds) VALUES (:passage, :at, :by, :bar, :words, :video,"
                    + " :seconds)")
            .bind("passage", passageId)
            .bind("at", note.at().toString())
            .bind("by", note.by().id())
            .bind("bar", note.bar().orElse(null))
            .bind("words", note.words())
            .bind("video", note.video().map(VideoPlace::file).orElse(null))
            .bind("seconds", note.video().map(VideoPlace::seconds).orElse(null))
            .execute()
        > 0;
  }

  void remove(long passageId, PassageNote note) {
    handle
        .createUpdate("DELETE FROM passage_note WHERE passage_id = :passage AND written_at = :at")
        .bind("passage", passageId)
        .bind("at", note.at().toString())
        .execute();
  }
}
