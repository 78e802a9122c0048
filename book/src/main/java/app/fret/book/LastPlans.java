package app.fret.book;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Optional;
import org.jdbi.v3.core.Handle;

/**
 * The marks of the last plan of each passage. They hold as long as nothing has changed that the
 * plan followed from: the music, the decisions, the player's hand and instrument, the program.
 */
final class LastPlans {
  private static final String PROGRAM =
      String.valueOf(LastPlans.class.getPackage().getImplementationVersion());

  private final Handle handle;

  LastPlans(Handle handle) {
    this.handle = handle;
  }

  Optional<String> read(long passageId) {
    return handle
        .createQuery("SELECT marks FROM last_plan WHERE passage_id = :id AND made_from = :from")
        .bind("id", passageId)
        .bind("from", madeFrom(passageId))
        .mapTo(String.class)
        .findOne();
  }

  void keep(long passageId, String marks) {
    handle
        .createUpdate(
            "INSERT INTO last_plan (passage_id, made_from, marks) VALUES (:id, :from, :marks)"
                + " ON CONFLICT (passage_id) DO UPDATE"
                + " SET made_from = excluded.made_from, marks = excluded.marks")
        .bind("id", passageId)
        .bind("from", madeFrom(passageId))
        .bind("marks", marks)
        .execute();
  }

  /** A digest of all that a plan follows from, as far as the book holds it. */
  private String madeFrom(long passageId) {
    String all =
        PROGRAM
            + rows(
                "SELECT part_index, first_bar, last_bar, target_beat, target_per_minute,"
                    + " length(score), length(edited), edited_from FROM passage WHERE id = :id",
                passageId)
            + rows(
                "SELECT area, item, value FROM decision WHERE passage_id = :id"
                    + " ORDER BY area, item",
                passageId)
            + rows(
                "SELECT player.* FROM player JOIN passage ON player.id = player_id"
                    + " WHERE passage.id = :id",
                passageId);
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(digest.digest(all.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }

  private String rows(String query, long passageId) {
    return handle.createQuery(query).bind("id", passageId).mapToMap().list().toString();
  }
}
