package app.fret.book;

import app.fret.files.PlainWords;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jdbi.v3.core.Handle;

/** The decisions of passages: one row each, so that one is changed without touching another. */
final class Decisions {
  private final Handle handle;

  Decisions(Handle handle) {
    this.handle = handle;
  }

  /** A row as it stands in the book. */
  private record Row(String item, int version, String value) {}

  /** What is decided, at this target tempo. */
  Decided read(long passageId, Tempo target) {
    Choices choices = Choices.at(target);
    List<String> remarks = new ArrayList<>();
    List<PinAt> pins = new ArrayList<>();
    for (Row row : rows(passageId)) {
      if (row.version() > DecisionRows.VERSION) {
        remarks.add(
            "A decision of a newer Fret ("
                + row.item()
                + ") is kept in the book, but not in force.");
      } else if (row.item().equals(DecisionRows.PROFILE)) {
        choices = choices.withProfile(profile(row.value(), remarks));
      } else {
        readPins(row, pins, remarks);
      }
    }
    return new Decided(choices.withPins(pins), remarks);
  }

  private List<Row> rows(long passageId) {
    return handle
        .createQuery(
            "SELECT item, version, value FROM decision WHERE passage_id = :id AND area = :area"
                + " ORDER BY item")
        .bind("id", passageId)
        .bind("area", DecisionRows.LEFT_HAND)
        .map(
            (row, context) ->
                new Row(row.getString("item"), row.getInt("version"), row.getString("value")))
        .list();
  }

  private static Profile profile(String name, List<String> remarks) {
    Optional<Profile> known = DecisionRows.profile(name);
    if (known.isEmpty()) {
      remarks.add(
          "The book asks for the fingering '"
              + PlainWords.quoted(name)
              + "', which this Fret does not know: planned as "
              + Profiles.named(Profiles.NAMES.get(0)).label()
              + " until you choose another.");
    }
    return known.orElse(Profiles.named(Profiles.NAMES.get(0)));
  }

  private static void readPins(Row row, List<PinAt> pins, List<String> remarks) {
    try {
      pins.addAll(DecisionRows.pins(row.item(), row.value()));
    } catch (IllegalArgumentException e) {
      remarks.add(
          "A pin in the book ("
              + PlainWords.quoted(row.item() + ": " + row.value())
              + ") cannot be read; it is kept, but not in force.");
    }
  }

  /** Writes what differs: rows that are new or changed, and none for what is no longer decided. */
  void change(long passageId, Choices before, Choices after) {
    Map<String, String> was = DecisionRows.of(before);
    Map<String, String> is = DecisionRows.of(after);
    was.keySet().stream().filter(i -> !is.containsKey(i)).forEach(i -> remove(passageId, i));
    is.forEach(
        (item, value) -> {
          if (!value.equals(was.get(item))) {
            put(passageId, item, value);
          }
        });
  }

  private void remove(long passageId, String item) {
    handle
        .createUpdate(
            "DELETE FROM decision WHERE passage_id = :id AND area = :area AND item = :item")
        .bind("id", passageId)
        .bind("area", DecisionRows.LEFT_HAND)
        .bind("item", item)
        .execute();
  }

  void put(long passageId, String item, String value) {
    handle
        .createUpdate(
            "INSERT INTO decision (passage_id, area, item, version, value)"
                + " VALUES (:id, :area, :item, :version, :value)"
                + " ON CONFLICT (passage_id, area, item)"
                + " DO UPDATE SET version = excluded.version, value = excluded.value")
        .bind("id", passageId)
        .bind("area", DecisionRows.LEFT_HAND)
        .bind("item", item)
        .bind("version", DecisionRows.VERSION)
        .bind("value", value)
        .execute();
  }
}
