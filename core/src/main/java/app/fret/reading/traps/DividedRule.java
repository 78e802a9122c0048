package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Directions;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Stacked notes under the word {@code div.}, which are for several players. */
final class DividedRule implements TrapRule {
  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    for (Directions.Words words : page.passage().directions().words()) {
      if (words.text().strip().toLowerCase(Locale.ROOT).startsWith("div")) {
        page.notes().stream()
            .filter(n -> n.onset().compareTo(words.onset()) >= 0 && n.notes().size() > 1)
            .mapToInt(PlayedNote::number)
            .findFirst()
            .ifPresent(
                n ->
                    traps.add(
                        new Trap(
                            Kind.DIVIDED,
                            n,
                            "Divided: these notes are for several players; ask which is yours.")));
      }
    }
    return traps;
  }
}
