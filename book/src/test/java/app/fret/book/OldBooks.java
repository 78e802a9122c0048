package app.fret.book;

import app.fret.files.musicxml.MusicXmlWriter;
import app.fret.testing.Music;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;

/** Books as older versions of Fret made them. */
final class OldBooks {
  private OldBooks() {}

  /**
   * A book of the second version: one player, one passage of two bars with three pins, of which one
   * is on a note that the passage lacks, and one pass.
   */
  static Path second(Path file) throws BookException, IOException, SQLException {
    return filled(file, 2);
  }

  /**
   * The same book as it looked in a version: filled in the first or second, then brought up to date
   * by the changes until then.
   *
   * @param version 1 to the newest
   */
  static Path of(int version, Path file) throws BookException, IOException, SQLException {
    filled(file, Math.min(version, 2));
    if (version > 2) {
      new BookFile(file, version, BookFile.MIGRATIONS).prepare();
      Files.delete(file.resolveSibling(file.getFileName() + ".v2.backup"));
    }
    return file;
  }

  private static Path filled(Path file, int version)
      throws BookException, IOException, SQLException {
    new BookFile(file, version, BookFile.MIGRATIONS).prepare();
    ByteArrayOutputStream score = new ByteArrayOutputStream();
    new MusicXmlWriter().write(Music.passage("D5/4 E5/4 F5/4 G5/4 | A4+E5/2 B4/2 | C5/1"), score);
    try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + file);
        Statement statement = connection.createStatement();
        PreparedStatement insert =
            connection.prepareStatement(
                "INSERT INTO passage (player_id, place, title, file_name, score, part_index,"
                    + " first_bar, last_bar, target_beat, target_per_minute, profile)"
                    + " VALUES (1, 1, 'S', 's.musicxml', ?, 0, 0, 1, 'half 1/2', 60,"
                    + " 'singing')")) {
      statement.execute(
          "INSERT INTO player (name, instrument, comfortable_mm, string_length_mm)"
              + " VALUES ('A', 'violin', 73, 328)");
      insert.setBytes(1, score.toByteArray());
      insert.executeUpdate();
      for (String row :
          new String[] {
            "pin (passage_id, note, string, finger) VALUES (1, 1, 2, '4')",
            "pin (passage_id, note, finger, base) VALUES (1, 4, '1', 2)",
            "pin (passage_id, note, string) VALUES (1, 40, 3)",
            "log_entry (passage_id, logged_at, per_minute, clean)"
                + " VALUES (1, '2026-11-02T17:00:00Z', 44, 1)"
          }) {
        statement.execute("INSERT INTO " + row);
      }
    }
    return file;
  }
}
