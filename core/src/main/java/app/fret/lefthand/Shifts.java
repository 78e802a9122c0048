package app.fret.lefthand;

import app.fret.instrument.Habits;
import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.effort.Crawl;
import app.fret.lefthand.effort.Fitts;
import app.fret.lefthand.effort.Moment;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.SoundingPitch;
import java.util.ArrayList;
import java.util.List;

/**
 * Finds the shifts of a finished fingering with their travel, difficulty, time and guide notes.
 *
 * <p>Where open strings lie between, the hand starts to move after the last stopped note, and the
 * shift is written at the note that covers it. Where the hand crawls there is no shift.
 */
final class Shifts {
  /** Time of a quick move: so long at all, and for each bit (common practice, no source). */
  private static final double QUICK_SECONDS = 0.05;

  private static final double QUICK_SECONDS_PER_BIT = 0.02;

  /** An early shift is unhurried: it takes so many times a quick one. */
  private static final double EARLY_TIMES_QUICK = 2;

  private static final double MOST_OF_THE_NOTE = 0.5;

  private final Player player;
  private final Instrument instrument;
  private final StringGeometry geometry;
  private final Landmarks landmarks;
  private final Crawl crawl;
  private final List<Placement> path;
  private final List<Moment> moments;

  Shifts(Player player, List<Placement> path, List<Moment> moments) {
    this.player = player;
    this.instrument = player.instrument();
    this.geometry = instrument.geometry();
    this.landmarks = new Landmarks(instrument);
    this.crawl = new Crawl(player);
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
      if (lastStopped >= 0 && travels(lastStopped, i)) {
        shifts.add(shift(lastStopped, i));
      }
      lastStopped = i;
    }
    return shifts;
  }

  private boolean travels(int from, int to) {
    Placement leaving = path.get(from);
    Placement landing = path.get(to);
    boolean crawls = to == from + 1 && crawl.joins(leaving, landing);
    return leaving.hand() != landing.hand() && !crawls;
  }

  private Shift shift(int from, int to) {
    Placement leaving = path.get(from);
    Placement landing = path.get(to);
    double travelMm = geometry.spanMm(leaving.hand(), landing.hand());
    Stop landed = upperStopped(landing);
    double bits = Fitts.bits(geometry, travelMm, landed.place());
    return new Shift(
        from,
        to,
        leaving,
        landing,
        travelMm,
        bits,
        availableSeconds(from, to),
        guides(leaving, landing),
        slide(from, to, bits),
        landmarks.nearest(landed),
        to == from + 1 ? to : from + 1);
  }

  private boolean isCovered(int from, int to) {
    return to > from + 1 || moments.get(to).comesAfterRest();
  }

  /** Time for the hand: the gap that covers it, or the note before when nothing does. */
  private double availableSeconds(int from, int to) {
    double gap = moments.get(to).silenceSeconds();
    for (int i = from + 1; i < to; i++) {
      gap += moments.get(i).silenceSeconds() + moments.get(i).lengthSeconds();
    }
    return isCovered(from, to) ? gap : moments.get(from).lengthSeconds() + gap;
  }

  private Shift.Slide slide(int from, int to, double bits) {
    boolean heard = player.habits().slidesAreHeard();
    if (isCovered(from, to)) {
      return new Shift.Slide(1, 1, 0, false, Shift.BowDuring.FREE);
    }
    double lengthSeconds = moments.get(from).lengthSeconds();
    double quick = QUICK_SECONDS + QUICK_SECONDS_PER_BIT * bits;
    boolean early = player.habits().slide() == Habits.Slide.EARLY;
    double seconds =
        Math.min(early ? EARLY_TIMES_QUICK * quick : quick, MOST_OF_THE_NOTE * lengthSeconds);
    boolean oneString =
        upperStopped(path.get(from)).string() == upperStopped(path.get(to)).string();
    return new Shift.Slide(
        1 - seconds / lengthSeconds,
        1,
        seconds,
        heard,
        oneString ? Shift.BowDuring.KEPT : Shift.BowDuring.LIGHTENED);
  }

  private Shift.Guides guides(Placement leaving, Placement landing) {
    Stop left = upperStopped(leaving);
    Stop landed = upperStopped(landing);
    SoundingPitch departing = pitch(left.string(), landing.hand() + left.place() - leaving.hand());
    SoundingPitch arriving =
        pitch(landed.string(), leaving.hand() + landed.place() - landing.hand());
    boolean leavingIsLower = left.finger().rank() <= landed.finger().rank();
    return new Shift.Guides(
        leavingIsLower ? departing : arriving,
        departing,
        arriving,
        pitch(landed.string(), landed.place()));
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
