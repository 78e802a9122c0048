package app.fret.bench.fuzz;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/**
 * Writes values into a book that no Fret writes, past every check of the database: what another
 * program, a half-known tool or a later Fret may leave there.
 */
final class BookDamage {
  private static final List<Object> VALUES =
      Arrays.asList(
          null,
          0,
          -1,
          1,
          7,
          1_000_000_000_000L,
          -0.0,
          1e300,
          "",
          " ",
          "x",
          "[]",
          "{}",
          "1/0",
          "2026-02-30",
          "9999999-01-01",
          "violin",
          "I",
          "\u202e\u0000",
          new byte[0],
          new byte[] {31, -117, 8, 0});

  private final Random random;

  BookDamage(Random random) {
    this.random = random;
  }

  /**
   * A book with one to four values changed.
   *
   * @param folder where it may be written
   */
  byte[] of(byte[] book, Path folder) throws IOException {
    Path file = folder.resolve("damaged.fretbook");
    Files.write(file, book);
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement()) {
      statement.execute("PRAGMA ignore_check_constraints = ON");
      statement.execute("PRAGMA journal_mode = DELETE");
      List<String> columns = columns(statement);
      int count = 1 + random.nextInt(4);
      for (int i = 0; i < count; i++) {
        change(connection, columns.get(random.nextInt(columns.size())));
      }
    } catch (SQLException e) {
      throw new IOException("the seed book cannot be changed", e);
    }
    return Files.readAllBytes(file);
  }

  /** Every column of every table, as {@code table/column}. */
  private static List<String> columns(Statement statement) throws SQLException {
    String query =
        "SELECT m.name || '/' || p.name FROM sqlite_master m, pragma_table_info(m.name) p"
            + " WHERE m.type = 'table' AND m.name NOT LIKE 'sqlite%' ORDER BY 1";
    List<String> names = new ArrayList<>();
    try (ResultSet rows = statement.executeQuery(query)) {
      while (rows.next()) {
        names.add(rows.getString(1));
      }
    }
    return names;
  }

  private void change(Connection connection, String name) throws SQLException {
    String table = name.substring(0, name.indexOf('/'));
    String column = name.substring(name.indexOf('/') + 1);
    String row = "(SELECT rowid FROM \"%s\" LIMIT 1 OFFSET ?)".formatted(table);
    String update =
        "UPDATE OR IGNORE \"%s\" SET \"%s\" = ? WHERE rowid = %s".formatted(table, column, row);
    try (PreparedStatement statement = connection.prepareStatement(update)) {
      statement.setObject(1, VALUES.get(random.nextInt(VALUES.size())));
      statement.setInt(2, random.nextInt(6));
      statement.executeUpdate();
    } catch (SQLException e) {
      // A column that may not be empty stays as it is.
    }
  }
}
