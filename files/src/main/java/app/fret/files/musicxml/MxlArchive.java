package app.fret.files.musicxml;

import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;

/**
 * Takes the score out of a zipped MusicXML file.
 *
 * <p>Unzips in memory only: no name from the archive is ever used as a path. Refuses archives with
 * names that point outside, with too many entries, or that unzip to more than the limit.
 */
final class MxlArchive {
  private static final String CONTAINER = "META-INF/container.xml";

  private final ScorePlace place;

  MxlArchive(ScorePlace place) {
    this.place = place;
  }

  /** Whether these bytes begin as a zip archive does. */
  static boolean isZip(byte[] bytes) {
    return bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K' && bytes[2] == 3 && bytes[3] == 4;
  }

  /** The bytes of the score inside. */
  byte[] score(byte[] archive) throws ScoreRejectedException {
    Map<String, byte[]> entries = unzip(archive);
    byte[] container = entries.get(CONTAINER);
    Optional<String> named = container == null ? Optional.empty() : rootFile(container);
    String name =
        named
            .or(() -> entries.keySet().stream().filter(MxlArchive::looksLikeScore).findFirst())
            .orElseThrow(() -> new ScoreRejectedException(place, "the archive holds no score"));
    byte[] score = entries.get(name);
    if (score == null) {
      throw new ScoreRejectedException(
          place, "the archive names '" + name + "' as its score but does not hold it");
    }
    return score;
  }

  private static boolean looksLikeScore(String name) {
    return !name.startsWith("META-INF/") && (name.endsWith(".xml") || name.endsWith(".musicxml"));
  }

  private Map<String, byte[]> unzip(byte[] archive) throws ScoreRejectedException {
    Map<String, byte[]> entries = new LinkedHashMap<>();
    long left = Limits.BYTES;
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        requireInside(entry.getName());
        if (entries.size() == Limits.ARCHIVE_ENTRIES) {
          throw new ScoreRejectedException(
              place, "the archive holds more than " + Limits.ARCHIVE_ENTRIES + " files");
        }
        byte[] bytes = readAtMost(zip, left);
        left -= bytes.length;
        entries.put(entry.getName(), bytes);
      }
    } catch (IOException | IllegalArgumentException e) {
      throw new ScoreRejectedException(
          place, "the archive is damaged; export the score again from your notation program");
    }
    return entries;
  }

  private byte[] readAtMost(InputStream in, long most) throws IOException, ScoreRejectedException {
    byte[] bytes = in.readNBytes((int) most + 1);
    if (bytes.length > most) {
      throw new ScoreRejectedException(
          place, "the archive unzips to more than 64 MB; export a shorter excerpt");
    }
    return bytes;
  }

  private void requireInside(String name) throws ScoreRejectedException {
    String plain = name.replace('\\', '/');
    boolean outside =
        plain.startsWith("/")
            || plain.matches("^[A-Za-z]:.*")
            || plain.equals("..")
            || plain.startsWith("../")
            || plain.contains("/../")
            || plain.endsWith("/..");
    if (outside) {
      throw new ScoreRejectedException(
          place, "the archive names a path outside itself and is refused");
    }
  }

  /** Path of the score as the container file names it. */
  private static Optional<String> rootFile(byte[] container) {
    XMLInputFactory factory = XMLInputFactory.newDefaultFactory();
    factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
    factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
    try {
      XMLStreamReader reader = factory.createXMLStreamReader(new ByteArrayInputStream(container));
      while (reader.hasNext()) {
        if (reader.next() == XMLStreamConstants.START_ELEMENT
            && reader.getLocalName().equals("rootfile")) {
          return Optional.ofNullable(reader.getAttributeValue(null, "full-path"));
        }
      }
      return Optional.empty();
    } catch (XMLStreamException e) {
      return Optional.empty();
    }
  }
}
