package app.fret.files.plan;

import app.fret.bow.BowPlan;
import app.fret.bow.plane.PlanePlan;
import app.fret.bow.search.OtherStroke;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.trouble.BowTrouble;
import app.fret.bow.trouble.Mend;
import app.fret.instrument.Instrument;
import app.fret.reading.PlayedNote;
import app.fret.study.Study;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.TreeMap;

/** The strokes of a plan. */
final class BowJson {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final double PLACES = 1e4;
  private static final double CENTIMETRES = 1e2;
  private static final double MILLIMETRES = 10;

  private BowJson() {}

  static ObjectNode of(Study study, ListedWays listed) {
    BowPlan plan = study.bow();
    ObjectNode node = NODES.objectNode();
    node.put("school", plan.school().id());
    node.put("effort", PlanJson.rounded(plan.effort()));
    node.put("hairCm", plan.hairCm());
    ArrayNode strokes = node.putArray("strokes");
    double perMinute = study.choices().target().perMinute();
    for (int i = 0; i < plan.strokes().size(); i++) {
      ObjectNode one = stroke(plan.strokes().get(i), perMinute);
      ArrayNode others = one.putArray("otherWays");
      List<OtherStroke> ways =
          listed.has(plan.strokes().get(i).firstNote()) ? plan.otherWays(i) : List.of();
      for (OtherStroke other : ways) {
        others
            .addObject()
            .put("what", other.what())
            .put("extraEffort", PlanJson.rounded(other.extraEffort()))
            .put("stroke", option(study, other.decided()));
      }
      strokes.add(one);
    }
    node.set("planes", planes(plan.planes()).put("crossingsPerBeat", perBeat(study)));
    ArrayNode patterns = node.putArray("patterns");
    plan.patterns()
        .forEach(
            p ->
                patterns
                    .addObject()
                    .put("kind", p.kind().sign())
                    .put("firstNote", p.firstNote())
                    .put("lastNote", p.lastNote()));
    ArrayNode troubles = node.putArray("troubles");
    plan.troubles().forEach(t -> troubles.add(trouble(study, t)));
    return node;
  }

  /** Crossings a beat of the target. */
  private static double perBeat(Study study) {
    double beats =
        study.passage().length().divide(study.choices().target().beat().length()).doubleValue();
    return rounded(study.bow().planes().crossings() / Math.max(1, beats), CENTIMETRES);
  }

  private static ObjectNode planes(PlanePlan planes) {
    ObjectNode node = NODES.objectNode();
    node.put("crossings", planes.crossings());
    node.put("largestHandTravelMm", rounded(planes.largestMm(), MILLIMETRES));
    node.put("preparedHandTravelMm", rounded(planes.preparedLargestMm(), MILLIMETRES));
    node.put("handTravelMm", rounded(planes.totalMm(), MILLIMETRES));
    node.put("preparedTravelMm", rounded(planes.preparedTotalMm(), MILLIMETRES));
    ObjectNode perString = node.putObject("notesPerString");
    new TreeMap<>(planes.notesPerString())
        .forEach((string, count) -> perString.put(Instrument.numeral(string), count));
    ArrayNode leads = node.putArray("armLeads");
    planes
        .armLeads()
        .forEach(l -> leads.addObject().put("note", l.note()).put("beforeNote", l.beforeNote()));
    ArrayNode joints = node.putArray("joints");
    planes
        .joints()
        .forEach(
            j ->
                joints
                    .addObject()
                    .put("note", j.note())
                    .put("with", j.joint().words())
                    .put("travelMm", rounded(j.travelMm(), MILLIMETRES)));
    ArrayNode degrees = node.putArray("degrees");
    planes.notes().forEach(n -> degrees.add(rounded(n.degrees(), MILLIMETRES)));
    return node;
  }

  private static ObjectNode trouble(Study study, BowTrouble trouble) {
    ObjectNode node = NODES.objectNode();
    int bar = study.notes().get(trouble.firstNote()).bar();
    node.put("kind", trouble.kind().sign());
    node.put("bar", ReadingJson.number(study, bar));
    node.put("firstNote", trouble.firstNote());
    node.put("lastNote", trouble.lastNote());
    node.put("text", trouble.text());
    node.put("mend", trouble.mend());
    ArrayNode mends = node.putArray("mends");
    for (Mend mend : trouble.mends()) {
      ObjectNode one = mends.addObject().put("text", mend.words());
      ArrayNode strokes = one.putArray("strokes");
      mend.decisions().forEach(d -> strokes.add(option(study, d)));
    }
    return node;
  }

  /** A decision as {@code --stroke} takes it. */
  private static String option(Study study, StrokeAt decided) {
    int number = study.places().find(decided.at()).orElseThrow().note();
    PlayedNote note = study.notes().get(number);
    String bar = study.passage().bars().get(note.bar()).label();
    return bar + ":" + note.indexInBar() + "=" + decided.decision();
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
    Stroke.Manner manner = stroke.manner();
    node.putObject("contact").put("from", manner.from().words()).put("to", manner.to().words());
    node.put("tiltDegrees", rounded(manner.tiltDegrees(), MILLIMETRES));
    node.put("tiltDegreesAtEnd", rounded(manner.tiltDegreesAtEnd(), MILLIMETRES));
    node.put("recipe", manner.recipe().words());
    if (stroke.beginsInside()) {
      node.put("beginsInside", rounded(stroke.from(), PLACES));
    }
    putTempo(node, "slowestPerMinute", stroke.slowestTempoShare(), perMinute);
    putTempo(node, "fastestPerMinute", stroke.fastestTempoShare(), perMinute);
    node.put("retakeBefore", stroke.retakeBefore());
    node.put("retakeReach", rounded(stroke.retakeReach(), CENTIMETRES));
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
