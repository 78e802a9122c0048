package app.fret.book;

import app.fret.instrument.Habits;
import app.fret.instrument.PlayerSetup;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A player's setup as a row of the table of players. */
final class PlayerRow {
  static final String INSERT =
      "INSERT INTO player (name, instrument, comfortable_mm, string_length_mm, a4_hz, set_up,"
          + " tuning, school, reach, crawl, slide, slides_are_heard, guide, half_steps) VALUES (:name,"
          + " :instrument, :span, :length, :a4Hz, :setUp, :tuning, :school, :reach, :crawl, :slide,"
          + " :heard, :guide, :halfSteps)";

  static final String UPDATE =
      "UPDATE player SET instrument = :instrument, comfortable_mm = :span, string_length_mm ="
          + " :length, a4_hz = :a4Hz, set_up = :setUp, tuning = :tuning, school = :school, reach ="
          + " :reach, crawl = :crawl, slide = :slide, slides_are_heard = :heard, guide = :guide,"
          + " half_steps = :halfSteps"
          + " WHERE id = :id";

  private PlayerRow() {}

  /** Values of the columns by the names the statements give them. */
  static Map<String, Object> columns(PlayerSetup setup) {
    Habits habits = setup.habits();
    Map<String, Object> columns = new HashMap<>();
    columns.put("instrument", setup.instrument());
    columns.put("span", setup.comfortableMm());
    columns.put("length", setup.stringLengthMm());
    columns.put("a4Hz", setup.a4Hz());
    columns.put("setUp", setup.setUp().orElse(null));
    columns.put("tuning", setup.tuning().map(t -> String.join(",", t)).orElse(null));
    columns.put("school", setup.school().orElse(null));
    columns.put("reach", habits.reach().name());
    columns.put("crawl", habits.crawl().map(c -> c ? 1 : 0).orElse(null));
    columns.put("slide", habits.slide().name());
    columns.put("heard", habits.slidesAreHeard() ? 1 : 0);
    columns.put("guide", habits.guide().name());
    columns.put("halfSteps", habits.halfSteps().name());
    return columns;
  }

  static PlayerSetup setup(ResultSet row) throws SQLException {
    Optional<List<String>> tuning =
        Optional.ofNullable(row.getString("tuning")).map(t -> Arrays.asList(t.split(",")));
    return new PlayerSetup(
        row.getString("instrument"),
        row.getDouble("comfortable_mm"),
        row.getDouble("string_length_mm"),
        row.getDouble("a4_hz"),
        Optional.ofNullable(row.getString("set_up")),
        tuning,
        Optional.ofNullable(row.getString("school")),
        habits(row));
  }

  private static Habits habits(ResultSet row) throws SQLException {
    int crawl = row.getInt("crawl");
    Optional<Boolean> crawls = row.wasNull() ? Optional.empty() : Optional.of(crawl == 1);
    return new Habits(
        RowReader.named(Habits.Reach.class, row.getString("reach")),
        crawls,
        RowReader.named(Habits.Slide.class, row.getString("slide")),
        row.getInt("slides_are_heard") == 1,
        RowReader.named(Habits.Guide.class, row.getString("guide")),
        RowReader.named(Habits.HalfSteps.class, row.getString("half_steps")));
  }
}
