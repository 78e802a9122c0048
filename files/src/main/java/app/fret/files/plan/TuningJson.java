package app.fret.files.plan;

import app.fret.harmony.Chord;
import app.fret.study.Study;
import app.fret.tuning.TuningPlan;
import app.fret.tuning.TuningPlan.BarSound;
import app.fret.tuning.TuningPlan.DoubleStop;
import app.fret.tuning.TuningPlan.NoteChecks;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;

/** The tuning helps of a study as JSON. */
final class TuningJson {
  private final Study study;
  private final TuningPlan tuning;

  TuningJson(Study study) {
    this.study = study;
    this.tuning = study.tuning();
  }

  ObjectNode node() {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("tonic", tuning.tonic().name());
    node.put("minor", tuning.tonic().minor());
    ArrayNode doubleStops = node.putArray("doubleStops");
    tuning.doubleStops().forEach(d -> doubleStops.add(doubleStop(d)));
    ArrayNode checks = node.putArray("checks");
    tuning.notes().forEach(n -> checks.add(checks(n)));
    ArrayNode bars = node.putArray("bars");
    tuning.bars().forEach(b -> bars.add(bar(b)));
    return node;
  }

  private static ObjectNode doubleStop(DoubleStop stop) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("note", stop.note());
    node.put("interval", stop.interval().words());
    stop.moved().ifPresentOrElse(m -> node.put("movedHead", m), () -> node.putNull("movedHead"));
    node.put("cents", PlanJson.rounded(stop.cents()));
    node.put("travelMm", PlanJson.rounded(stop.travelMm()));
    return node;
  }

  private static ObjectNode checks(NoteChecks checks) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("note", checks.note());
    ArrayNode open = node.putArray("open");
    checks
        .open()
        .forEach(
            c ->
                open.addObject()
                    .put("string", c.string())
                    .put("interval", c.interval().words())
                    .put("cents", PlanJson.rounded(c.cents())));
    ArrayNode fingers = node.putArray("fingers");
    checks
        .fingers()
        .forEach(
            c ->
                fingers
                    .addObject()
                    .put("string", c.string())
                    .put("finger", c.finger().sign())
                    .put("interval", c.interval().words()));
    node.put("expressiveCents", PlanJson.rounded(checks.expressiveCents()));
    return node;
  }

  private ObjectNode bar(BarSound sound) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("bar", study.passage().bars().get(sound.bar()).label());
    node.put("drone", sound.drone());
    node.put("fifth", tuning.tonic().fifth());
    node.put("chord", sound.chord().map(Chord::words).orElse(null));
    node.put("degree", sound.degree().orElse(null));
    return node;
  }
}
