package app.fret.desktop.model.work;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.Optional;

/**
 * Something to tell the player.
 *
 * @param words what it is, and what next
 * @param details for whoever mends the program, to copy; empty when there is nothing to mend
 */
public record Notice(String words, Optional<String> details) {
  /** A notice that says all in its words. */
  public static Notice of(String words) {
    return new Notice(words, Optional.empty());
  }

  /** A mistake of the program's own: plain words, with the trace to copy. */
  public static Notice ofMistake(Throwable mistake) {
    StringWriter trace = new StringWriter();
    mistake.printStackTrace(new PrintWriter(trace));
    return new Notice(Words.ownMistake(), Optional.of(trace.toString()));
  }
}
