package app.fret.files.musicxml;

import app.fret.score.Bar;
import app.fret.score.BarAccidentals;
import app.fret.score.Clef;
import app.fret.score.Event;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Transposition;
import java.io.IOException;
import java.io.OutputStream;
import java.util.List;
import java.util.stream.Collectors;
import javax.xml.stream.XMLStreamException;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Writes a passage as MusicXML 4.0, partwise. What it writes reads back as an equal passage.
 *
 * <p>Divisions are the least that count every length of the passage exactly.
 */
public final class MusicXmlWriter {

  /**
   * Writes the passage.
   *
   * @param out where to; left open
   * @throws IOException when it cannot be written
   */
  public void write(Passage passage, OutputStream out) throws IOException {
    int divisions =
        Divisions.of(passage)
            .orElseThrow(() -> new IOException("the note lengths have no common measure"));
    Passage signed = BarAccidentals.completed(passage);
    XmlOut.document(out, xml -> new Task(signed, divisions, xml).writeScore());
  }

  /**
   * Staff steps of a transposition by so many semitones. The schema leaves them out at will, yet
   * there are programs that open no part without them.
   */
  private static final List<Integer> DIATONIC_STEPS = List.of(0, 1, 1, 2, 2, 3, 3, 4, 5, 5, 6, 6);

  /** What belongs to one call. */
  private static final class Task {
    private final Passage passage;
    private final int divisionsPerQuarter;
    private final XmlOut xml;
    private final NoteWriter notes;
    private final List<DirectionWriter.Placed> directions;
    private int nextEvent;
    private int nextDirection;
    private String openEnding = "1";

    Task(Passage passage, int divisionsPerQuarter, XmlOut xml) {
      this.passage = passage;
      this.divisionsPerQuarter = divisionsPerQuarter;
      this.xml = xml;
      this.notes = new NoteWriter(xml, divisionsPerQuarter, passage);
      this.directions = new DirectionWriter().placed(passage.directions());
    }

    void writeScore() throws XMLStreamException {
      xml.open("score-partwise", "version", "4.0");
      xml.open("work").leaf("work-title", passage.title()).close();
      xml.open("part-list").open("score-part", "id", "P1");
      xml.leaf("part-name", passage.partName()).close().close();
      xml.open("part", "id", "P1");
      for (int i = 0; i < passage.bars().size(); i++) {
        writeMeasure(i);
      }
      xml.close().close();
    }

    private void writeMeasure(int index) throws XMLStreamException {
      Bar bar = passage.bars().get(index);
      if (bar.uncounted()) {
        xml.open("measure", "number", bar.label(), "implicit", "yes");
      } else if (index == 0 && bar.length().compareTo(bar.metre().barLength()) < 0) {
        xml.open("measure", "number", bar.label(), "implicit", "no"); // short, but no pickup
      } else {
        xml.open("measure", "number", bar.label());
      }
      writeLeftBarline(bar);
      writeAttributes(index);
      int clef = 1;
      while (nextEvent < passage.events().size()
          && passage.events().get(nextEvent).bar() == index) {
        Event event = passage.events().get(nextEvent);
        writeDirections(event.onset(), event.end());
        clef = writeClefs(bar, clef, event);
        notes.write(event, nextEvent);
        nextEvent++;
      }
      writeDirections(bar.end(), index == passage.bars().size() - 1 ? null : bar.end());
      writeRightBarline(bar);
      xml.close();
    }

    /** Directions that stand before {@code until}, given at {@code at} with an offset if needed. */
    private void writeDirections(Fraction at, Fraction until) throws XMLStreamException {
      while (nextDirection < directions.size()) {
        DirectionWriter.Placed placed = directions.get(nextDirection);
        boolean due = until == null || placed.onset().compareTo(until) < 0;
        if (!due) {
          return;
        }
        xml.open("direction", "placement", placed.above() ? "above" : "below");
        xml.open("direction-type");
        placed.type().writeTo(xml);
        xml.close();
        if (!placed.onset().equals(at)) {
          xml.leaf("offset", notes.duration(placed.onset().subtract(at)));
        }
        xml.close();
        nextDirection++;
      }
    }

