package app.fret.files.plan;

import app.fret.instrument.Instrument;
import app.fret.study.OtherFingering;
import app.fret.study.Study;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.PrettyPrinter;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.core.util.Separators;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;

/**
 * A study as one JSON object, format {@code fret-plan}, version 1.
 *
 * <p>Note numbers count notes and chords from 0, rests left out and tied notes once. Pitches are
 * written pitches, lengths fractions of a whole note. What is not computed is left out.
 */
public final class PlanJson {
  /** Objects and lists deeper than this stand in the line of what holds them. */
  private static final int DEEPEST_LINE = 3;

  private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

  private final Study study;
  private final Instrument instrument;
  private final int notesWithWays;

  private PlanJson(Study study, int notesWithWays) {
    this.study = study;
    this.notesWithWays = notesWithWays;
    this.instrument = study.player().instrument();
  }

  /**
   * Writes a study as JSON text.
   *
   * @param skipped what the reader passed over
   * @param others other fingerings; empty where none were asked for
   * @param notesWithWays notes whose other ways are listed at most, from 0; those with the least
   *     extra effort first
   * @param timingMs milliseconds each step took, by name
   */
  public static String of(
      Study study,
      List<String> skipped,
      Optional<List<OtherFingering>> others,
      int notesWithWays,
      Map<String, Double> timingMs) {
    return text(new PlanJson(study, notesWithWays).root(skipped, others, timingMs));
  }

  /** A node as indented JSON text. */
  public static String text(JsonNode root) {
    StringWriter text = new StringWriter();
    try (JsonGenerator json = new JsonFactory().createGenerator(text)) {
      json.setPrettyPrinter(printer());
      write(root, json);
    } catch (IOException e) {
      throw new UncheckedIOException("a plan held in memory cannot be written", e);
    }
    return text.toString();
  }

  /** A line for each note or stroke, and no lines inside: a long part has thousands of them. */
  private static PrettyPrinter printer() {
    DefaultIndenter lines = new DefaultIndenter();
    DefaultPrettyPrinter.Indenter outer =
        new DefaultPrettyPrinter.NopIndenter() {
          @Override
          public void writeIndentation(JsonGenerator json, int level) throws IOException {
            if (level <= DEEPEST_LINE) {
              lines.writeIndentation(json, level);
            }
          }

          @Override
          public boolean isInline() {
            return false;
          }
        };
    DefaultPrettyPrinter printer =
        new DefaultPrettyPrinter(
            Separators.createDefaultInstance()
                .withObjectFieldValueSpacing(Separators.Spacing.AFTER));
    printer.indentObjectsWith(outer);
    printer.indentArraysWith(outer);
    return printer;
  }

  /**
   * Writes a node. The library's mapper would do the same after reading a good many of its own
   * classes.
   */
  private static void write(JsonNode node, JsonGenerator json) throws IOException {
    if (node.isObject()) {
      json.writeStartObject();
      for (Map.Entry<String, JsonNode> field : node.properties()) {
        json.writeFieldName(field.getKey());
        write(field.getValue(), json);
      }
      json.writeEndObject();
    } else if (node.isArray()) {
      json.writeStartArray();
      for (JsonNode element : node) {
        write(element, json);
      }
      json.writeEndArray();
    } else {
      writeValue(node, json);
    }
  }

  private static void writeValue(JsonNode value, JsonGenerator json) throws IOException {
    switch (value.getNodeType()) {
      case STRING -> json.writeString(value.textValue());
      case BOOLEAN -> json.writeBoolean(value.booleanValue());
      case NULL -> json.writeNull();
      case NUMBER -> {
        if (value.isIntegralNumber()) {
          json.writeNumber(value.longValue());
        } else {
          json.writeNumber(value.doubleValue());
        }
      }
      default -> throw new IllegalStateException("a plan holds a " + value.getNodeType());
    }
  }

  private ObjectNode root(
      List<String> skipped, Optional<List<OtherFingering>> others, Map<String, Double> timingMs) {
    ObjectNode root = NODES.objectNode();
    root.put("format", "fret-plan");
    root.put("version", 1);
    root.set("passage", passage(skipped));
    ListedWays listed = ListedWays.of(study.leftHand(), notesWithWays);
    // Left hand and bow are asked for their other ways at once: half of the whole each.
    CompletableFuture<ObjectNode> bow =
        CompletableFuture.supplyAsync(() -> BowJson.of(study, listed));
    ReadingJson reading = new ReadingJson(study);
    root.set("reading", reading.node());
    root.set("tempo", reading.tempo());
    LeftHandJson leftHand = new LeftHandJson(study, listed);
    root.set("leftHand", leftHand.plan());
    others.ifPresent(o -> root.set("alternatives", leftHand.alternatives(o)));
    root.set("tuning", new TuningJson(study).node());
    root.set("shape", ShapeJson.of(study));
    root.set("bow", bow.join());
    root.set("practice", PracticeJson.of(study));
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
    study.leftHand().advice().leftOut().forEach(o -> list.add(Remarks.leftOut(study, o)));
    Remarks.printedNotKept(study).forEach(list::add);
    return passage;
  }

  /** A figure to three decimals. */
  public static double rounded(double value) {
    return Math.round(value * 1000) / 1000.0;
  }
}
