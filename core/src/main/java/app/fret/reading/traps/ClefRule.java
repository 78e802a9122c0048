package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Bar;
import app.fret.score.Clef;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/** Changes of clef, with the true direction where the page looks otherwise. */
final class ClefRule implements TrapRule {
  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    Optional<Clef> clef = Optional.empty();
    for (Bar bar : page.passage().bars()) {
      for (Bar.ClefAt change : bar.clefs()) {
        if (clef.isPresent() && !clef.get().equals(change.clef())) {
          OptionalInt first = page.firstFrom(change.onset());
          Clef before = clef.get();
          first.ifPresent(n -> traps.add(trap(page, page.note(n), before, change.clef())));
        }
        clef = Optional.of(change.clef());
      }
    }
    return traps;
  }

  private static Trap trap(Page page, PlayedNote note, Clef before, Clef now) {
    StringBuilder text = new StringBuilder(words(now)).append(" clef from here");
    if (note.number() > 0) {
      int from = Page.top(page.note(note.number() - 1)).written().staffStep();
      int to = Page.top(note).written().staffStep();
      int seen = to - now.bottomLineStep() - (from - before.bottomLineStep());
      int real = Integer.signum(to - from);
      if (real != Integer.signum(seen)) {
        String way = real > 0 ? "rises" : real < 0 ? "falls" : "stays";
        text.append(": the line ").append(way).append(", though it looks otherwise");
      }
    }
    return new Trap(Kind.CLEF_CHANGE, note.number(), text.append('.').toString());
  }

  private static String words(Clef clef) {
    String plain =
        switch (clef.sign()) {
          case G -> "Treble";
          case F -> clef.line() == 4 ? "Bass" : "Baritone";
          case C -> clef.line() == 3 ? "Alto" : clef.line() == 4 ? "Tenor" : "C";
        };
    return clef.octaves() == 0
        ? plain
        : plain + (clef.octaves() > 0 ? ", octave higher," : ", octave lower,");
  }
}
