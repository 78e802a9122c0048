package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import java.util.ArrayList;
import java.util.List;

/**
 * A figure whose length does not fit the beat, so that it begins elsewhere in it each time: three
 * notes in groups of four.
 *
 * <p>Limits: even notes; a figure of two to seven notes that comes three times running, its
 * intervals the same or turned with the key by a letter step; not where its length is a beat, half
 * a beat or several beats.
 */
final class DisplacedRule implements TrapRule {
  private static final int SHORTEST = 2;
  private static final int LONGEST = 7;
  private static final int TIMES = 3;
  private static final List<String> NUMBERS =
      List.of("", "", "two", "three", "four", "five", "six", "seven");

  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    int i = 0;
    while (i < page.notes().size()) {
      int period = period(page, i);
      if (period > 0) {
        int length = length(page, i, period);
        traps.add(
            new Trap(
                Kind.PATTERN_DISPLACED,
                i,
                "A figure of "
                    + NUMBERS.get(period)
                    + " notes against the beat: it begins elsewhere in the beat each time."));
        i += length;
      } else {
        i++;
      }
    }
    return traps;
  }

  /** The shortest length with which a figure comes three times from a note on; 0 for none. */
  private static int period(Page page, int first) {
    if (!page.reading().beats().begins(first)) {
      return 0;
    }
    for (int period = SHORTEST; period <= LONGEST; period++) {
      int length = length(page, first, period);
      if (length >= TIMES * period && turns(page, first, period)) {
        // A figure that is itself made of shorter ones was found with them.
        return fits(page, first, period) ? 0 : period;
      }
    }
    return 0;
  }

  /** How many notes from here go on in a figure of so many notes. */
  private static int length(Page page, int first, int period) {
    int i = first + period;
    while (i < page.notes().size() && isAlike(page, i, i - period, first)) {
      i++;
    }
    return i - first;
  }

  private static boolean isAlike(Page page, int note, int before, int first) {
    PlayedNote here = page.note(note);
    boolean even = here.length().equals(page.note(first).length()) && !here.isGrace();
    boolean joined = page.silenceBefore(here).signum() == 0;
    boolean single = here.notes().size() == 1 && page.note(before).notes().size() == 1;
    if (!even || !joined || !single) {
      return false;
    }
    int moved = letter(here) - letter(page.note(before));
    boolean begins = (note - first) % Math.max(1, note - before) == 0;
    return begins || moved == letter(page.note(note - 1)) - letter(page.note(before - 1));
  }

  private static int letter(PlayedNote note) {
    var written = Page.top(note).written();
    return 7 * written.octave() + written.step().ordinal();
  }

  /** A line that only rises or only falls is a scale or a broken chord, and no figure. */
  private static boolean turns(Page page, int first, int period) {
    int way = way(page, first + 1);
    for (int i = first + 2; i <= first + period; i++) {
      if (way(page, i) != way) {
        return true;
      }
    }
    return false;
  }

  private static int way(Page page, int note) {
    return Integer.signum(letter(page.note(note)) - letter(page.note(note - 1)));
  }

  /** Whether the figure is as long as beats or parts of them are. */
  private static boolean fits(Page page, int first, int period) {
    int starts = 0;
    for (int time = 0; time < TIMES; time++) {
      starts += page.reading().beats().begins(first + time * period) ? 1 : 0;
    }
    return starts == TIMES || isHalfOfBeat(page, first, period);
  }

  private static boolean isHalfOfBeat(Page page, int first, int period) {
    int beat = first + 1;
    while (beat < page.notes().size() && !page.reading().beats().begins(beat)) {
      beat++;
    }
    return (beat - first) % period == 0;
  }
}
