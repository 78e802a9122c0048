package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/** Rests of two bars and more, told at the entry behind them. */
final class LongRestRule implements TrapRule {
  private static final int FEWEST_BARS = 2;

  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    for (PlayedNote note : page.notes()) {
      Fraction bar = page.bar(note).metre().barLength();
      Fraction silence = page.silenceBefore(note);
      if (silence.compareTo(bar.multiply(FEWEST_BARS)) >= 0) {
        int whole = (int) silence.divide(bar).doubleValue();
        Fraction rest = silence.subtract(bar.multiply(whole));
        int beats = (int) rest.multiply(page.bar(note).metre().unit()).doubleValue();
        String more = beats == 0 ? "" : beats == 1 ? " and a beat" : " and " + beats + " beats";
        traps.add(
            new Trap(
                Kind.LONG_REST,
                note.number(),
                whole + " bars" + more + " of rest to count before this entry."));
      }
    }
    return traps;
  }
}
