package app.fret.instrument;

import app.fret.score.Finger;
import java.util.List;
import java.util.OptionalInt;

/**
 * How an instrument is usually handled by the left hand.
 *
 * @param shiftSpeedMmPerSecond hand speed that doubles the effort of a shift, in mm/s
 * @param shiftEffort effort of a shift beside the same on the violin: where the hand covers fewer
 *     notes it shifts all the time, and players are at home in it
 * @param openStringEffort effort of an open string where it is unwanted beside the same on the
 *     violin: long strings ring full, and players rest on them
 * @param stretchEffortPerMm effort of one mm beyond ease
 * @param crawlFromBase base from which the hand may open and close its way along the string; empty
 *     where that is not usual
 * @param thumbUsualFrom base from which thumb position is usual, beyond the string where it is not
 *     used
 * @param fourthBacked whether the third finger backs the fourth, so that it is no weak one
 * @param lettersHaveFingers whether each finger belongs to a letter name
 * @param comparesTravel whether equal distances in mm make successive shifts easier
 * @param highestUnaskedHarmonic highest natural harmonic that is usual where the part asks for
 *     none, 2 for the octave
 * @param unaskedHarmonicEffort effort of a harmonic where the part asks for none
 * @param octaveHarmonicFingers fingers usual for the octave harmonic, the likeliest first
 */
public record Handling(
    double shiftSpeedMmPerSecond,
    double shiftEffort,
    double openStringEffort,
    double stretchEffortPerMm,
    OptionalInt crawlFromBase,
    int thumbUsualFrom,
    boolean fourthBacked,
    boolean lettersHaveFingers,
    boolean comparesTravel,
    int highestUnaskedHarmonic,
    double unaskedHarmonicEffort,
    List<Finger> octaveHarmonicFingers) {
  public Handling {
    octaveHarmonicFingers = List.copyOf(octaveHarmonicFingers);
  }
}
