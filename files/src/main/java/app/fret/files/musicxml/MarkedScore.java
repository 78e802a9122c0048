package app.fret.files.musicxml;

import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.apache.commons.numbers.fraction.Fraction;
import org.w3c.dom.Document;
import org.w3c.dom.DocumentType;
import org.w3c.dom.Element;
import org.xml.sax.SAXException;

/**
 * A whole score with the marks of a passage pencilled in: all parts, the layout and whatever else
 * stands in it stay as they are.
 */
final class MarkedScore {
  private final ScorePlace place;
  private final Document document;
  private final List<SourceNotes.Placed> source;
  private final Passage marked;
  private final int firstBar;
  private final Map<Integer, Element> firstHeads = new HashMap<>();
  private final Map<Element, Integer> eventOf = new HashMap<>();
  private int lost;

  /**
   * A score.
   *
   * @param part index of the part
   * @param firstBar index of the passage's first bar in it
   * @param marked the passage with its marks
   */
  MarkedScore(ScorePlace place, byte[] xml, int part, int firstBar, Passage marked)
      throws ScoreRejectedException {
    this.place = place;
    this.document = parse(place, xml);
    List<Element> parts = SourceNotes.children(document.getDocumentElement(), "part");
    this.source = SourceNotes.of(parts.get(part));
    this.firstBar = firstBar;
    this.marked = marked;
  }

  private static Document parse(ScorePlace place, byte[] xml) throws ScoreRejectedException {
    try {
      DocumentBuilderFactory factory = DocumentBuilderFactory.newInstance();
      factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
      factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
      factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
      factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
      factory.setExpandEntityReferences(false);
      return factory.newDocumentBuilder().parse(new ByteArrayInputStream(xml));
    } catch (ParserConfigurationException | SAXException | IOException e) {
      // It was read before by the reader of scores, which takes less than this parser.
      throw new ScoreRejectedException(place, "it cannot be written into; write the marked part");
    }
  }

  /**
   * Writes the marks in.
   *
   * @param printed slurs of the passage as it was cut from the score
   * @return what has no place in the file, a phrase each
   */
  List<String> mark(List<Span> printed) {
    for (int event = 0; event < marked.events().size(); event++) {
      if (marked.events().get(event) instanceof Sounding sounding) {
        mark(event, sounding);
      } else {
        rest(event, marked.events().get(event));
      }
    }
    if (!marked.slurs().equals(printed)) {
      rewriteSlurs(printed);
    }
    List<String> left = new ArrayList<>();
    if (lost > 0) {
      left.add(lost + " notes that the file does not have, as after a mend");
    }
    return left;
  }

  /** A rest gets no marks, but slurs may lead over it and end there. */
  private void rest(int event, Event rest) {
    find(event, rest, "").ifPresent(element -> firstHeads.put(event, element));
  }

  private void mark(int event, Sounding sounding) {
    for (int i = 0; i < sounding.notes().size(); i++) {
      Note head = sounding.notes().get(i);
      Optional<Element> element = find(event, sounding, pitch(head));
      if (element.isEmpty()) {
        lost++;
        continue;
      }
      boolean first = !firstHeads.containsKey(event);
      firstHeads.putIfAbsent(event, element.get());
      Optional<Marks> marks = first ? Optional.of(sounding.marks()) : Optional.empty();
      new NotePencil(element.get()).mark(head, marks);
    }
  }

  private static String pitch(Note head) {
    return head.written().step().name() + head.written().alter() + head.written().octave();
  }

  private Optional<Element> find(int index, Event event, String pitch) {
    Fraction within = event.onset().subtract(marked.bars().get(event.bar()).onset());
    Optional<Element> element =
        source.stream()
            .filter(s -> s.measure() == firstBar + event.bar())
            .filter(s -> s.pitch().equals(pitch) && s.within().equals(within))
            .filter(s -> s.grace() == (event.length().signum() == 0))
            .map(SourceNotes.Placed::element)
            .filter(e -> !eventOf.containsKey(e))
            .findFirst();
    element.ifPresent(e -> eventOf.put(e, index));
    return element;
  }

