package app.fret.files.musicxml;

import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Opens MusicXML files, plain ({@code .musicxml}, {@code .xml}) or zipped ({@code .mxl}). */
public final class MusicXmlReader {

  /**
   * Sets the XML binding up, which takes most of a second the first time. A program that is about
   * to read can call it on a thread of its own while it does something else.
   */
  public static void prepare() {
    SafeXml.binding();
  }

  /**
   * Opens a file.
   *
   * @throws ScoreRejectedException when it cannot be read, is too large, or is no MusicXML
   */
  public ScoreFile open(Path file) throws ScoreRejectedException {
    ScorePlace place = ScorePlace.file(String.valueOf(file.getFileName()));
    try {
      if (!Files.isRegularFile(file)) {
        throw new ScoreRejectedException(place, "there is no such file");
      }
      if (Files.size(file) > Limits.BYTES) {
        throw tooLarge(place);
      }
      return open(place.file(), Files.readAllBytes(file));
    } catch (IOException e) {
      throw new ScoreRejectedException(place, "it cannot be read from disk");
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
    byte[] xml = MxlArchive.isZip(bytes) ? new MxlArchive(place).score(bytes) : bytes;
    if (xml.length == 0) {
      throw new ScoreRejectedException(place, "it is empty");
    }
    return new ScoreFile(place, new SafeXml(place).parse(xml));
  }

  private static ScoreRejectedException tooLarge(ScorePlace place) {
    return new ScoreRejectedException(
        place, "it is larger than 64 MB; export only the part or the bars you need");
  }
}
