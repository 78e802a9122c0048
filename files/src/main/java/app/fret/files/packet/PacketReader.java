package app.fret.files.packet;

import app.fret.files.PlainWords;
import app.fret.files.ScoreRejectedException;
import app.fret.files.scores.ScoreFiles;
import app.fret.instrument.Habits;
import app.fret.instrument.PlayerSetup;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Learner;
import app.fret.practice.trial.Way;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Reads packets. The archive is unzipped in memory only, within limits, and no name in it is used
 * as a path; every piece of music is opened before the packet is handed on.
 */
public final class PacketReader {
  private static final int MOST_ENTRIES = 500;
  private static final int MOST_BYTES = 128 * 1024 * 1024;
  private static final int MOST_WORDS = 4_000;

  private final String name;
  private final Map<String, byte[]> entries = new HashMap<>();

  private PacketReader(String name) {
    this.name = name;
  }

  /**
   * Reads a packet.
   *
   * @param name what the file is called in messages
   * @throws PacketRejectedException when it is none, or holds what Fret cannot open
   */
  public static Packet read(String name, byte[] file) throws PacketRejectedException {
    PacketReader reader = new PacketReader(name);
    reader.unzip(file);
    try {
      return reader.packet();
    } catch (JsonProcessingException e) {
      throw reader.fault("its description cannot be read; have the packet sent again");
    } catch (IOException e) {
      throw reader.fault("it cannot be read");
    } catch (IllegalArgumentException | DateTimeException e) {
      throw reader.fault(PlainWords.clean(String.valueOf(e.getMessage())));
    }
  }

  private PacketRejectedException fault(String words) {
    return new PacketRejectedException(name, words);
  }

