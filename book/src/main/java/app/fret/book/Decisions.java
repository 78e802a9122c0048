package app.fret.book;

import app.fret.bow.BowChoices;
import app.fret.files.PlainWords;
import app.fret.files.packet.Packet;
import app.fret.leaning.OwnWeights;
import app.fret.leaning.Side;
import app.fret.lefthand.LeftHandChoices;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.practice.PracticeChoices;
import app.fret.reading.layers.LayerChoices;
import app.fret.reading.traps.ReadingChoices;
import app.fret.reading.traps.TrapAt;
import app.fret.reading.traps.TypedRunning;
import app.fret.score.NoteRef;
import app.fret.score.Tempo;
import app.fret.shape.ShapeChoices;
import app.fret.study.Choices;
import app.fret.time.TempoChoices;
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
  private record Row(String area, String item, int version, String value) {}

  /** What is decided, at this target tempo. */
  Decided read(long passageId, Tempo target) {
    Choices choices = Choices.at(target);
    List<String> remarks = new ArrayList<>();
    List<PinAt> pins = new ArrayList<>();
    ReadingChoices reading = ReadingChoices.none();
    for (Row row : rows(passageId)) {
      if (row.version() > DecisionRows.VERSION) {
        remarks.add(
            "A decision of a newer Fret ("
                + row.item()
                + ") is kept in the book, but not in force.");
      } else if (row.area().equals(DecisionRows.READING)) {
        reading = withSeen(reading, row, remarks);
      } else if (row.area().equals(LayerRows.AREA)) {
        choices = choices.with(withLayer(choices.layers(), row, remarks));
      } else if (row.area().equals(TempoRows.AREA)) {
        choices = choices.with(withTempo(choices.tempo(), row, remarks));
      } else if (row.area().equals(BowRows.AREA)) {
        choices = choices.with(withBow(choices.bow(), row, remarks));
      } else if (row.area().equals(ShapeRows.AREA)) {
        choices = choices.with(withShape(choices.shape(), row, remarks));
      } else if (row.area().equals(PracticeRows.AREA)) {
        choices = choices.with(withPractice(choices.practice(), row, remarks));
      } else if (row.item().equals(DecisionRows.PROFILE)) {
        choices = choices.withProfile(profile(row.value(), remarks));
      } else if (row.item().equals(DecisionRows.OWN_WEIGHTS)) {
        choices = choices.with(withOwnWeights(choices.leftHand(), row, remarks));
      } else {
        readPins(row, pins, remarks);
      }
    }
    return new Decided(choices.withPins(pins).with(reading), remarks);
  }

  private List<Row> rows(long passageId) {
    return handle
        .createQuery(
            "SELECT area, item, version, value FROM decision WHERE passage_id = :id"
                + " AND area IN (:leftHand, :reading, :tempo, :layers, :bow, :shape, :practice) ORDER BY area, item")
        .bind("id", passageId)
        .bind("leftHand", DecisionRows.LEFT_HAND)
        .bind("reading", DecisionRows.READING)
        .bind("tempo", TempoRows.AREA)
        .bind("layers", LayerRows.AREA)
        .bind("bow", BowRows.AREA)
        .bind("shape", ShapeRows.AREA)
        .bind("practice", PracticeRows.AREA)
        .map(
            (row, context) ->
                new Row(
                    row.getString("area"),
                    row.getString("item"),
                    row.getInt("version"),
                    row.getString("value")))
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

  private static LeftHandChoices withOwnWeights(
      LeftHandChoices before, Row row, List<String> remarks) {
    try {
      return before.with(OwnWeights.parse(row.value()));
    } catch (IllegalArgumentException e) {
      remarks.add(unread("Own weights", row));
      return before;
    }
  }

  private static ReadingChoices withSeen(ReadingChoices before, Row row, List<String> remarks) {
    try {
      if (row.item().startsWith(DecisionRows.OTHERS)) {
        NoteRef from = NoteRef.parse(row.item().substring(DecisionRows.OTHERS.length()));
        return before.withRunning(TypedRunning.parse(from, row.value()));
      }
      Optional<TrapAt> trap = TrapAt.parse(row.item());
      if (trap.isPresent()) {
        return before.withSeen(trap.get(), true);
      }
    } catch (IllegalArgumentException e) {
      // The same words serve.
    }
    remarks.add(
        "A tick in the book ("
            + PlainWords.quoted(row.item())
            + ") cannot be read; it is kept, but not in force.");
    return before;
  }

  private static LayerChoices withLayer(LayerChoices before, Row row, List<String> remarks) {
    try {
      return LayerRows.with(before, row.item(), row.value());
    } catch (IllegalArgumentException e) {
      remarks.add(unread("A mark", row));
      return before;
    }
  }

  private static TempoChoices withTempo(TempoChoices before, Row row, List<String> remarks) {
    try {
      return TempoRows.with(before, row.item(), row.value());
    } catch (IllegalArgumentException e) {
      remarks.add(unread("A tempo", row));
      return before;
    }
  }

  private static BowChoices withBow(BowChoices before, Row row, List<String> remarks) {
    try {
      return BowRows.with(before, row.item(), row.value());
    } catch (IllegalArgumentException e) {
      remarks.add(unread("A decision for the bow", row));
      return before;
    }
  }

  private static ShapeChoices withShape(ShapeChoices before, Row row, List<String> remarks) {
    try {
      return ShapeRows.with(before, row.item(), row.value());
    } catch (IllegalArgumentException e) {
      remarks.add(unread("A decision for the shape", row));
      return before;
    }
  }

  private static PracticeChoices withPractice(
      PracticeChoices before, Row row, List<String> remarks) {
    try {
      return PracticeRows.with(before, row.item(), row.value());
    } catch (IllegalArgumentException e) {
      remarks.add(unread("A decision for practice", row));
      return before;
    }
  }

  private static String unread(String what, Row row) {
    return what
        + " in the book ("
        + PlainWords.quoted(row.item() + ": " + row.value())
        + ") cannot be read; it is kept, but not in force.";
  }

  private static void readPins(Row row, List<PinAt> pins, List<String> remarks) {
    try {
      pins.addAll(DecisionRows.pins(row.item(), row.value()));
    } catch (IllegalArgumentException e) {
      remarks.add(unread("A pin", row));
    }
  }

  /** Writes what differs: rows that are new or changed, and none for what is no longer decided. */
  void change(long passageId, Choices before, Choices after) {
    change(passageId, DecisionRows.LEFT_HAND, DecisionRows.of(before), DecisionRows.of(after));
    change(passageId, LayerRows.AREA, LayerRows.of(before.layers()), LayerRows.of(after.layers()));
    change(passageId, BowRows.AREA, BowRows.of(before.bow()), BowRows.of(after.bow()));
    change(passageId, ShapeRows.AREA, ShapeRows.of(before.shape()), ShapeRows.of(after.shape()));
    change(
        passageId,
        PracticeRows.AREA,
        PracticeRows.of(before.practice()),
        PracticeRows.of(after.practice()));
    change(passageId, TempoRows.AREA, TempoRows.of(before.tempo()), TempoRows.of(after.tempo()));
    change(
        passageId,
        DecisionRows.READING,
        DecisionRows.of(before.reading()),
        DecisionRows.of(after.reading()));
  }

  /** All rows of a passage, also those of a newer Fret. */
  List<Packet.Row> all(long passageId) {
    return handle
        .createQuery(
            "SELECT area, item, version, value FROM decision WHERE passage_id = :id"
                + " ORDER BY area, item")
        .bind("id", passageId)
        .map(
            (row, context) ->
                new Packet.Row(
                    row.getString("area"),
                    row.getString("item"),
                    row.getInt("version"),
                    row.getString("value")))
        .list();
  }

  /** Begins with a player's own weights, where they have any. */
  void beginWith(long passageId, Side side, OwnWeights own) {
    if (!own.isNone()) {
      put(passageId, side.id(), DecisionRows.OWN_WEIGHTS, DecisionRows.VERSION, own.toString());
    }
  }

  /** Puts a row in, in place of one of the same item. */
  void put(long passageId, Packet.Row row) {
    put(passageId, row.area(), row.item(), row.version(), row.value());
  }

  /** Puts rows in the place of all that stand there. */
  void replaceAll(long passageId, List<Packet.Row> rows) {
    handle
        .createUpdate("DELETE FROM decision WHERE passage_id = :id")
        .bind("id", passageId)
        .execute();
    rows.forEach(row -> put(passageId, row));
  }

  private void change(
      long passageId, String area, Map<String, String> was, Map<String, String> is) {
    was.keySet().stream()
        .filter(item -> !is.containsKey(item))
        .forEach(item -> remove(passageId, area, item));
    is.forEach(
        (item, value) -> {
          if (!value.equals(was.get(item))) {
            put(passageId, area, item, DecisionRows.VERSION, value);
          }
        });
  }

  private void remove(long passageId, String area, String item) {
    handle
        .createUpdate(
            "DELETE FROM decision WHERE passage_id = :id AND area = :area AND item = :item")
        .bind("id", passageId)
        .bind("area", area)
        .bind("item", item)
        .execute();
  }

  private void put(long passageId, String area, String item, int version, String value) {
    handle
        .createUpdate(
            "INSERT INTO decision (passage_id, area, item, version, value)"
                + " VALUES (:id, :area, :item, :version, :value)"
                + " ON CONFLICT (passage_id, area, item)"
                + " DO UPDATE SET version = excluded.version, value = excluded.value")
        .bind("id", passageId)
        .bind("area", area)
        .bind("item", item)
        .bind("version", version)
        .bind("value", value)
        .execute();
  }
}
