package app.fret.files.musicxml;

import app.fret.score.BowDirection;
import app.fret.score.Finger;
import app.fret.score.Marks;
import app.fret.score.Note;
import java.util.Optional;
import java.util.Set;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** Writes fingers, strings, bow signs and slurs into one note element of a file. */
final class NotePencil {
  private static final Set<String> GIVES_WAY =
      Set.of("fingering", "string", "open-string", "thumb-position", "up-bow", "down-bow");

  /** What stands after the notations of a note (MusicXML 4.0, note). */
  private static final Set<String> AFTER_NOTATIONS = Set.of("lyric", "play", "listen");

  private final Document document;
  private final Element note;

  NotePencil(Element note) {
    this.document = note.getOwnerDocument();
    this.note = note;
  }

  /** What a plan says takes the place of what was printed. */
  void mark(Note head, Optional<Marks> marks) {
    for (Element notations : SourceNotes.children(note, "notations")) {
      for (Element technical : SourceNotes.children(notations, "technical")) {
        rubOut(technical);
      }
    }
    marks
        .flatMap(Marks::bow)
        .ifPresent(bow -> technical(bow == BowDirection.UP ? "up-bow" : "down-bow", ""));
    head.finger().ifPresent(this::finger);
    head.string().ifPresent(string -> technical("string", String.valueOf(string)));
  }

  private void finger(Finger finger) {
    if (finger == Finger.THUMB) {
      technical("thumb-position", "");
    } else {
      technical("fingering", finger.sign());
    }
  }

  private static void rubOut(Element technical) {
    Node child = technical.getFirstChild();
    while (child != null) {
      Node next = child.getNextSibling();
      if (child instanceof Element element && GIVES_WAY.contains(element.getTagName())) {
        technical.removeChild(element);
      }
      child = next;
    }
    if (technical.getElementsByTagName("*").getLength() == 0) {
      technical.getParentNode().removeChild(technical);
    }
  }

  private void technical(String name, String text) {
    Element notations = notations();
    Element technical =
        SourceNotes.children(notations, "technical").stream()
            .findFirst()
            .orElseGet(() -> (Element) notations.appendChild(document.createElement("technical")));
    Element sign = document.createElement(name);
    if (!text.isEmpty()) {
      sign.setTextContent(text);
    }
    technical.appendChild(sign);
  }

  /** Begins or ends a slur here. */
  void slur(String type, int number) {
    Element slur = document.createElement("slur");
    slur.setAttribute("type", type);
    slur.setAttribute("number", String.valueOf(number));
    notations().appendChild(slur);
  }

  private Element notations() {
    return SourceNotes.children(note, "notations").stream()
        .findFirst()
        .orElseGet(this::newNotations);
  }

  private Element newNotations() {
    Element notations = document.createElement("notations");
    Node before = note.getFirstChild();
    while (before != null
        && !(before instanceof Element element && AFTER_NOTATIONS.contains(element.getTagName()))) {
      before = before.getNextSibling();
    }
    note.insertBefore(notations, before);
    return notations;
  }
}
