package app.fret.files.midi;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Finds the notated places of played notes.
 *
 * <p>Each quarter of a bar takes the division that its onsets fit best, by mean squared distance
 * and a price for finer and rarer divisions; onsets go to its nearest point. A note lasts to the
 * next onset where it nearly does, else to the nearest point. Cost: linear in quarters and notes.
 */
final class Quantiser {
  /** Onsets further apart than this are two notes, in quarters. */
  private static final double APART = 0.06;

  private static final double COLLISION = 0.02;
  private static final double NEARLY_TO_NEXT = 0.25;
  private static final double NEARLY_QUARTERS = 0.1;
  private static final Grid SIXTEENTHS = new Grid(4, 0);

  private final double ticksPerQuarter;
  private final List<Fraction> windows;
  private final Fraction end;
  private final List<Grid> grids = new ArrayList<>();
  private int moved;
  private double furthest;
  private int cut;

  /**
   * A note or chord on the grid.
   *
   * @param onset when it begins
   * @param end when it is over
   * @param pitches sounding pitches
   */
  record Placed(Fraction onset, Fraction end, List<Integer> pitches) {}

  /**
   * A quantiser.
   *
   * @param windows where quarters begin: at each bar line and a quarter on, in order
   * @param end when the last bar is over
   */
  Quantiser(int ticksPerQuarter, List<Fraction> windows, Fraction end) {
    this.ticksPerQuarter = ticksPerQuarter;
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

  /** How many notes were cut short because the next began. */
  int cut() {
    return cut;
  }

  /** Places notes, which are in order of their onsets. */
  List<Placed> place(List<MidiPart.Note> notes) {
    int next = 0;
    for (int w = 0; w < windows.size(); w++) {
      double from = quarters(windows.get(w));
      double to = quarters(endOf(w));
      List<Double> onsets = new ArrayList<>();
      while (next < notes.size() && onset(notes.get(next)) < to - APART / 2) {
        onsets.add(Math.max(0, onset(notes.get(next++)) - from));
      }
      grids.add(best(onsets, to - from));
    }
    TreeMap<Fraction, List<MidiPart.Note>> byOnset = new TreeMap<>();
    int window = 0;
    for (MidiPart.Note note : notes) {
      while (window + 1 < windows.size()
          && onset(note) >= quarters(windows.get(window + 1)) - APART / 2) {
        window++;
      }
      byOnset.computeIfAbsent(snapped(onset(note), window), at -> new ArrayList<>()).add(note);
    }
    return lengths(byOnset);
  }

  private Fraction endOf(int window) {
    return window + 1 < windows.size() ? windows.get(window + 1) : end;
  }

  private static double quarters(Fraction time) {
    return 4 * time.doubleValue();
  }

  private double onset(MidiPart.Note note) {
    return note.on() / ticksPerQuarter;
  }

  private static Grid best(List<Double> onsets, double length) {
    Grid best = Grid.ALL[0];
    double least = Double.POSITIVE_INFINITY;
    for (Grid grid : Grid.ALL) {
      double price = grid.penalty() + misfit(onsets, grid);
      boolean fits = !grid.isTuplet() || length >= 1 - 1e-9;
      if (fits && price < least - 1e-12) {
        least = price;
        best = grid;
      }
    }
    return onsets.isEmpty() ? Grid.ALL[0] : best;
  }

  private static double misfit(List<Double> onsets, Grid grid) {
    double sum = 0;
    long pointBefore = -1;
    double onsetBefore = Double.NEGATIVE_INFINITY;
    for (double onset : onsets) {
      long point = Math.round(onset * grid.parts());
      double away = onset - (double) point / grid.parts();
      sum += away * away;
      if (point == pointBefore && onset - onsetBefore > APART) {
        sum += COLLISION * onsets.size();
      }
      pointBefore = point;
      onsetBefore = onset;
    }
    return onsets.isEmpty() ? 0 : sum / onsets.size();
  }

  private Fraction snapped(double onset, int window) {
    Grid grid = grids.get(window);
    double inWindow = onset - quarters(windows.get(window));
    long point = Math.max(0, Math.round(inWindow * grid.parts()));
    Fraction place = windows.get(window).add(grid.step().multiply((int) point));
    Fraction within = place.compareTo(end) >= 0 ? end.subtract(grid.step()) : place;
    double away = Math.abs(onset - quarters(within));
    if (away * ticksPerQuarter > 1) {
      moved++;
      furthest = Math.max(furthest, away);
    }
    return within;
  }

  private List<Placed> lengths(TreeMap<Fraction, List<MidiPart.Note>> byOnset) {
    List<Placed> placed = new ArrayList<>();
    for (var at : byOnset.entrySet()) {
      Fraction next = byOnset.higherKey(at.getKey());
      Fraction limit = next == null ? end : next;
      double off = 0;
      List<Integer> pitches = new ArrayList<>();
      for (MidiPart.Note note : at.getValue()) {
        off = Math.max(off, note.off() / ticksPerQuarter);
        if (!pitches.contains(note.pitch())) {
          pitches.add(note.pitch());
        }
      }
      if (next != null && off > quarters(next) + NEARLY_QUARTERS) {
        cut++;
      }
      placed.add(new Placed(at.getKey(), endOf(at.getKey(), off, limit, next == null), pitches));
    }
    return placed;
  }

  /** To the next onset where it nearly lasts so long, else to the nearest point of its grid. */
  private Fraction endOf(Fraction onset, double off, Fraction limit, boolean last) {
    double gap = quarters(limit) - off;
    double whole = quarters(limit) - quarters(onset);
    boolean exact = isOnGrid(off);
    boolean nearly = gap <= 0 || !exact && gap < Math.max(NEARLY_QUARTERS, NEARLY_TO_NEXT * whole);
    if (nearly && !last) {
      return limit;
    }
    int window = windowAt(off);
    Grid grid =
        grids.get(window).parts() < 4 && !grids.get(window).isTuplet()
            ? SIXTEENTHS
            : grids.get(window);
    double inWindow = off - quarters(windows.get(window));
    Fraction step = grid.step();
    int point = (int) Math.round(inWindow * grid.parts());
    Fraction at = windows.get(window).add(step.multiply(Math.max(0, point)));
    Fraction least = onset.add(step);
    Fraction ended = at.compareTo(least) < 0 ? least : at;
    return ended.compareTo(limit) > 0 ? limit : ended;
  }

  private boolean isOnGrid(double off) {
    int window = windowAt(off);
    double inWindow = off - quarters(windows.get(window));
    for (Grid grid : Grid.ALL) {
      boolean allowed = !grid.isTuplet() || grid.equals(grids.get(window));
      double away =
          Math.abs(inWindow - (double) Math.round(inWindow * grid.parts()) / grid.parts());
      if (allowed && away * ticksPerQuarter <= 1) {
        return true;
      }
    }
    return false;
  }

  private int windowAt(double quarters) {
    int low = 0;
    int high = windows.size() - 1;
    while (low < high) {
      int middle = (low + high + 1) >>> 1;
      if (quarters(windows.get(middle)) <= quarters + 1e-9) {
        low = middle;
      } else {
        high = middle - 1;
      }
    }
    return low;
  }
}
