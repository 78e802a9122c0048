package app.fret.files.plan;

import app.fret.shape.Levels;
import app.fret.shape.Phrase;
import app.fret.study.AlongNote;
import app.fret.study.NoteShape;
import app.fret.study.Study;
import app.fret.study.WhyPhrase;
import app.fret.vibrato.Vibrato;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/** Levels, phrases and vibrato of a plan. */
final class ShapeJson {
  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
  private static final double HUNDREDTHS = 100;
  private static final double TENTHS = 10;

  private ShapeJson() {}

  static ObjectNode of(Study study) {
    ObjectNode node = NODES.objectNode();
    Levels levels = study.levels();
    node.put("style", levels.choices().style().id());
    ArrayNode proposals = node.putArray("proposals");
    levels.choices().proposals().stream().sorted().forEach(p -> proposals.add(p.id()));
    ArrayNode notes = node.putArray("notes");
    List<NoteShape> shapes = NoteShape.of(study);
    for (int i = 0; i < study.notes().size(); i++) {
      notes.add(note(study, i, shapes.get(i)));
    }
    ArrayNode phrases = node.putArray("phrases");
    levels.phrases().forEach(p -> phrases.add(phrase(study, p)));
    ArrayNode conflicts = node.putArray("conflicts");
    study
        .vibrato()
        .conflicts()
        .forEach(c -> conflicts.addObject().put("note", c.note()).put("text", c.text()));
    ArrayNode helps = node.putArray("helps");
    study
        .vibrato()
        .helps()
        .forEach(h -> helps.addObject().put("note", h.note()).put("text", h.text()));
    return node;
  }

  private static ObjectNode note(Study study, int note, NoteShape shape) {
    Levels levels = study.levels();
    Vibrato vibrato = study.vibrato().notes().get(note);
    ObjectNode node = NODES.objectNode();
    node.put("note", note);
    node.put("level", rounded(levels.printed(note), HUNDREDTHS));
    node.put("proposed", rounded(levels.proposed(note), HUNDREDTHS));
    node.put("onItsString", rounded(shape.onItsString(), HUNDREDTHS));
    node.put("vibrato", vibrato.need().id());
    node.put("widthCents", rounded(vibrato.widthCents(), TENTHS));
    node.put("widthCentsAtEnd", rounded(vibrato.widthCentsAtEnd(), TENTHS));
    node.put("rateHz", rounded(vibrato.rateHz(), HUNDREDTHS));
    node.put("rateHzAtEnd", rounded(vibrato.rateHzAtEnd(), HUNDREDTHS));
    node.put("tail", vibrato.tail());
    node.put("soundingShare", rounded(shape.soundingShare(), HUNDREDTHS));
    shape.accent().ifPresent(a -> node.put("accent", a.id()));
    AlongNote.of(study, note).ifPresent(a -> addAlong(node, a));
    if (levels.isBroughtOut(note)) {
      node.put("broughtOut", true);
    }
    return node;
  }

  private static void addAlong(ObjectNode node, AlongNote along) {
    ArrayNode points = node.putArray("along");
    for (AlongNote.Point point : along.points()) {
      points
          .addObject()
          .put("share", point.share())
          .put("level", rounded(point.level(), HUNDREDTHS))
          .put("speedCmPerSecond", rounded(point.speedCmPerSecond(), TENTHS))
          .put("contact", point.contact().words())
          .put("widthCents", rounded(point.vibratoCents(), TENTHS))
          .put("rateHz", rounded(point.vibratoHz(), HUNDREDTHS));
    }
  }

  private static ObjectNode phrase(Study study, Phrase phrase) {
    ObjectNode node = NODES.objectNode();
    node.put("firstNote", phrase.firstNote());
    node.put("lastNote", phrase.lastNote());
    node.put("peakNote", phrase.peak());
    node.put("proposedPeakNote", phrase.proposedPeak());
    node.put("level", phrase.isLevel());
    phrase.character().ifPresent(c -> node.put("character", c.words()));
    ArrayNode why = node.putArray("why");
    WhyPhrase.of(study, phrase).forEach(why::add);
    return node;
  }

  private static double rounded(double value, double parts) {
    return Math.round(value * parts) / parts;
  }
}
