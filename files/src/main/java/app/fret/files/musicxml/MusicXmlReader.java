package app.fret.files.musicxml;

import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HexFormat;
import java.util.Map;

/** Opens MusicXML files, plain ({@code .musicxml}, {@code .xml}) or zipped ({@code .mxl}). */
public final class MusicXmlReader {

  /**
   * Opens a file.
   *
   * @throws ScoreRejectedException when it cannot be read, is too large, or is no MusicXML
   */
  public ScoreFile open(Path file) throws ScoreRejectedException {
    return open(String.valueOf(file.getFileName()), bytes(file));
  }

  /**
   * Reads a file into memory.
   *
   * @throws ScoreRejectedException when it cannot be read or is too large
   */
  public byte[] bytes(Path file) throws ScoreRejectedException {
    ScorePlace place = ScorePlace.file(String.valueOf(file.getFileName()));
    try {
      requireFile(file, place);
      if (Files.size(file) > Limits.BYTES) {
        throw tooLarge(place);
      }
      return Files.readAllBytes(file);
    } catch (IOException e) {
      throw new ScoreRejectedException(place, "it cannot be read from disk; may you read it?");
    }
  }

  private static void requireFile(Path file, ScorePlace place) throws ScoreRejectedException {
    if (file.toString().isBlank()) {
      throw new ScoreRejectedException(
          ScorePlace.file("(no name)"), "the name of the file is empty; name a score");
    }
    if (Files.isDirectory(file)) {
      throw new ScoreRejectedException(place, "it is a folder; name a score in it");
    }
    if (!Files.exists(file)) {
      throw new ScoreRejectedException(place, "there is no such file");
    }
    if (!Files.isRegularFile(file)) {
      throw new ScoreRejectedException(
          place, "it is no ordinary file; give - as its name to read from standard input");
    }
  }

  /**
   * Opens a score held in memory.
   *
   * @param name name shown in messages
   * @param bytes the whole file
   * @throws ScoreRejectedException when it is too large or is no MusicXML
   */
  public ScoreFile open(String name, byte[] bytes) throws ScoreRejectedException {
    ScorePlace place = ScorePlace.file(name);
    if (bytes.length > Limits.BYTES) {
      throw tooLarge(place);
    }
    requireNotPacked(bytes, place);
    byte[] xml = MxlArchive.isZip(bytes) ? new MxlArchive(place).score(bytes) : bytes;
    if (xml.length == 0) {
      throw new ScoreRejectedException(place, "it is empty");
    }
    return new ScoreFile(place, new SafeXml(place).parse(xml), xml);
  }

  /** Other ways of packing, by the bytes a file begins with. */
  private static final Map<String, String> PACKED =
      Map.of("1f8b", "gzip", "377abcaf", "7-Zip", "52617221", "RAR", "fd377a58", "xz");

  private static void requireNotPacked(byte[] bytes, ScorePlace place)
      throws ScoreRejectedException {
    String head = HexFormat.of().formatHex(bytes, 0, Math.min(4, bytes.length));
    for (Map.Entry<String, String> packed : PACKED.entrySet()) {
      if (head.startsWith(packed.getKey())) {
        throw new ScoreRejectedException(
            place,
            "it is packed as " + packed.getValue() + "; unpack it and open the score inside");
      }
    }
  }

  private static ScoreRejectedException tooLarge(ScorePlace place) {
    return new ScoreRejectedException(
        place, "it is larger than 64 MB; export only the part or the bars you need");
  }
}
