package app.fret.files.midi;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.apache.commons.numbers.fraction.Fraction;

/** Puts played notes on the divisions of their beats, see {@link BeatGrids}. */
final class Quantiser {
  /** An onset so little before a beat belongs to it, in quarters. */
  private static final double EARLY = 0.07;

  private final double ticksPerQuarter;
  private final MidiClock clock;
  private final MidiSettings settings;
  private final List<Fraction> windows;
  private final Fraction end;
  private List<BeatGrids.Division> divisions = List.of();
  private int moved;
  private double furthest;

  /**
   * A note or chord on the grid.
   *
   * @param onset when it begins
   * @param end when it is over
   * @param pitches sounding pitches
   * @param graces pitches of the grace notes before it
   */
  record Placed(Fraction onset, Fraction end, List<Integer> pitches, List<Integer> graces) {}

  /**
   * A quantiser.
   *
   * @param windows where quarters begin: at each bar line and a quarter on, in order
   * @param end when the last bar is over
   */
  Quantiser(
      int ticksPerQuarter,
      MidiClock clock,
      MidiSettings settings,
      List<Fraction> windows,
      Fraction end) {
    this.ticksPerQuarter = ticksPerQuarter;
    this.clock = clock;
    this.settings = settings;
    this.windows = windows;
    this.end = end;
  }

  /** How many onsets lay beside the grid. */
  int moved() {
    return moved;
  }

  /** How far the furthest of them lay from it, in quarters. */
  double furthest() {
    return furthest;
  }

  /** Onsets of played notes, which are in order, by the moment at which each is written. */
  TreeMap<Fraction, Struck> place(List<Struck> struck) {
    List<List<Struck>> inWindow = new ArrayList<>();
    int window = 0;
    for (int i = 0; i < windows.size(); i++) {
      inWindow.add(new ArrayList<>());
    }
    for (Struck each : struck) {
      while (window + 1 < windows.size()
          && quarters(each.on()) >= quarters(windows.get(window + 1)) - EARLY) {
        window++;
      }
      inWindow.get(window).add(each);
    }
    divisions = new BeatGrids(settings).of(beats(inWindow));
    TreeMap<Fraction, Struck> placed = new TreeMap<>();
    for (int w = 0; w < windows.size(); w++) {
      for (Struck each : inWindow.get(w)) {
        put(placed, snapped(quarters(each.on()), w), each);
      }
    }
    return placed;
  }

  private List<BeatGrids.Beat> beats(List<List<Struck>> inWindow) {
    List<BeatGrids.Beat> beats = new ArrayList<>();
    for (int w = 0; w < windows.size(); w++) {
      double from = quarters(windows.get(w));
      double length = quarters(endOf(w)) - from;
      long tick = Math.round(from * ticksPerQuarter);
      double seconds = clock.seconds(tick, Math.round((from + length) * ticksPerQuarter));
      List<Double> onsets = inWindow.get(w).stream().map(s -> quarters(s.on()) - from).toList();
      beats.add(new BeatGrids.Beat(length, Math.max(1e-6, seconds), onsets));
    }
    return beats;
  }

  /** What cannot be told apart any more sounds together, but one pitch twice is kept apart. */
  private void put(TreeMap<Fraction, Struck> placed, Fraction wanted, Struck struck) {
    Fraction at = wanted;
    Fraction step = Fraction.of(1, 32);
    while (placed.containsKey(at)
        && shares(placed.get(at), struck)
        && at.add(step).compareTo(end) < 0) {
      at = at.add(step);
    }
    placed.merge(at, struck, Quantiser::together);
  }

  private static boolean shares(Struck one, Struck other) {
    return other.pitches().stream().anyMatch(one.pitches()::contains);
  }

  private static Struck together(Struck one, Struck other) {
    List<Integer> pitches = new ArrayList<>(one.pitches());
    other.pitches().stream().filter(p -> !pitches.contains(p)).forEach(pitches::add);
    return new Struck(one.on(), Math.max(one.off(), other.off()), pitches, one.graces());
  }

  private Fraction endOf(int window) {
    return window + 1 < windows.size() ? windows.get(window + 1) : end;
  }

  private static double quarters(Fraction time) {
    return 4 * time.doubleValue();
  }

  private double quarters(long tick) {
    return tick / ticksPerQuarter;
  }

  private Fraction snapped(double onset, int window) {
    BeatGrids.Division division = divisions.get(window);
    Fraction step = Fraction.of(1, 4 * division.parts());
    long point = Math.max(0, division.point(onset - quarters(windows.get(window))));
    Fraction place = windows.get(window).add(step.multiply((int) point));
    Fraction within = place.compareTo(end) >= 0 ? end.subtract(step) : place;
    double away = Math.abs(onset - quarters(within));
    if (away * ticksPerQuarter > 1) {
      moved++;
      furthest = Math.max(furthest, away);
    }
    return within;
  }

  /**
   * The points on which a note that begins in a quarter may end: its own division, or sixteenths.
   */
  Fraction stepAt(Fraction moment) {
    int window = windowAt(moment);
    BeatGrids.Division division =
        divisions.isEmpty() ? new BeatGrids.Division(4, 0) : divisions.get(window);
    int parts = division.isTuplet() ? division.parts() : Math.max(4, division.parts());
    return Fraction.of(1, 4 * parts);
  }

  /** Where the quarter begins that holds a moment. */
  Fraction quarterOf(Fraction moment) {
    return windows.get(windowAt(moment));
  }

  private int windowAt(Fraction moment) {
    int low = 0;
    int high = windows.size() - 1;
    while (low < high) {
      int middle = (low + high + 1) >>> 1;
      if (windows.get(middle).compareTo(moment) <= 0) {
        low = middle;
      } else {
        high = middle - 1;
      }
    }
    return low;
  }
}
