package app.fret.files.plan;

import app.fret.lefthand.advice.Advice;
import app.fret.lefthand.advice.ChordChange;
import app.fret.score.Finger;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;

/** What helps to play a left hand, as JSON beside its notes and shifts. */
final class AdviceJson {
  private final Advice advice;
  private final ObjectNode nodes = JsonNodeFactory.instance.objectNode();

  AdviceJson(Advice advice) {
    this.advice = advice;
  }

  ObjectNode nodes() {
    addReadyMarks();
    addChordChanges();
    addCrawls();
    addTrills();
    addHazards();
    addEqualTravel();
    addBrokenChords();
    ArrayNode cautions = nodes.putArray("cautions");
    advice.cautions().forEach(cautions::add);
    return nodes;
  }

  private void addReadyMarks() {
    ArrayNode array = nodes.putArray("ready");
    advice
        .ready()
        .forEach(
            r ->
                array
                    .addObject()
                    .put("note", r.note())
                    .put("fromNote", r.fromNote())
                    .put("secondsAhead", PlanJson.rounded(r.secondsAhead())));
  }

  private void addChordChanges() {
    ArrayNode array = nodes.putArray("chordChanges");
    for (ChordChange change : advice.chordChanges()) {
      ObjectNode node = array.addObject();
      node.put("fromNote", change.fromNote());
      node.put("toNote", change.toNote());
      put(node, "stay", change.stay());
      put(node, "slide", change.slide());
      put(node, "hop", change.hop());
      put(node, "land", change.land());
      put(node, "lift", change.lift());
      change.first().ifPresentOrElse(f -> node.put("first", f.sign()), () -> node.putNull("first"));
    }
  }

  private static void put(ObjectNode node, String name, List<Finger> fingers) {
    ArrayNode array = node.putArray(name);
    fingers.forEach(f -> array.add(f.sign()));
  }

  private void addCrawls() {
    ArrayNode array = nodes.putArray("crawls");
    advice
        .crawls()
        .forEach(
            c ->
                array
                    .addObject()
                    .put("fromNote", c.fromNote())
                    .put("toNote", c.toNote())
                    .put("anchor", c.anchor().sign())
                    .put("spanMm", PlanJson.rounded(c.spanMm())));
  }

  private void addTrills() {
    ArrayNode array = nodes.putArray("trills");
    advice
        .trills()
        .forEach(
            t ->
                array
                    .addObject()
                    .put("note", t.note())
                    .put("upper", t.upper().toString())
                    .put("finger", t.finger().map(Finger::sign).orElse(null))
                    .put("mayDriftSharp", t.isLong())
                    .put("halfStep", t.halfStep().map(Finger::sign).orElse(null))
                    .put("wholeStep", t.wholeStep().map(Finger::sign).orElse(null)));
  }

  private void addHazards() {
    ArrayNode array = nodes.putArray("hazards");
    advice
        .hazards()
        .forEach(
            h ->
                array
                    .addObject()
                    .put("note", h.note())
                    .put("kind", h.kind().name().toLowerCase(Locale.ROOT).replace('_', '-'))
                    .put("words", h.words())
                    .put("answer", h.answer()));
  }

  private void addEqualTravel() {
    ArrayNode array = nodes.putArray("equalTravel");
    advice
        .equalTravel()
        .forEach(
            run -> {
              ObjectNode node = array.addObject();
              node.put("firstNote", run.firstNote());
              node.put("lastNote", run.lastNote());
              ArrayNode travel = node.putArray("travelMm");
              run.travelMm().forEach(mm -> travel.add(PlanJson.rounded(mm)));
              node.put("unevenness", PlanJson.rounded(run.unevenness()));
            });
  }

  private void addBrokenChords() {
    ArrayNode array = nodes.putArray("brokenChords");
    advice
        .brokenChords()
        .forEach(c -> array.addObject().put("note", c.note()).put("strings", c.words()));
  }
}
