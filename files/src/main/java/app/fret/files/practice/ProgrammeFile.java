package app.fret.files.practice;

import app.fret.files.CalendarDay;
import app.fret.files.InputBytes;
import app.fret.files.PlainWords;
import app.fret.files.SafeJson;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Learner.Stance;
import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.MissKind;
import app.fret.practice.schedule.PutBack;
import app.fret.score.Tempo;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.exc.StreamConstraintsException;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.nio.file.Path;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/** Reads a programme with its log: JSON, format {@code fret-programme}, version 1. */
public final class ProgrammeFile {
  private static final int MOST_ITEMS = 500;
  private static final int USUAL_MINUTES = 60;
  private static final int USUAL_RHYTHM_DAYS = 2;

  private final String name;

  private ProgrammeFile(String name) {
    this.name = name;
  }

  /** Reads a file. */
  public static Programme read(Path file) throws ProgrammeRejectedException {
    String name = String.valueOf(file.getFileName());
    try {
      return read(name, InputBytes.of(file, SafeJson.MOST_BYTES));
    } catch (InputBytes.UnreadableException e) {
      throw new ProgrammeRejectedException(name, e.getMessage() + "; name a programme (.json)");
    }
  }

  /** Reads the content of a file of this name. */
  public static Programme read(String name, byte[] content) throws ProgrammeRejectedException {
    ProgrammeFile file = new ProgrammeFile(name);
    try {
      return file.programme(SafeJson.read(content));
    } catch (StreamConstraintsException e) {
      throw file.fault("it holds more than any programme may");
    } catch (JsonProcessingException e) {
      String at = e.getLocation() == null ? "" : " in line " + e.getLocation().getLineNr();
      throw file.fault("no JSON can be read" + at);
    } catch (IOException e) {
      throw file.fault("no JSON can be read");
    } catch (IllegalArgumentException e) {
      throw file.fault(PlainWords.clean(String.valueOf(e.getMessage())));
    }
  }

  ProgrammeRejectedException fault(String words) {
    return new ProgrammeRejectedException(name, words);
  }

  private Programme programme(JsonNode root) throws ProgrammeRejectedException {
    if (root == null
        || !root.isObject()
        || !"fret-programme".equals(root.path("format").asText())) {
      throw fault("no programme: the field format should say fret-programme");
    }
    if (root.path("version").asInt() != 1) {
      throw fault("version " + root.path("version").asText() + "; this Fret reads version 1");
    }
    JsonNode player = root.path("player");
    Optional<String> instrument =
        Optional.ofNullable(player.path("instruments").get(0)).map(JsonNode::asText);
    List<Programme.Entry> items = new ArrayList<>();
    Set<String> ids = new HashSet<>();
    for (JsonNode item : root.path("items")) {
      String where = "items[" + items.size() + "]";
      Programme.Entry entry = entry(item, where, instrument);
      if (!ids.add(entry.id())) {
        throw fault(where + ": the id '" + PlainWords.quoted(entry.id()) + "' is taken already");
      }
      items.add(entry);
      if (items.size() > MOST_ITEMS) {
        throw fault("more than " + MOST_ITEMS + " items");
      }
    }
    List<Programme.Pass> log = new ArrayList<>();
    for (JsonNode pass : root.path("log")) {
      log.add(pass(pass, "log[" + log.size() + "]", ids));
    }
    log.sort((one, other) -> one.date().compareTo(other.date()));
    ProgrammeTerms terms = new ProgrammeTerms(this, root, ids);
    return new Programme(
        player.path("name").asText(""),
        terms.with(learner(player)),
        items,
        log,
        putBack(root, ids),
        terms.rounds());
  }

  private Map<String, List<PutBack>> putBack(JsonNode root, Set<String> ids)
      throws ProgrammeRejectedException {
    Map<String, List<PutBack>> all = new HashMap<>();
    int number = 0;
    for (JsonNode node : root.path("putBack")) {
      String where = "putBack[" + number++ + "]";
      LocalDate date =
          date(node, "date", where).orElseThrow(() -> fault(where + ": date is missing"));
      all.computeIfAbsent(item(node, where, ids), id -> new ArrayList<>())
          .add(new PutBack(text(node, "bar"), date));
    }
    return all;
  }

  String item(JsonNode node, String where, Set<String> ids) throws ProgrammeRejectedException {
    String item = text(node, "item").orElseThrow(() -> fault(where + ": item is missing"));
    if (!ids.contains(item)) {
      throw fault(where + ": no item has the id '" + PlainWords.quoted(item) + "'");
    }
    return item;
  }

  private Learner learner(JsonNode player) throws ProgrammeRejectedException {
    Set<DayOfWeek> off = EnumSet.noneOf(DayOfWeek.class);
    for (JsonNode day : player.path("daysOff")) {
      try {
        off.add(DayOfWeek.valueOf(day.asText().toUpperCase(Locale.ROOT)));
      } catch (IllegalArgumentException e) {
        throw fault(
            "player.daysOff: '" + PlainWords.quoted(day.asText()) + "' is no day, such as sunday");
      }
    }
    String stance = player.path("stance").asText("even");
    Stance known =
        switch (stance) {
          case "even" -> Stance.EVEN;
          case "as-many-ready-as-possible" -> Stance.AS_MANY_READY_AS_POSSIBLE;
          default ->
              throw fault(
                  "player.stance: '"
                      + PlainWords.quoted(stance)
                      + "'; say even or as-many-ready-as-possible");
        };
    try {
      return new Learner(
          player.path("minutesPerDay").asInt(USUAL_MINUTES),
          off,
          player.path("rhythmDaysPerWeek").asInt(USUAL_RHYTHM_DAYS),
          known);
    } catch (IllegalArgumentException e) {
      throw fault("player: " + e.getMessage());
    }
  }

