package app.fret.files.musicxml;

import app.fret.score.Accidental;
import app.fret.score.BowDirection;
import app.fret.score.Event;
import app.fret.score.Finger;
import app.fret.score.Joins;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Tuplet;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenLength;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javax.xml.stream.XMLStreamException;
import org.apache.commons.numbers.fraction.Fraction;

/** Writes the note elements of one event. */
final class NoteWriter {
  /** For the upper heads of a chord: what leads from note to note stands at the lowest. */
  private static final int NO_EVENT = -1;

  private final XmlOut xml;
  private final int divisionsPerQuarter;
  private final List<Span> slurs;
  private final List<Tuplet> tuplets;
  private final BeamWriter beams;
  private final List<Event> events;
  private final NumberPool<Integer> slurNumbers = new NumberPool<>();
  private final NumberPool<Integer> tupletNumbers = new NumberPool<>();

  NoteWriter(XmlOut xml, int divisionsPerQuarter, Passage passage) {
    this.xml = xml;
    this.divisionsPerQuarter = divisionsPerQuarter;
    this.slurs = passage.slurs();
    this.tuplets = passage.tuplets();
    this.beams = new BeamWriter(passage);
    this.events = passage.events();
  }

  /** A length in divisions. */
  int duration(Fraction length) {
    return length.multiply(4 * divisionsPerQuarter).getNumerator();
  }

  /** The elements of an event: one for a rest, one for each head of a chord. */
  void write(Event event, int index) throws XMLStreamException {
    if (event instanceof Rest rest) {
      writeRest(rest, index);
      return;
    }
    Sounding sounding = (Sounding) event;
    for (int head = 0; head < sounding.notes().size(); head++) {
      writeNote(sounding, head, index);
    }
  }

  private void writeRest(Rest rest, int index) throws XMLStreamException {
    xml.open("note");
    if (rest.wholeBar()) {
      xml.empty("rest", "measure", "yes");
    } else {
      xml.empty("rest");
    }
    xml.leaf("duration", duration(rest.length())).leaf("voice", "1");
    if (!rest.wholeBar()) {
      writeType(rest);
      writeTimeModification(rest);
    }
    writeNotations(spans(index));
    xml.close();
  }

  private void writeNote(Sounding sounding, int head, int index) throws XMLStreamException {
    Note source = sounding.notes().get(head);
    xml.open("note");
    if (sounding.isGrace()) {
      boolean slashed = sounding.grace() == Sounding.Grace.SLASHED;
      xml.empty("grace", "slash", slashed ? "yes" : "no");
    }
    if (head > 0) {
      xml.empty("chord");
    }
    writePitch(source);
    if (!sounding.isGrace()) {
      xml.leaf("duration", duration(sounding.length()));
    }
    if (source.tiedFrom()) {
      xml.empty("tie", "type", "stop");
    }
    if (source.tiedTo()) {
      xml.empty("tie", "type", "start");
    }
    xml.leaf("voice", "1");
    writeType(sounding);
    if (source.accidental().isPresent()) {
      writeAccidental(source.accidental().get());
    }
    writeTimeModification(sounding);
    if (head == 0) {
      beams.write(index, xml);
    }
    List<XmlOut.Content> notations = new ArrayList<>(ties(source));
    if (head == 0) {
      notations.addAll(spans(index));
    }
    if (head == 0) {
      notations.addAll(lines(index));
    }
    notations.addAll(
        head == 0 ? signs(source, sounding.marks(), index) : signs(source, Marks.NONE, NO_EVENT));
    writeNotations(notations);
    xml.close();
  }

  private void writeNotations(List<XmlOut.Content> notations) throws XMLStreamException {
    if (notations.isEmpty()) {
      return;
    }
    xml.open("notations");
    for (XmlOut.Content notation : notations) {
      notation.writeTo(xml);
    }
    xml.close();
  }

  private void writePitch(Note source) throws XMLStreamException {
    xml.open("pitch").leaf("step", source.written().step());
    if (source.written().alter() != 0) {
      xml.leaf("alter", source.written().alter());
    }
    xml.leaf("octave", source.written().octave()).close();
  }

