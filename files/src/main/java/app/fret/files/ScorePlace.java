package app.fret.files;

import java.util.Optional;

/**
 * Where in a file something is.
 *
 * @param file name of the file, without its folder
 * @param part name of the part, if known
 * @param bar number of the bar as printed, if known
 */
public record ScorePlace(String file, Optional<String> part, Optional<String> bar) {
  /**
   * Names come from files that may be hostile: what steers a terminal or turns text is left out.
   */
  public ScorePlace {
    file = PlainWords.quoted(file);
    part = part.map(PlainWords::quoted);
    bar = bar.map(PlainWords::quoted);
  }

  /** A place known by its file alone. */
  public static ScorePlace file(String file) {
    return new ScorePlace(file, Optional.empty(), Optional.empty());
  }

  /** The same file, in a part. */
  public ScorePlace inPart(String name) {
    return new ScorePlace(file, Optional.of(name), Optional.empty());
  }

  /** The same part, in a bar. */
  public ScorePlace inBar(String label) {
    return new ScorePlace(file, part, Optional.of(label));
  }

  /** For example {@code study-4.musicxml, Viola, bar 12}. */
  @Override
  public String toString() {
    return file + part.map(p -> ", " + p).orElse("") + bar.map(b -> ", bar " + b).orElse("");
  }
}