  /**
   * Slurs that begin and end inside the passage are those of the plan. Those that cross its edge
   * stay as they are; what the passage has of them is not written again.
   */
  private void rewriteSlurs(List<Span> printed) {
    List<Span> crossing = new ArrayList<>(printed);
    crossing.removeAll(removeInside());
    List<Span> slurs = new ArrayList<>(marked.slurs());
    slurs.removeAll(crossing);
    NumberPool<Integer> numbers = freeNumbers();
    for (int event = 0; event < marked.events().size(); event++) {
      writeSlurs(slurs, event, numbers);
    }
  }

  private Set<Span> removeInside() {
    Set<Span> removed = new HashSet<>();
    Map<String, Element> open = new HashMap<>();
    for (SourceNotes.Placed note : source) {
      List<Element> slurs = slurs(note.element());
      for (Element stop : ofType(slurs, "stop")) {
        Optional.ofNullable(open.remove(stop.getAttribute("number")))
            .flatMap(start -> removeInside(start, stop))
            .ifPresent(removed::add);
      }
      ofType(slurs, "start").forEach(start -> open.put(start.getAttribute("number"), start));
    }
    return removed;
  }

  private static List<Element> slurs(Element note) {
    return SourceNotes.children(note, "notations").stream()
        .flatMap(n -> SourceNotes.children(n, "slur").stream())
        .toList();
  }

  private static List<Element> ofType(List<Element> slurs, String type) {
    return slurs.stream().filter(s -> s.getAttribute("type").equals(type)).toList();
  }

  /** Numbers that no slur has which stays and touches the bars of the passage. */
  private NumberPool<Integer> freeNumbers() {
    Set<String> kept = new HashSet<>();
    int lastBar = firstBar + marked.bars().size() - 1;
    source.stream()
        .filter(s -> s.measure() >= firstBar && s.measure() <= lastBar)
        .forEach(s -> slurs(s.element()).forEach(k -> kept.add(k.getAttribute("number"))));
    NumberPool<Integer> numbers = new NumberPool<>();
    for (int number = 1; number <= NumberPool.MOST; number++) {
      numbers.take(-number);
    }
    for (int number = 1; number <= NumberPool.MOST; number++) {
      boolean isPlain = number == 1 && kept.contains("");
      if (!kept.contains(String.valueOf(number)) && !isPlain) {
        numbers.free(-number);
      }
    }
    return numbers;
  }

  private Optional<Span> removeInside(Element start, Element stop) {
    Integer first = eventOf.get(noteOf(start));
    Integer last = eventOf.get(noteOf(stop));
    if (first == null || last == null) {
      return Optional.empty();
    }
    start.getParentNode().removeChild(start);
    stop.getParentNode().removeChild(stop);
    return Optional.of(new Span(first, last));
  }

  private static Element noteOf(Element slur) {
    return (Element) slur.getParentNode().getParentNode();
  }

  private void writeSlurs(List<Span> slurs, int event, NumberPool<Integer> numbers) {
    Element head = firstHeads.get(event);
    if (head == null) {
      return;
    }
    for (int i = 0; i < slurs.size(); i++) {
      Span slur = slurs.get(i);
      if (isWhole(slur) && slur.last() == event && slur.first() < event) {
        new NotePencil(head).slur("stop", numbers.free(i));
      }
    }
    for (int i = 0; i < slurs.size(); i++) {
      Span slur = slurs.get(i);
      if (isWhole(slur) && slur.first() == event && slur.last() > event) {
        new NotePencil(head).slur("start", numbers.take(i));
      }
    }
  }

  private boolean isWhole(Span slur) {
    return firstHeads.containsKey(slur.first()) && firstHeads.containsKey(slur.last());
  }

  /** Writes the score as plain XML. */
  void write(OutputStream out) throws IOException {
    try {
      TransformerFactory factory = TransformerFactory.newInstance();
      factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
      Transformer transformer = factory.newTransformer();
      transformer.setOutputProperty(OutputKeys.ENCODING, "UTF-8");
      DocumentType type = document.getDoctype();
      if (type != null && type.getPublicId() != null) {
        transformer.setOutputProperty(OutputKeys.DOCTYPE_PUBLIC, type.getPublicId());
      }
      if (type != null && type.getSystemId() != null) {
        transformer.setOutputProperty(OutputKeys.DOCTYPE_SYSTEM, type.getSystemId());
      }
      transformer.transform(new DOMSource(document), new StreamResult(out));
    } catch (TransformerException e) {
      throw new IOException(place.file() + " cannot be written out", e);
    }
  }
}
