package app.fret.practice.drill;

import app.fret.score.Directions;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

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

  /** The same with a tempo printed at its start, where it has none of its own. */
  public DrillMusic at(Tempo tempo) {
    Directions now = passage.directions();
    if (!now.tempos().isEmpty()) {
      return this;
    }
    Directions timed =
        new Directions(
            now.dynamics(),
            now.hairpins(),
            now.words(),
            List.of(new Directions.TempoMark(Fraction.ZERO, tempo)),
            now.rehearsals(),
            now.octaveShifts());
    return new DrillMusic(passage.withDirections(timed), sources);
  }
}
