package app.fret.files.musicxml;

import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import jakarta.xml.bind.JAXBContext;
import jakarta.xml.bind.JAXBException;
import jakarta.xml.bind.UnmarshallerHandler;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import javax.xml.XMLConstants;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.parsers.SAXParserFactory;
import org.audiveris.proxymusic.ScorePartwise;
import org.xml.sax.Attributes;
import org.xml.sax.InputSource;
import org.xml.sax.Locator;
import org.xml.sax.SAXException;
import org.xml.sax.XMLReader;
import org.xml.sax.ext.DefaultHandler2;

/**
 * Parses XML that may be hostile into proxymusic's score.
 *
 * <p>Nothing outside the file is fetched. A document type declaration may name MusicXML's public
 * identifier; one that declares anything itself is refused before a single entity is expanded, and
 * so is nesting beyond {@link Limits#DEPTH}.
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

  /** The binding of MusicXML's elements, made once: it takes most of a second. */
  private static final class Binding {
    static final JAXBContext CONTEXT = make();

    private static JAXBContext make() {
      try {
        return JAXBContext.newInstance(ScorePartwise.class);
      } catch (JAXBException e) {
        throw new IllegalStateException("the MusicXML binding cannot be set up", e);
      }
    }
  }

  static JAXBContext binding() {
    return Binding.CONTEXT;
  }

  ScorePartwise parse(byte[] bytes) throws ScoreRejectedException {
    try {
      UnmarshallerHandler score = binding().createUnmarshaller().getUnmarshallerHandler();
      Guard guard = new Guard(score);
      XMLReader reader = reader(guard);
      InputSource source = new InputSource(new ByteArrayInputStream(bytes));
      if (startsWithUtf8Mark(bytes)) {
        // Some programs declare another encoding than they write; the mark is what is true.
        source.setEncoding("UTF-8");
      }
      reader.parse(source);
      return (ScorePartwise) score.getResult();
    } catch (RefusedException e) {
      throw new ScoreRejectedException(place, e.getMessage());
    } catch (SAXException | IOException e) {
      throw new ScoreRejectedException(
          place, "it is not well-formed XML" + where(e) + "; export the score again");
    } catch (JAXBException | ParserConfigurationException | ClassCastException e) {
      throw new ScoreRejectedException(place, "it cannot be read as MusicXML");
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

  /** Passes elements on to the binding as long as they are harmless. */
  private static final class Guard extends DefaultHandler2 {
    private final UnmarshallerHandler score;
    private boolean inDeclaration;
    private int depth;

    Guard(UnmarshallerHandler score) {
      this.score = score;
    }

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
    public void setDocumentLocator(Locator locator) {
      score.setDocumentLocator(locator);
    }

    @Override
    public void startDocument() throws SAXException {
      score.startDocument();
    }

    @Override
    public void endDocument() throws SAXException {
      score.endDocument();
    }

    @Override
    public void startPrefixMapping(String prefix, String uri) throws SAXException {
      score.startPrefixMapping(prefix, uri);
    }

    @Override
    public void endPrefixMapping(String prefix) throws SAXException {
      score.endPrefixMapping(prefix);
    }

    @Override
    public void startElement(String uri, String name, String qualified, Attributes attributes)
        throws SAXException {
      if (depth == 0 && !name.equals("score-partwise")) {
        throw new RefusedException(
            name.equals("score-timewise")
                ? "it is MusicXML ordered by time; export it ordered by part (score-partwise)"
                : "it is XML but not MusicXML: it begins with <" + name + ">");
      }
      if (++depth > Limits.DEPTH) {
        throw new RefusedException("its elements are nested deeper than " + Limits.DEPTH);
      }
      score.startElement(uri, name, qualified, attributes);
    }

    @Override
    public void endElement(String uri, String name, String qualified) throws SAXException {
      depth--;
      score.endElement(uri, name, qualified);
    }

    @Override
    public void characters(char[] ch, int start, int length) throws SAXException {
      score.characters(ch, start, length);
    }
  }
}