  /** A type that contradicts the duration, as where no sign is that long, is not written. */
  private static boolean isSaid(Event event) {
    boolean grace = event.length().signum() == 0;
    return grace || event.written().length().equals(event.length());
  }

  private void writeType(Event event) throws XMLStreamException {
    if (isSaid(event)) {
      xml.leaf("type", Lengths.type(event.written().value()));
      for (int dot = 0; dot < event.written().dots(); dot++) {
        xml.empty("dot");
      }
    }
  }

  private void writeTimeModification(Event event) throws XMLStreamException {
    WrittenLength written = event.written();
    if (isSaid(event) && !written.ratio().equals(TupletRatio.NONE)) {
      xml.open("time-modification")
          .leaf("actual-notes", written.ratio().actual())
          .leaf("normal-notes", written.ratio().normal())
          .close();
    }
  }

  private void writeAccidental(Accidental source) throws XMLStreamException {
    String sign =
        switch (source.kind()) {
          case DOUBLE_FLAT -> "flat-flat";
          case FLAT -> "flat";
          case NATURAL -> "natural";
          case SHARP -> "sharp";
          case DOUBLE_SHARP -> "double-sharp";
        };
    if (source.cautionary()) {
      xml.leaf("accidental", sign, "parentheses", "yes");
    } else {
      xml.leaf("accidental", sign);
    }
  }

  private static List<XmlOut.Content> ties(Note source) {
    List<XmlOut.Content> ties = new ArrayList<>();
    if (source.tiedFrom()) {
      ties.add(xml -> xml.empty("tied", "type", "stop"));
    }
    if (source.tiedTo()) {
      ties.add(xml -> xml.empty("tied", "type", "start"));
    }
    return ties;
  }

  private List<XmlOut.Content> spans(int event) {
    List<XmlOut.Content> ends = new ArrayList<>();
    for (int i = 0; i < slurs.size(); i++) {
      if (slurs.get(i).last() == event && slurs.get(i).first() < event) {
        ends.add(slur("stop", slurNumbers.free(i)));
      }
    }
    for (int i = 0; i < slurs.size(); i++) {
      if (slurs.get(i).first() == event && slurs.get(i).last() > event) {
        ends.add(slur("start", slurNumbers.take(i)));
      }
    }
    for (int i = 0; i < tuplets.size(); i++) {
      Span span = tuplets.get(i).span();
      if (span.last() == event && span.first() < event) {
        ends.add(tuplet("stop", tupletNumbers.free(i)));
      }
    }
    for (int i = 0; i < tuplets.size(); i++) {
      Span span = tuplets.get(i).span();
      if (span.first() == event) {
        ends.add(tupletStart(tupletNumbers.take(i), tuplets.get(i), says(event)));
      }
      if (span.first() == event && span.last() == event) {
        ends.add(tuplet("stop", tupletNumbers.free(i)));
      }
    }
    return ends;
  }

  private static XmlOut.Content slur(String type, int number) {
    return xml -> xml.empty("slur", "type", type, "number", String.valueOf(number));
  }

  private static XmlOut.Content tuplet(String type, int number) {
    return xml -> xml.empty("tuplet", "type", type, "number", String.valueOf(number));
  }

  /** The ratio that the element of an event states. */
  private TupletRatio says(int event) {
    Event first = events.get(event);
    return isSaid(first) ? first.written().ratio() : TupletRatio.NONE;
  }

  /** A tuplet whose first note states another ratio, or none, states its own. */
  private static XmlOut.Content tupletStart(int number, Tuplet tuplet, TupletRatio stated) {
    String[] attributes = {
      "type", "start", "number", String.valueOf(number), "bracket", tuplet.bracket() ? "yes" : "no"
    };
    if (tuplet.ratio().equals(stated)) {
      return xml -> xml.empty("tuplet", attributes);
    }
    return xml -> {
      xml.open("tuplet", attributes);
      xml.open("tuplet-actual").leaf("tuplet-number", tuplet.ratio().actual()).close();
      xml.open("tuplet-normal").leaf("tuplet-number", tuplet.ratio().normal()).close();
      xml.close();
    };
  }

  /** What leads on from an event; empty for none and where nothing follows. */
  private Optional<Marks.Join> joinFrom(int index) {
    return Joins.leads(events, index)
        ? ((Sounding) events.get(index)).marks().join()
        : Optional.empty();
  }

