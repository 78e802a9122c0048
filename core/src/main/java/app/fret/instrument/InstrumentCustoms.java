package app.fret.instrument;

import app.fret.score.Clef;
import java.util.List;

/**
 * What is usual on an instrument besides its left hand, from its resource file.
 *
 * @param archRadiusMm radius of the bridge's arch, in mm
 * @param outerSpacingMm distance of the outer strings at the bridge, in mm
 * @param bowStrength whose bow is strong where, by direction: {@code upper}, {@code cello} or
 *     {@code bass}
 * @param vibratoBesideViolinHz how much quicker the vibrato is than the violin's, in Hz
 * @param clefs clefs of its parts, the usual first
 * @param midiProgram its program in the General MIDI level 1 sound set, from 0
 */
public record InstrumentCustoms(
    double archRadiusMm,
    double outerSpacingMm,
    String bowStrength,
    double vibratoBesideViolinHz,
    List<Clef> clefs,
    int midiProgram) {
  public InstrumentCustoms {
    clefs = List.copyOf(clefs);
  }
}
