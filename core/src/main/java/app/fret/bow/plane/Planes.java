package app.fret.bow.plane;

import app.fret.bow.plane.PlanePlan.ArmLead;
import app.fret.bow.plane.PlanePlan.Crossing;
import app.fret.bow.plane.PlanePlan.Joint;
import app.fret.bow.plane.PlanePlan.NotePlane;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowedNote;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.instrument.StringPlanes;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Chooses the angle of the bow for every note so that the hand travels least, and says what moves
 * the bow at each crossing.
 *
 * <p>Problem: an angle within the band of each note so that the sum of {@code (b hair + 30 mm) |a -
 * a before|} and a slight pull to the middle of the band is least. The sum is linear between the
 * edges and middles of the bands, so that a least one lies on these: the recurrence {@code least(i,
 * a) = pull(i, a) + min over a' of least(i-1, a') + way(i, a', a)} over them is exact. Cost: O(n
 * s^2) for n notes and s strings. Source: dynamic programming over the corners of a piecewise
 * linear problem; the lever is common practice.
 */
public final class Planes {
  private static final double HAND_BEHIND_FROG_MM = 30;
  private static final double PULL_PER_DEGREE = 0.02;
  private static final double DOUBLE_STOP_LEAN = 0.5;
  private static final double FAST_PER_SECOND = 5;
  private static final double SKIP_PER_SECOND = 4;
  private static final double SLOW_SLUR_PER_SECOND = 2;
  private static final double SHORT_SECONDS = 0.25;

  private final BowLine line;
  private final StringPlanes planes;
  private final List<Integer> strings = new ArrayList<>();
  private final List<Double> places = new ArrayList<>();
  private final List<BowedNote> notes = new ArrayList<>();
  private final List<StrokeKind> kinds = new ArrayList<>();
  private final List<Boolean> slurred = new ArrayList<>();
  private final double[] corners;

  /** The planes of planned strokes. */
  public Planes(BowLine line, List<Stroke> strokes) {
    this.line = line;
    this.planes = StringPlanes.of(line.brief().player().instrument());
    for (Stroke stroke : strokes) {
      add(stroke);
    }
    this.corners = corners();
  }

  /** Travel of the hand in mm from one string to another, with the bow at a place. */
  public static double leapMm(BowLine line, double place, int stringsApart) {
    double between = StringPlanes.of(line.brief().player().instrument()).betweenDegrees();
    return leverMm(line, place) * Math.toRadians(between * stringsApart);
  }

  private static double leverMm(BowLine line, double place) {
    return place * line.hairCm() * 10 + HAND_BEHIND_FROG_MM;
  }

  /** Notes of a stroke with the place of the bow at the start of each. */
  private void add(Stroke stroke) {
    double place = stroke.start();
    double sign = stroke.end() >= stroke.start() ? 1 : -1;
    for (int n = stroke.firstNote(); n <= stroke.lastNote(); n++) {
      double share = stroke.sharesCm().get(n - stroke.firstNote());
      boolean goesOn = n == stroke.firstNote() && stroke.beginsInside();
      if (!goesOn) {
        BowedNote note = line.first(n);
        notes.add(note);
        strings.add(note.topString());
        places.add(place);
        kinds.add(stroke.kind());
        slurred.add(n > stroke.firstNote());
      }
      place += sign * share / line.hairCm();
    }
  }

  private double[] corners() {
    TreeSet<Double> all = new TreeSet<>();
    for (BowedNote note : notes) {
      all.add(centre(note));
      all.add(centre(note) - lean(note));
      all.add(centre(note) + lean(note));
    }
    return all.stream().mapToDouble(a -> a).toArray();
  }

  /** A double stop lies between its strings; of a chord the upper two ring. */
  private double centre(BowedNote note) {
    int top = note.topString();
    boolean alone = note.strings().size() == 1;
    return alone ? planes.degrees(top) : (planes.degrees(top) + planes.degrees(top + 1)) / 2;
  }

  private double lean(BowedNote note) {
    return note.strings().size() == 1 ? planes.leanDegrees() : DOUBLE_STOP_LEAN;
  }

