package app.fret.lefthand;

import app.fret.instrument.Instrument;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.effort.Fitts;
import app.fret.lefthand.effort.Moment;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds the shifts of a finished fingering with their travel, difficulty, time and guide notes.
 *
 * <p>Where open strings lie between, the hand starts to move after the last stopped note, and the
 * shift is written at the note that covers it.
 */
final class Shifts {
  private final Instrument instrument;
  private final StringGeometry geometry;
  private final List<Placement> path;
  private final List<Moment> moments;

  Shifts(Instrument instrument, List<Placement> path, List<Moment> moments) {
    this.instrument = instrument;
    this.geometry = instrument.geometry();
    this.path = path;
    this.moments = moments;
  }

  List<Shift> find() {
    List<Shift> shifts = new ArrayList<>();
    int lastStopped = -1;
    for (int i = 0; i < path.size(); i++) {
      if (!path.get(i).usesHand()) {
        continue;
      }
      if (lastStopped >= 0 && path.get(lastStopped).base() != path.get(i).base()) {
        shifts.add(shift(lastStopped, i));
      }
      lastStopped = i;
    }
    return shifts;
  }

  private Shift shift(int from, int to) {
    Placement leaving = path.get(from);
    Placement landing = path.get(to);
    double travelMm = geometry.spanMm(leaving.base(), landing.base());
    int landingSemitone = upperStopped(landing).semitone();
    return new Shift(
        from,
        to,
        leaving.base(),
        landing.base(),
        travelMm,
        Fitts.bits(geometry, travelMm, landingSemitone),
        availableSeconds(from, to),
        guides(leaving, landing),
        to == from + 1 ? to : from + 1);
  }

  /** Time for the hand: the gap that covers it, or the note before when nothing does. */
  private double availableSeconds(int from, int to) {
    double gap = moments.get(to).silenceSeconds();
    for (int i = from + 1; i < to; i++) {
      gap += moments.get(i).silenceSeconds() + moments.get(i).lengthSeconds();
    }
    boolean covered = to > from + 1 || moments.get(to).comesAfterRest();
    return covered ? gap : moments.get(from).lengthSeconds() + gap;
  }

  private Shift.Guides guides(Placement leaving, Placement landing) {
    Stop left = upperStopped(leaving);
    Stop landed = upperStopped(landing);
    SoundingPitch departing =
        pitch(left.string(), landing.base() + left.semitone() - leaving.base());
    SoundingPitch arriving =
        pitch(landed.string(), leaving.base() + landed.semitone() - landing.base());
    boolean leavingIsLower = rank(left.finger()) <= rank(landed.finger());
    return new Shift.Guides(leavingIsLower ? departing : arriving, departing, arriving);
  }

  /** The thumb counts as the lowest finger. */
  private static int rank(Finger finger) {
    return finger == Finger.THUMB ? 0 : finger.ordinal();
  }

  private SoundingPitch pitch(int string, int semitone) {
    return new SoundingPitch(instrument.open(string).midi() + semitone);
  }

  private static Stop upperStopped(Placement placement) {
    for (int i = placement.stops().size() - 1; i >= 0; i--) {
      if (!placement.stops().get(i).isOpen()) {
        return placement.stops().get(i);
      }
    }
    throw new IllegalArgumentException("no finger stops a string in " + placement);
  }
}
