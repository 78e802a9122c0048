package app.fret.reading.traps;

import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Directions;
import java.util.ArrayList;
import java.util.List;

/** Octave lines. */
final class OctaveSignRule implements TrapRule {
  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    for (Directions.OctaveShift shift : page.passage().directions().octaveShifts()) {
      page.firstFrom(shift.from()).ifPresent(n -> traps.add(trap(page, shift, n)));
    }
    return traps;
  }

  private static Trap trap(Page page, Directions.OctaveShift shift, int note) {
    String far = Math.abs(shift.octaves()) == 1 ? "An octave" : "Two octaves";
    String way = shift.octaves() > 0 ? "higher" : "lower";
    String until =
        page.notes().stream()
            .filter(n -> n.onset().compareTo(shift.to()) < 0)
            .reduce((a, b) -> b)
            .map(n -> page.bar(n).label())
            .orElse("");
    return new Trap(
        Kind.OCTAVE_SIGN, note, far + " " + way + " than it is printed, to bar " + until + ".");
  }
}
