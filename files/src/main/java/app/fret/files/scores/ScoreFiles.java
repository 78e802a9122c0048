package app.fret.files.scores;

import app.fret.files.Score;
import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.files.abc.AbcScore;
import app.fret.files.midi.MidiScore;
import app.fret.files.musicxml.MusicXmlReader;
import java.nio.file.Path;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * Opens scores: MusicXML, plain or zipped, ABC and MIDI. The content says which it is, not the
 * name.
 */
public final class ScoreFiles {
  /** An ABC tune begins with its number; what else may stand before it are remarks. */
  private static final Pattern ABC = Pattern.compile("\\A\\uFEFF?(?:\\s*(?:%.*)?\\n)*X:\\s*\\d");

  private final MusicXmlReader musicXml = new MusicXmlReader();

  /**
   * Opens a file.
   *
   * @throws ScoreRejectedException when it cannot be read, is too large, or is no score
   */
  public Score open(Path file) throws ScoreRejectedException {
    return open(String.valueOf(file.getFileName()), bytes(file));
  }

  /**
   * Reads a file into memory.
   *
   * @throws ScoreRejectedException when it cannot be read or is too large
   */
  public byte[] bytes(Path file) throws ScoreRejectedException {
    return musicXml.bytes(file);
  }

  /**
   * Opens a score held in memory.
   *
   * @param name name shown in messages
   * @param bytes the whole file
   * @throws ScoreRejectedException when it is too large or is no score
   */
  public Score open(String name, byte[] bytes) throws ScoreRejectedException {
    byte[] content = RiffMidi.content(bytes).orElse(bytes);
    if (isMidi(content)) {
      return new MidiScore(ScorePlace.file(name), content);
    }
    Optional<PlainText> text = PlainText.of(bytes);
    boolean named = name.toLowerCase(java.util.Locale.ROOT).endsWith(".abc");
    if (text.isPresent() && (named || ABC.matcher(text.get().text()).find())) {
      return new AbcScore(ScorePlace.file(name), text.get().text(), text.get().remark());
    }
    refuseByKind(name, bytes, text);
    return musicXml.open(name, bytes);
  }

  /** Files that are often taken for scores are called what they are. */
  private static void refuseByKind(String name, byte[] bytes, Optional<PlainText> text)
      throws ScoreRejectedException {
    Optional<String> kind = FileKinds.of(bytes);
    if (kind.isPresent()) {
      throw new ScoreRejectedException(
          ScorePlace.file(name),
          "it is " + kind.get() + ", which holds no notes to read; export the score as MusicXML");
    }
    if (text.isPresent()) {
      throw new ScoreRejectedException(
          ScorePlace.file(name),
          "it is plain text and no score; a tune in ABC begins with X: and K:, other scores are"
              + " MusicXML or MIDI");
    }
  }

  private static boolean isMidi(byte[] bytes) {
    return bytes.length > 4
        && bytes[0] == 'M'
        && bytes[1] == 'T'
        && bytes[2] == 'h'
        && bytes[3] == 'd';
  }
}
