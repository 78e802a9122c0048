package app.fret.files.plan;

import app.fret.reading.BeatGroups;
import app.fret.reading.Families;
import app.fret.reading.Form;
import app.fret.reading.Glossary;
import app.fret.reading.Others;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.reading.traps.Trap;
import app.fret.score.Bar;
import app.fret.score.Span;
import app.fret.study.LayeredPage;
import app.fret.study.Study;
import app.fret.study.WordsDone;
import app.fret.time.TempoChoices;
import app.fret.time.TempoPlace;
import app.fret.time.TempoProposal;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/** What a reader gets from the page of a study, as JSON. */
final class ReadingJson {
  private final Study study;
  private final Reading reading;

  ReadingJson(Study study) {
    this.study = study;
    this.reading = study.brief().reading();
  }

  ObjectNode node() {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    ArrayNode traps = node.putArray("traps");
    study.traps().forEach(t -> traps.add(trap(t)));
    addBeatGroups(node.putArray("beatGroups"));
    ArrayNode glossary = node.putArray("glossary");
    for (Glossary.Found word : Glossary.of(reading.passage().directions().words())) {
      word.entry().ifPresent(entry -> glossary.add(word(word, entry)));
    }
    ArrayNode families = node.putArray("families");
    reading.families().forEach(f -> families.add(family(f)));
    Form.families(reading.returns()).values().forEach(f -> families.add(stretches(f)));
    addOthers(node);
    addOrigins(node.putArray("origins"));
    return node;
  }

  private void addOrigins(ArrayNode node) {
    LayeredPage.layers(study)
        .forEach(
            (origin, marks) ->
                node.addObject()
                    .put("origin", origin.id())
                    .put("shown", study.choices().layers().shows(origin))
                    .put(
                        "fingers",
                        marks.values().stream().filter(m -> m.finger().isPresent()).count())
                    .put("bows", marks.values().stream().filter(m -> m.bow().isPresent()).count())
                    .put(
                        "dynamics",
                        marks.values().stream().filter(m -> m.dynamic().isPresent()).count()));
  }

  /** The target with its limits and the places that go at a tempo of their own. */
  ObjectNode tempo() {
    TempoChoices tempo = study.choices().tempo();
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("slowest", tempo.slowestPerMinute());
    node.put("target", tempo.target().perMinute());
    node.put("ceiling", tempo.ceilingPerMinute());
    node.put("occasion", tempo.occasion().id());
    ArrayNode changes = node.putArray("changes");
    tempo.occasion().changes().forEach(changes::add);
    ArrayNode regions = node.putArray("regions");
    for (TempoPlace place : tempo.places()) {
      ObjectNode one = regions.addObject();
      one.put("kind", place.kind().id());
      one.put("fromBar", number(place.from().bar()));
      one.put("toBar", number(place.to().bar()));
      one.put("perMinute", place.perMinute());
    }
    ArrayNode proposals = node.putArray("proposals");
    for (TempoProposal proposal : TempoProposal.of(reading, tempo)) {
      ObjectNode one = proposals.addObject();
      one.put("fromBar", number(proposal.place().from().bar()));
      one.put("toBar", number(proposal.place().to().bar()));
      one.put("perMinute", proposal.place().perMinute());
      one.put("text", proposal.words());
    }
    return node;
  }

  private void addOthers(ObjectNode node) {
    ArrayNode running = node.putArray("runningValue");
    for (Others.Running each : study.others().running()) {
      ObjectNode one = running.addObject();
      one.put("fromBar", number(each.firstBar()));
      one.put("toBar", number(each.lastBar()));
      one.put("value", each.fraction());
    }
    ArrayNode cues = node.putArray("cues");
    for (Others.Cue cue : study.others().cues()) {
      cues.addObject().put("bar", number(cue.bar())).put("text", cue.text());
    }
  }

  /** A stretch and those that go back to it. */
  private ObjectNode stretches(List<Form.Return> returns) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    Form.Return one = returns.get(0);
    node.put("kind", one.kind().id());
    ArrayNode stretches = node.putArray("stretches");
    stretches
        .addObject()
        .put("fromBar", number(one.earlierBar()))
        .put("toBar", number(one.earlierLastBar()));
    for (Form.Return each : returns) {
      ObjectNode stretch = stretches.addObject();
      stretch.put("fromBar", number(each.firstBar()));
      stretch.put("toBar", number(each.lastBar()));
      if (!each.differs().isEmpty()) {
        ArrayNode differs = stretch.putArray("differs");
        each.differs().forEach(differs::add);
      }
    }
    return node;
  }

  private ObjectNode word(Glossary.Found word, Glossary.Entry entry) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("word", word.text());
    node.put("bar", number(barAt(word.onset())));
    node.put("meaning", entry.meaning());
    List<String> done = WordsDone.of(study, word.onset(), word.text());
    if (!done.isEmpty()) {
      ArrayNode did = node.putArray("did");
      done.forEach(did::add);
    }
    return node;
  }

  private int barAt(Fraction onset) {
    List<Bar> bars = reading.passage().bars();
    int bar = bars.size() - 1;
    while (bar > 0 && bars.get(bar).onset().compareTo(onset) > 0) {
      bar--;
    }
    return bar;
  }

  private ObjectNode trap(Trap trap) {
    PlayedNote note = reading.notes().get(trap.note());
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("kind", trap.kind().id());
    node.put("bar", number(note.bar()));
    node.put("index", note.indexInBar());
    node.put("text", trap.text());
    return node;
  }

  /** The number of a bar as printed; where that is none, such as 12a, its place from 1. */
  private int number(int bar) {
    return number(study, bar);
  }

  /** The printed number of a bar; its place where it prints none. */
  static int number(Study study, int bar) {
    String label = study.passage().bars().get(bar).label();
    return label.matches("\\d{1,6}") ? Integer.parseInt(label) : bar + 1;
  }

  /** The groups of the first bar and of every bar where they are others. */
  private void addBeatGroups(ArrayNode node) {
    BeatGroups before = null;
    for (BeatGroups groups : reading.beatGroups()) {
      boolean same = before != null && before.groups().equals(groups.groups());
      if (!same || changesMetre(groups.bar())) {
        ObjectNode one = node.addObject();
        one.put("bar", number(groups.bar()));
        ArrayNode sizes = one.putArray("groups");
        groups.groups().forEach(sizes::add);
        if (groups.uneven()) {
          one.put("words", String.join(" | ", groups.words()));
        }
      }
      before = groups;
    }
  }

  private boolean changesMetre(int bar) {
    List<Bar> bars = reading.passage().bars();
    return bar > 0 && !bars.get(bar).metre().equals(bars.get(bar - 1).metre());
  }

  private ObjectNode family(Families.Family family) {
    ObjectNode node = JsonNodeFactory.instance.objectNode();
    node.put("kind", family.samePitch() ? "equal" : "transposed");
    ArrayNode stretches = node.putArray("stretches");
    for (Span span : family.spans()) {
      ObjectNode stretch = stretches.addObject();
      stretch.put("fromBar", number(reading.notes().get(span.first()).bar()));
      stretch.put("toBar", number(reading.notes().get(span.last()).bar()));
    }
    return node;
  }
}
