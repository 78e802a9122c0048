package app.fret.cli;

import app.fret.files.Score;
import app.fret.files.ScoreRejectedException;
import app.fret.files.scores.ScoreFiles;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;

/**
 * The score a command was given: a file, or standard input.
 *
 * @param argument what was typed, {@code -} for standard input
 */
record ScoreInput(String argument) {
  private static final String STANDARD_INPUT = "standard input";

  /** One byte more than any score may have, so that a longer one is noticed. */
  private static final int MOST_BYTES = 64 * 1024 * 1024 + 1;

  private boolean isStandardInput() {
    return argument.equals("-");
  }

  private Path path() {
    try {
      return Path.of(argument);
    } catch (InvalidPathException e) {
      throw new IllegalArgumentException("the name of the file cannot be used on this system");
    }
  }

  /** What it is called in messages. */
  String name() {
    return isStandardInput() ? STANDARD_INPUT : String.valueOf(path().getFileName());
  }

  /** Opens the score. */
  Score open() throws ScoreRejectedException, IOException {
    return isStandardInput()
        ? new ScoreFiles().open(STANDARD_INPUT, System.in.readNBytes(MOST_BYTES))
        : new ScoreFiles().open(path());
  }

  /** Whether this is that very file, under whatever name. */
  boolean isSame(Path other) {
    return Optional.of(argument)
        .filter(a -> !isStandardInput() && Files.exists(path()) && Files.exists(other))
        .map(a -> isSameFile(other))
        .orElse(false);
  }

  private boolean isSameFile(Path other) {
    try {
      return Files.isSameFile(path(), other);
    } catch (IOException e) {
      return false; // one of them is gone meanwhile
    }
  }
}
