package app.fret.lefthand.figure;

import app.fret.brief.Brief;
import app.fret.instrument.Instrument;
import app.fret.score.SoundingPitch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;

/**
 * Finds pedal figures: one pitch comes back on every second or third note, three times or more, and
 * a tune moves beside it.
 *
 * <p>The pedal has a string of its own, an open one where one sounds it, and the tune the string
 * beside it. Where no two neighbouring strings can give both, or where the tune would lie on the
 * pedal's own string by itself, there is no figure (common practice, no source).
 */
public final class PedalFigures {
  private static final int FEWEST_TIMES = 3;
  private static final int LONGEST_PERIOD = 3;
  private static final int WIDEST_STEP_OF_TUNE = 5;
  private static final int WHOLE_STEP = 2;
  private static final int STEPS_TO_A_LEAP = 6;
  private static final int HIGHEST_OVER_OPEN = 14;
  private static final int HIGHEST_STOPPED = 12;

  private final Brief brief;
  private final Instrument instrument;
  private final int frameSemitones;
  private final int[] strings;
  private final List<PedalFigure> found = new ArrayList<>();

  /** The string of the pedal and that of the tune. */
  private record Pair(int pedal, int tune) {}

  private PedalFigures(Brief brief) {
    this.brief = brief;
    this.instrument = brief.player().instrument();
    this.frameSemitones =
        instrument.handling().lettersHaveFingers()
            ? 5
            : instrument.handling().comparesTravel() ? 2 : 4;
    this.strings = new int[brief.notes().size()];
  }

  /** The pedal figures of a passage, in order; none stands on notes of another. */
  public static List<PedalFigure> of(Brief brief) {
    PedalFigures figures = new PedalFigures(brief);
    for (int i = 0; i < figures.strings.length; i++) {
      figures.look(i);
    }
    return List.copyOf(figures.found);
  }

  private void look(int first) {
    if (strings[first] != 0 || !isSingle(first)) {
      return;
    }
    for (int period = 2; period <= LONGEST_PERIOD; period++) {
      int last = lastOf(first, period);
      int times = (last - first) / period + 1;
      if (times >= (followsAFigure(first) ? FEWEST_TIMES - 1 : FEWEST_TIMES)) {
        Optional<Pair> pair = pair(first, tune(first, last, first, period));
        if (pair.isPresent() && tuneMoves(first, last, period) && stands(first, last, period)) {
          markWithEdges(first, last, period, pair.get());
          return;
        }
      }
    }
  }

  /** A figure that has been going on is heard again sooner. */
  private boolean followsAFigure(int first) {
    return first > 1 && strings[first - 2] != 0;
  }

  /** The notes beside a figure belong to it where its strings are theirs too; they never decide. */
  private void markWithEdges(int first, int last, int period, Pair pair) {
    boolean before =
        first > 0 && joins(first - 1, first, first) && fits(pair, first - 1, last, first, period);
    int from = before ? first - 1 : first;
    boolean behind =
        last + 1 < strings.length
            && joins(last, last + 1, first)
            && fits(pair, from, last + 1, first, period);
    mark(from, behind ? last + 1 : last, first, period, pair);
  }

  private boolean fits(Pair pair, int from, int to, int pedal, int period) {
    return pair(pedal, tune(from, to, pedal, period)).filter(pair::equals).isPresent();
  }

  /** A scale figure that comes back note for note has no tune, whichever of its notes is taken. */
  private boolean tuneMoves(int first, int last, int period) {
    for (int i = first; i + period < last; i++) {
      if (pitch(i) != pitch(i + period)) {
        return true;
      }
    }
    return false;
  }

  /** A pedal stands beside the line: a note that the line goes through by steps is none. */
  private boolean stands(int first, int last, int period) {
    int passed = 0;
    for (int i = first; i <= last; i += period) {
      passed += isPassed(i) ? 1 : 0;
    }
    return 2 * passed < (last - first) / period + 1;
  }

  private boolean isPassed(int note) {
    if (note == 0 || note + 1 >= strings.length || !isSingle(note - 1) || !isSingle(note + 1)) {
      return false;
    }
    int to = pitch(note) - pitch(note - 1);
    int from = pitch(note + 1) - pitch(note);
    return to * from > 0 && Math.max(Math.abs(to), Math.abs(from)) <= WHOLE_STEP;
  }

  /** Whether the note at the edge of a figure is part of its tune. */
  private boolean joins(int one, int next, int pedal) {
    int edge = one == pedal || next != pedal ? next : one;
    return belongs(one, next) && pitch(edge) != pitch(pedal);
  }

