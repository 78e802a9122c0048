package app.fret.practice;

import app.fret.score.Passage;
import java.util.List;

/**
 * A passage made from another for practice. It is real music, so that it is engraved, planned and
 * timed by what serves every passage.
 *
 * @param passage the music
 * @param sources by event of {@code passage}: the event of the source it comes from
 */
public record DerivedPassage(Passage passage, List<Integer> sources) {
  public DerivedPassage {
    sources = List.copyOf(sources);
    if (sources.size() != passage.events().size()) {
      throw new IllegalArgumentException(
          sources.size() + " sources for " + passage.events().size() + " events");
    }
  }
}
