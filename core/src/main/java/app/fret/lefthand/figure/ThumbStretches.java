package app.fret.lefthand.figure;

import app.fret.brief.Brief;
import app.fret.instrument.HandFrame;
import app.fret.instrument.Instrument;
import app.fret.score.SoundingPitch;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalInt;

/**
 * Finds where the thumb may rest on the strings: eight notes or more that one frame above it holds
 * on two neighbouring strings and that no hand on the neck holds, being an octave wide or high up,
 * and octaves in a row (common practice, no source).
 */
public final class ThumbStretches {
  private static final int FEWEST_NOTES = 8;

  /** A figure that turns back so often among so many notes stays where it is. */
  private static final int NOTES_TO_A_TURN = 3;

  /** What two strings hold under one hand on the neck, in half steps. */
  private static final int WIDEST_ON_THE_NECK = 10;

  /** How high above the open upper string no neck holds the hand, in half steps. */
  private static final int BEYOND_THE_NECK = 14;

  /** What the third finger reaches above the thumb without stretching, in half steps. */
  private static final int FRAME = 5;

  private static final int OCTAVE = 12;
  private static final int FEWEST_NOTES_OF_OCTAVES = 6;
  private static final double LONG_SECONDS = 0.6;

  private final Brief brief;
  private final Instrument instrument;
  private final Line line;
  private final int lowestBase;
  private final int lower;
  private final int upper;

  private ThumbStretches(Brief brief, int lowestBase) {
    this.brief = brief;
    this.instrument = brief.player().instrument();
    this.line = new Line(brief);
    this.lowestBase = lowestBase;
    this.lower = instrument.open(2).midi();
    this.upper = instrument.open(1).midi();
  }

  /** The stretches of a passage, in order; none on an instrument without thumb position. */
  public static List<ThumbStretch> of(Brief brief) {
    OptionalInt lowest =
        brief.player().instrument().frames().stream()
            .filter(f -> f.region() == HandFrame.Region.THUMB)
            .mapToInt(HandFrame::lowestBase)
            .min();
    return lowest.isPresent() ? new ThumbStretches(brief, lowest.getAsInt()).all() : List.of();
  }

  private List<ThumbStretch> all() {
    List<ThumbStretch> all = new ArrayList<>();
    int first = 0;
    while (first < brief.notes().size()) {
      List<Integer> octaves = octaves(first);
      int last = lastInFrame(first);
      if (octaves.size() >= FEWEST_NOTES_OF_OCTAVES && octaves.size() > last - first + 1) {
        all.add(new ThumbStretch(first, octaves));
        first += octaves.size();
      } else if (last - first + 1 >= FEWEST_NOTES && isBeyondTheNeck(first, last)) {
        all.add(new ThumbStretch(first, Collections.nCopies(last - first + 1, base(first, last))));
        first = last + 1;
      } else {
        first++;
      }
    }
    return all;
  }

  /** Bases of the broken octaves that begin here, two for each; none for no octave. */
  private List<Integer> octaves(int first) {
    List<Integer> bases = new ArrayList<>();
    for (int low = first; line.goesOn(low + 1); low += 2) {
      int base = octave(low);
      if (base == 0) {
        break;
      }
      bases.add(base);
      bases.add(base);
    }
    return bases;
  }

  /** The base of the frame of an octave that begins here; 0 for none. */
  private int octave(int first) {
    if (Math.abs(line.pitch(first + 1) - line.pitch(first)) != OCTAVE) {
      return 0;
    }
    int low = Math.min(line.pitch(first), line.pitch(first + 1));
    for (int string = 2; string <= instrument.stringCount(); string++) {
      int base = low - instrument.open(string).midi();
      if (base >= lowestBase) {
        return base;
      }
    }
    return 0;
  }

  private int lastInFrame(int first) {
    int last = first - 1;
    while (last + 1 < brief.notes().size()
        && (last < first || !isAfterRest(last + 1) && !isClose(last))
        && base(first, last + 1) > 0) {
      last++;
    }
    return last;
  }

  /** The base of the frame that holds these notes, the highest of several; 0 for none. */
  private int base(int first, int last) {
    for (int base = lowest(first, last) - lower; base >= lowestBase; base--) {
      if (holds(first, last, lower + base, upper + base)) {
        return base;
      }
    }
    return 0;
  }

  private boolean holds(int first, int last, int lower, int upper) {
    for (int note = first; note <= last; note++) {
      for (SoundingPitch pitch : brief.pitches().get(note)) {
        if (!isAbove(pitch.midi(), lower) && !isAbove(pitch.midi(), upper)) {
          return false;
        }
      }
    }
    return true;
  }

  private static boolean isAbove(int pitch, int thumb) {
    return pitch >= thumb && pitch <= thumb + FRAME;
  }

  private boolean isBeyondTheNeck(int first, int last) {
    boolean needsTheThumb = isHigh(first, last) || isWide(first, last);
    boolean staysThere =
        standsAlone(first, last) || NOTES_TO_A_TURN * turns(first, last) >= last - first + 1;
    return needsTheThumb && staysThere;
  }

  private boolean standsAlone(int first, int last) {
    return isBreak(first) && isBreak(last + 1);
  }

  private boolean isBreak(int note) {
    return note == 0 || note == brief.notes().size() || isAfterRest(note);
  }

  private boolean isHigh(int first, int last) {
    return highest(first, last) - upper >= BEYOND_THE_NECK
        && lowest(first, last) < upper + base(first, last);
  }

  private boolean isWide(int first, int last) {
    return highest(first, last) - lowest(first, last) > WIDEST_ON_THE_NECK;
  }

  /** Whether a figure comes to its end on a note: it is long. */
  private boolean isClose(int note) {
    return brief.timeline().lengthSeconds(note) >= LONG_SECONDS;
  }

  private boolean isAfterRest(int note) {
    return brief.timeline().silenceSeconds(note) >= LONG_SECONDS;
  }

  private int turns(int first, int last) {
    int turns = 0;
    for (int note = first + 1; note < last; note++) {
      int to = top(note) - top(note - 1);
      int from = top(note + 1) - top(note);
      turns += to * from < 0 ? 1 : 0;
    }
    return turns;
  }

  private int top(int note) {
    return highest(note, note);
  }

  private int lowest(int first, int last) {
    return brief.pitches().subList(first, last + 1).stream()
        .mapToInt(chord -> chord.get(0).midi())
        .min()
        .orElseThrow();
  }

  private int highest(int first, int last) {
    return brief.pitches().subList(first, last + 1).stream()
        .mapToInt(chord -> chord.get(chord.size() - 1).midi())
        .max()
        .orElseThrow();
  }
}
