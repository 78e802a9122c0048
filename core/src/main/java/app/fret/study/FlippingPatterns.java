package app.fret.study;

import app.fret.bow.trouble.BowPattern;
import app.fret.reading.Beats;
import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * Patterns whose order of strings turns against the beat: after two beats alike one goes the other
 * way, or is shifted by a note (common practice, no source).
 */
final class FlippingPatterns {
  private static final int FEWEST_NOTES = 3;

  private final Study study;

  FlippingPatterns(Study study) {
    this.study = study;
  }

  /** The strings of one beat of a pattern. */
  private record BeatStrings(int firstNote, List<Integer> strings) {
    /** How it differs, in words; empty when it does not. */
    String against(BeatStrings before) {
      if (strings.size() != before.strings.size() || strings.equals(before.strings)) {
        return "";
      }
      List<Integer> back = new ArrayList<>(before.strings);
      Collections.reverse(back);
      if (strings.equals(back)) {
        return "goes over the strings the other way";
      }
      for (int by = 1; by < strings.size(); by++) {
        List<Integer> shifted = new ArrayList<>(before.strings);
        Collections.rotate(shifted, by);
        if (strings.equals(shifted)) {
          return "begins elsewhere in the order of the strings";
        }
      }
      return "";
    }
  }

  List<Trap> find() {
    List<Trap> traps = new ArrayList<>();
    for (BowPattern pattern : study.bow().patterns()) {
      if (pattern.kind() != BowPattern.Kind.THREE_AND_ONE) {
        find(beats(pattern), traps);
      }
    }
    return traps;
  }

  /** A beat that differs from two that were alike. */
  private void find(List<BeatStrings> beats, List<Trap> traps) {
    for (int i = 2; i < beats.size(); i++) {
      boolean alike = beats.get(i - 1).strings().equals(beats.get(i - 2).strings());
      String how = beats.get(i).against(beats.get(i - 1));
      if (alike && !how.isEmpty()) {
        int note = beats.get(i).firstNote();
        traps.add(
            new Trap(
                Trap.Kind.PATTERN_FLIPS,
                note,
                "The pattern turns against the beat: from here it "
                    + how
                    + ". Practise the bow alone on the open strings."));
      }
    }
  }

  private List<BeatStrings> beats(BowPattern pattern) {
    Beats beats = study.brief().reading().beats();
    List<BeatStrings> all = new ArrayList<>();
    int last = -1;
    for (int i = pattern.firstNote(); i <= pattern.lastNote(); i++) {
      PlayedNote note = study.notes().get(i);
      int beat = note.bar() * 64 + beats.beatOf(i);
      if (beat != last) {
        all.add(new BeatStrings(i, new ArrayList<>()));
        last = beat;
      }
      all.get(all.size() - 1).strings().add(study.bow().planes().notes().get(i).string());
    }
    all.removeIf(b -> b.strings().size() < FEWEST_NOTES);
    return all;
  }
}
