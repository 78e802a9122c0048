package app.fret.files.packet;

import app.fret.edit.Origins;
import app.fret.files.PlainWords;
import app.fret.files.ReadPassage;
import app.fret.files.SafeJson;
import app.fret.files.ScoreRejectedException;
import app.fret.files.scores.ScoreFiles;
import app.fret.instrument.Habits;
import app.fret.instrument.PlayerSetup;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.MissKind;
import app.fret.practice.schedule.Round;
import app.fret.practice.trial.Way;
import app.fret.score.BeatUnit;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Reads packets. The archive is unzipped in memory only, within limits, and no name in it is used
 * as a path; every field is checked and every piece of music opened before the packet is handed on.
 */
public final class PacketReader {
  private static final int MOST_ENTRIES = 500;
  private static final int MOST_BYTES = 128 * 1024 * 1024;
  private static final int MOST_BARS = 1_000_000;
  private static final int MOST_VERSIONS = 1_000_000;
  private static final int MOST_REPEATS = 10_000;
  private static final double MOST_PER_MINUTE = 1_000;
  private static final double MOST_SECONDS = 86_400;
  private static final double MOST_MM = 2_000;
  private static final double MOST_HZ = 1_000;

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
    } catch (IllegalArgumentException | DateTimeException | ArithmeticException e) {
      throw reader.fault(
          PlainWords.clean(String.valueOf(e.getMessage())) + "; have the packet sent again");
    }
  }

  private PacketRejectedException fault(String words) {
    return new PacketRejectedException(name, words);
  }

  private void unzip(byte[] file) throws PacketRejectedException {
    int left = MOST_BYTES;
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        boolean isDescription = entry.getName().equals(PacketWriter.DESCRIPTION);
        int most = isDescription ? Math.min(left, SafeJson.MOST_BYTES) : left;
        byte[] bytes = zip.readNBytes(most + 1);
        left -= bytes.length;
        if (bytes.length > most || entries.size() == MOST_ENTRIES) {
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
    JsonNode root = SafeJson.read(description);
    if (!PacketWriter.FORMAT.equals(root.path("format").asText())) {
      throw fault("it is no packet of Fret");
    }
    if (root.path("version").asInt() != PacketWriter.VERSION) {
      throw fault("it was written by a newer Fret; bring this one up to date");
    }
    PacketNode node = new PacketNode(root);
    PacketNode player = node.object("player");
    List<Packet.Part> passages = new ArrayList<>();
    for (PacketNode passage : node.objects("passages")) {
      passages.add(passage(passage));
    }
    List<Packet.Other> others = node.objects("others").stream().map(PacketReader::other).toList();
    List<Round> rounds = node.objects("rounds").stream().map(TermsNodes::round).toList();
    return new Packet(named(player), setup(player), learner(player), passages, others, rounds);
  }

  private static String named(PacketNode player) {
    String name = player.text("name");
    if (name.isBlank()) {
      throw new IllegalArgumentException("its player has no name");
    }
    return name;
  }

  private static Packet.Other other(PacketNode node) {
    return new Packet.Other(
        node.text("kind"),
        node.text("title"),
        node.whole("minutes", 1, Packet.Other.MOST_MINUTES),
        node.optionalNumber("heardPerMinute", 1, MOST_PER_MINUTE),
        node.optionalText("bowings").orElse(""),
        node.optionalText("bowAmount").orElse(""),
        node.optionalText("shape").orElse(""),
        node.texts("turns", PacketNode::day));
  }

  /** Whoever cannot play would stand in the book as a player who cannot be read. */
  private static PlayerSetup setup(PacketNode node) {
    List<String> tuning = node.texts("tuning", text -> text);
    PlayerSetup setup =
        new PlayerSetup(
            node.text("instrument"),
            node.number("comfortableMm", 1, MOST_MM),
            node.number("stringLengthMm", 1, MOST_MM),
            node.number("a4Hz", 1, MOST_HZ),
            node.optionalText("setUp"),
            tuning.isEmpty() ? Optional.empty() : Optional.of(tuning),
            node.optionalText("school"),
            new Habits(
                node.named(Habits.Reach.class, "reach"),
                node.optionalFlag("crawl"),
                node.named(Habits.Slide.class, "slide"),
                node.flag("slidesAreHeard"),
                node.named(Habits.Guide.class, "guide"),
                node.namedOr(Habits.HalfSteps.MIXED, "halfSteps")));
    setup.player(node.text("name"));
    return setup;
  }

  private static Learner learner(PacketNode node) {
    Set<DayOfWeek> off = EnumSet.noneOf(DayOfWeek.class);
    off.addAll(node.texts("daysOff", day -> PacketNode.named(DayOfWeek.class, "daysOff", day)));
    Learner learner =
        new Learner(
            node.whole("minutesPerDay", 1, Learner.MOST_MINUTES),
            off,
            node.whole("rhythmDaysPerWeek", 1, Learner.MOST_RHYTHM_DAYS),
            node.named(Learner.Stance.class, "stance"));
    return TermsNodes.read(node, learner);
  }

  private static Tempo tempo(PacketNode node) {
    BeatUnit beat = new BeatUnit(node.text("beat"), node.as("length", PacketReader::lengthOfBeat));
    return new Tempo(beat, node.number("perMinute", 1e-3, MOST_PER_MINUTE));
  }

  private static Fraction lengthOfBeat(String text) {
    Fraction length = Fraction.parse(text);
    if (length.signum() <= 0) {
      throw new IllegalArgumentException("a beat of " + length);
    }
    return length;
  }

  private Packet.Part passage(PacketNode node) throws PacketRejectedException {
    String title = node.text("title");
    Optional<String> edited = node.optionalText("edited");
    Optional<Packet.Mended> mended = Optional.empty();
    if (edited.isPresent()) {
      byte[] music = music(edited.get(), title);
      mended = Optional.of(new Packet.Mended(music, node.optionalText("editedFrom")));
    }
    Packet.Part part =
        new Packet.Part(
            title,
            node.text("fileName"),
            music(node.text("score"), title),
            mended,
            node.whole("part", 0, MOST_BARS),
            node.whole("firstBar", 0, MOST_BARS),
            node.whole("lastBar", 0, MOST_BARS),
            tempo(node.object("target")),
            node.optionalAs("due", PacketNode::day),
            node.objects("decisions").stream().map(PacketReader::row).toList(),
            node.objects("log").stream().map(PacketReader::pass).toList(),
            new HashSet<>(node.texts("takenBack", PacketNode::moment)),
            node.objects("notes").stream().map(TermsNodes::note).toList(),
            node.objects("putBack").stream().map(TermsNodes::putBack).toList());
    requireMusic(part);
    return part;
  }

  private static Packet.Row row(PacketNode node) {
    return new Packet.Row(
        node.text("area"),
        node.text("item"),
        node.whole("version", 0, MOST_VERSIONS, 1),
        node.text("value"));
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
      ReadPassage read = new ScoreFiles().open(part.fileName(), part.score()).read(part.part());
      int bars = read.passage().bars().size();
      if (part.lastBar() < part.firstBar() || part.lastBar() >= bars) {
        throw fault("the bars of " + PlainWords.quoted(part.title()) + " are not in its music");
      }
      read.intake().cut(part.firstBar(), part.lastBar());
      if (part.edited().isPresent()) {
        requireMended(part, read.intake().cut(part.firstBar(), part.lastBar()));
      }
    } catch (ScoreRejectedException e) {
      throw fault(e.getMessage());
    } catch (IndexOutOfBoundsException e) {
      throw fault("the part of " + PlainWords.quoted(part.title()) + " is not in its music");
    }
  }

  private void requireMended(Packet.Part part, Passage imported)
      throws ScoreRejectedException, PacketRejectedException {
    Packet.Mended mended = part.edited().orElseThrow();
    Passage music =
        new ScoreFiles().open(part.title() + ", mended.mxl", mended.music()).read(0).passage();
    boolean fit = mended.origins().map(o -> Origins.parse(o).fit(imported, music)).orElse(true);
    if (!fit) {
      throw fault(
          "the mended notes of " + PlainWords.quoted(part.title()) + " do not fit its music");
    }
  }

  private static Packet.Pass pass(PacketNode node) {
    return new Packet.Pass(
        node.as("at", PacketNode::moment),
        tempo(node.object("tempo")),
        node.optionalNumber("seconds", 1e-3, MOST_SECONDS),
        node.flag("clean"),
        // A kind of a newer Fret is kept as one that opens no rung.
        CardKind.ofId(node.text("card")).orElse(CardKind.DRILL),
        node.flag("cold"),
        node.optionalText("spot"),
        node.flag("spotLeftOut"),
        node.flag("hurts"),
        node.whole("repeats", 1, MOST_REPEATS, 1),
        node.optionalText("words"),
        node.has("way") ? Optional.of(node.named(Way.class, "way")) : Optional.empty(),
        misses(node.objects("misses")));
  }

  /** A kind of a newer Fret is kept as a miss that says no more. */
  private static List<Miss> misses(List<PacketNode> nodes) {
    return nodes.stream()
        .map(
            miss ->
                new Miss(
                    miss.optionalText("spot"),
                    MissKind.ofId(miss.text("kind")).orElse(MissKind.OTHER)))
        .toList();
  }
}
