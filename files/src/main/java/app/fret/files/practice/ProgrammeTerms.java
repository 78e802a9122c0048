package app.fret.files.practice;

import app.fret.files.PlainWords;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.FixedCard;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Round;
import com.fasterxml.jackson.databind.JsonNode;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * Reads what was agreed on with a teacher: a fixed week, rounds, minutes by the day of the week.
 */
final class ProgrammeTerms {
  private static final int MOST_CARDS = 500;

  private final ProgrammeFile file;
  private final JsonNode root;
  private final Set<String> ids;

  ProgrammeTerms(ProgrammeFile file, JsonNode root, Set<String> ids) {
    this.file = file;
    this.root = root;
    this.ids = ids;
  }

  /** The player with all that holds for days of the week. */
  Learner with(Learner learner) throws ProgrammeRejectedException {
    Map<DayOfWeek, Integer> minutes = new EnumMap<>(DayOfWeek.class);
    Set<DayOfWeek> off = new HashSet<>(learner.daysOff());
    JsonNode byDay = root.path("player").path("minutesByWeekday");
    for (Map.Entry<String, JsonNode> entry : byDay.properties()) {
      DayOfWeek day = weekday(entry.getKey(), "player.minutesByWeekday");
      if (!entry.getValue().isInt()) {
        throw file.fault("player.minutesByWeekday: " + entry.getKey() + " needs whole minutes");
      }
      if (entry.getValue().asInt() == 0) {
        off.add(day); // no minutes are a day off
      } else {
        minutes.put(day, entry.getValue().asInt());
      }
    }
    try {
      return learner.withDaysOff(off).withMinutesByWeekday(minutes).withWeek(week());
    } catch (IllegalArgumentException e) {
      throw file.fault("player: " + e.getMessage());
    }
  }

  private List<FixedCard> week() throws ProgrammeRejectedException {
    List<FixedCard> week = new ArrayList<>();
    int number = 0;
    for (JsonNode day : root.path("week")) {
      String where = "week[" + number++ + "]";
      DayOfWeek weekday = weekday(day.path("weekday").asText(), where);
      int card = 0;
      for (JsonNode node : day.path("cards")) {
        week.add(card(node, weekday, where + ".cards[" + card++ + "]"));
      }
      if (week.size() > MOST_CARDS) {
        throw file.fault("week: more than " + MOST_CARDS + " cards");
      }
    }
    return week;
  }

  private FixedCard card(JsonNode node, DayOfWeek weekday, String where)
      throws ProgrammeRejectedException {
    String item = file.item(node, where, ids);
    String kind = ProgrammeFile.text(node, "kind").orElse(CardKind.LADDER.id());
    OptionalDouble perMinute = file.tempo(node, "perMinute", where);
    try {
      return new FixedCard(
          weekday,
          item,
          CardKind.ofId(kind)
              .orElseThrow(
                  () ->
                      new IllegalArgumentException(
                          "kind '" + PlainWords.quoted(kind) + "' is none Fret knows")),
          ProgrammeFile.whole(node, "minutes")
              .orElseThrow(() -> new IllegalArgumentException("minutes is missing")),
          perMinute,
          ProgrammeFile.text(node, "drill"),
          ProgrammeFile.text(node, "spot"),
          ProgrammeFile.text(node, "words").orElse(""));
    } catch (IllegalArgumentException e) {
      throw file.fault(where + ": " + e.getMessage());
    }
  }

  private DayOfWeek weekday(String name, String where) throws ProgrammeRejectedException {
    try {
      return DayOfWeek.valueOf(name.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw file.fault(where + ": '" + PlainWords.quoted(name) + "' is no day, such as sunday");
    }
  }

  /** The rounds with their lists. */
  List<Round> rounds() throws ProgrammeRejectedException {
    List<Round> rounds = new ArrayList<>();
    for (JsonNode node : root.path("rounds")) {
      String where = "rounds[" + rounds.size() + "]";
      List<String> items = new ArrayList<>();
      for (JsonNode item : node.path("items")) {
        if (!ids.contains(item.asText())) {
          throw file.fault(
              where + ": no item has the id '" + PlainWords.quoted(item.asText()) + "'");
        }
        items.add(item.asText());
      }
      Optional<LocalDate> date = file.date(node, "date", where);
      rounds.add(
          new Round(
              ProgrammeFile.text(node, "name").orElse("round " + (rounds.size() + 1)),
              date.orElseThrow(() -> file.fault(where + ": date is missing")),
              items));
    }
    return rounds;
  }
}
