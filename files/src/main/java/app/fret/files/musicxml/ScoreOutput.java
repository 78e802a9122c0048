package app.fret.files.musicxml;

import app.fret.files.WholeFile;
import app.fret.score.Passage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Locale;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Writes a passage in the form that the name of its file asks for. */
public final class ScoreOutput {
  private static final String CONTAINER =
      """
      <?xml version="1.0" encoding="UTF-8"?>
      <container>
        <rootfiles>
          <rootfile full-path="score.musicxml" \
      media-type="application/vnd.recordare.musicxml+xml"/>
        </rootfiles>
      </container>
      """;

  private ScoreOutput() {}

  /**
   * Writes plain MusicXML, or zipped where the name ends in {@code .mxl}.
   *
   * @param out where to; left open
   * @throws IOException when it cannot be written
   */
  public static void write(Passage passage, Path file, OutputStream out) throws IOException {
    write(file, out, xml -> new MusicXmlWriter().write(passage, xml));
  }

  /** Writes what makes MusicXML, zipped where the name ends in {@code .mxl}. */
  static void write(Path file, OutputStream out, WholeFile.Content score) throws IOException {
    if (file.toString().toLowerCase(Locale.ROOT).endsWith(".mxl")) {
      writeZipped(score, out);
    } else {
      score.writeTo(out);
    }
  }

  private static void writeZipped(WholeFile.Content score, OutputStream out) throws IOException {
    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    zip.putNextEntry(new ZipEntry("META-INF/container.xml"));
    zip.write(CONTAINER.getBytes(StandardCharsets.UTF_8));
    zip.closeEntry();
    zip.putNextEntry(new ZipEntry("score.musicxml"));
    score.writeTo(zip);
    zip.closeEntry();
    zip.finish();
  }
}
