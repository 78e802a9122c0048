package app.fret.files.plan;

import app.fret.bow.Stroke;
import app.fret.instrument.Instrument;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.Shift;
import app.fret.lefthand.Totals;
import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Key;
import app.fret.score.PlayedNote;
import app.fret.score.SoundingPitch;
import app.fret.study.Spelling;
import app.fret.study.Study;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A study as one JSON object, format {@code fret-plan}, version 1.
 *
 * <p>Note numbers count notes and chords from 0, rests left out and tied notes once. Pitches are
 * written pitches, lengths fractions of a whole note. What is not computed is left out.
 */
public final class PlanJson {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final int MOST_OTHER_WAYS = 8;

  private final Study study;
  private final Instrument instrument;

  private PlanJson(Study study) {
    this.study = study;
    this.instrument = study.player().instrument();
  }

  /**
   * Writes a study as JSON text.
   *
   * @param skipped what the reader passed over
   * @param timingMs milliseconds each step took, by name
   */
  public static String of(Study study, List<String> skipped, Map<String, Double> timingMs) {
    try {
      return new ObjectMapper()
          .writerWithDefaultPrettyPrinter()
          .writeValueAsString(new PlanJson(study).root(skipped, timingMs));
    } catch (IOException e) {
      throw new UncheckedIOException("a plan held in memory cannot be written", e);
    }
  }

  private ObjectNode root(List<String> skipped, Map<String, Double> timingMs) {
    ObjectNode root = NODES.objectNode();
    root.put("format", "fret-plan");
    root.put("version", 1);
    root.set("passage", passage(skipped));
    root.set("leftHand", leftHand());
    root.set("bow", bow());
    root.set("practice", practice());
    ObjectNode timing = root.putObject("timingMs");
    timingMs.forEach((name, ms) -> timing.put(name, rounded(ms)));
    return root;
  }

  private ObjectNode passage(List<String> skipped) {
    ObjectNode passage = NODES.objectNode();
    passage.put("title", study.passage().title());
    passage.put("instrument", instrument.name());
    passage.put("bars", study.passage().bars().size());
    passage.put("notes", study.notes().size());
    ObjectNode target = passage.putObject("target");
    target.put("beat", study.choices().target().beat().name());
    target.put("perMinute", study.choices().target().perMinute());
    ArrayNode list = passage.putArray("skipped");
    skipped.forEach(list::add);
    for (PlayedNote note : study.leftHand().leftOut()) {
      list.add(
          "bar "
              + label(note)
              + ", note "
              + note.indexInBar()
              + ": no hand can hold this chord, so it has no fingers");
    }
    return passage;
  }

  private ObjectNode leftHand() {
    LeftHandPlan plan = study.leftHand();
    ObjectNode node = NODES.objectNode();
    node.put("profile", plan.profile().name());
    node.put("effort", rounded(plan.effort()));
    ArrayNode notes = node.putArray("notes");
    plan.notes().forEach(n -> notes.add(note(n)));
    ArrayNode shifts = node.putArray("shifts");
    plan.shifts().forEach(s -> shifts.add(shift(s)));
    node.set("totals", totals(plan.totals()));
    return node;
  }

  private ObjectNode note(NotePlan plan) {
    PlayedNote note = plan.note();
    ObjectNode node = NODES.objectNode();
    node.put("bar", label(note));
    node.put("index", note.indexInBar());
    node.put("onset", text(note.onset()));
    node.put("length", text(note.length()));
    ArrayNode stops = node.putArray("stops");
    for (int i = 0; i < plan.placement().stops().size(); i++) {
      ObjectNode stop = stop(plan.placement().stops().get(i), plan.placement().base());
      ObjectNode named = NODES.objectNode();
      named.put("pitch", note.notes().get(i).written().toString());
      named.setAll(stop);
      stops.add(named);
    }
    node.put("effort", rounded(plan.effort()));
    ArrayNode reasons = node.putArray("reasons");
    plan.reasons().stream().map(Reason::text).distinct().forEach(reasons::add);
    ArrayNode ways = node.putArray("otherWays");
    plan.otherWays().stream().limit(MOST_OTHER_WAYS).forEach(w -> ways.add(otherWay(w)));
    return node;
  }

