package app.fret.reading.traps;

import app.fret.reading.traps.Trap.Kind;
import java.util.ArrayList;
import java.util.List;

/** From the bow to the finger and back. */
final class PluckedRule implements TrapRule {
  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    for (int i = 1; i < page.notes().size(); i++) {
      boolean plucked = page.reading().technique(i).isPlucked();
      if (plucked != page.reading().technique(i - 1).isPlucked()) {
        boolean rest = page.silenceBefore(page.note(i)).signum() > 0;
        String time = rest ? "; change during the rest." : "; there is no rest to change in.";
        traps.add(
            new Trap(
                Kind.PLUCKED_CHANGE,
                i,
                (plucked ? "Pizzicato from here" : "Back to the bow here") + time));
      }
    }
    return traps;
  }
}
