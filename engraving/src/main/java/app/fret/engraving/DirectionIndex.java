package app.fret.engraving;

import app.fret.score.Directions;
import org.apache.commons.numbers.fraction.Fraction;

/** The signs over and under the staff, found system by system. */
final class DirectionIndex {
  private final OnsetIndex<Directions.Dynamic> dynamics;
  private final OnsetIndex<Directions.Hairpin> hairpins;
  private final OnsetIndex<Directions.Words> words;
  private final OnsetIndex<Directions.TempoMark> tempos;
  private final OnsetIndex<Directions.Rehearsal> rehearsals;
  private final OnsetIndex<Directions.OctaveShift> octaveShifts;

  DirectionIndex(Directions all) {
    dynamics =
        new OnsetIndex<>(all.dynamics(), Directions.Dynamic::onset, Directions.Dynamic::onset);
    hairpins = new OnsetIndex<>(all.hairpins(), Directions.Hairpin::from, Directions.Hairpin::to);
    words = new OnsetIndex<>(all.words(), Directions.Words::onset, Directions.Words::onset);
    tempos =
        new OnsetIndex<>(all.tempos(), Directions.TempoMark::onset, Directions.TempoMark::onset);
    rehearsals =
        new OnsetIndex<>(
            all.rehearsals(), Directions.Rehearsal::onset, Directions.Rehearsal::onset);
    octaveShifts =
        new OnsetIndex<>(
            all.octaveShifts(), Directions.OctaveShift::from, Directions.OctaveShift::to);
  }

  /** All that touches a stretch of time, its two ends included. */
  Directions touching(Fraction start, Fraction end) {
    return new Directions(
        dynamics.touching(start, end),
        hairpins.touching(start, end),
        words.touching(start, end),
        tempos.touching(start, end),
        rehearsals.touching(start, end),
        octaveShifts.touching(start, end));
  }
}
