package app.fret.files.plan;

import app.fret.bow.BowPlan;
import app.fret.bow.BowTrouble;
import app.fret.bow.OtherStroke;
import app.fret.bow.Stroke;
import app.fret.study.Study;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;
import java.util.OptionalDouble;

/** The strokes of a plan. */
final class BowJson {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final double PLACES = 1e4;
  private static final double CENTIMETRES = 1e2;

  private BowJson() {}

  static ObjectNode of(Study study) {
    BowPlan plan = study.bow();
    ObjectNode node = NODES.objectNode();
    node.put("school", "printed");
    node.put("effort", PlanJson.rounded(plan.effort()));
    node.put("hairCm", plan.hairCm());
    ArrayNode strokes = node.putArray("strokes");
    double perMinute = study.choices().target().perMinute();
    for (int i = 0; i < plan.strokes().size(); i++) {
      ObjectNode one = stroke(plan.strokes().get(i), perMinute);
      ArrayNode others = one.putArray("otherWays");
      for (OtherStroke other : plan.otherWays(i)) {
        others
            .addObject()
            .put("what", other.what())
            .put("extraEffort", PlanJson.rounded(other.extraEffort()));
      }
      strokes.add(one);
    }
    ArrayNode troubles = node.putArray("troubles");
    plan.troubles().forEach(t -> troubles.add(trouble(study, t)));
    return node;
  }

  private static ObjectNode trouble(Study study, BowTrouble trouble) {
    ObjectNode node = NODES.objectNode();
    int bar = study.notes().get(trouble.firstNote()).bar();
    node.put("kind", trouble.kind().sign());
    node.put("bar", study.passage().bars().get(bar).label());
    node.put("firstNote", trouble.firstNote());
    node.put("lastNote", trouble.lastNote());
    node.put("text", trouble.text());
    node.put("mend", trouble.mend());
    return node;
  }

  private static void putTempo(ObjectNode node, String name, OptionalDouble share, double target) {
    if (share.isPresent()) {
      node.put(name, rounded(share.getAsDouble() * target, 10));
    } else {
      node.putNull(name);
    }
  }

  private static ObjectNode stroke(Stroke stroke, double perMinute) {
    ObjectNode node = NODES.objectNode();
    node.put("firstNote", stroke.firstNote());
    node.put("lastNote", stroke.lastNote());
    node.put("direction", stroke.direction().name().toLowerCase(Locale.ROOT));
    node.put("start", rounded(stroke.start(), PLACES));
    node.put("end", rounded(stroke.end(), PLACES));
    node.put("amountCm", rounded(stroke.amountCm(), CENTIMETRES));
    node.put("speedCmPerSecond", rounded(stroke.speedCmPerSecond(), CENTIMETRES));
    ArrayNode shares = node.putArray("sharesCm");
    stroke.sharesCm().forEach(cm -> shares.add(rounded(cm, CENTIMETRES)));
    node.put("stroke", stroke.kind().sign());
    putTempo(node, "slowestPerMinute", stroke.slowestTempoShare(), perMinute);
    putTempo(node, "fastestPerMinute", stroke.fastestTempoShare(), perMinute);
    node.put("retakeBefore", stroke.retakeBefore());
    ArrayNode hints = node.putArray("hints");
    stroke.hints().forEach(hints::add);
    ArrayNode reasons = node.putArray("reasons");
    stroke.reasons().forEach(reasons::add);
    return node;
  }

  private static double rounded(double value, double parts) {
    return Math.round(value * parts) / parts;
  }
}