    /** Clef changes before the event ends; returns the number of the next one. */
    private int writeClefs(Bar bar, int next, Event event) throws XMLStreamException {
      int clef = next;
      while (clef < bar.clefs().size()
          && bar.clefs().get(clef).onset().compareTo(event.end()) < 0) {
        Bar.ClefAt change = bar.clefs().get(clef);
        Fraction inside = change.onset().subtract(event.onset());
        if (inside.signum() > 0) {
          xml.open("forward").leaf("duration", notes.duration(inside)).close();
        }
        xml.open("attributes");
        writeClef(change.clef());
        xml.close();
        if (inside.signum() > 0) {
          xml.open("backup").leaf("duration", notes.duration(inside)).close();
        }
        clef++;
      }
      return clef;
    }

    private void writeAttributes(int index) throws XMLStreamException {
      Bar bar = passage.bars().get(index);
      boolean first = index == 0;
      Bar before = first ? bar : passage.bars().get(index - 1);
      Clef clefBefore = before.clefs().get(before.clefs().size() - 1).clef();
      boolean newKey = first || !bar.key().equals(before.key());
      boolean newMetre = first || !bar.metre().equals(before.metre());
      boolean newClef = first || !bar.clefs().get(0).clef().equals(clefBefore);
      if (!newKey && !newMetre && !newClef) {
        return;
      }
      xml.open("attributes");
      if (first) {
        xml.leaf("divisions", divisionsPerQuarter);
      }
      if (newKey) {
        xml.open("key").leaf("fifths", bar.key().fifths()).close();
      }
      if (newMetre) {
        writeTime(bar.metre());
      }
      if (newClef) {
        writeClef(bar.clefs().get(0).clef());
      }
      if (first && passage.transposition().isPresent()) {
        writeTranspose(passage.transposition().get());
      }
      xml.close();
    }

    private void writeTime(Metre metre) throws XMLStreamException {
      if (metre.isFree()) {
        xml.open("time").leaf("senza-misura", "").close();
        return;
      }
      if (metre.sign() == Metre.Sign.FIGURES) {
        xml.open("time");
      } else {
        xml.open("time", "symbol", metre.sign() == Metre.Sign.CUT ? "cut" : "common");
      }
      String groups = metre.groups().stream().map(String::valueOf).collect(Collectors.joining("+"));
      xml.leaf("beats", groups).leaf("beat-type", metre.unit()).close();
    }

    private void writeClef(Clef clef) throws XMLStreamException {
      xml.open("clef").leaf("sign", clef.sign().name()).leaf("line", clef.line());
      if (clef.octaves() != 0) {
        xml.leaf("clef-octave-change", clef.octaves());
      }
      xml.close();
    }

    private void writeTranspose(Transposition transposition) throws XMLStreamException {
      int steps = transposition.semitones() % 12;
      xml.open("transpose")
          .leaf("diatonic", DIATONIC_STEPS.get(Math.abs(steps)) * Integer.signum(steps));
      xml.leaf("chromatic", steps);
      if (transposition.semitones() / 12 != 0) {
        xml.leaf("octave-change", transposition.semitones() / 12);
      }
      xml.close();
    }

    private void writeLeftBarline(Bar bar) throws XMLStreamException {
      Bar.Edges edges = bar.edges();
      if (!edges.repeatStart() && edges.endingStart().isEmpty()) {
        return;
      }
      xml.open("barline", "location", "left");
      if (edges.repeatStart()) {
        xml.leaf("bar-style", "heavy-light");
      }
      if (edges.endingStart().isPresent()) {
        openEnding = edges.endingStart().get();
        xml.empty("ending", "number", openEnding, "type", "start");
      }
      if (edges.repeatStart()) {
        xml.empty("repeat", "direction", "forward");
      }
      xml.close();
    }

    private void writeRightBarline(Bar bar) throws XMLStreamException {
      Bar.Edges edges = bar.edges();
      boolean repeats = edges.repeatTimes() > 0;
      if (!repeats && !edges.endingStop() && edges.line() == Bar.Line.PLAIN) {
        return;
      }
      xml.open("barline", "location", "right");
      if (repeats || edges.line() == Bar.Line.FINAL) {
        xml.leaf("bar-style", "light-heavy");
      } else if (edges.line() == Bar.Line.DOUBLE) {
        xml.leaf("bar-style", "light-light");
      }
      if (edges.endingStop()) {
        xml.empty("ending", "number", openEnding, "type", "stop");
      }
      if (repeats) {
        String times = String.valueOf(edges.repeatTimes());
        xml.empty("repeat", "direction", "backward", "times", times);
      }
      xml.close();
    }
  }
}
