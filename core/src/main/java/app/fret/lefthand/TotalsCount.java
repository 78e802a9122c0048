package app.fret.lefthand;

import app.fret.instrument.Player;
import app.fret.lefthand.hand.Openings;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** Counts the totals of a finished path. */
record TotalsCount(Player player, List<Placement> path, List<Shift> shifts) {
  Totals count() {
    Map<Integer, Integer> perString = new HashMap<>();
    path.forEach(p -> p.stops().forEach(s -> perString.merge(s.string(), 1, Integer::sum)));
    return new Totals(
        shifts.size() + openings(),
        shifts.stream().mapToDouble(Shift::travelMm).sum(),
        shifts.stream().mapToDouble(Shift::travelMm).max().orElse(0),
        shifts.stream().mapToDouble(Shift::bits).max().orElse(0),
        crossings(),
        (int) path.stream().flatMap(p -> p.stops().stream()).filter(Stop::isOpen).count(),
        (int) path.stream().filter(p -> p.reachMm() > 0).count(),
        highest(),
        perString);
  }

  private int openings() {
    Openings openings = new Openings(player);
    return (int)
        IntStream.range(1, path.size())
            .filter(i -> openings.joins(path.get(i - 1), path.get(i)))
            .count();
  }

  private Optional<Placement> highest() {
    return path.stream().filter(Placement::usesHand).max(Comparator.comparingInt(Placement::hand));
  }

  private int crossings() {
    int crossings = 0;
    Set<Integer> before = Set.of();
    for (Placement placement : path) {
      Set<Integer> strings = new HashSet<>();
      placement.stops().forEach(s -> strings.add(s.string()));
      crossings += !before.isEmpty() && before.stream().noneMatch(strings::contains) ? 1 : 0;
      before = strings;
    }
    return crossings;
  }
}
