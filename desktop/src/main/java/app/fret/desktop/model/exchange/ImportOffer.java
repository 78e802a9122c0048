package app.fret.desktop.model.exchange;

import app.fret.book.BookPlayer;
import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.musicxml.ScoreOutput;
import app.fret.files.scores.ScoreFiles;
import app.fret.score.Passage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;

/**
 * A file that was opened to take a passage from.
 *
 * @param fileName its name
 * @param bytes the whole file
 * @param score what it holds
 * @param players the players of the book, whose it can be
 */
public record ImportOffer(String fileName, byte[] bytes, Score score, List<BookPlayer> players) {
  public ImportOffer {
    bytes = bytes.clone();
    players = List.copyOf(players);
  }

  @Override
  public byte[] bytes() {
    return bytes.clone();
  }

  /** Takes music that was typed. */
  static ImportOffer typed(String abc, List<BookPlayer> players) throws ScoreRejectedException {
    byte[] bytes = abc.getBytes(StandardCharsets.UTF_8);
    Score score = new ScoreFiles().open("typed.abc", bytes);
    score.read(0);
    return new ImportOffer(score.title() + ".abc", bytes, score, players);
  }

  /** Takes music that Fret made itself. */
  static ImportOffer made(Passage music, List<BookPlayer> players) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    String name = music.title() + ".musicxml";
    try {
      ScoreOutput.write(music, Path.of("made.musicxml"), bytes);
      Score score = new ScoreFiles().open(name, bytes.toByteArray());
      return new ImportOffer(name, bytes.toByteArray(), score, players);
    } catch (IOException e) {
      throw new UncheckedIOException(e); // memory takes whatever is written into it
    } catch (ScoreRejectedException e) {
      throw new IllegalStateException("music that Fret wrote cannot be read", e);
    }
  }

  /** The same file, its music written down otherwise. */
  public ImportOffer with(Score other) {
    return new ImportOffer(fileName, bytes, other, players);
  }

  /** A part of it as the player has it written down; kept so, since the file would be read anew. */
  public ImportOffer written(Passage part) {
    return made(part.withTitle(score.title()), players);
  }

  /** Whether this is what was typed. */
  public boolean isTyped(String abc) {
    return Arrays.equals(bytes, abc.getBytes(StandardCharsets.UTF_8));
  }

  /** Opens a file. */
  static ImportOffer read(Path file, List<BookPlayer> players) throws ScoreRejectedException {
    ScoreFiles reader = new ScoreFiles();
    byte[] bytes = reader.bytes(file);
    String name = String.valueOf(file.getFileName());
    return new ImportOffer(name, bytes, reader.open(name, bytes), players);
  }
}
