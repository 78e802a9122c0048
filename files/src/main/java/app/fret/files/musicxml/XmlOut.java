package app.fret.files.musicxml;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

/** Writes elements one inside the other, a line each. */
final class XmlOut {
  private static final String HEAD =
      """
      <?xml version="1.0" encoding="UTF-8"?>
      <!DOCTYPE score-partwise PUBLIC "-//Recordare//DTD MusicXML 4.0 Partwise//EN" \
      "http://www.musicxml.org/dtds/partwise.dtd">
      """;

  private final XMLStreamWriter out;
  private int depth;
  private boolean justOpened;

  private XmlOut(XMLStreamWriter out) {
    this.out = out;
  }

  /** What fills a document. */
  interface Content {
    void writeTo(XmlOut out) throws XMLStreamException;
  }

  /**
   * Writes a whole MusicXML document.
   *
   * @param target where to; left open
   * @throws IOException when it cannot be written
   */
  static void document(OutputStream target, Content content) throws IOException {
    target.write(HEAD.getBytes(StandardCharsets.UTF_8));
    try {
      XMLStreamWriter writer =
          XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(target, "UTF-8");
      content.writeTo(new XmlOut(writer));
      writer.writeCharacters("\n");
      writer.flush();
    } catch (XMLStreamException e) {
      if (e.getCause() instanceof IOException cause) {
        throw cause;
      }
      throw new IOException("the score cannot be written", e);
    }
  }

  /** Opens an element with attributes, given as names and values by turns. */
  XmlOut open(String name, String... attributes) throws XMLStreamException {
    newLine();
    out.writeStartElement(name);
    writeAttributes(attributes);
    depth++;
    justOpened = true;
    return this;
  }

  /** Closes the element opened last. */
  XmlOut close() throws XMLStreamException {
    depth--;
    if (!justOpened) {
      newLine();
    }
    out.writeEndElement();
    justOpened = false;
    return this;
  }

  /** An element with text only. */
  XmlOut leaf(String name, Object text, String... attributes) throws XMLStreamException {
    newLine();
    out.writeStartElement(name);
    writeAttributes(attributes);
    out.writeCharacters(String.valueOf(text));
    out.writeEndElement();
    justOpened = false;
    return this;
  }

  /** An element without content. */
  XmlOut empty(String name, String... attributes) throws XMLStreamException {
    newLine();
    out.writeEmptyElement(name);
    writeAttributes(attributes);
    justOpened = false;
    return this;
  }

  private void writeAttributes(String... attributes) throws XMLStreamException {
    for (int i = 0; i < attributes.length; i += 2) {
      out.writeAttribute(attributes[i], attributes[i + 1]);
    }
  }

  private void newLine() throws XMLStreamException {
    if (depth > 0) {
      out.writeCharacters("\n" + "  ".repeat(depth));
    }
  }
}
