package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Triplets right beside even notes of the same look: three in the time of two, while the beat
 * stays.
 *
 * <p>Limits: three notes of a triplet in a row, with two even ones of half their beat right before
 * or behind them. Of a page that changes all the time the first place of each bar is named.
 */
public final class TripletRule implements TrapRule {
  private static final int THREE = 3;
  private static final int TWO = 2;

  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    int lastBar = -1;
    for (int note : changes(page.notes())) {
      int bar = page.note(note).bar();
      if (bar != lastBar) {
        boolean toTriplet = isThird(page.note(note).length());
        traps.add(
            new Trap(
                Kind.TUPLET_BESIDE_EIGHTHS,
                note,
                toTriplet
                    ? "Triplets right behind even notes: three to the beat, and the beat stays."
                    : "Even notes right behind triplets: two to the beat, and the beat stays."));
        lastBar = bar;
      }
    }
    return traps;
  }

  /** Numbers of the notes with which triplets follow even notes or the other way round. */
  public static List<Integer> changes(List<PlayedNote> notes) {
    List<Integer> changes = new ArrayList<>();
    for (int i = 1; i < notes.size(); i++) {
      Fraction before = notes.get(i - 1).length();
      Fraction here = notes.get(i).length();
      boolean intoThirds = isThird(here) && before.multiply(TWO).equals(here.multiply(THREE));
      boolean outOfThirds = isThird(before) && here.multiply(TWO).equals(before.multiply(THREE));
      int wantedBefore = intoThirds ? TWO : THREE;
      int wantedHere = intoThirds ? THREE : TWO;
      boolean isChange = intoThirds || outOfThirds;
      if (isChange
          && run(notes, i - 1, -1) >= wantedBefore
          && run(notes, i, 1) >= wantedHere
          && notes.get(i - 1).end().equals(notes.get(i).onset())) {
        changes.add(i);
      }
    }
    return changes;
  }

  private static boolean isThird(Fraction length) {
    return length.getDenominator() % THREE == 0;
  }

  /** How many notes of one length follow each other from here. */
  private static int run(List<PlayedNote> notes, int from, int by) {
    int count = 0;
    for (int i = from; i >= 0 && i < notes.size(); i += by) {
      if (!notes.get(i).length().equals(notes.get(from).length())) {
        break;
      }
      count++;
    }
    return count;
  }
}
