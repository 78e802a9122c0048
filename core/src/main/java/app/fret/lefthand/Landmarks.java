package app.fret.lefthand;

import app.fret.instrument.Instrument;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.hand.Stop;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Names the nearest landmark of a landing: harmonic nodes, and notes that an open string sounds.
 */
final class Landmarks {
  private static final int OCTAVE = 12;

  /** Further off it helps nobody (common practice, no source). */
  private static final double MOST_SEMITONES_AWAY = 2;

  private static final double FIFTH_NODE = OCTAVE * Math.log(1.5) / Math.log(2);
  private static final double TWELFTH_NODE = OCTAVE * Math.log(3) / Math.log(2);

  private final Instrument instrument;
  private final StringGeometry geometry;

  Landmarks(Instrument instrument) {
    this.instrument = instrument;
    this.geometry = instrument.geometry();
  }

  /** A landmark and where it lies, in semitones above the open string. */
  private record Place(String words, double semitones) {}

  /** The nearest landmark, where one lies within reach of help. */
  Optional<Shift.Landmark> nearest(Stop landing) {
    List<Place> places = new ArrayList<>();
    places.add(new Place("octave harmonic at half the string", OCTAVE));
    places.add(new Place("harmonic node at the fifth, a third of the string", FIFTH_NODE));
    places.add(new Place("harmonic node of the twelfth", TWELFTH_NODE));
    addOpenStrings(landing.string(), places);
    return places.stream()
        .filter(p -> Math.abs(landing.place() - p.semitones()) <= MOST_SEMITONES_AWAY)
        .map(p -> new Shift.Landmark(p.words(), aboveMm(landing, p)))
        .min(Comparator.comparingDouble(l -> Math.abs(l.distanceMm())));
  }

  private double aboveMm(Stop landing, Place place) {
    return geometry.fromNutMm(landing.place()) - geometry.fromNutMm(place.semitones());
  }

  private void addOpenStrings(int string, List<Place> places) {
    for (int other = 1; other <= instrument.stringCount(); other++) {
      int above = instrument.open(other).midi() - instrument.open(string).midi();
      for (int octave = 0; octave <= 1 && other != string; octave++) {
        int semitones = above + OCTAVE * octave;
        if (semitones > 0 && semitones <= instrument.highestSemitone()) {
          String interval = octave == 0 ? "unison" : "octave";
          places.add(
              new Place(interval + " with open string " + Instrument.numeral(other), semitones));
        }
      }
    }
  }
}
