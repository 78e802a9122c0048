package app.fret.files.plan;

import app.fret.practice.PracticePlan;
import app.fret.practice.drill.ProposedDrill;
import app.fret.practice.drill.RhythmDrills;
import app.fret.practice.drill.RhythmDrills.Rhythm;
import app.fret.score.Span;
import app.fret.study.Study;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/** The {@code practice} part of a plan. */
final class PracticeJson {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private PracticeJson() {}

  static ObjectNode of(Study study) {
    PracticePlan practice = study.practice();
    ObjectNode node = NODES.objectNode();
    node.put("auditionPerMinute", practice.audition().perMinute());
    ArrayNode rungs = node.putArray("rungs");
    practice.ladder().rungs().forEach(rungs::add);
    ArrayNode seconds = node.putArray("passSeconds");
    practice.passSeconds().forEach(s -> seconds.add(PlanJson.rounded(s)));
    ArrayNode chunks = node.putArray("chunks");
    for (Span chunk : study.chunks()) {
      chunks.addObject().put("firstNote", chunk.first()).put("lastNote", chunk.last());
    }
    node.set("drills", drills(study.drills()));
    addRhythms(node, study);
    return node;
  }

  /** Drills as the list of {@code fret drill --list} has them. */
  static ArrayNode drills(List<ProposedDrill> drills) {
    ArrayNode list = NODES.arrayNode();
    for (ProposedDrill drill : drills) {
      ObjectNode node = list.addObject();
      node.put("number", drill.number());
      node.put("kind", drill.kind().id());
      node.put("firstNote", drill.notes().first());
      node.put("lastNote", drill.notes().last());
      node.put("reason", drill.reason());
      node.put("times", drill.times());
      node.put("seconds", PlanJson.rounded(drill.seconds()));
      node.put("rungPerMinute", drill.perMinute());
      if (drill.cap().isPresent()) {
        node.putObject("cap")
            .put("inARow", drill.cap().get().inARow())
            .put("aDay", drill.cap().get().aDay());
      } else {
        node.putNull("cap");
      }
    }
    return list;
  }

  /** The set on the first rung, and the whole climb in minutes. */
  private static void addRhythms(ObjectNode node, Study study) {
    ArrayNode set = node.putArray("rhythmSet");
    PracticePlan practice = study.practice();
    if (study.notes().isEmpty()) {
      node.put("wholeClimbMinutes", 0);
      return;
    }
    Span whole = new Span(0, study.notes().size() - 1);
    List<Double> shares = RhythmDrills.shares(study.drillSource(), whole);
    List<Rhythm> rhythms = RhythmDrills.SET;
    for (int i = 0; i < rhythms.size(); i++) {
      double pass = practice.passSeconds().get(0) * shares.get(i);
      set.addObject()
          .put("name", rhythms.get(i).words())
          .put("passSeconds", PlanJson.rounded(pass));
    }
    node.put("wholeClimbMinutes", PlanJson.rounded(practice.wholeClimbMinutes(shares)));
  }
}
