package app.fret.lefthand;

import app.fret.brief.Brief;
import app.fret.instrument.Habits;
import app.fret.instrument.HandFrame;
import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.effort.shift.Crawl;
import app.fret.lefthand.effort.shift.Fitts;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Key;
import app.fret.score.SoundingPitch;
import app.fret.score.Step;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
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

  private static final int SEMITONES = 12;
  private static final double MOST_OF_THE_NOTE = 0.5;
  private static final double LATE_SHARE_OF_THE_NOTE = 1.0 / 3;
  private static final double MOST_SECONDS_OF_THE_NOTE = 0.6;

  /** Under a slur and on one string a slide that takes longer is heard, hidden or not. */
  private static final double HIDDEN_SECONDS = 0.12;

  private final Brief brief;
  private final Player player;
  private final Instrument instrument;
  private final StringGeometry geometry;
  private final Landmarks landmarks;
  private final Crawl crawl;
  private final List<Placement> path;
  private final List<Moment> moments;

  Shifts(Brief brief, List<Placement> path, List<Moment> moments) {
    this.brief = brief;
    this.player = brief.player();
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
      if (lastStopped >= 0 && !beginsAnew(lastStopped, i) && travels(lastStopped, i)) {
        shifts.add(shift(lastStopped, i));
      }
      lastStopped = i;
    }
    return shifts;
  }

  private boolean beginsAnew(int from, int to) {
    return moments.subList(from + 1, to + 1).stream().anyMatch(m -> m.is(Moment.Sign.FIRST));
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
        guides(leaving, landing, keyAt(to)),
        slide(from, to, bits),
        landmarks.nearest(landed),
        to == from + 1 ? to : from + 1);
  }

  private boolean isCovered(int from, int to) {
    return to > from + 1 || moments.get(to).comesAfterRest();
  }

  /**
   * Time the hand has: the gap that covers it; where nothing does, also the end of the note before,
   * half of it for a player who leaves early, a third for one who leaves late, capped.
   */
  private double availableSeconds(int from, int to) {
    double gap = moments.get(to).silenceSeconds();
    for (int i = from + 1; i < to; i++) {
      gap += moments.get(i).silenceSeconds() + moments.get(i).lengthSeconds();
    }
    return isCovered(from, to) ? gap : gap + secondsOfTheNote(from);
  }

  private double secondsOfTheNote(int from) {
    boolean early = player.habits().slide() == Habits.Slide.EARLY;
    double share = early ? MOST_OF_THE_NOTE : LATE_SHARE_OF_THE_NOTE;
    return Math.min(MOST_SECONDS_OF_THE_NOTE, share * moments.get(from).lengthSeconds());
  }

  private Shift.Slide slide(int from, int to, double bits) {
    if (isCovered(from, to)) {
      return new Shift.Slide(1, 1, 0, false, Shift.BowDuring.FREE);
    }
    double lengthSeconds = moments.get(from).lengthSeconds();
    double quick = QUICK_SECONDS + QUICK_SECONDS_PER_BIT * bits;
    boolean early = player.habits().slide() == Habits.Slide.EARLY;
    double seconds = Math.min(early ? EARLY_TIMES_QUICK * quick : quick, secondsOfTheNote(from));
    boolean oneString =
        upperStopped(path.get(from)).string() == upperStopped(path.get(to)).string();
    return new Shift.Slide(
        1 - seconds / lengthSeconds,
        1,
        seconds,
        isHeard(moments.get(to), oneString, seconds),
        oneString ? Shift.BowDuring.KEPT : Shift.BowDuring.LIGHTENED);
  }

  /**
   * A bow change or another string hides a slide. Under one slur on one string it is heard where
   * the player wants it, and where it takes its time.
   */
  private boolean isHeard(Moment landing, boolean oneString, double seconds) {
    boolean bound = oneString && landing.slurred();
    return bound && (player.habits().slidesAreHeard() || seconds > HIDDEN_SECONDS);
  }

  private Key keyAt(int note) {
    return brief.passage().bars().get(brief.notes().get(note).bar()).key();
  }

  private Shift.Guides guides(Placement leaving, Placement landing, Key key) {
    Stop left = upperStopped(leaving);
    Stop landed = upperStopped(landing);
    SoundingPitch departing = guide(left, leaving, landing, key);
    SoundingPitch arriving = guide(landed, landing, leaving, key);
    boolean leavingIsLower = left.finger().rank() <= landed.finger().rank();
    return new Shift.Guides(
        leavingIsLower ? departing : arriving,
        departing,
        arriving,
        pitch(landed.string(), landed.place()));
  }

  /**
   * What a finger stops on its string in a frame it does not play in: its place there in the key,
   * the nearest to where it stands in its own frame.
   */
  private SoundingPitch guide(Stop stop, Placement own, Placement there, Key key) {
    int offset = stop.place() - own.hand();
    List<Integer> places =
        there.frame().of(stop.finger()).stream()
            .filter(r -> r.use() == HandFrame.Use.ORDINARY)
            .map(r -> there.base() + r.offset())
            .filter(place -> place > 0)
            .toList();
    int place =
        places.stream()
            .min(
                Comparator.comparing((Integer p) -> !isInKey(pitch(stop.string(), p), key))
                    .thenComparing(p -> Math.abs(p - there.hand() - offset)))
            .orElse(there.hand() + offset);
    return pitch(stop.string(), place);
  }

  private static boolean isInKey(SoundingPitch pitch, Key key) {
    return Arrays.stream(Step.values())
        .anyMatch(
            step ->
                Math.floorMod(pitch.midi() - step.semitonesAboveC() - key.alterOf(step), SEMITONES)
                    == 0);
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
