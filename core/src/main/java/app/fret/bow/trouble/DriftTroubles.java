package app.fret.bow.trouble;

import static app.fret.bow.trouble.BowTroubles.words;

import app.fret.bow.search.BowJoints;
import app.fret.bow.search.BowedPath;
import app.fret.bow.stroke.Figures;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.trouble.BowTrouble.Kind;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;

/** Figures that come back and each time would leave the bow further along. */
final class DriftTroubles {
  private static final double DRIFT_OF_HAIR = 0.5;
  private static final int FEWEST = 3;

  private final BowedPath path;
  private final BowTroubles.Found found;

  DriftTroubles(BowedPath path, BowTroubles.Found found) {
    this.path = path;
    this.found = found;
  }

  void find() {
    for (Figures.Run run : path.figures().runs()) {
      if (run.units().size() >= FEWEST) {
        lookAt(run);
      }
    }
  }

  private void lookAt(Figures.Run run) {
    Span all = new Span(run.units().get(0).first(), run.units().get(run.units().size() - 1).last());
    List<Integer> strokes = strokesIn(all);
    if (strokes.isEmpty() || isRetakenEachTime(strokes)) {
      return;
    }
    List<Double> nets = nets(strokes);
    double whole = Math.abs(nets.stream().mapToDouble(n -> n).sum());
    double largest = nets.stream().mapToDouble(Math::abs).max().orElse(0);
    if (whole - largest > DRIFT_OF_HAIR * path.line().hairCm()) {
      found.add(
          Kind.DRIFT,
          path.line().note(all.first()).number(),
          path.line().note(all.last()).number(),
          words(
              "Each time the figure would carry the bow %.1f cm on, %d times: the plan saves on"
                  + " the long strokes and spends on the short.",
              whole / run.units().size(), run.units().size()),
          mends(run, strokes));
    }
  }

  /** Where the bow is set anew for each figure, as for chords, it carries nothing on. */
  private boolean isRetakenEachTime(List<Integer> strokes) {
    return strokes.stream()
        .skip(1)
        .filter(stroke -> path.figures().begins(path.draft(stroke).notes().first()))
        .allMatch(path::isMoved);
  }

  /**
   * How far each figure would carry the bow if its strokes had what they would best have, in cm.
   */
  private List<Double> nets(List<Integer> strokes) {
    List<Double> nets = new ArrayList<>();
    double net = 0;
    for (int stroke : strokes) {
      boolean begins = path.figures().begins(path.draft(stroke).notes().first());
      if (begins && stroke > strokes.get(0)) {
        if (path.isMoved(stroke)) {
          double set = path.way(stroke).start() - path.way(stroke - 1).end();
          net += set * path.line().hairCm();
        }
        nets.add(net);
        net = 0;
      }
      net += path.draft(stroke).usualCm() * (path.way(stroke).isUp() ? -1 : 1);
    }
    nets.add(net);
    return nets;
  }

  private List<Integer> strokesIn(Span pieces) {
    List<Integer> strokes = new ArrayList<>();
    for (int i = 0; i < path.size(); i++) {
      int first = path.draft(i).notes().first();
      if (first >= pieces.first() && first <= pieces.last()) {
        strokes.add(i);
      }
    }
    return strokes;
  }

  private List<Mend> mends(Figures.Run run, List<Integer> strokes) {
    List<Mend> mends = new ArrayList<>();
    List<StrokeAt> lifts = new ArrayList<>();
    List<StrokeAt> hooks = new ArrayList<>();
    double available = Double.POSITIVE_INFINITY;
    for (int stroke : strokes) {
      int piece = path.draft(stroke).notes().first();
      int note = path.first(stroke).number();
      if (path.figures().repeats(piece)) {
        lifts.add(BowTroubles.on(path.line(), note, StrokeDecision.of(Act.RETAKE)));
        available = Math.min(available, path.availableSeconds(stroke));
      } else if (isLastOfUnit(run, stroke)) {
        hooks.add(BowTroubles.on(path.line(), note, StrokeDecision.of(Act.HOOK)));
      }
    }
    if (available >= BowJoints.neededSeconds(DRIFT_OF_HAIR)) {
      mends.add(new Mend("Lift and take the bow back before each figure.", lifts));
    }
    if (!hooks.isEmpty()) {
      mends.add(
          new Mend("Hook the last note of each figure, so that every other goes back.", hooks));
    }
    if (mends.isEmpty()) {
      mends.add(new Mend("Lift and take the bow back before each figure.", lifts));
    }
    return mends;
  }

  private boolean isLastOfUnit(Figures.Run run, int stroke) {
    Span notes = path.draft(stroke).notes();
    return run.units().stream()
        .anyMatch(u -> u.last() == notes.last() && u.first() < notes.first());
  }
}
