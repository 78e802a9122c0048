package app.fret.files.practice;

import app.fret.files.plan.PlanJson;
import app.fret.practice.schedule.Blocks;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardWords;
import app.fret.practice.schedule.Day;
import app.fret.practice.schedule.Forecast;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.Offer;
import app.fret.practice.schedule.Schedule;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** The days ahead as one JSON object, format {@code fret-schedule}, version 1. */
public final class ScheduleJson {
  private ScheduleJson() {}

  /** Writes a schedule as JSON text. */
  public static String of(Schedule schedule) {
    ObjectNode root = JsonNodeFactory.instance.objectNode();
    root.put("format", "fret-schedule");
    root.put("version", 1);
    ArrayNode days = root.putArray("days");
    schedule.days().forEach(d -> add(days.addObject(), d));
    ArrayNode items = root.putArray("items");
    schedule.items().forEach(i -> add(items.addObject(), i));
    ArrayNode offers = root.putArray("offers");
    for (Offer offer : schedule.offers()) {
      offers
          .addObject()
          .put("kind", offer.kind().id())
          .put("text", offer.text())
          .put("figure", PlanJson.rounded(offer.figure()));
    }
    return PlanJson.text(root);
  }

  private static void add(ObjectNode node, Day day) {
    node.put("date", day.date().toString());
    node.put("minutes", day.minutes());
    node.put("off", day.isOff());
    ArrayNode cards = node.putArray("cards");
    List<Integer> blocks = Blocks.numbers(day.cards());
    for (int i = 0; i < blocks.size(); i++) {
      ObjectNode card = cards.addObject();
      add(card, day.cards().get(i));
      card.put("block", blocks.get(i));
    }
    node.put("spare", day.spare().orElse(null));
  }

  private static void add(ObjectNode node, Card card) {
    node.put("item", card.item().map(i -> i.id()).orElse(null));
    node.put("visit", card.visit());
    node.put("kind", card.kind().id());
    if (card.perMinute().isPresent()) {
      node.put("perMinute", PlanJson.rounded(card.perMinute().getAsDouble()));
    } else {
      node.putNull("perMinute");
    }
    node.put("beat", CardWords.tempo(card).map(t -> t.beat().name()).orElse(null));
    node.put("passes", card.passes());
    node.put("minutes", card.minutes());
    node.put("until", CardWords.until(card).orElse(null));
    node.put("reason", card.reason());
    card.drill().ifPresent(d -> node.put("drill", d));
    card.spot().ifPresent(s -> node.put("spot", s.place()));
    if (!card.easing().without().isEmpty()) {
      ArrayNode without = node.putArray("without");
      card.easing().without().forEach(without::add);
    }
  }

  private static void add(ObjectNode node, ItemOutlook item) {
    node.put("id", item.item().id());
    node.put("readyBy", text(item.readyBy()));
    Optional<Forecast> forecast = item.forecast();
    node.put("forecast", text(forecast.map(Forecast::mid)));
    node.put("forecastLow", text(forecast.map(Forecast::low)));
    node.put("forecastHigh", text(forecast.map(Forecast::high)));
    node.put("provisional", forecast.map(Forecast::isProvisional).orElse(false));
    node.put("state", item.state().id());
    node.put("why", item.why().map(ItemOutlook.Why::id).orElse(null));
    node.put("warning", item.warning().orElse(null));
    node.put("care", item.care().orElse(null));
    node.put("due", text(item.item().due()));
    ArrayNode notes = node.putArray("notes");
    item.item().agreed().notes().forEach(notes::add);
  }

  private static String text(Optional<LocalDate> date) {
    return date.map(LocalDate::toString).orElse(null);
  }
}
