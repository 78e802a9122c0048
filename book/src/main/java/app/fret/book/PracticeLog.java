package app.fret.book;

import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Miss;
import app.fret.practice.trial.Way;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import org.jdbi.v3.core.Handle;

/** The passes that were played. */
final class PracticeLog {
  private static final RowReader<LogEntry> ROWS = new RowReader<>("pass", PracticeLog::entry);

  /** Passes taken over from another book come in later than they were played. */
  private static final String SECOND = "CAST(strftime('%s', logged_at) AS INTEGER)";

  private static final String IN_TIME = SECOND + ", id";
  private static final String LAST_FIRST = SECOND + " DESC, id DESC";

  /** The row of a pass: of several at one moment the one logged last. */
  private static final String ITS_ROW =
      " (SELECT MAX(id) FROM log_entry WHERE passage_id = :passage AND logged_at = :at)";

  /** The newest of a passage that are read; years of it must not hold the window up. */
  static final int MOST = 2_000;

  private final Handle handle;

  PracticeLog(Handle handle) {
    this.handle = handle;
  }

  private static LogEntry entry(ResultSet row) throws SQLException {
    double seconds = row.getDouble("seconds");
    OptionalDouble known = row.wasNull() ? OptionalDouble.empty() : OptionalDouble.of(seconds);
    return new LogEntry(
        row.getLong("passage_id"),
        Instant.parse(row.getString("logged_at")),
        Beats.tempo(row.getString("beat"), row.getDouble("per_minute")),
        known,
        row.getBoolean("clean"),
        new LogEntry.Played(
            CardKind.ofId(row.getString("card")).orElse(CardKind.LADDER),
            row.getBoolean("cold"),
            Optional.ofNullable(row.getString("spot")),
            row.getBoolean("spot_left_out"),
            row.getBoolean("hurts"),
            row.getInt("repeats"),
            Optional.ofNullable(row.getString("words")),
            Optional.ofNullable(row.getString("way")).map(PracticeLog::way),
            Optional.ofNullable(row.getString("misses")).map(MissText::read).orElse(List.of())));
  }

  private static Way way(String column) {
    return RowReader.named(Way.class, column.toUpperCase(Locale.ROOT));
  }

  /** Adds a pass that was logged here. */
  void add(LogEntry entry) {
    insert(entry, false);
  }

  /** Adds a pass that was logged in another book. */
  void bring(LogEntry entry) {
    insert(entry, true);
  }

  private void insert(LogEntry entry, boolean brought) {
    handle
        .createUpdate(
            "INSERT INTO log_entry (passage_id, logged_at, beat, per_minute, seconds, clean, card,"
                + " cold, spot, spot_left_out, hurts, repeats, words, way, misses, brought)"
                + " VALUES"
                + " (:passage, :at, :beat, :perMinute, :seconds, :clean, :card, :cold, :spot,"
                + " :leftOut, :hurts, :repeats, :words, :way, :misses, :brought)")
        .bind("misses", MissText.of(entry.played().misses()).orElse(null))
        .bind("brought", brought)
        .bind("passage", entry.passageId())
        .bind("at", entry.at().toString())
        .bind("beat", Beats.column(entry.tempo().beat()))
        .bind("perMinute", entry.tempo().perMinute())
        .bind("seconds", entry.seconds().isPresent() ? entry.seconds().getAsDouble() : null)
        .bind("clean", entry.clean())
        .bind("card", entry.played().card().id())
        .bind("cold", entry.played().cold())
        .bind("spot", entry.played().spot().orElse(null))
        .bind("leftOut", entry.played().spotLeftOut())
        .bind("hurts", entry.played().hurts())
        .bind("repeats", entry.played().repeats())
        .bind("words", entry.played().words().orElse(null))
        .bind("way", entry.played().way().map(w -> w.name().toLowerCase(Locale.ROOT)).orElse(null))
        .execute();
  }

  /** Notes words on a pass; none take them away. */
  void note(LogEntry pass, Optional<String> words) {
    handle
        .createUpdate("UPDATE log_entry SET words = :words WHERE id =" + ITS_ROW)
        .bind("passage", pass.passageId())
        .bind("at", pass.at().toString())
        .bind("words", words.orElse(null))
        .execute();
  }

  /** Keeps what went wrong in a pass. */
  void keepMisses(LogEntry pass, List<Miss> misses) {
    handle
        .createUpdate("UPDATE log_entry SET misses = :misses WHERE id =" + ITS_ROW)
        .bind("passage", pass.passageId())
        .bind("at", pass.at().toString())
        .bind("misses", MissText.of(misses).orElse(null))
        .execute();
  }

  /** Takes a pass back and remembers that it was. */
  void takeBack(LogEntry pass) {
    handle
        .createUpdate("DELETE FROM log_entry WHERE id =" + ITS_ROW)
        .bind("passage", pass.passageId())
        .bind("at", pass.at().toString())
        .execute();
    boolean another =
        handle
                .createQuery(
                    "SELECT COUNT(*) FROM log_entry WHERE passage_id = :passage AND logged_at = :at")
                .bind("passage", pass.passageId())
                .bind("at", pass.at().toString())
                .mapTo(Integer.class)
                .one()
            > 0;
    if (!another) { // of two at one moment the other must not go in the books of others
      rememberTakenBack(pass.passageId(), pass.at());
    }
  }

  /** The moments of passes that were taken back. */
  Set<Instant> takenBack(long passageId) {
    return new TreeSet<>(
        handle
            .createQuery("SELECT logged_at FROM pass_taken_back WHERE passage_id = :passage")
            .bind("passage", passageId)
            .map((row, context) -> Instant.parse(row.getString("logged_at")))
            .list());
  }

  /** A pass was taken back in another book: it goes here, too. */
  void takeBackAsThere(long passageId, Instant at) {
    handle
        .createUpdate("DELETE FROM log_entry WHERE passage_id = :passage AND logged_at = :at")
        .bind("passage", passageId)
        .bind("at", at.toString())
        .execute();
    rememberTakenBack(passageId, at);
  }

  private void rememberTakenBack(long passageId, Instant at) {
    handle
        .createUpdate(
            "INSERT OR IGNORE INTO pass_taken_back (passage_id, logged_at) VALUES (:passage, :at)")
        .bind("passage", passageId)
        .bind("at", at.toString())
        .execute();
  }

  /** The pass that was logged last in this book; empty when it has none of its own. */
  Optional<LogEntry> lastLogged(long passageId) {
    return ROWS
        .read(
            handle,
            "SELECT * FROM log_entry WHERE passage_id = ? AND brought = 0 ORDER BY id DESC LIMIT 1",
            passageId)
        .rows()
        .stream()
        .findFirst();
  }

  /** All passes of a passage, oldest first. */
  List<LogEntry> all(long passageId) {
    return ROWS.read(
            handle, "SELECT * FROM log_entry WHERE passage_id = ? ORDER BY " + IN_TIME, passageId)
        .rows();
  }

  /** The newest passes of a passage, at most {@link #MOST}, oldest first. */
  Found<LogEntry> of(long passageId) {
    return ROWS.read(
        handle,
        "SELECT * FROM (SELECT * FROM log_entry WHERE passage_id = ? ORDER BY "
            + LAST_FIRST
            + " LIMIT "
            + MOST
            + ") ORDER BY "
            + IN_TIME,
        passageId);
  }
}