  private ObjectNode stop(Stop stop, int base) {
    ObjectNode node = NODES.objectNode();
    node.put("string", stop.string());
    node.put("finger", stop.finger().sign());
    node.put("semitone", stop.semitone());
    if (stop.isOpen()) {
      node.putNull("base");
      node.putNull("position");
    } else {
      node.put("base", base);
      node.put("position", instrument.positionName(base));
    }
    node.put("harmonic", false);
    return node;
  }

  private ObjectNode otherWay(OtherWay way) {
    ObjectNode node = NODES.objectNode();
    Stop top = way.stops().get(way.stops().size() - 1);
    node.put("string", top.string());
    node.put("finger", top.finger().sign());
    if (way.usesHand()) {
      node.put("position", instrument.positionName(way.base()));
    } else {
      node.putNull("position");
    }
    node.put("extraEffort", rounded(way.extraEffort()));
    if (way.stops().size() > 1) {
      ArrayNode stops = node.putArray("stops");
      way.stops().forEach(s -> stops.add(stop(s, way.base())));
    }
    return node;
  }

  private ObjectNode shift(Shift shift) {
    ObjectNode node = NODES.objectNode();
    node.put("fromNote", shift.fromNote());
    node.put("toNote", shift.toNote());
    node.put("fromPosition", instrument.positionName(shift.fromBase()));
    node.put("toPosition", instrument.positionName(shift.toBase()));
    node.put("travelMm", rounded(shift.travelMm()));
    node.put("bits", rounded(shift.bits()));
    node.put("availableSeconds", rounded(shift.availableSeconds()));
    node.put("speedMmPerSecond", rounded(shift.speedMmPerSecond()));
    Key key = study.passage().bars().get(study.notes().get(shift.toNote()).bar()).key();
    node.put("guideLower", guide(shift.guides().lower(), key));
    node.put("guideDeparting", guide(shift.guides().departing(), key));
    node.put("guideArriving", guide(shift.guides().arriving(), key));
    node.put("markAtNote", shift.markAtNote());
    return node;
  }

  private String guide(SoundingPitch pitch, Key key) {
    return Spelling.written(pitch, instrument, study.passage().transposition(), key).toString();
  }

  private ObjectNode totals(Totals totals) {
    ObjectNode node = NODES.objectNode();
    node.put("shifts", totals.shifts());
    node.put("travelMm", rounded(totals.travelMm()));
    node.put("longestShiftMm", rounded(totals.longestShiftMm()));
    node.put("hardestShiftBits", rounded(totals.hardestShiftBits()));
    node.put("crossings", totals.crossings());
    node.put("openStrings", totals.openStrings());
    node.put("reaches", totals.reaches());
    totals
        .highestBase()
        .ifPresentOrElse(
            base -> node.put("highestPosition", instrument.positionName(base)),
            () -> node.putNull("highestPosition"));
    ObjectNode perString = node.putObject("notesPerString");
    for (int string = 1; string <= instrument.stringCount(); string++) {
      perString.put(String.valueOf(string), totals.notesPerString().getOrDefault(string, 0));
    }
    return node;
  }

  private ObjectNode bow() {
    ObjectNode node = NODES.objectNode();
    ArrayNode strokes = node.putArray("strokes");
    for (Stroke stroke : study.bow().strokes()) {
      ObjectNode one = strokes.addObject();
      one.put("firstNote", stroke.firstNote());
      one.put("lastNote", stroke.lastNote());
      one.put("direction", stroke.direction().name().toLowerCase(Locale.ROOT));
    }
    return node;
  }

  private ObjectNode practice() {
    ObjectNode node = NODES.objectNode();
    node.put("auditionPerMinute", study.practice().audition().perMinute());
    ArrayNode rungs = node.putArray("rungs");
    study.practice().ladder().rungs().forEach(rungs::add);
    ArrayNode seconds = node.putArray("passSeconds");
    study.practice().passSeconds().forEach(s -> seconds.add(rounded(s)));
    return node;
  }

  private String label(PlayedNote note) {
    return study.passage().bars().get(note.bar()).label();
  }

  private static String text(Fraction fraction) {
    return fraction.getDenominator() == 1
        ? String.valueOf(fraction.getNumerator())
        : fraction.getNumerator() + "/" + fraction.getDenominator();
  }

  private static double rounded(double value) {
    return Math.round(value * 1000) / 1000.0;
  }
}
