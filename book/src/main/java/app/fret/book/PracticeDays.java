package app.fret.book;

import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Learner.Stance;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jdbi.v3.core.Handle;

/** How players practise, and which cards of a day are ticked off. */
public final class PracticeDays {
  private static final RowReader<Learner> ROWS =
      new RowReader<>("player's way to practise", PracticeDays::learner);

  private final Handle handle;

  /** Over a database. */
  public PracticeDays(Handle handle) {
    this.handle = handle;
  }

  /** How a player practises; as usual, and a sentence, where that cannot be read. */
  Practised learner(long playerId) {
    Found<Learner> found =
        ROWS.read(
            handle,
            "SELECT id, minutes_per_day, days_off, rhythm_days, stance FROM player WHERE id = ?",
            playerId);
    return new Practised(
        found.rows().stream().findFirst().orElse(Learner.USUAL), found.unreadable());
  }

  private static Learner learner(ResultSet row) throws SQLException {
    return new Learner(
        row.getInt("minutes_per_day"),
        daysOff(row.getString("days_off")),
        row.getInt("rhythm_days"),
        RowReader.named(Stance.class, row.getString("stance")));
  }

  private static Set<DayOfWeek> daysOff(String text) {
    Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
    Arrays.stream(text.split(","))
        .filter(d -> !d.isBlank())
        .forEach(d -> days.add(RowReader.named(DayOfWeek.class, d)));
    return days;
  }

  void keep(long playerId, Learner learner) {
    handle
        .createUpdate(
            "UPDATE player SET minutes_per_day = :minutes, days_off = :off, rhythm_days = :rhythm,"
                + " stance = :stance WHERE id = :id")
        .bind("id", playerId)
        .bind("minutes", learner.minutesPerDay())
        .bind(
            "off",
            learner.daysOff().stream().sorted().map(Enum::name).collect(Collectors.joining(",")))
        .bind("rhythm", learner.rhythmDaysPerWeek())
        .bind("stance", learner.stance().name())
        .execute();
  }

  /** Names of the cards of a day that are ticked off. */
  Set<String> done(long playerId, LocalDate day) {
    return new TreeSet<>(
        handle
            .createQuery("SELECT card FROM card_done WHERE player_id = :player AND day = :day")
            .bind("player", playerId)
            .bind("day", day.toString())
            .mapTo(String.class)
            .list());
  }

  void tick(long playerId, LocalDate day, String card, boolean done) {
    String sql =
        done
            ? "INSERT OR IGNORE INTO card_done (player_id, day, card) VALUES (:player, :day, :card)"
            : "DELETE FROM card_done WHERE player_id = :player AND day = :day AND card = :card";
    handle
        .createUpdate(sql)
        .bind("player", playerId)
        .bind("day", day.toString())
        .bind("card", card)
        .execute();
  }
}
