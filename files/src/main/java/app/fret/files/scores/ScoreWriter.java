package app.fret.files.scores;

import app.fret.files.abc.AbcProblem;
import app.fret.files.abc.AbcReader;
import app.fret.files.abc.AbcWriter;
import app.fret.files.midi.MidiWriter;
import app.fret.files.musicxml.ScoreOutput;
import app.fret.score.Passage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Writes a passage in the format that the name of its file asks for. */
public final class ScoreWriter {
  /** Endings of the formats, for messages. */
  public static final String ENDINGS = ".musicxml, .xml, .mxl, .abc and .mid";

  private ScoreWriter() {}

  /** Whether the name of a file asks for a format that is written here. */
  public static boolean knows(Path file) {
    return name(file).matches(".*\\.(musicxml|xml|mxl|abc|mid)");
  }

  /** What is written counts as written only if it can be read back. */
  private static void requireReadable(Path file, String text) throws IOException {
    Optional<AbcProblem> bad =
        AbcReader.read(text).problems().stream().filter(AbcProblem::serious).findFirst();
    if (bad.isPresent()) {
      throw new IOException(
          file.getFileName()
              + ": bar "
              + bad.get().bar()
              + " cannot be written in ABC ("
              + bad.get().text()
              + "); write .musicxml");
    }
  }

  private static String name(Path file) {
    return String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
  }

  /**
   * Writes a passage: ABC where the name ends in {@code .abc}, MIDI for {@code .mid}, else
   * MusicXML, zipped for {@code .mxl}.
   *
   * @param out where to; left open
   * @return what the format cannot hold, a phrase each
   * @throws IOException when it cannot be written
   */
  public static List<String> write(Passage passage, Path file, OutputStream out)
      throws IOException {
    if (name(file).endsWith(".abc")) {
      AbcWriter.Written written = AbcWriter.write(passage);
      requireReadable(file, written.text());
      out.write(written.text().getBytes(StandardCharsets.UTF_8));
      return written.left();
    }
    if (name(file).endsWith(".mid")) {
      return MidiWriter.write(passage, out);
    }
    ScoreOutput.write(passage, file, out);
    return List.of();
  }
}
