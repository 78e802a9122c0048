package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Where the count is lost: quick notes out of a long one, and even notes that run towards a change.
 *
 * <p>Limits: a long note is at least four of the quick ones that follow and a quarter; at least
 * three of these, sixteenths or shorter. A run is at least eight equal notes, eighths or shorter,
 * before a rest, a change between bow and finger, or a note of four times the length.
 */
final class PaceRule implements TrapRule {
  private static final int TIMES_LONGER = 4;
  private static final int FEWEST_QUICK = 3;
  private static final int LONGEST_RUN_NOTE = 8;
  private static final int LONGEST_QUICK_NOTE = 16;
  private static final int FEWEST_IN_RUN = 8;
  private static final Fraction QUARTER = Fraction.of(1, 4);

  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    int first = 0;
    List<PlayedNote> notes = page.notes();
    for (int i = 1; i <= notes.size(); i++) {
      boolean goesOn =
          i < notes.size()
              && notes.get(i).length().equals(notes.get(first).length())
              && page.silenceBefore(notes.get(i)).signum() == 0
              && page.reading().technique(i).isPlucked()
                  == page.reading().technique(first).isPlucked();
      if (!goesOn) {
        addQuick(page, first, i, traps);
        addRun(page, first, i, traps);
        first = i;
      }
    }
    return traps;
  }

  private static void addQuick(Page page, int first, int end, List<Trap> traps) {
    if (first == 0 || end - first < FEWEST_QUICK || isOver(page, first, LONGEST_QUICK_NOTE)) {
      return;
    }
    PlayedNote before = page.note(first - 1);
    Fraction length = page.note(first).length();
    boolean longBefore =
        before.length().compareTo(length.multiply(TIMES_LONGER)) >= 0
            && before.length().compareTo(QUARTER) >= 0
            && page.silenceBefore(page.note(first)).signum() == 0;
    if (longBefore) {
      traps.add(
          new Trap(
              Kind.FAST_AFTER_LONG,
              first,
              "Quick notes out of a long one: count its last beat in notes of this length."));
    }
  }

  private static void addRun(Page page, int first, int end, List<Trap> traps) {
    if (end == page.notes().size()
        || end - first < FEWEST_IN_RUN
        || isOver(page, first, LONGEST_RUN_NOTE)) {
      return;
    }
    PlayedNote next = page.note(end);
    boolean rest = page.silenceBefore(next).signum() > 0;
    boolean longer = next.length().compareTo(page.note(first).length().multiply(TIMES_LONGER)) >= 0;
    boolean plucked =
        page.reading().technique(end).isPlucked() != page.reading().technique(first).isPlucked();
    if (rest || longer || plucked) {
      int last = end - 1;
      while (last > first && !page.reading().beats().begins(last)) {
        last--;
      }
      String what = rest ? "a rest" : longer ? "a long note" : "another way to play";
      traps.add(
          new Trap(
              Kind.BEFORE_TEXTURE_CHANGE,
              last,
              "The last even notes before " + what + ": easily hurried."));
    }
  }

  private static boolean isOver(Page page, int note, int longestOf) {
    Fraction length = page.note(note).length();
    return length.signum() == 0 || length.compareTo(Fraction.of(1, longestOf)) > 0;
  }
}
