package app.fret.files.packet;

import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.FixedCard;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.PutBack;
import app.fret.practice.schedule.Round;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** What was agreed on as the nodes of a packet: week, rounds, notes, what was put back. */
final class TermsNodes {
  private static final double MOST_PER_MINUTE = 1e4;
  private static final int MOST_VIDEO_SECONDS = 100 * 3600;
  private static final String ITEM = "(" + Packet.PASSAGE + "|" + Packet.OTHER + ")" + "\\d{1,6}";

  private TermsNodes() {}

  static void write(ObjectNode player, Learner learner) {
    if (!learner.minutesByWeekday().isEmpty()) {
      ObjectNode minutes = player.putObject("minutesByWeekday");
      learner.minutesByWeekday().entrySet().stream()
          .sorted(Map.Entry.comparingByKey())
          .forEach(e -> minutes.put(e.getKey().name(), e.getValue()));
    }
    if (!learner.week().isEmpty()) {
      ArrayNode week = player.putArray("week");
      learner.week().forEach(card -> write(week.addObject(), card));
    }
  }

  private static void write(ObjectNode node, FixedCard card) {
    node.put("weekday", card.weekday().name()).put("item", card.item());
    node.put("kind", card.kind().id()).put("minutes", card.minutes());
    card.perMinute().ifPresent(tempo -> node.put("perMinute", tempo));
    card.drill().ifPresent(d -> node.put("drill", d));
    card.spot().ifPresent(s -> node.put("spot", s));
    node.put("words", card.words());
  }

  /** The player with minutes by the day and the set week of a packet. */
  static Learner read(PacketNode player, Learner learner) {
    Map<DayOfWeek, Integer> minutes = new EnumMap<>(DayOfWeek.class);
    if (player.has("minutesByWeekday")) {
      PacketNode node = player.object("minutesByWeekday");
      for (DayOfWeek day : DayOfWeek.values()) {
        if (node.has(day.name())) {
          minutes.put(day, node.whole(day.name(), 1, Learner.MOST_MINUTES));
        }
      }
    }
    List<FixedCard> week = new ArrayList<>();
    player.objects("week").forEach(card -> week.add(card(card)));
    return learner.withMinutesByWeekday(minutes).withWeek(week);
  }

  private static FixedCard card(PacketNode node) {
    OptionalDouble perMinute = node.optionalNumber("perMinute", 1e-3, MOST_PER_MINUTE);
    String kind = node.text("kind");
    return new FixedCard(
        node.named(DayOfWeek.class, "weekday"),
        item(node.text("item")),
        CardKind.ofId(kind)
            .orElseThrow(
                () -> new IllegalArgumentException("a card of its week is none this Fret knows")),
        node.whole("minutes", 1, FixedCard.MOST_MINUTES),
        perMinute,
        node.optionalText("drill"),
        node.optionalText("spot"),
        node.optionalText("words").orElse(""));
  }

  private static String item(String text) {
    if (!text.matches(ITEM)) {
      throw new IllegalArgumentException("it names something that is not in it");
    }
    return text;
  }

  static void write(ArrayNode array, List<Round> rounds) {
    for (Round round : rounds) {
      ObjectNode node = array.addObject();
      node.put("name", round.name()).put("date", round.date().toString());
      round.items().forEach(node.withArray("items")::add);
    }
  }

  static Round round(PacketNode node) {
    return new Round(
        node.text("name"), node.as("date", PacketNode::day), node.texts("items", TermsNodes::item));
  }

  static void write(ObjectNode passage, Packet.Part part) {
    for (Packet.Note note : part.notes()) {
      ObjectNode node = passage.withArray("notes").addObject();
      node.put("at", note.at().toString()).put("by", note.by()).put("words", note.words());
      note.bar().ifPresent(b -> node.put("bar", b));
      note.video().ifPresent(v -> node.put("video", v).put("videoSeconds", note.videoSeconds()));
    }
    for (PutBack back : part.putBack()) {
      ObjectNode node = passage.withArray("putBack").addObject();
      node.put("date", back.date().toString());
      back.bar().ifPresent(b -> node.put("bar", b));
    }
  }

  static Packet.Note note(PacketNode node) {
    return new Packet.Note(
        node.as("at", PacketNode::moment),
        node.text("by"),
        node.optionalText("bar"),
        node.text("words"),
        node.optionalText("video"),
        node.whole("videoSeconds", 0, MOST_VIDEO_SECONDS, 0));
  }

  static PutBack putBack(PacketNode node) {
    return new PutBack(node.optionalText("bar"), node.as("date", PacketNode::day));
  }
}