  /**
   * One item.
   *
   * @param usual the player's first instrument, on which it is played unless it says another
   */
  private Programme.Entry entry(JsonNode item, String where, Optional<String> usual)
      throws ProgrammeRejectedException {
    String id = text(item, "id").orElseThrow(() -> fault(where + ": id is missing"));
    String kindName = text(item, "kind").orElse("passage");
    Item.Kind kind;
    try {
      kind = Item.Kind.valueOf(kindName.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      throw fault(
          where
              + ": kind '"
              + PlainWords.quoted(kindName)
              + "'; say passage, scale, study or listening");
    }
    boolean isPassage = kind == Item.Kind.PASSAGE;
    if (isPassage && text(item, "file").isEmpty()) {
      throw fault(where + ": a passage needs a file");
    }
    OptionalInt minutes = whole(item, "minutes");
    if (!isPassage && (minutes.isEmpty() || minutes.getAsInt() < 1)) {
      throw fault(where + ": a " + kindName + " needs its minutes, 1 or more");
    }
    JsonNode target = item.path("target");
    return new Programme.Entry(
        id,
        text(item, "title").orElse(id),
        kind,
        text(item, "file"),
        text(item, "part"),
        text(item, "bars"),
        text(item, "instrument").or(() -> usual),
        text(item, "hand"),
        text(item, "setup"),
        text(item, "profile"),
        text(target, "beat"),
        tempo(target, "perMinute", where + ".target"),
        tempo(item, "clean", where),
        date(item, "due", where),
        text(item, "occasion"),
        minutes,
        notes(item));
  }

  /** One note or several. */
  private static List<String> notes(JsonNode item) {
    List<String> notes = new ArrayList<>();
    text(item, "notes").ifPresent(notes::add);
    item.path("notes").forEach(note -> notes.add(note.asText()));
    return notes.stream().filter(n -> !n.isBlank()).toList();
  }

  private Programme.Pass pass(JsonNode pass, String where, Set<String> ids)
      throws ProgrammeRejectedException {
    String item = item(pass, where, ids);
    JsonNode of = pass.path("card");
    String card = text(pass, "card").or(() -> text(of, "kind")).orElse(CardKind.LADDER.id());
    return new Programme.Pass(
        item,
        date(pass, "date", where).orElseThrow(() -> fault(where + ": date is missing")),
        text(pass, "beat"),
        tempo(pass, "perMinute", where).stream()
            .boxed()
            .findFirst()
            .orElseThrow(() -> fault(where + ": perMinute is missing")),
        pass.path("clean").asBoolean(false),
        Math.max(0, pass.path("seconds").asDouble(0)),
        pass.path("cold").asBoolean(false),
        text(pass, "spot").or(() -> text(of, "spot")),
        pass.path("spotLeftOut").asBoolean(false),
        pass.path("hurts").asBoolean(false),
        CardKind.ofId(card)
            .orElseThrow(
                () -> fault(where + ": card '" + PlainWords.quoted(card) + "' is none Fret knows")),
        misses(pass, where));
  }

  /** Several, each with its place and kind, or the one kind of the pass's own spot. */
  private List<Miss> misses(JsonNode pass, String where) throws ProgrammeRejectedException {
    List<Miss> misses = new ArrayList<>();
    for (JsonNode miss : pass.path("misses")) {
      misses.add(new Miss(text(miss, "spot"), missKind(text(miss, "kind"), where)));
    }
    Optional<String> one = text(pass, "miss");
    if (misses.isEmpty() && one.isPresent()) {
      misses.add(new Miss(text(pass, "spot"), missKind(one, where)));
    }
    return misses;
  }

  private MissKind missKind(Optional<String> kind, String where) throws ProgrammeRejectedException {
    String id = kind.orElse(MissKind.OTHER.id());
    return MissKind.ofId(id)
        .orElseThrow(
            () -> fault(where + ": miss '" + PlainWords.quoted(id) + "' is none Fret knows"));
  }

  static Optional<String> text(JsonNode node, String field) {
    JsonNode value = node.path(field);
    boolean has = value.isTextual() || value.isNumber();
    return has && !value.asText().isBlank() ? Optional.of(value.asText()) : Optional.empty();
  }

  static OptionalInt whole(JsonNode node, String field) {
    JsonNode value = node.path(field);
    return value.isNumber() ? OptionalInt.of(value.asInt()) : OptionalInt.empty();
  }

  OptionalDouble tempo(JsonNode node, String field, String where)
      throws ProgrammeRejectedException {
    JsonNode value = node.path(field);
    if (value.isMissingNode() || value.isNull()) {
      return OptionalDouble.empty();
    }
    if (!value.isNumber() || !Tempo.canBeAsked(value.asDouble())) {
      throw fault(where + ": " + field + " should be beats a minute, " + Tempo.RANGE);
    }
    return OptionalDouble.of(value.asDouble());
  }

  Optional<LocalDate> date(JsonNode node, String field, String where)
      throws ProgrammeRejectedException {
    Optional<String> text = text(node, field);
    if (text.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        CalendarDay.of(text.get())
            .orElseThrow(
                () ->
                    fault(
                        where
                            + ": "
                            + field
                            + " '"
                            + PlainWords.quoted(text.get())
                            + "' is no day from 1900 to 2999; write 2027-01-25")));
  }
}
