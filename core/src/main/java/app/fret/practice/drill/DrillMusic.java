package app.fret.practice.drill;

import app.fret.score.Passage;
import java.util.List;

/**
 * The music of a drill.
 *
 * @param passage real music, so that it is engraved, planned, heard and timed by what serves every
 *     passage; its fingers and strings are printed
 * @param sources by event of {@code passage}: the number of the note it comes from, of a rest that
 *     of the note beside it
 */
public record DrillMusic(Passage passage, List<Integer> sources) {
  public DrillMusic {
    sources = List.copyOf(sources);
    if (sources.size() != passage.events().size()) {
      throw new IllegalArgumentException(
          sources.size() + " sources for " + passage.events().size() + " events");
    }
  }
}
