package app.fret.book;

import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.Pin;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import java.nio.file.Path;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.apache.commons.numbers.fraction.Fraction;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;

/**
 * A practice book on disk.
 *
 * <p>Every method that changes something returns after the change is committed, so that ending the
 * program, even by force, loses nothing that a method has returned from. Safe for several threads,
 * one call at a time.
 */
public final class Book implements AutoCloseable {
  private final Handle handle;

  private Book(Handle handle) {
    this.handle = handle;
  }

  /**
   * Opens a book, making it if there is none.
   *
   * @throws BookException when the file is no book, is damaged or is newer than this program; the
   *     file is then unchanged
   */
  public static Book open(Path file) throws BookException {
    return new Book(Jdbi.create(new BookFile(file).prepare()).open());
  }

  /** Makes many changes that are committed together, or not at all when one of them fails. */
  public synchronized void together(Runnable changes) {
    handle.useTransaction(transaction -> changes.run());
  }

  /** All players, in the order they were added. */
  public synchronized List<BookPlayer> players() {
    return handle
        .createQuery("SELECT * FROM player ORDER BY id")
        .map((row, context) -> player(row))
        .list();
  }

  private static BookPlayer player(ResultSet row) throws SQLException {
    return new BookPlayer(row.getLong("id"), row.getString("name"), PlayerRow.setup(row));
  }