  /** Glissandi and slides, by numbers in turn so that one may end where the next begins. */
  private List<XmlOut.Content> lines(int index) {
    List<XmlOut.Content> lines = new ArrayList<>();
    joinFrom(index - 1)
        .filter(j -> j.kind() != Marks.Join.Kind.TREMOLO)
        .ifPresent(j -> lines.add(line(j, "stop", index - 1)));
    joinFrom(index)
        .filter(j -> j.kind() != Marks.Join.Kind.TREMOLO)
        .ifPresent(j -> lines.add(line(j, "start", index)));
    return lines;
  }

  private static XmlOut.Content line(Marks.Join join, String type, int from) {
    String number = from % 2 == 0 ? "1" : "2";
    return xml -> xml.empty(named(join.kind()), "type", type, "number", number);
  }

  private List<XmlOut.Content> signs(Note source, Marks marks, int index) {
    List<XmlOut.Content> groups = new ArrayList<>();
    addGroup(groups, "ornaments", ornaments(marks, index));
    addGroup(groups, "technical", technical(source, marks));
    addGroup(groups, "articulations", articulations(marks));
    if (marks.fermata()) {
      groups.add(xml -> xml.empty("fermata"));
    }
    return groups;
  }

  private static void addGroup(
      List<XmlOut.Content> groups, String name, List<XmlOut.Content> signs) {
    if (!signs.isEmpty()) {
      groups.add(
          xml -> {
            xml.open(name);
            for (XmlOut.Content sign : signs) {
              sign.writeTo(xml);
            }
            xml.close();
          });
    }
  }

  private List<XmlOut.Content> ornaments(Marks marks, int index) {
    List<XmlOut.Content> ornaments = new ArrayList<>();
    for (Marks.Ornament ornament : marks.ornaments()) {
      String name = ornament == Marks.Ornament.TRILL ? "trill-mark" : named(ornament);
      ornaments.add(xml -> xml.empty(name));
    }
    if (marks.tremoloStrokes() > 0) {
      ornaments.add(xml -> xml.leaf("tremolo", marks.tremoloStrokes(), "type", "single"));
    }
    tremolo(index - 1, "stop").ifPresent(ornaments::add);
    tremolo(index, "start").ifPresent(ornaments::add);
    return ornaments;
  }

  private Optional<XmlOut.Content> tremolo(int from, String type) {
    return joinFrom(from)
        .filter(j -> j.kind() == Marks.Join.Kind.TREMOLO)
        .map(j -> xml -> xml.leaf("tremolo", j.strokes(), "type", type));
  }

  private static List<XmlOut.Content> technical(Note source, Marks marks) {
    List<XmlOut.Content> technical = new ArrayList<>();
    marks
        .bow()
        .map(bow -> bow == BowDirection.UP ? "up-bow" : "down-bow")
        .ifPresent(bow -> technical.add(xml -> xml.empty(bow)));
    if (source.harmonic() != Note.Harmonic.NONE) {
      String kind = named(source.harmonic());
      technical.add(xml -> xml.open("harmonic").empty(kind).close());
    }
    source.finger().ifPresent(finger -> technical.add(finger(finger)));
    source.string().ifPresent(number -> technical.add(xml -> xml.leaf("string", number)));
    if (marks.articulations().contains(Marks.Articulation.SNAP_PIZZICATO)) {
      technical.add(xml -> xml.empty("snap-pizzicato"));
    }
    return technical;
  }

  private static XmlOut.Content finger(Finger finger) {
    return finger == Finger.THUMB
        ? xml -> xml.empty("thumb-position")
        : xml -> xml.leaf("fingering", finger.sign());
  }

  private static List<XmlOut.Content> articulations(Marks marks) {
    List<XmlOut.Content> articulations = new ArrayList<>();
    for (Marks.Articulation articulation : marks.articulations()) {
      if (articulation == Marks.Articulation.SNAP_PIZZICATO) {
        continue;
      }
      articulations.add(xml -> xml.empty(named(articulation)));
    }
    return articulations;
  }

  /** Name of a sign in MusicXML, where it is Fret's own in small letters. */
  private static String named(Enum<?> sign) {
    return sign.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