  private void unzip(byte[] file) throws PacketRejectedException {
    int left = MOST_BYTES;
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        byte[] bytes = zip.readNBytes(left + 1);
        left -= bytes.length;
        if (left < 0 || entries.size() == MOST_ENTRIES) {
          throw fault("it holds more than a packet of Fret may");
        }
        entries.put(entry.getName(), bytes);
      }
    } catch (IOException | IllegalArgumentException e) {
      throw fault("it is damaged; have the packet sent again");
    }
  }

  private Packet packet() throws IOException, PacketRejectedException {
    byte[] description = entries.get(PacketWriter.DESCRIPTION);
    if (description == null) {
      throw fault("it is no packet of Fret");
    }
    JsonNode root = new ObjectMapper().readTree(description);
    if (!PacketWriter.FORMAT.equals(root.path("format").asText())) {
      throw fault("it is no packet of Fret");
    }
    if (root.path("version").asInt() != PacketWriter.VERSION) {
      throw fault("it was written by a newer Fret; bring this one up to date");
    }
    JsonNode player = root.path("player");
    List<Packet.Part> passages = new ArrayList<>();
    for (JsonNode passage : root.path("passages")) {
      passages.add(passage(passage));
    }
    List<Packet.Other> others = new ArrayList<>();
    root.path("others").forEach(other -> others.add(other(other)));
    return new Packet(text(player, "name"), setup(player), learner(player), passages, others);
  }

  private static Packet.Other other(JsonNode node) {
    List<LocalDate> turns = new ArrayList<>();
    node.path("turns").forEach(day -> turns.add(LocalDate.parse(day.asText())));
    JsonNode heard = node.path("heardPerMinute");
    return new Packet.Other(
        text(node, "kind"),
        text(node, "title"),
        node.path("minutes").asInt(),
        heard.isNumber() ? OptionalDouble.of(heard.asDouble()) : OptionalDouble.empty(),
        optional(node, "bowings").orElse(""),
        optional(node, "bowAmount").orElse(""),
        optional(node, "shape").orElse(""),
        turns);
  }

  /** A text that must be there. */
  private static String text(JsonNode node, String field) {
    return optional(node, field)
        .orElseThrow(() -> new IllegalArgumentException("'" + field + "' is missing in it"));
  }

  private static Optional<String> optional(JsonNode node, String field) {
    JsonNode value = node.path(field);
    if (!value.isTextual()) {
      return Optional.empty();
    }
    if (value.asText().length() > MOST_WORDS) {
      throw new IllegalArgumentException("'" + field + "' is longer than any of Fret's");
    }
    return Optional.of(value.asText());
  }

  private static <E extends Enum<E>> E named(Class<E> kind, String name, String field) {
    return Arrays.stream(kind.getEnumConstants())
        .filter(e -> e.name().equals(name))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    "its field '"
                        + field
                        + "' says '"
                        + name
                        + "', which this Fret does not know"));
  }

  private static PlayerSetup setup(JsonNode node) {
    List<String> tuning = new ArrayList<>();
    node.path("tuning").forEach(t -> tuning.add(t.asText()));
    Optional<Boolean> crawl =
        node.path("crawl").isBoolean()
            ? Optional.of(node.path("crawl").asBoolean())
            : Optional.empty();
    return new PlayerSetup(
        text(node, "instrument"),
        node.path("comfortableMm").asDouble(),
        node.path("stringLengthMm").asDouble(),
        node.path("a4Hz").asDouble(),
        optional(node, "setUp"),
        tuning.isEmpty() ? Optional.empty() : Optional.of(tuning),
        optional(node, "school"),
        new Habits(
            named(Habits.Reach.class, text(node, "reach"), "reach"),
            crawl,
            named(Habits.Slide.class, text(node, "slide"), "slide"),
            node.path("slidesAreHeard").asBoolean(),
            named(Habits.Guide.class, text(node, "guide"), "guide")));
  }

  private static Learner learner(JsonNode node) {
    Set<DayOfWeek> off = EnumSet.noneOf(DayOfWeek.class);
    node.path("daysOff").forEach(d -> off.add(named(DayOfWeek.class, d.asText(), "daysOff")));
    return new Learner(
        node.path("minutesPerDay").asInt(),
        off,
        node.path("rhythmDaysPerWeek").asInt(),
        named(Learner.Stance.class, text(node, "stance"), "stance"));
  }

  private static Tempo tempo(JsonNode node) {
    BeatUnit beat = new BeatUnit(text(node, "beat"), Fraction.parse(text(node, "length")));
    return new Tempo(beat, node.path("perMinute").asDouble());
  }

  private Packet.Part passage(JsonNode node) throws PacketRejectedException {
    String title = text(node, "title");
    String fileName = text(node, "fileName");
    List<Packet.Row> decisions = new ArrayList<>();
    for (JsonNode row : node.path("decisions")) {
      decisions.add(
          new Packet.Row(
              text(row, "area"),
              text(row, "item"),
              row.path("version").asInt(1),
              text(row, "value")));
    }
    List<Packet.Pass> log = new ArrayList<>();
    node.path("log").forEach(pass -> log.add(pass(pass)));
    Optional<String> edited = optional(node, "edited");
    Packet.Part part =
        new Packet.Part(
            title,
            fileName,
            music(text(node, "score"), title),
            edited.isPresent() ? Optional.of(music(edited.get(), title)) : Optional.empty(),
            node.path("part").asInt(),
            node.path("firstBar").asInt(),
            node.path("lastBar").asInt(),
            tempo(node.path("target")),
            optional(node, "due").map(LocalDate::parse),
            decisions,
            log);
    requireMusic(part);
    return part;
  }

  private byte[] music(String entry, String title) throws PacketRejectedException {
    byte[] bytes = entries.get(entry);
    if (bytes == null) {
      throw fault("the music of " + PlainWords.quoted(title) + " is not in it");
    }
    return bytes;
  }

  private void requireMusic(Packet.Part part) throws PacketRejectedException {
    try {
      int bars =
          new ScoreFiles()
              .open(part.fileName(), part.score())
              .read(part.part())
              .passage()
              .bars()
              .size();
      if (part.firstBar() < 0 || part.lastBar() < part.firstBar() || part.lastBar() >= bars) {
        throw fault("the bars of " + PlainWords.quoted(part.title()) + " are not in its music");
      }
      if (part.edited().isPresent()) {
        new ScoreFiles().open(part.title() + ", mended.mxl", part.edited().get()).read(0);
      }
    } catch (ScoreRejectedException e) {
      throw fault(e.getMessage());
    } catch (IndexOutOfBoundsException e) {
      throw fault("the part of " + PlainWords.quoted(part.title()) + " is not in its music");
    }
  }

  private static Packet.Pass pass(JsonNode node) {
    JsonNode seconds = node.path("seconds");
    return new Packet.Pass(
        Instant.parse(text(node, "at")),
        tempo(node.path("tempo")),
        seconds.isNumber() ? OptionalDouble.of(seconds.asDouble()) : OptionalDouble.empty(),
        node.path("clean").asBoolean(),
        // A kind of a newer Fret is kept as one that opens no rung.
        CardKind.ofId(text(node, "card")).orElse(CardKind.DRILL),
        node.path("cold").asBoolean(),
        optional(node, "spot"),
        node.path("spotLeftOut").asBoolean(),
        node.path("hurts").asBoolean(),
        Math.max(1, node.path("repeats").asInt(1)),
        optional(node, "words"),
        optional(node, "way").map(w -> named(Way.class, w, "way")));
  }
}