  /** Adds a player and returns them with their number. */
  public synchronized BookPlayer addPlayer(String name, PlayerSetup setup) {
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

  /** Keeps what a player says of instrument and hand, in place of what was said before. */
  public synchronized void keepSetup(long playerId, PlayerSetup setup) {
    handle
        .createUpdate(PlayerRow.UPDATE)
        .bind("id", playerId)
        .bindMap(PlayerRow.columns(setup))
        .execute();
  }

  /** The passages of a player in audition order. */
  public synchronized List<BookPassage> passages(long playerId) {
    return handle
        .createQuery("SELECT * FROM passage WHERE player_id = :player ORDER BY place, id")
        .bind("player", playerId)
        .map((row, context) -> passage(row))
        .list();
  }

  private static BookPassage passage(ResultSet row) throws SQLException {
    return new BookPassage(
        row.getLong("id"),
        row.getLong("player_id"),
        row.getString("title"),
        row.getString("file_name"),
        new BookPassage.Cut(
            row.getInt("part_index"), row.getInt("first_bar"), row.getInt("last_bar")),
        target(row),
        Optional.ofNullable(row.getString("due_on")).map(LocalDate::parse));
  }

  private static Tempo target(ResultSet row) throws SQLException {
    String[] beat = row.getString("target_beat").split(" ");
    Fraction length = Fraction.parse(beat[1]);
    return new Tempo(new BeatUnit(beat[0], length), row.getDouble("target_per_minute"));
  }

  private static String beat(BeatUnit unit) {
    return unit.name() + " " + unit.length().toString().replace(" ", "");
  }

  /** Adds a passage at the end of its player's list. */
  public synchronized BookPassage addPassage(NewPassage passage) {
    long id =
        handle
            .createUpdate(
                "INSERT INTO passage (player_id, place, title, file_name, score, part_index,"
                    + " first_bar, last_bar, target_beat, target_per_minute, due_on, profile)"
                    + " SELECT :player, COALESCE(MAX(place), 0) + 1, :title, :file, :score, :part,"
                    + " :first, :last, :beat, :perMinute, :due, :profile"
                    + " FROM passage WHERE player_id = :player")
            .bind("player", passage.playerId())
            .bind("title", passage.title())
            .bind("file", passage.fileName())
            .bind("score", passage.score())
            .bind("part", passage.cut().part())
            .bind("first", passage.cut().firstBar())
            .bind("last", passage.cut().lastBar())
            .bind("beat", beat(passage.target().beat()))
            .bind("perMinute", passage.target().perMinute())
            .bind("due", passage.dueOn().map(LocalDate::toString))
            .bind("profile", Profiles.NAMES.get(0))
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

  /** The file of a passage as it was read. */
  public synchronized byte[] score(long passageId) {
    return handle
        .createQuery("SELECT score FROM passage WHERE id = :id")
        .bind("id", passageId)
        .mapTo(byte[].class)
        .one();
  }

  /** What was decided for a passage. */
  public synchronized Choices choices(long passageId) {
    Choices choices =
        handle
            .createQuery(
                "SELECT target_beat, target_per_minute, profile FROM passage WHERE id = :id")
            .bind("id", passageId)
            .map(
                (row, context) ->
                    Choices.at(target(row)).withProfile(Profiles.named(row.getString("profile"))))
            .one();
    List<Pin> pins =
        handle
            .createQuery("SELECT * FROM pin WHERE passage_id = :id ORDER BY note")
            .bind("id", passageId)
            .map((row, context) -> pin(row))
            .list();
    for (Pin pin : pins) {
      choices = choices.withPin(pin);
    }
    return choices;
  }

  private static Pin pin(ResultSet row) throws SQLException {
    return new Pin(
        row.getInt("note"),
        optional(row, "string"),
        Optional.ofNullable(row.getString("finger")).map(Finger::ofSign),
        optional(row, "base"));
  }

  private static OptionalInt optional(ResultSet row, String column) throws SQLException {
    int value = row.getInt(column);
    return row.wasNull() ? OptionalInt.empty() : OptionalInt.of(value);
  }

  /** Keeps what was decided for a passage, in place of what was decided before. */
  public synchronized void keepChoices(long passageId, Choices choices) {
    handle.useTransaction(
        transaction -> {
          transaction
              .createUpdate(
                  "UPDATE passage SET target_beat = :beat, target_per_minute = :perMinute,"
                      + " profile = :profile WHERE id = :id")
              .bind("beat", beat(choices.target().beat()))
              .bind("perMinute", choices.target().perMinute())
              .bind("profile", choices.profile().name())
              .bind("id", passageId)
              .execute();
          transaction.execute("DELETE FROM pin WHERE passage_id = ?", passageId);
          for (Pin pin : choices.pins()) {
            keepPin(transaction, passageId, pin);
          }
        });
  }

  private static void keepPin(Handle transaction, long passageId, Pin pin) {
    transaction
        .createUpdate(
            "INSERT INTO pin (passage_id, note, string, finger, base)"
                + " VALUES (:passage, :note, :string, :finger, :base)")
        .bind("passage", passageId)
        .bind("note", pin.note())
        .bind("string", boxed(pin.string()))
        .bind("finger", pin.finger().map(Finger::sign))
        .bind("base", boxed(pin.base()))
        .execute();
  }

  private static Optional<Integer> boxed(OptionalInt value) {
    return value.isPresent() ? Optional.of(value.getAsInt()) : Optional.empty();
  }

  /** Writes a pass into the log. */
  public synchronized void addToLog(LogEntry entry) {
    handle
        .createUpdate(
            "INSERT INTO log_entry (passage_id, logged_at, per_minute, clean)"
                + " VALUES (:passage, :at, :perMinute, :clean)")
        .bind("passage", entry.passageId())
        .bind("at", entry.at().toString())
        .bind("perMinute", entry.perMinute())
        .bind("clean", entry.clean())
        .execute();
  }

  /** All passes of a passage, oldest first. */
  public synchronized List<LogEntry> log(long passageId) {
    return handle
        .createQuery("SELECT * FROM log_entry WHERE passage_id = :id ORDER BY id")
        .bind("id", passageId)
        .map(
            (row, context) ->
                new LogEntry(
                    row.getLong("passage_id"),
                    Instant.parse(row.getString("logged_at")),
                    row.getDouble("per_minute"),
                    row.getBoolean("clean")))
        .list();
  }

  /** Closes the file. */
  @Override
  public synchronized void close() {
    handle.close();
  }
}
