package app.fret.files.musicxml;

import app.fret.files.PlainWords;
import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import java.io.ByteArrayInputStream;
import java.io.CharConversionException;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.Map;
import javax.xml.XMLConstants;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.parsers.SAXParserFactory;
import org.xml.sax.Attributes;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.XMLReader;
import org.xml.sax.ext.DefaultHandler2;

/**
 * Parses XML that may be hostile into elements.
 *
 * <p>Nothing outside the file is fetched. A document type declaration may name MusicXML's public
 * identifier; one that declares anything itself is refused before a single entity is expanded, and
 * so are nesting beyond {@link Limits#DEPTH} and more than {@link Limits#ELEMENTS} elements.
 */
final class SafeXml {
  private static final String NO_EXTERNAL_DTD =
      "http://apache.org/xml/features/nonvalidating/load-external-dtd";
  private static final String NO_GENERAL = "http://xml.org/sax/features/external-general-entities";
  private static final String NO_PARAMETER =
      "http://xml.org/sax/features/external-parameter-entities";
  private static final String LEXICAL = "http://xml.org/sax/properties/lexical-handler";
  private static final String DECLARATIONS = "http://xml.org/sax/properties/declaration-handler";

  private final ScorePlace place;

  SafeXml(ScorePlace place) {
    this.place = place;
  }

  /** The root element of the file. */
  XmlElement parse(byte[] bytes) throws ScoreRejectedException {
    try {
      Guard guard = new Guard();
      XMLReader reader = reader(guard);
      InputSource source = new InputSource(new ByteArrayInputStream(bytes));
      if (startsWithUtf8Mark(bytes)) {
        // Some programs declare another encoding than they write; the mark is what is true.
        source.setEncoding("UTF-8");
      }
      reader.parse(source);
      return guard.root;
    } catch (RefusedException e) {
      throw new ScoreRejectedException(place, e.getMessage());
    } catch (SAXException | CharConversionException e) {
      throw new ScoreRejectedException(
          place, "it is not well-formed XML" + where(e) + "; export the score again");
    } catch (IOException | ParserConfigurationException e) {
      throw new ScoreRejectedException(
          place, "its text cannot be decoded; export the score again as UTF-8");
    }
  }

  private static boolean startsWithUtf8Mark(byte[] bytes) {
    return bytes.length > 3
        && bytes[0] == (byte) 0xEF
        && bytes[1] == (byte) 0xBB
        && bytes[2] == (byte) 0xBF;
  }

  private static String where(Exception e) {
    return e instanceof org.xml.sax.SAXParseException fault && fault.getLineNumber() > 0
        ? " (line " + fault.getLineNumber() + ")"
        : "";
  }

  private static XMLReader reader(Guard guard) throws ParserConfigurationException, SAXException {
    SAXParserFactory factory = SAXParserFactory.newDefaultInstance();
    factory.setNamespaceAware(true);
    factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
    factory.setFeature(NO_EXTERNAL_DTD, false);
    factory.setFeature(NO_GENERAL, false);
    factory.setFeature(NO_PARAMETER, false);
    XMLReader reader = factory.newSAXParser().getXMLReader();
    reader.setContentHandler(guard);
    reader.setDTDHandler(guard);
    reader.setEntityResolver(guard);
    reader.setErrorHandler(guard);
    reader.setProperty(LEXICAL, guard);
    reader.setProperty(DECLARATIONS, guard);
    return reader;
  }

  /** Says no in the middle of parsing. */
  private static final class RefusedException extends SAXException {
    private static final long serialVersionUID = 1L;

    RefusedException(String reason) {
      super(reason);
    }
  }

  /** Builds the elements as long as they are harmless. */
  private static final class Guard extends DefaultHandler2 {
    private final Deque<XmlElement> open = new ArrayDeque<>();
    private XmlElement root;
    private boolean inDeclaration;
    private int count;

