package app.fret.lefthand.figure;

import app.fret.brief.Brief;
import java.util.Arrays;

/**
 * Finds intervals that are broken one after another: octaves, tenths, sixths and fifths whose notes
 * stand in a row, low and high in turn, and move by no more than a fourth (common practice, no
 * source).
 */
public final class BrokenPairs {
  private static final int OCTAVE = 12;
  private static final int FEWEST_OCTAVES = 2;
  private static final int FEWEST_OTHERS = 3;
  private static final int WIDEST_STEP = 5;

  /** What a note is of a broken pair. */
  public enum Place {
    /** No part of one, or the first note of the first. */
    NONE,
    /** The second note of a pair. */
    SECOND,
    /** The first note of a pair that follows another. */
    NEXT
  }

  /** Intervals that one shape of the hand holds, told apart by what it is. */
  private enum Kind {
    NONE,
    OCTAVE,
    SIXTH,
    FIFTH,
    TENTH
  }

  private final Line line;

  private BrokenPairs(Brief brief) {
    this.line = new Line(brief);
  }

  /** By note: what it is of a broken pair. */
  public static Place[] of(Brief brief) {
    BrokenPairs pairs = new BrokenPairs(brief);
    Place[] places = new Place[pairs.line.size()];
    Arrays.fill(places, Place.NONE);
    int note = 0;
    while (note < places.length) {
      int count = pairs.pairsFrom(note);
      for (int pair = 0; pair < count; pair++) {
        places[note + 2 * pair + 1] = Place.SECOND;
        if (pair > 0) {
          places[note + 2 * pair] = Place.NEXT;
        }
      }
      note += Math.max(1, 2 * count);
    }
    return places;
  }

  /** How many pairs of one kind begin here; 0 for too few. */
  private int pairsFrom(int first) {
    Kind kind = kind(first);
    if (kind == Kind.NONE) {
      return 0;
    }
    int pairs = 1;
    for (int next = first + 2; line.goesOn(next) && kind(next) == kind; next += 2) {
      int step = Math.abs(lower(next) - lower(next - 2));
      if (step == 0 || step > WIDEST_STEP) {
        break;
      }
      pairs++;
    }
    return pairs >= (kind == Kind.OCTAVE ? FEWEST_OCTAVES : FEWEST_OTHERS) ? pairs : 0;
  }

  private int lower(int first) {
    return Math.min(line.pitch(first), line.pitch(first + 1));
  }

  private Kind kind(int first) {
    if (!line.goesOn(first + 1)) {
      return Kind.NONE;
    }
    return switch (Math.abs(line.pitch(first + 1) - line.pitch(first))) {
      case OCTAVE -> Kind.OCTAVE;
      case 8, 9 -> Kind.SIXTH;
      case 7 -> Kind.FIFTH;
      case 15, 16 -> Kind.TENTH;
      default -> Kind.NONE;
    };
  }
}
