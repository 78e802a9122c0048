package app.fret.bow.stroke;

import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.Metre;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Figures that come back: four beats, three half bars or two bars running, equal in rhythm, slurs,
 * accents and rests, so that each best starts the same way (common practice; counts found by trying
 * passages). A figure has two gestures or a rest; a long note with a short one behind it is one
 * gesture.
 */
public final class Figures {
  private static final int BEATS = 4;
  private static final int HALF_BARS = 3;
  private static final int BARS = 2;
  private static final int GESTURES = 2;

  private final BowLine line;
  private final boolean[] begins;
  private final boolean[] repeats;
  private final boolean[] isLast;
  private final boolean[] covered;
  private final boolean opposite;
  private final List<Run> runs = new ArrayList<>();

  /**
   * Units that come back one behind the other.
   *
   * @param units pieces of each, in order
   */
  public record Run(List<Span> units) {}

  /** One stroke of a unit, seen from the start of the unit. */
  private record Gesture(Fraction place, List<Fraction> lengths, double accent) {}

  /** A stretch of time in a bar, with the strokes in it. */
  private static final class Unit {
    private final Fraction start;
    private final Fraction length;
    private final List<Gesture> gestures = new ArrayList<>();
    private final List<Boolean> joinsBefore = new ArrayList<>();
    private int firstPiece = -1;
    private int lastPiece = -1;
    private boolean isWhole = true;
    private Fraction sounding = Fraction.ZERO;

    Unit(Fraction start, Fraction length) {
      this.start = start;
      this.length = length;
    }

    Fraction end() {
      return start.add(length);
    }

    boolean isFigure() {
      long apart = joinsBefore.stream().filter(j -> !j).count();
      return isWhole && firstPiece >= 0 && (apart >= GESTURES || !sounding.equals(length));
    }

    boolean isLike(Unit other) {
      return length.equals(other.length) && gestures.equals(other.gestures);
    }
  }

  /** The divisions of a metre. */
  private interface Division {
    List<Fraction> of(Metre metre);
  }

  /**
   * Looks for figures.
   *
   * @param strokes strokes of the part, in order
   */
  public Figures(BowLine line, List<Span> strokes) {
    this(line, strokes, false);
  }

  /**
   * Looks for figures.
   *
   * @param strokes strokes of the part, in order
   * @param opposite whether a figure that comes back is to start the other way
   */
  public Figures(BowLine line, List<Span> strokes, boolean opposite) {
    this.line = line;
    this.opposite = opposite;
    int count = line.notes().size();
    this.begins = new boolean[count];
    this.repeats = new boolean[count];
    this.isLast = new boolean[count];
    this.covered = new boolean[count];
    find(strokes, Metre::beats, BEATS);
    find(strokes, Figures::halves, HALF_BARS);
    find(strokes, m -> List.of(m.barLength()), BARS);
  }

  private static List<Fraction> halves(Metre metre) {
    boolean even = metre.beats().size() % 2 == 0;
    Fraction half = metre.barLength().divide(2);
    return even && metre.beats().size() > 2 ? List.of(half, half) : List.of(metre.barLength());
  }

  private void find(List<Span> strokes, Division division, int fewest) {
    List<Unit> units = units(division);
    fill(units, strokes);
    int from = 0;
    for (int i = 1; i <= units.size(); i++) {
      boolean goesOn = i < units.size() && units.get(i).isLike(units.get(from));
      if (!goesOn) {
        if (i - from >= fewest && units.get(from).isFigure()) {
          mark(units.subList(from, i));
        }
        from = i;
      }
    }
  }

  private List<Unit> units(Division division) {
    List<Unit> units = new ArrayList<>();
    for (Bar bar : line.brief().passage().bars()) {
      Fraction at = bar.onset().subtract(bar.placeInMetre(bar.onset()));
      for (Fraction length : division.of(bar.metre())) {
        units.add(new Unit(at, length));
        at = at.add(length);
      }
    }
    return units;
  }

  private void fill(List<Unit> units, List<Span> strokes) {
    int at = 0;
    Span before = null;
    for (Span stroke : strokes) {
      PlayedNote first = line.played(stroke.first());
      PlayedNote last = line.played(stroke.last());
      while (at < units.size() && units.get(at).end().compareTo(first.onset()) <= 0) {
        at++;
      }
      if (at == units.size()) {
        return;
      }
      Unit unit = units.get(at);
      unit.isWhole &= last.end().compareTo(unit.end()) <= 0;
      add(unit, stroke, before);
      before = stroke;
      for (int next = at + 1;
          next < units.size() && units.get(next).start.compareTo(last.end()) < 0;
          next++) {
        units.get(next).isWhole = false;
      }
    }
  }

  private void add(Unit unit, Span stroke, Span before) {
    List<Fraction> lengths = new ArrayList<>();
    for (int i = stroke.first(); i <= stroke.last(); i++) {
      if (!line.note(i).isInside() && !line.note(i).isGrace()) {
        lengths.add(line.played(i).length());
        unit.sounding = unit.sounding.add(line.played(i).length());
      }
    }
    Fraction place = line.played(stroke.first()).onset().subtract(unit.start);
    unit.gestures.add(new Gesture(place, lengths, line.note(stroke.first()).accent()));
    boolean pair = unit.firstPiece >= 0 && HookedPair.is(line, before, stroke);
    unit.joinsBefore.add(pair);
    unit.firstPiece = unit.firstPiece < 0 ? stroke.first() : unit.firstPiece;
    unit.lastPiece = stroke.last();
  }

  private void mark(List<Unit> run) {
    for (Unit unit : run) {
      if (unit.firstPiece < 0 || !unit.isWhole || covered[unit.firstPiece]) {
        return;
      }
    }
    List<Span> units = new ArrayList<>();
    for (int i = 0; i < run.size(); i++) {
      Unit unit = run.get(i);
      begins[unit.firstPiece] = true;
      repeats[unit.firstPiece] = i > 0;
      isLast[unit.firstPiece] = i == run.size() - 1;
      for (int piece = unit.firstPiece; piece <= unit.lastPiece; piece++) {
        covered[piece] = true;
      }
      units.add(new Span(unit.firstPiece, unit.lastPiece));
    }
    runs.add(new Run(units));
  }

  /** Stretches of figures that come back. */
  public List<Run> runs() {
    return runs;
  }

  /** Whether a figure that comes back begins with a piece. */
  public boolean begins(int piece) {
    return begins[piece];
  }

  /** Whether it begins a figure that is like the one before. */
  public boolean repeats(int piece) {
    return repeats[piece];
  }

  /**
   * Whether a start is against what figures that come back are to do.
   *
   * @param turned whether it goes the other way than the figure before began
   */
  public boolean isAgainst(int piece, boolean turned) {
    return repeats[piece] && turned != opposite;
  }

  /** Whether it begins the last figure of its kind, after which nobody asks how it began. */
  public boolean isLast(int piece) {
    return isLast[piece];
  }
}
