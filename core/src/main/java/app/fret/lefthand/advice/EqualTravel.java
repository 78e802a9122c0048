package app.fret.lefthand.advice;

import app.fret.instrument.Instrument;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.hand.Placement;
import java.util.ArrayList;
import java.util.List;

/**
 * A run of shifts in one direction and how far the hand travels in each.
 *
 * @param firstNote number of the note before the first shift
 * @param lastNote number of the note after the last shift
 * @param travelMm way of the hand in each shift, in mm
 */
public record EqualTravel(int firstNote, int lastNote, List<Double> travelMm) {
  private static final int FEWEST_SHIFTS = 2;

  public EqualTravel {
    travelMm = List.copyOf(travelMm);
  }

  /** How far the longest shift is from the shortest, as a share of the longest. */
  public double unevenness() {
    double longest = travelMm.stream().mapToDouble(mm -> mm).max().orElseThrow();
    double shortest = travelMm.stream().mapToDouble(mm -> mm).min().orElseThrow();
    return (longest - shortest) / longest;
  }

  static List<EqualTravel> of(Instrument instrument, List<Placement> path) {
    List<EqualTravel> runs = new ArrayList<>();
    if (instrument.handling().comparesTravel()) {
      new Finder(instrument.geometry(), path, runs).find();
    }
    return runs;
  }

  /** Walks the path once; its fields are the run it is in. */
  private static final class Finder {
    private final StringGeometry geometry;
    private final List<Placement> path;
    private final List<EqualTravel> runs;
    private final List<Double> run = new ArrayList<>();
    private int firstNote;
    private int lastNote;
    private int direction;

    Finder(StringGeometry geometry, List<Placement> path, List<EqualTravel> runs) {
      this.geometry = geometry;
      this.path = path;
      this.runs = runs;
    }

    void find() {
      int before = -1;
      for (int i = 0; i < path.size(); i++) {
        if (path.get(i).usesHand()) {
          if (before >= 0) {
            take(before, i);
          }
          before = i;
        }
      }
      close();
    }

    private void take(int from, int to) {
      int travel = path.get(to).hand() - path.get(from).hand();
      if (travel == 0) {
        return;
      }
      if (Integer.signum(travel) != direction) {
        close();
        direction = Integer.signum(travel);
        firstNote = from;
      }
      run.add(geometry.spanMm(path.get(from).hand(), path.get(to).hand()));
      lastNote = to;
    }

    private void close() {
      if (run.size() >= FEWEST_SHIFTS) {
        runs.add(new EqualTravel(firstNote, lastNote, run));
      }
      run.clear();
    }
  }
}
