package app.fret.reading.traps;

import app.fret.reading.traps.Trap.Kind;
import java.util.ArrayList;
import java.util.List;

/** A word to stay in position, which forbids the easy way back. */
final class RestezRule implements TrapRule {
  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    boolean stays = false;
    for (int i = 0; i < page.notes().size(); i++) {
      boolean now = page.reading().technique(i).asked().stays();
      if (now && !stays) {
        traps.add(
            new Trap(
                Kind.RESTEZ,
                i,
                "The part says to stay in position: no way back to first position."));
      }
      stays = now;
    }
    return traps;
  }
}
