package app.fret.book;

import app.fret.files.ScoreRejectedException;
import app.fret.files.scores.ScoreFiles;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.score.Excerpt;
import app.fret.score.Finger;
import app.fret.score.Passage;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;

/**
 * Lets the pins of an older book, which hung on running numbers, hold on to the places of their
 * notes. It reads each score once, as the program did that made the pins; a pin that finds no note
 * is kept under its number and listed when the passage is opened.
 */
final class PinsByPlace implements JavaMigration {
  private record Old(long passage, Pin pin) {}

  @Override
  public MigrationVersion getVersion() {
    return MigrationVersion.fromVersion("4");
  }

  @Override
  public String getDescription() {
    return "pins by place";
  }

  @Override
  public Integer getChecksum() {
    return null;
  }

  @Override
  public boolean canExecuteInTransaction() {
    return true;
  }

  @Override
  public void migrate(Context context) throws SQLException {
    Connection connection = context.getConnection();
    for (long passage : passagesWithPins(connection)) {
      Optional<NotePlaces> places = places(connection, passage);
      for (Old old : pins(connection, passage)) {
        keep(connection, old, places);
      }
    }
    try (Statement statement = connection.createStatement()) {
      statement.execute("DROP TABLE pin");
    }
  }

  private static List<Long> passagesWithPins(Connection connection) throws SQLException {
    List<Long> passages = new ArrayList<>();
    try (Statement statement = connection.createStatement();
        ResultSet rows = statement.executeQuery("SELECT DISTINCT passage_id FROM pin")) {
      while (rows.next()) {
        passages.add(rows.getLong(1));
      }
    }
    return passages;
  }

  private static List<Old> pins(Connection connection, long passage) throws SQLException {
    List<Old> pins = new ArrayList<>();
    try (PreparedStatement statement =
        connection.prepareStatement("SELECT * FROM pin WHERE passage_id = ? ORDER BY note")) {
      statement.setLong(1, passage);
      try (ResultSet row = statement.executeQuery()) {
        while (row.next()) {
          pins.add(new Old(passage, pin(row)));
        }
      }
    }
    return pins;
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

  /** The notes of a passage as it is read today; empty when it cannot be read. */
  private static Optional<NotePlaces> places(Connection connection, long passage)
      throws SQLException {
    try (PreparedStatement statement =
        connection.prepareStatement(
            "SELECT file_name, score, part_index, first_bar, last_bar FROM passage"
                + " WHERE id = ?")) {
      statement.setLong(1, passage);
      try (ResultSet row = statement.executeQuery()) {
        return row.next() ? places(row) : Optional.empty();
      }
    }
  }

  private static Optional<NotePlaces> places(ResultSet row) throws SQLException {
    try {
      Passage whole =
          new ScoreFiles()
              .open(row.getString("file_name"), row.getBytes("score"))
              .read(row.getInt("part_index"))
              .passage();
      Passage cut = Excerpt.cut(whole, row.getInt("first_bar"), row.getInt("last_bar"));
      return Optional.of(NotePlaces.of(cut, PlayedNote.of(cut)));
    } catch (ScoreRejectedException | IllegalArgumentException | IndexOutOfBoundsException e) {
      return Optional.empty();
    }
  }

  private static void keep(Connection connection, Old old, Optional<NotePlaces> places)
      throws SQLException {
    int note = old.pin().note();
    boolean found = places.isPresent() && note < places.get().size();
    Map<String, String> rows =
        found
            ? DecisionRows.of(List.of(PinAt.of(old.pin(), places.get())))
            : Map.of("note " + note, old.pin().toString());
    for (Map.Entry<String, String> row : rows.entrySet()) {
      insert(connection, old.passage(), row.getKey(), row.getValue());
    }
  }

  private static void insert(Connection connection, long passage, String item, String value)
      throws SQLException {
    try (PreparedStatement statement =
        connection.prepareStatement(
            "INSERT INTO decision (passage_id, area, item, version, value)"
                + " VALUES (?, ?, ?, ?, ?)")) {
      statement.setLong(1, passage);
      statement.setString(2, DecisionRows.LEFT_HAND);
      statement.setString(3, item);
      statement.setInt(4, DecisionRows.VERSION);
      statement.setString(5, value);
      statement.executeUpdate();
    }
  }
}
