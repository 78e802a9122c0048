package app.fret.book;

import app.fret.files.PlainWords;
import app.fret.files.packet.Packet;
import app.fret.leaning.OwnWeights;
import app.fret.leaning.Side;
import app.fret.lefthand.LeftHandChoices;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.reading.traps.ReadingChoices;
import app.fret.reading.traps.TrapAt;
import app.fret.reading.traps.TypedRunning;
import app.fret.score.NoteRef;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
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
    for (Row row : rows(passageId)) {
      if (row.version() > DecisionRows.VERSION) {
        remarks.add(
            "A decision of a newer Fret ("
                + row.item()
                + ") is kept in the book, but not in force.");
      } else {
        choices = with(choices, row, remarks);
      }
    }
    return new Decided(choices, remarks);
  }

  private static Choices with(Choices choices, Row row, List<String> remarks) {
    String item = row.item();
    String value = row.value();
    return switch (row.area()) {
      case DecisionRows.READING ->
          choices.with(with(choices.reading(), "A tick", row, remarks, c -> seen(c, row)));
      case LayerRows.AREA ->
          choices.with(
              with(choices.layers(), "A mark", row, remarks, c -> LayerRows.with(c, item, value)));
      case TempoRows.AREA ->
          choices.with(
              with(choices.tempo(), "A tempo", row, remarks, c -> TempoRows.with(c, item, value)));
      case BowRows.AREA ->
          choices.with(
              with(
                  choices.bow(),
                  "A decision for the bow",
                  row,
                  remarks,
                  c -> BowRows.with(c, item, value)));
      case ShapeRows.AREA ->
          choices.with(
              with(
                  choices.shape(),
                  "A decision for the shape",
                  row,
                  remarks,
                  c -> ShapeRows.with(c, item, value)));
      case PracticeRows.AREA ->
          choices.with(
              with(
                  choices.practice(),
                  "A decision for practice",
                  row,
                  remarks,
                  c -> PracticeRows.with(c, item, value)));
      default -> choices.with(leftHand(choices.leftHand(), row, remarks));
    };
  }

  private static LeftHandChoices leftHand(LeftHandChoices before, Row row, List<String> remarks) {
    return switch (row.item()) {
      case DecisionRows.PROFILE -> before.withProfile(profile(row.value(), remarks));
      case DecisionRows.OWN_WEIGHTS ->
          with(before, "Own weights", row, remarks, c -> c.with(OwnWeights.parse(row.value())));
      default ->
          with(
              before,
              "A pin",
              row,
              remarks,
              c -> c.withPins(DecisionRows.pins(row.item(), row.value())));
    };
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

  /** What a row adds to what is decided; one that makes no sense adds a remark. */
  private static <T> T with(
      T before, String what, Row row, List<String> remarks, UnaryOperator<T> reading) {
    try {
      return RowReader.sensible(() -> reading.apply(before));
    } catch (IllegalArgumentException e) {
      remarks.add(
          what
              + " in the book ("
              + PlainWords.quoted(row.item() + ": " + row.value())
              + ") cannot be read; it is kept, but not in force.");
      return before;
    }
  }

  private static ReadingChoices seen(ReadingChoices before, Row row) {
    if (row.item().startsWith(DecisionRows.OTHERS)) {
      NoteRef from = NoteRef.parse(row.item().substring(DecisionRows.OTHERS.length()));
      return before.withRunning(TypedRunning.parse(from, row.value()));
    }
    TrapAt trap =
        TrapAt.parse(row.item())
            .orElseThrow(() -> new IllegalArgumentException("no trap " + row.item()));
    return before.withSeen(trap, true);
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
