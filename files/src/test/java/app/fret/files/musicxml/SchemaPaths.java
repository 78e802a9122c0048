package app.fret.files.musicxml;

import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import org.audiveris.proxymusic.ScorePartwise;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.SAXException;

/** Every element that the MusicXML 4.0 schema allows, each by a shortest path from the root. */
final class SchemaPaths {
  private static final String ROOT = "score-partwise";

  private final Map<String, Element> complexTypes = new HashMap<>();
  private final Map<String, Element> groups = new HashMap<>();
  private final List<List<String>> paths = new ArrayList<>();

  /** An element that waits to be looked into. */
  private record Waiting(List<String> path, Element type) {}

  private SchemaPaths() {}

  /** Paths such as {@code [score-partwise, part, measure, note, pitch]}. */
  static List<List<String>> all() throws IOException {
    SchemaPaths schema = new SchemaPaths();
    schema.walk(schema.read());
    return schema.paths;
  }

  private Element read() throws IOException {
    try (InputStream in =
        ScorePartwise.class.getResourceAsStream("/META-INF/jaxb/xsd/musicxml.xsd")) {
      Element schema =
          DocumentBuilderFactory.newDefaultInstance()
              .newDocumentBuilder()
              .parse(in)
              .getDocumentElement();
      Element root = null;
      for (Element child : elements(schema)) {
        String name = child.getAttribute("name");
        switch (child.getTagName()) {
          case "xs:complexType" -> complexTypes.put(name, child);
          case "xs:group" -> groups.put(name, child);
          default -> root = name.equals(ROOT) ? child : root;
        }
      }
      return root;
    } catch (ParserConfigurationException | SAXException e) {
      throw new IOException(e);
    }
  }

  private void walk(Element root) {
    Set<Element> seen = new HashSet<>();
    Deque<Waiting> waiting = new ArrayDeque<>();
    waiting.add(new Waiting(List.of(ROOT), typeOf(root)));
    while (!waiting.isEmpty()) {
      Waiting next = waiting.poll();
      if (next.type() == null || !seen.add(next.type())) {
        continue;
      }
      Map<String, Element> children = new LinkedHashMap<>();
      collect(next.type(), children);
      children.forEach(
          (name, declaration) -> {
            List<String> path = new ArrayList<>(next.path());
            path.add(name);
            paths.add(path);
            waiting.add(new Waiting(path, typeOf(declaration)));
          });
    }
  }

  /** The type an element is declared with: its own, or a named one; null for plain text. */
  private Element typeOf(Element declaration) {
    for (Element child : elements(declaration)) {
      if (child.getTagName().equals("xs:complexType")) {
        return child;
      }
    }
    return complexTypes.get(declaration.getAttribute("type"));
  }

  private void collect(Element within, Map<String, Element> into) {
    for (Element child : elements(within)) {
      switch (child.getTagName()) {
        case "xs:element" -> into.putIfAbsent(child.getAttribute("name"), child);
        case "xs:group" -> collect(groups.get(child.getAttribute("ref")), into);
        case "xs:extension" -> {
          Element base = complexTypes.get(child.getAttribute("base"));
          if (base != null) {
            collect(base, into);
          }
          collect(child, into);
        }
        default -> collect(child, into);
      }
    }
  }

  private static List<Element> elements(Element parent) {
    List<Element> elements = new ArrayList<>();
    for (Node node = parent.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element element) {
        elements.add(element);
      }
    }
    return elements;
  }
}