    @Override
    public void startDTD(String name, String publicId, String systemId) throws SAXException {
      boolean musicXml = publicId == null ? systemId == null : publicId.contains("MusicXML");
      if (!musicXml) {
        throw new RefusedException("its document type is not MusicXML's and is refused");
      }
      inDeclaration = true;
    }

    @Override
    public void endDTD() {
      inDeclaration = false;
    }

    private static void refuseDeclaration() throws SAXException {
      throw new RefusedException(
          "its document type declares elements or entities of its own and is refused;"
              + " export the score again from your notation program");
    }

    @Override
    public void elementDecl(String name, String model) throws SAXException {
      refuseDeclaration();
    }

    @Override
    public void attributeDecl(
        String element, String attribute, String type, String mode, String value)
        throws SAXException {
      refuseDeclaration();
    }

    @Override
    public void internalEntityDecl(String name, String value) throws SAXException {
      refuseDeclaration();
    }

    @Override
    public void externalEntityDecl(String name, String publicId, String systemId)
        throws SAXException {
      refuseDeclaration();
    }

    @Override
    public void notationDecl(String name, String publicId, String systemId) throws SAXException {
      refuseDeclaration();
    }

    @Override
    public void unparsedEntityDecl(
        String name, String publicId, String systemId, String notationName) throws SAXException {
      refuseDeclaration();
    }

    @Override
    public void comment(char[] ch, int start, int length) throws SAXException {
      if (inDeclaration) {
        refuseDeclaration();
      }
    }

    @Override
    public InputSource resolveEntity(
        String name, String publicId, String baseUri, String systemId) {
      return new InputSource(new StringReader(""));
    }

    @Override
    public InputSource resolveEntity(String publicId, String systemId) {
      return new InputSource(new StringReader(""));
    }

    @Override
    public void error(org.xml.sax.SAXParseException e) {
      // Validity faults do not arise without validation; well-formedness faults are fatal.
    }

    @Override
    public void startElement(String uri, String name, String qualified, Attributes attributes)
        throws SAXException {
      if (open.isEmpty()) {
        requireMusicXml(uri, name);
      }
      if (open.size() == Limits.DEPTH) {
        throw new RefusedException("its elements are nested deeper than " + Limits.DEPTH);
      }
      if (count == Limits.ELEMENTS) {
        throw new RefusedException(
            "it holds more than "
                + Limits.ELEMENTS
                + " elements; export only the part or the bars you need");
      }
      String own = uri.isEmpty() ? name.intern() : XmlElement.FOREIGN + name;
      XmlElement element = new XmlElement(own, count++, own(attributes));
      if (open.isEmpty()) {
        root = element;
      } else {
        open.peek().add(element);
      }
      open.push(element);
    }

    private static void requireMusicXml(String uri, String name) throws SAXException {
      if (name.equals("score-timewise")) {
        throw new RefusedException(
            "it is MusicXML ordered by time; export it ordered by part (score-partwise)");
      }
      if (!name.equals("score-partwise")) {
        throw new RefusedException(
            "it is XML but not MusicXML: it begins with <" + PlainWords.quoted(name) + ">");
      }
      if (!uri.isEmpty()) {
        throw new RefusedException(
            "its elements belong to the name space '"
                + PlainWords.quoted(uri)
                + "', and MusicXML has none; export the score again as MusicXML");
      }
    }

    /** Attributes of MusicXML itself; those of other name spaces are about links and spacing. */
    private static Map<String, String> own(Attributes attributes) {
      Map<String, String> own = new HashMap<>();
      for (int i = 0; i < attributes.getLength(); i++) {
        if (attributes.getURI(i).isEmpty()) {
          own.put(attributes.getLocalName(i), attributes.getValue(i));
        }
      }
      return own;
    }

    @Override
    public void endElement(String uri, String name, String qualified) {
      open.pop();
    }

    @Override
    public void characters(char[] ch, int start, int length) {
      open.peek().add(ch, start, length);
    }
  }
}
