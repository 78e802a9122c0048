package app.fret.lefthand.hand;

import app.fret.instrument.Instrument;
import app.fret.instrument.StringGeometry;
import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds how near a hand comes to a chord it cannot hold: of all strings and fingers the ones whose
 * worst pair is the least too far apart. Fingers that would have to cross count as worse than any
 * distance.
 */
final class NearestHold {
  private static final double CROSSED_MM = 1e6;

  private final Instrument instrument;
  private final StringGeometry geometry;
  private final Spans spans;
  private Refusal nearest;
  private double nearestExcessMm = Double.POSITIVE_INFINITY;

  NearestHold(Instrument instrument, Spans spans) {
    this.instrument = instrument;
    this.geometry = instrument.geometry();
    this.spans = spans;
    Stop none = new Stop(1, Finger.OPEN, 0);
    this.nearest = new Refusal(List.of(), none, none, 0, 0);
  }

  Refusal of(List<SoundingPitch> chord) {
    search(chord, new ArrayList<>());
    return nearest;
  }

  private void search(List<SoundingPitch> chord, List<Stop> chosen) {
    if (chosen.size() == chord.size()) {
      weigh(chosen);
      return;
    }
    SoundingPitch pitch = chord.get(chosen.size());
    for (int string = 1; string <= instrument.stringCount(); string++) {
      int semitone = pitch.semitonesAbove(instrument.open(string));
      if (semitone < 0 || semitone > instrument.highestSemitone()) {
        continue;
      }
      for (Finger finger : semitone == 0 ? List.of(Finger.OPEN) : stoppingFingers()) {
        Stop stop = new Stop(string, finger, semitone);
        if (Placements.isNeighbour(stop, chosen)) {
          chosen.add(stop);
          search(chord, chosen);
          chosen.remove(chosen.size() - 1);
        }
      }
    }
  }

  private List<Finger> stoppingFingers() {
    return instrument.frames().stream()
        .flatMap(f -> f.reaches().keySet().stream())
        .distinct()
        .sorted()
        .toList();
  }

  private void weigh(List<Stop> stops) {
    Refusal worst = nearest;
    double worstExcessMm = 0;
    for (Stop lower : stops) {
      for (Stop upper : stops) {
        if (lower == upper || lower.isOpen() || upper.isOpen()) {
          continue;
        }
        double excessMm = excessMm(lower, upper);
        if (excessMm > worstExcessMm) {
          worstExcessMm = excessMm;
          worst = refusal(stops, lower, upper);
        }
      }
    }
    if (worstExcessMm > 0 && worstExcessMm < nearestExcessMm) {
      nearestExcessMm = worstExcessMm;
      nearest = worst;
    }
  }

  private Refusal refusal(List<Stop> stops, Stop lower, Stop upper) {
    boolean crossed = lower.semitone() > upper.semitone() || lower.finger() == upper.finger();
    return new Refusal(
        stops,
        lower,
        upper,
        geometry.spanMm(lower.semitone(), upper.semitone()),
        crossed ? 0 : greatestMm(lower, upper));
  }

  /** How far a pair is out of reach in mm, 0 when it is not. */
  private double excessMm(Stop lower, Stop upper) {
    if (lower.finger().rank() > upper.finger().rank()) {
      return 0;
    }
    double apartMm = geometry.spanMm(lower.semitone(), upper.semitone());
    if (lower.finger() == upper.finger()) {
      return lower.semitone() == upper.semitone() ? 0 : CROSSED_MM + apartMm;
    }
    return lower.semitone() > upper.semitone()
        ? CROSSED_MM + apartMm
        : Math.max(0, apartMm - greatestMm(lower, upper));
  }

  private double greatestMm(Stop lower, Stop upper) {
    int stringsApart = Math.abs(lower.string() - upper.string());
    return spans.greatestAcrossMm(lower.finger(), upper.finger(), stringsApart);
  }
}
