package app.fret.files.plan;

import app.fret.instrument.Instrument;
import app.fret.instrument.Spelling;
import app.fret.lefthand.DecidingReasons;
import app.fret.lefthand.Difference;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.Shift;
import app.fret.lefthand.Totals;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.PlayedNote;
import app.fret.score.Key;
import app.fret.score.SoundingPitch;
import app.fret.study.OtherFingering;
import app.fret.study.Pinned;
import app.fret.study.Study;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import org.apache.commons.numbers.fraction.Fraction;

/** The left hand of a study as JSON. */
final class LeftHandJson {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final Study study;
  private final Instrument instrument;
  private final DecidingReasons deciding;
  private final ListedWays listed;

  LeftHandJson(Study study, ListedWays listed) {
    this.study = study;
    this.listed = listed;
    this.instrument = study.player().instrument();
    this.deciding = new DecidingReasons(study.leftHand());
  }

  ObjectNode plan() {
    LeftHandPlan plan = study.leftHand();
    ObjectNode node = NODES.objectNode();
    node.put("profile", plan.profile().name());
    node.put("effort", PlanJson.rounded(plan.effort()));
    deciding.ofPassage().forEach(node.putArray("reasons")::add);
    study.whyPinned().ifPresent(p -> node.set("pinned", pinned(p)));
    ArrayNode notes = node.putArray("notes");
    plan.notes().forEach(n -> notes.add(note(n)));
    node.put("notesWithWays", listed.notes());
    ArrayNode shifts = node.putArray("shifts");
    plan.shifts().forEach(s -> shifts.add(shift(s)));
    node.set("totals", totals(plan.totals()));
    ArrayNode cues = node.putArray("cues");
    plan.advice().cues().forEach(c -> cues.addObject().put("note", c.note()).put("text", c.text()));
    node.setAll(new AdviceJson(plan.advice()).nodes());
    return node;
  }

  /** Other plans that differ in kind, and the part's own fingers where it prints some. */
  ArrayNode alternatives(List<OtherFingering> others) {
    ArrayNode array = NODES.arrayNode();
    for (OtherFingering other : others) {
      array.add(alternative(other.name(), other.plan()).put("asGood", other.isAsGood()));
    }
    study.asPrinted().ifPresent(p -> array.add(alternative("As printed", p)));
    return array;
  }

  private ObjectNode alternative(String name, LeftHandPlan plan) {
    ObjectNode node = NODES.objectNode();
    node.put("name", name);
    node.put("effort", PlanJson.rounded(plan.effort()));
    node.set("why", why(study.whyNot(plan)));
    ArrayNode notes = node.putArray("notes");
    plan.notes().forEach(n -> notes.addObject().set("stops", stops(n)));
    node.set("totals", totals(plan.totals()));
    return node;
  }

  private ObjectNode note(NotePlan plan) {
    PlayedNote note = plan.note();
    ObjectNode node = NODES.objectNode();
    node.put("bar", study.passage().bars().get(note.bar()).label());
    node.put("index", note.indexInBar());
    node.put("onset", text(note.onset()));
    node.put("length", text(note.length()));
    node.set("stops", stops(plan));
    node.put("effort", PlanJson.rounded(plan.effort()));
    ArrayNode reasons = node.putArray("reasons");
    deciding.at(note.number()).stream().map(DecidingReasons::signed).forEach(reasons::add);
    ArrayNode ways = node.putArray("otherWays");
    listed.of(plan).forEach(w -> ways.add(otherWay(w)));
    return node;
  }

  private ArrayNode stops(NotePlan plan) {
    ArrayNode stops = NODES.arrayNode();
    for (int i = 0; i < plan.placement().stops().size(); i++) {
      ObjectNode named = NODES.objectNode();
      named.put("pitch", plan.note().notes().get(i).written().toString());
      named.setAll(stop(plan.placement().stops().get(i), plan.placement()));
      stops.add(named);
    }
    return stops;
  }

  private ObjectNode stop(Stop stop, Placement placement) {
    ObjectNode node = NODES.objectNode();
    node.put("string", stop.string());
    node.put("finger", stop.finger().sign());
    node.put("semitone", stop.semitone());
    if (stop.isOpen() || (stop.isHarmonic() && !placement.isInFrame(stop))) {
      node.putNull("base");
      node.putNull("position");
    } else {
      node.put("base", placement.base());
      node.put("position", instrument.positionName(placement.base(), placement.frame()));
    }
    node.put("harmonic", stop.isHarmonic());
    if (stop.isHarmonic()) {
      node.put("touchedAt", stop.touchedAt());
    }
    return node;
  }

  private ObjectNode pinned(Pinned pinned) {
    ObjectNode node = NODES.objectNode();
    node.put("extraEffort", PlanJson.rounded(pinned.extraEffort()));
    node.set("why", why(pinned.why()));
    return node;
  }

