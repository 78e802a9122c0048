package app.fret.desktop.model;

import app.fret.files.ScoreRejectedException;
import app.fret.files.musicxml.MusicXmlReader;
import app.fret.files.musicxml.ScoreFile;
import java.nio.file.Path;

/**
 * A file that was opened to take a passage from.
 *
 * @param fileName its name
 * @param bytes the whole file
 * @param score what it holds
 */
public record ImportOffer(String fileName, byte[] bytes, ScoreFile score) {
  public ImportOffer {
    bytes = bytes.clone();
  }

  @Override
  public byte[] bytes() {
    return bytes.clone();
  }

  /** Opens a file. */
  static ImportOffer read(Path file) throws ScoreRejectedException {
    MusicXmlReader reader = new MusicXmlReader();
    byte[] bytes = reader.bytes(file);
    String name = String.valueOf(file.getFileName());
    return new ImportOffer(name, bytes, reader.open(name, bytes));
  }
}
