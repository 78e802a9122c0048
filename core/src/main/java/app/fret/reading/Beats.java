package app.fret.reading;

import app.fret.score.Bar;
import app.fret.score.Passage;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/** Where the notes of a passage stand among the felt beats of their bars. */
public final class Beats {
  private final int[] beatOf;
  private final boolean[] begins;

  private Beats(Passage passage, List<PlayedNote> notes, List<BeatGroups> groups) {
    beatOf = new int[notes.size()];
    begins = new boolean[notes.size()];
    for (PlayedNote note : notes) {
      find(passage.bars().get(note.bar()), groups.get(note.bar()), note);
    }
  }

  /**
   * The beats of a passage.
   *
   * @param groups how the beats of each bar are grouped
   */
  static Beats of(Passage passage, List<PlayedNote> notes, List<BeatGroups> groups) {
    return new Beats(passage, notes, groups);
  }

  private void find(Bar bar, BeatGroups groups, PlayedNote note) {
    Fraction place = bar.placeInMetre(note.onset());
    Fraction start = Fraction.ZERO;
    int beat = 0;
    for (Fraction length : groups.beats(bar.metre())) {
      begins[note.number()] |= start.equals(place);
      start = start.add(length);
      beat += start.compareTo(place) <= 0 ? 1 : 0;
    }
    beatOf[note.number()] = beat;
  }

  /** Whether a felt beat begins with this note. */
  public boolean begins(int note) {
    return begins[note];
  }

  /** The felt beat of its bar in which a note begins, from 0. */
  public int beatOf(int note) {
    return beatOf[note];
  }
}
