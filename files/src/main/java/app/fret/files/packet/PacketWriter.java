package app.fret.files.packet;

import app.fret.instrument.Habits;
import app.fret.instrument.PlayerSetup;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Miss;
import app.fret.score.Tempo;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.OutputStream;
import java.time.DayOfWeek;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Writes packets: a zip archive with {@code packet.json} and the files of the music. */
public final class PacketWriter {
  /** Name of the description inside. */
  static final String DESCRIPTION = "packet.json";

  /** What the field {@code format} says. */
  static final String FORMAT = "fret-packet";

  static final int VERSION = 1;

  private static final ObjectMapper MAPPER =
      new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

  private PacketWriter() {}

  /**
   * Writes a packet; the same packet gives the same bytes.
   *
   * @param out where to; left open
   */
  public static void write(Packet packet, OutputStream out) throws IOException {
    ZipOutputStream zip = new ZipOutputStream(out);
    entry(zip, DESCRIPTION, MAPPER.writeValueAsBytes(description(packet)));
    for (int i = 0; i < packet.passages().size(); i++) {
      Packet.Part part = packet.passages().get(i);
      entry(zip, scoreName(i, part.fileName()), part.score());
      if (part.edited().isPresent()) {
        entry(zip, editedName(i), part.edited().get().music());
      }
    }
    zip.finish();
    zip.flush();
  }

  private static void entry(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
    ZipEntry entry = new ZipEntry(name);
    entry.setTime(0);
    zip.putNextEntry(entry);
    zip.write(bytes);
    zip.closeEntry();
  }

  /** Only the ending comes from outside, and is no path. */
  static String scoreName(int index, String fileName) {
    String ending = fileName.replaceAll(".*\\.", "").replaceAll("[^A-Za-z0-9]", "");
    return "music/" + (index + 1) + "." + ending;
  }

  static String editedName(int index) {
    return "music/" + (index + 1) + "-mended.mxl";
  }

  private static ObjectNode description(Packet packet) {
    ObjectNode root = MAPPER.createObjectNode();
    root.put("format", FORMAT).put("version", VERSION);
    root.set("player", player(packet));
    ArrayNode passages = root.putArray("passages");
    for (int i = 0; i < packet.passages().size(); i++) {
      passages.add(passage(packet.passages().get(i), i));
    }
    ArrayNode others = root.putArray("others");
    packet.others().forEach(other -> others.add(other(other)));
    if (!packet.rounds().isEmpty()) {
      TermsNodes.write(root.putArray("rounds"), packet.rounds());
    }
    return root;
  }

  private static ObjectNode other(Packet.Other other) {
    ObjectNode node = MAPPER.createObjectNode();
    node.put("kind", other.kind()).put("title", other.title()).put("minutes", other.minutes());
    other.heardPerMinute().ifPresent(tempo -> node.put("heardPerMinute", tempo));
    node.put("bowings", other.bowings());
    node.put("bowAmount", other.bowAmount()).put("shape", other.shape());
    ArrayNode turns = node.putArray("turns");
    other.turns().forEach(day -> turns.add(day.toString()));
    return node;
  }

  private static ObjectNode player(Packet packet) {
    PlayerSetup setup = packet.setup();
    Habits habits = setup.habits();
    ObjectNode node = MAPPER.createObjectNode();
    node.put("name", packet.player());
    node.put("instrument", setup.instrument());
    node.put("comfortableMm", setup.comfortableMm());
    node.put("stringLengthMm", setup.stringLengthMm());
    node.put("a4Hz", setup.a4Hz());
    setup.setUp().ifPresent(s -> node.put("setUp", s));
    setup.tuning().ifPresent(t -> t.forEach(node.withArray("tuning")::add));
    setup.school().ifPresent(s -> node.put("school", s));
    node.put("reach", habits.reach().name());
    habits.crawl().ifPresent(c -> node.put("crawl", c));
    node.put("slide", habits.slide().name());
    node.put("slidesAreHeard", habits.slidesAreHeard());
    node.put("guide", habits.guide().name());
    node.put("halfSteps", habits.halfSteps().name());
    Learner learner = packet.learner();
    node.put("minutesPerDay", learner.minutesPerDay());
    ArrayNode off = node.putArray("daysOff");
    learner.daysOff().stream().sorted().map(DayOfWeek::name).forEach(off::add);
    node.put("rhythmDaysPerWeek", learner.rhythmDaysPerWeek());
    node.put("stance", learner.stance().name());
    TermsNodes.write(node, learner);
    return node;
  }

  private static ObjectNode tempo(Tempo tempo) {
    return MAPPER
        .createObjectNode()
        .put("beat", tempo.beat().name())
        .put("length", tempo.beat().length().toString().replace(" ", ""))
        .put("perMinute", tempo.perMinute());
  }

  private static ObjectNode passage(Packet.Part part, int index) {
    ObjectNode node = MAPPER.createObjectNode();
    node.put("title", part.title()).put("fileName", part.fileName());
    node.put("score", scoreName(index, part.fileName()));
    part.edited().ifPresent(e -> node.put("edited", editedName(index)));
    part.edited().flatMap(Packet.Mended::origins).ifPresent(o -> node.put("editedFrom", o));
    node.put("part", part.part()).put("firstBar", part.firstBar()).put("lastBar", part.lastBar());
    node.set("target", tempo(part.target()));
    part.due().ifPresent(d -> node.put("due", d.toString()));
    ArrayNode decisions = node.putArray("decisions");
    for (Packet.Row row : part.decisions()) {
      decisions
          .addObject()
          .put("area", row.area())
          .put("item", row.item())
          .put("version", row.version())
          .put("value", row.value());
    }
    ArrayNode log = node.putArray("log");
    part.log().forEach(pass -> log.add(pass(pass)));
    TermsNodes.write(node, part);
    if (!part.takenBack().isEmpty()) {
      ArrayNode takenBack = node.putArray("takenBack");
      part.takenBack().stream().sorted().forEach(at -> takenBack.add(at.toString()));
    }
    return node;
  }

  private static ObjectNode pass(Packet.Pass pass) {
    ObjectNode node = MAPPER.createObjectNode();
    node.put("at", pass.at().toString());
    node.set("tempo", tempo(pass.tempo()));
    pass.seconds().ifPresent(s -> node.put("seconds", s));
    node.put("clean", pass.clean()).put("card", pass.card().id()).put("cold", pass.cold());
    pass.spot().ifPresent(s -> node.put("spot", s));
    node.put("spotLeftOut", pass.spotLeftOut()).put("hurts", pass.hurts());
    node.put("repeats", pass.repeats());
    pass.words().ifPresent(w -> node.put("words", w));
    pass.way().ifPresent(w -> node.put("way", w.name()));
    if (!pass.misses().isEmpty()) {
      ArrayNode misses = node.putArray("misses");
      pass.misses().forEach(miss -> misses.add(miss(miss)));
    }
    return node;
  }

  private static ObjectNode miss(Miss miss) {
    ObjectNode node = MAPPER.createObjectNode();
    miss.spot().ifPresent(s -> node.put("spot", s));
    node.put("kind", miss.kind().id());
    return node;
  }
}
