package app.fret.bow.trouble;

import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowedNote;
import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.score.SoundingPitch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Finds patterns (common practice; figures found by trying passages). */
public final class BowPatterns {
  private static final int FEWEST_ARPEGGIOS = 2;
  private static final int FEWEST_NOTES = 8;
  private static final int FEWEST_PAIRS = 3;
  private static final double QUICK_SECONDS = 0.35;
  private static final double LONGER = 1.9;

  private final BowLine line;
  private final List<Stroke> strokes;

  /** The patterns of planned strokes. */
  public BowPatterns(BowLine line, List<Stroke> strokes) {
    this.line = line;
    this.strokes = strokes;
  }

  /** All patterns, in the order of the music. */
  public List<BowPattern> find() {
    List<BowPattern> found = new ArrayList<>();
    findArpeggios(found);
    findBariolages(found);
    findPairs(found);
    found.sort(Comparator.comparingInt(BowPattern::firstNote));
    return found;
  }

  private void add(List<BowPattern> found, BowPattern.Kind kind, int first, int last) {
    found.add(new BowPattern(kind, strokes.get(first).firstNote(), strokes.get(last).lastNote()));
  }

  private void findArpeggios(List<BowPattern> found) {
    int from = 0;
    for (int i = 0; i <= strokes.size(); i++) {
      boolean springs =
          i < strokes.size() && strokes.get(i).kind() == StrokeKind.SPRINGING_ARPEGGIO;
      if (!springs) {
        if (i - from >= FEWEST_ARPEGGIOS) {
          add(found, BowPattern.Kind.SPRINGING_ARPEGGIO, from, i - 1);
        }
        from = i + 1;
      }
    }
  }

  private void findBariolages(List<BowPattern> found) {
    int from = 0;
    for (int i = 0; i <= strokes.size(); i++) {
      if (i == strokes.size() || !isQuickSingle(i)) {
        findBariolage(from, i - 1, found);
        from = i + 1;
      }
    }
  }

  private boolean isQuickSingle(int stroke) {
    Stroke one = strokes.get(stroke);
    BowedNote note = line.first(one.firstNote());
    return one.firstNote() == one.lastNote()
        && note.seconds() < QUICK_SECONDS
        && note.silenceSeconds() == 0
        && one.kind() != StrokeKind.PIZZICATO;
  }

  /** In a run of quick single notes: one pitch beside a neighbouring string, or there and back. */
  private void findBariolage(int first, int last, List<BowPattern> found) {
    int from = first;
    for (int i = first; i <= last + 1; i++) {
      boolean goesOn =
          i <= last && (i < first + 2 || alternates(i, last) || goesThereAndBack(i, from));
      if (!goesOn) {
        int start = i - from >= FEWEST_NOTES ? from : -1;
        if (start >= 0 && hasCrossings(start, i - 1)) {
          add(found, BowPattern.Kind.BARIOLAGE, start, i - 1);
        }
        from = Math.max(from, i - 1);
      }
    }
  }

  private int string(int stroke) {
    return line.first(strokes.get(stroke).firstNote()).topString();
  }

  private int pitch(int stroke) {
    List<SoundingPitch> heads = line.brief().pitches().get(strokes.get(stroke).firstNote());
    return heads.get(heads.size() - 1).midi();
  }

  /** One pitch comes back on every other note, its neighbours on a neighbouring string. */
  private boolean alternates(int stroke, int last) {
    boolean sameHere = pitch(stroke) == pitch(stroke - 2);
    boolean sameBefore = stroke >= 3 && pitch(stroke - 1) == pitch(stroke - 3);
    boolean sameAfter = stroke < last && pitch(stroke - 1) == pitch(stroke + 1);
    return (sameHere || sameBefore || sameAfter)
        && Math.abs(string(stroke) - string(stroke - 1)) == 1;
  }

  /** Over three strings or more and back. */
  private boolean goesThereAndBack(int stroke, int from) {
    int back = Math.max(from, stroke - 4);
    int least = Integer.MAX_VALUE;
    int most = 0;
    for (int i = back; i <= stroke; i++) {
      least = Math.min(least, string(i));
      most = Math.max(most, string(i));
    }
    boolean moves = string(stroke) != string(stroke - 1);
    return moves && most - least >= 2 && stroke - 4 >= from && string(stroke) == string(stroke - 4);
  }

  private boolean hasCrossings(int first, int last) {
    int crossings = 0;
    for (int i = first + 1; i <= last; i++) {
      crossings += string(i) == string(i - 1) ? 0 : 1;
    }
    return 3 * crossings >= 2 * (last - first);
  }

  /** A slur and a single note about half as long, three times running. */
  private void findPairs(List<BowPattern> found) {
    int i = 0;
    while (i + 1 < strokes.size()) {
      int pairs = 0;
      while (isPair(i + 2 * pairs)) {
        pairs++;
      }
      if (pairs >= FEWEST_PAIRS) {
        add(found, BowPattern.Kind.THREE_AND_ONE, i, i + 2 * pairs - 1);
        i += 2 * pairs;
      } else {
        i++;
      }
    }
  }

  private boolean isPair(int stroke) {
    if (stroke + 1 >= strokes.size()) {
      return false;
    }
    Stroke slur = strokes.get(stroke);
    Stroke single = strokes.get(stroke + 1);
    return slur.lastNote() > slur.firstNote()
        && single.firstNote() == single.lastNote()
        && single.kind() != StrokeKind.PIZZICATO
        && slur.seconds() >= LONGER * single.seconds();
  }
}