  private boolean isSingle(int note) {
    return brief.pitches().get(note).size() == 1;
  }

  private int pitch(int note) {
    return brief.pitches().get(note).get(0).midi();
  }

  /** The last note that goes on with a pitch at this period, without a rest or change of pace. */
  private int lastOf(int first, int period) {
    int last = first;
    while (last + period < strings.length && goesOn(last, period)) {
      last += period;
    }
    return last;
  }

  private boolean goesOn(int from, int period) {
    for (int i = from + 1; i <= from + period; i++) {
      boolean isPedal = isSingle(i) && pitch(i) == pitch(from);
      boolean mayTouch = period == 2 && i < from + period;
      if (!belongs(i - 1, i) || isPedal != (i == from + period) && !(isPedal && mayTouch)) {
        return false;
      }
    }
    return true;
  }

  /** Whether one note follows another at the same pace, without a rest. */
  private boolean belongs(int one, int next) {
    return isSingle(one)
        && isSingle(next)
        && strings[one] == 0
        && brief.notes().get(one).end().equals(brief.notes().get(next).onset())
        && brief.notes().get(one).length().equals(brief.notes().get(next).length());
  }

  private List<Integer> tune(int from, int to, int pedal, int period) {
    List<Integer> tune = new ArrayList<>();
    for (int i = from; i <= to; i++) {
      if (!isPedal(i, pedal, period)) {
        tune.add(pitch(i));
      }
    }
    return tune;
  }

  /** The tune may touch the pedal's pitch, stopped beside it: the place tells, not the pitch. */
  private static boolean isPedal(int note, int pedal, int period) {
    return Math.floorMod(note - pedal, period) == 0;
  }

  private Optional<Pair> pair(int pedal, List<Integer> tune) {
    if (new HashSet<>(tune).size() < 2 || !isTune(tune)) {
      return Optional.empty();
    }
    int highest = hasOpenString(pitch(pedal)) ? 0 : HIGHEST_STOPPED;
    for (int semitone = 0; semitone <= highest; semitone++) {
      for (int string = 1; string <= instrument.stringCount(); string++) {
        SoundingPitch open = instrument.open(string);
        if (pitch(pedal) - open.midi() == semitone) {
          Optional<Pair> pair = beside(string, semitone, tune);
          if (pair.isPresent()) {
            return pair;
          }
        }
      }
    }
    return Optional.empty();
  }

  private boolean hasOpenString(int pitch) {
    return instrument.strings().stream().anyMatch(s -> s.pitch().midi() == pitch);
  }

  private static boolean isTune(List<Integer> tune) {
    int leaps = 0;
    for (int i = 1; i < tune.size(); i++) {
      leaps += Math.abs(tune.get(i) - tune.get(i - 1)) > WIDEST_STEP_OF_TUNE ? 1 : 0;
    }
    return leaps * STEPS_TO_A_LEAP <= tune.size();
  }

  /** The string beside the pedal's that has the tune. */
  private Optional<Pair> beside(int string, int semitone, List<Integer> tune) {
    int lowest = Collections.min(tune);
    int highest = Collections.max(tune);
    for (int other : List.of(string + 1, string - 1)) {
      if (other < 1 || other > instrument.stringCount()) {
        continue;
      }
      int from = lowest - instrument.open(other).midi();
      int to = highest - instrument.open(other).midi();
      boolean liesThere =
          other > string ? lowest < instrument.open(string).midi() + semitone : from >= 0;
      boolean inReach =
          semitone == 0 ? to <= HIGHEST_OVER_OPEN : isInOneFrame(semitone, other, tune);
      if (from >= 0 && liesThere && inReach) {
        return Optional.of(new Pair(string, other));
      }
    }
    return Optional.empty();
  }

  private boolean isInOneFrame(int pedal, int string, List<Integer> tune) {
    int least = pedal;
    int most = pedal;
    for (int pitch : tune) {
      int semitone = pitch - instrument.open(string).midi();
      if (semitone > 0) {
        least = Math.min(least, semitone);
        most = Math.max(most, semitone);
      }
    }
    return most - least <= frameSemitones;
  }

  private void mark(int from, int to, int pedal, int period, Pair pair) {
    for (int i = from; i <= to; i++) {
      strings[i] = isPedal(i, pedal, period) ? pair.pedal() : pair.tune();
    }
    found.add(new PedalFigure(from, Arrays.stream(strings, from, to + 1).boxed().toList()));
  }
}
