package app.fret.files.musicxml;

import app.fret.files.PlainWords;
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

  /** Where some systems put what belongs to a file but is not in it; their names look alike. */
  private static final String RESOURCE_FORKS = "__MACOSX/";

  /** Places in the head of an archive's first file (APPNOTE 6.3, section 4.3.7). */
  private static final int FLAGS = 6;

  private static final int METHOD = 8;

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
          place,
          "the archive names '" + PlainWords.quoted(name) + "' as its score but does not hold it");
    }
    return score;
  }

  private static boolean looksLikeScore(String name) {
    String file = name.substring(name.lastIndexOf('/') + 1);
    return !name.startsWith("META-INF/")
        && !name.startsWith(RESOURCE_FORKS)
        && !file.startsWith("._")
        && (file.endsWith(".xml") || file.endsWith(".musicxml"));
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
        if (!entry.isDirectory() && entries.put(entry.getName(), bytes) != null) {
          throw new ScoreRejectedException(
              place,
              "the archive holds two files named '"
                  + PlainWords.quoted(entry.getName())
                  + "'; export the score again");
        }
      }
    } catch (IOException | IllegalArgumentException e) {
      throw new ScoreRejectedException(place, unreadable(archive));
    }
    return entries;
  }

  /** Why an archive cannot be unzipped, as its first file's head says. */
  private static String unreadable(byte[] archive) {
    boolean encrypted = archive.length > METHOD && (archive[FLAGS] & 1) != 0;
    if (encrypted) {
      return "the archive is locked with a password; export the score again without one";
    }
    int method = archive.length > METHOD ? archive[METHOD] & 0xFF : 0;
    boolean usual = method == ZipEntry.STORED || method == ZipEntry.DEFLATED;
    return usual
        ? "the archive is damaged; export the score again from your notation program"
        : "the archive is packed in an unusual way; unpack it and open the score inside";
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