  private ArrayNode why(List<Difference> differences) {
    ArrayNode why = NODES.arrayNode();
    for (Difference difference : differences) {
      ObjectNode node = why.addObject();
      node.put("term", difference.term());
      node.put("share", PlanJson.rounded(difference.share()));
      node.put("text", difference.text());
      node.put("note", difference.note());
    }
    return why;
  }

  private ObjectNode otherWay(OtherWay way) {
    ObjectNode node = NODES.objectNode();
    Stop top = way.placement().top();
    node.put("string", top.string());
    node.put("finger", top.finger().sign());
    if (way.placement().usesHand()) {
      node.put("position", position(way.placement()));
    } else {
      node.putNull("position");
    }
    node.put("extraEffort", PlanJson.rounded(way.extraEffort()));
    node.set("why", why(way.why()));
    if (top.isHarmonic()) {
      node.put("harmonic", true);
    }
    if (way.stops().size() > 1) {
      ArrayNode stops = node.putArray("stops");
      way.stops().forEach(s -> stops.add(stop(s, way.placement())));
    }
    return node;
  }

  private String position(Placement placement) {
    return instrument.positionName(placement.base(), placement.frame());
  }

  private ObjectNode shift(Shift shift) {
    ObjectNode node = NODES.objectNode();
    node.put("fromNote", shift.fromNote());
    node.put("toNote", shift.toNote());
    node.put("fromPosition", position(shift.leaving()));
    node.put("toPosition", position(shift.landing()));
    node.put("travelMm", PlanJson.rounded(shift.travelMm()));
    node.put("bits", PlanJson.rounded(shift.bits()));
    node.put("availableSeconds", PlanJson.rounded(shift.availableSeconds()));
    node.put("speedMmPerSecond", PlanJson.rounded(shift.speedMmPerSecond()));
    addGuides(shift, node);
    node.put("markAtNote", shift.markAtNote());
    node.put("slideStart", PlanJson.rounded(shift.slide().startShare()));
    node.put("slideEnd", PlanJson.rounded(shift.slide().endShare()));
    node.put("slideSeconds", PlanJson.rounded(shift.slide().secondsFromNote()));
    node.put("slideHeard", shift.slide().heard());
    node.put("bowDuring", shift.slide().bow().name().toLowerCase(Locale.ROOT));
    addLandmark(shift, node);
    addSpeeds(shift, node);
    return node;
  }

  /** Null where none lies within reach of help. */
  private static void addLandmark(Shift shift, ObjectNode node) {
    if (shift.landmark().isPresent()) {
      node.put("landmark", shift.landmark().get().words());
      node.put("aboveLandmarkMm", PlanJson.rounded(shift.landmark().get().distanceMm()));
    } else {
      node.putNull("landmark");
      node.putNull("aboveLandmarkMm");
    }
  }

  private void addGuides(Shift shift, ObjectNode node) {
    Key key = study.passage().bars().get(study.notes().get(shift.toNote()).bar()).key();
    Shift.Guides guides = shift.guides();
    node.put("guideLower", guide(guides.lower(), key));
    node.put("guideDeparting", guide(guides.departing(), key));
    node.put("guideArriving", guide(guides.arriving(), key));
    ArrayNode overshooting = node.putArray("overshootingGuides");
    if (shift.isUpward() && guides.overshoots(guides.departing())) {
      overshooting.add("departing");
    }
    if (shift.isUpward() && guides.overshoots(guides.arriving())) {
      overshooting.add("arriving");
    }
  }

  /** Hand speed at each rung of the ladder, in mm/s. */
  private void addSpeeds(Shift shift, ObjectNode node) {
    ArrayNode speeds = node.putArray("speedAtRungsMmPerSecond");
    double target = study.choices().target().perMinute();
    for (double rung : study.practice().ladder().rungs()) {
      speeds.add(PlanJson.rounded(shift.speedMmPerSecondAt(rung / target)));
    }
  }

  private String guide(SoundingPitch pitch, Key key) {
    return Spelling.written(pitch, instrument, study.passage().transposition(), key).toString();
  }

  private ObjectNode totals(Totals totals) {
    ObjectNode node = NODES.objectNode();
    node.put("shifts", totals.shifts());
    node.put("travelMm", PlanJson.rounded(totals.travelMm()));
    node.put("longestShiftMm", PlanJson.rounded(totals.longestShiftMm()));
    node.put("hardestShiftBits", PlanJson.rounded(totals.hardestShiftBits()));
    node.put("crossings", totals.crossings());
    node.put("openStrings", totals.openStrings());
    node.put("reaches", totals.reaches());
    totals
        .highest()
        .ifPresentOrElse(
            highest -> node.put("highestPosition", position(highest)),
            () -> node.putNull("highestPosition"));
    ObjectNode perString = node.putObject("notesPerString");
    for (int string = 1; string <= instrument.stringCount(); string++) {
      perString.put(String.valueOf(string), totals.notesPerString().getOrDefault(string, 0));
    }
    return node;
  }

  private static String text(Fraction fraction) {
    return fraction.getDenominator() == 1
        ? String.valueOf(fraction.getNumerator())
        : fraction.getNumerator() + "/" + fraction.getDenominator();
  }
}
