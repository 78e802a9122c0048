package app.fret.testing;

import app.fret.brief.Brief;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.score.Passage;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;

/** Makes briefs in tests, where every note lies within the instrument. */
public final class Briefs {
  private Briefs() {}

  /** The brief of a passage at one tempo. */
  public static Brief of(Passage passage, Player player, Tempo tempo) {
    try {
      return Brief.of(passage, player, TempoMap.constant(tempo));
    } catch (OutOfRangeException e) {
      throw new IllegalArgumentException(e);
    }
  }
}
