package app.fret.lefthand;

import app.fret.lefthand.hand.Placement;
import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Figures of a whole fingering.
 *
 * @param shifts number of shifts, openings of a thumb frame that count as one included
 * @param travelMm way of the hand in all shifts, in mm
 * @param longestShiftMm longest single shift in mm, 0 when there is none
 * @param hardestShiftBits difficulty of the hardest shift in bits, 0 when there is none
 * @param crossings changes to another string
 * @param openStrings open strings played
 * @param reaches notes for which the hand opens beyond its comfortable span
 * @param highest the hand at its highest, empty when no finger is used
 * @param notesPerString stops on each string, by string number
 */
public record Totals(
    int shifts,
    double travelMm,
    double longestShiftMm,
    double hardestShiftBits,
    int crossings,
    int openStrings,
    int reaches,
    Optional<Placement> highest,
    Map<Integer, Integer> notesPerString) {
  public Totals {
    // In order of the strings, so that whoever walks through them does so alike at every run.
    notesPerString = Collections.unmodifiableMap(new TreeMap<>(notesPerString));
  }
}
