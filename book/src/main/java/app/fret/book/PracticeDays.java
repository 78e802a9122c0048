package app.fret.book;

import app.fret.practice.schedule.FixedCard;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Learner.Stance;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
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
            "SELECT id, minutes_per_day, days_off, rhythm_days, stance, minutes_by_weekday FROM player"
                + " WHERE id = ?",
            playerId);
    Found<FixedCard> week = new WeekCards(handle).of(playerId);
    List<String> unreadable = new ArrayList<>(found.unreadable());
    unreadable.addAll(week.unreadable());
    Learner learner = found.rows().stream().findFirst().orElse(Learner.USUAL);
    return new Practised(learner.withWeek(week.rows()), unreadable);
  }

  private static Learner learner(ResultSet row) throws SQLException {
    return new Learner(
        row.getInt("minutes_per_day"),
        daysOff(row.getString("days_off")),
        row.getInt("rhythm_days"),
        RowReader.named(Stance.class, row.getString("stance")),
        minutes(row.getString("minutes_by_weekday")),
        List.of());
  }

  private static Map<DayOfWeek, Integer> minutes(String text) {
    Map<DayOfWeek, Integer> minutes = new EnumMap<>(DayOfWeek.class);
    for (String day : text.split(",")) {
      String[] parts = day.split("=");
      if (parts.length == 2) {
        minutes.put(RowReader.named(DayOfWeek.class, parts[0]), Integer.valueOf(parts[1]));
      }
    }
    return minutes;
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
                + " stance = :stance, minutes_by_weekday = :byWeekday WHERE id = :id")
        .bind("id", playerId)
        .bind("minutes", learner.minutesPerDay())
        .bind(
            "off",
            learner.daysOff().stream().sorted().map(Enum::name).collect(Collectors.joining(",")))
        .bind("rhythm", learner.rhythmDaysPerWeek())
        .bind("stance", learner.stance().name())
        .bind(
            "byWeekday",
            learner.minutesByWeekday().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> e.getKey().name() + "=" + e.getValue())
                .collect(Collectors.joining(",")))
        .execute();
    new WeekCards(handle).keep(playerId, learner.week());
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