  /** The angles, chosen so that the hand travels least. */
  public PlanePlan plan() {
    double[] angles = angles();
    double largest = 0;
    double preparedLargest = 0;
    double total = 0;
    double preparedTotal = 0;
    int crossings = 0;
    List<NotePlane> planned = new ArrayList<>();
    List<ArmLead> leads = new ArrayList<>();
    List<Crossing> joints = new ArrayList<>();
    Map<Integer, Integer> perString = new TreeMap<>();
    for (int i = 0; i < notes.size(); i++) {
      planned.add(new NotePlane(strings.get(i), angles[i], places.get(i)));
      perString.merge(strings.get(i), 1, Integer::sum);
      if (i > 0) {
        double way = wayMm(i, centre(notes.get(i)) - centre(notes.get(i - 1)));
        double prepared = wayMm(i, angles[i] - angles[i - 1]);
        total += way;
        preparedTotal += prepared;
        largest = Math.max(largest, way);
        preparedLargest = Math.max(preparedLargest, prepared);
        if (!strings.get(i).equals(strings.get(i - 1))) {
          crossings++;
          joints.add(new Crossing(i, joint(i), prepared));
          if (!isReturn(i)) {
            leads.add(new ArmLead(i - 1, i));
          }
        }
      }
    }
    return new PlanePlan(
        planned,
        crossings,
        largest,
        preparedLargest,
        total,
        preparedTotal,
        perString,
        leads,
        joints);
  }

  private double wayMm(int note, double degrees) {
    return leverMm(line, places.get(note)) * Math.toRadians(Math.abs(degrees));
  }

  private double[] angles() {
    int count = notes.size();
    double[][] least = new double[count][corners.length];
    int[][] from = new int[count][corners.length];
    for (int i = 0; i < count; i++) {
      for (int a = 0; a < corners.length; a++) {
        step(i, a, least, from);
      }
    }
    double[] angles = new double[count];
    int best = 0;
    for (int a = 0; a < corners.length && count > 0; a++) {
      best = least[count - 1][a] < least[count - 1][best] ? a : best;
    }
    for (int i = count - 1; i >= 0; i--) {
      angles[i] = corners[best];
      best = from[i][best];
    }
    return angles;
  }

  private void step(int note, int corner, double[][] least, int[][] from) {
    double off = Math.abs(corners[corner] - centre(notes.get(note)));
    if (off > lean(notes.get(note)) + 1e-9) {
      least[note][corner] = Double.POSITIVE_INFINITY;
      return;
    }
    double best = note == 0 ? 0 : Double.POSITIVE_INFINITY;
    for (int a = 0; a < corners.length && note > 0; a++) {
      double effort = least[note - 1][a] + wayMm(note, corners[corner] - corners[a]);
      if (effort < best) {
        best = effort;
        from[note][corner] = a;
      }
    }
    least[note][corner] = best + PULL_PER_DEGREE * off;
  }

  private double perSecond(int note) {
    return 1 / notes.get(note - 1).seconds();
  }

  /** The return of a fast alternation: the arm stays between the strings. */
  private boolean isReturn(int note) {
    return note > 1
        && strings.get(note).equals(strings.get(note - 2))
        && perSecond(note) >= FAST_PER_SECOND;
  }

  private Joint joint(int note) {
    int apart = Math.abs(strings.get(note) - strings.get(note - 1));
    double perSecond = perSecond(note);
    boolean inSlur = slurred.get(note);
    if (kinds.get(note) == StrokeKind.SPRINGING_ARPEGGIO
        || apart > 1 && perSecond < SKIP_PER_SECOND
        || inSlur && perSecond < SLOW_SLUR_PER_SECOND) {
      return Joint.WHOLE_ARM;
    }
    boolean isShort = !inSlur && notes.get(note).seconds() < SHORT_SECONDS;
    boolean marked = notes.get(note).isLoud() || notes.get(note).isSoft();
    return perSecond >= FAST_PER_SECOND || isShort && marked
        ? Joint.WRIST_AND_FINGERS
        : Joint.FOREARM;
  }
}
