package app.fret.files.plan;

import app.fret.bow.BowPlan;
import app.fret.bow.Stroke;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Locale;

/** The strokes of a plan. */
final class BowJson {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final double PLACES = 1e4;
  private static final double CENTIMETRES = 1e2;

  private BowJson() {}

  static ObjectNode of(BowPlan plan) {
    ObjectNode node = NODES.objectNode();
    node.put("school", "printed");
    node.put("effort", PlanJson.rounded(plan.effort()));
    node.put("hairCm", plan.hairCm());
    ArrayNode strokes = node.putArray("strokes");
    plan.strokes().forEach(s -> strokes.add(stroke(s)));
    return node;
  }

  private static ObjectNode stroke(Stroke stroke) {
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
    node.put("retakeBefore", stroke.retakeBefore());
    ArrayNode reasons = node.putArray("reasons");
    stroke.reasons().forEach(reasons::add);
    return node;
  }

  private static double rounded(double value, double parts) {
    return Math.round(value * parts) / parts;
  }
}
