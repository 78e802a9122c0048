package app.fret.practice.schedule;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;

/** Which passages need no minutes of their own today, as one of the same material is practised. */
final class Covered {
  private final Kinships kin;

  Covered(Kinships kin) {
    this.kin = kin;
  }

  /** Those of some passages that come up themselves; what must come up is never covered. */
  List<Work> uncovered(List<Work> passages, List<Work> musts) {
    return passages.stream()
        .filter(w -> musts.contains(w) || passages.stream().noneMatch(other -> covers(other, w)))
        .toList();
  }

  private boolean covers(Work other, Work work) {
    return other != work
        && kin.isCovered(work.item().id(), other.item().id())
        && isMoreUrgent(other, work);
  }

  private static boolean isMoreUrgent(Work one, Work other) {
    int byUrgency = Double.compare(one.urgency(), other.urgency());
    return byUrgency > 0 || byUrgency == 0 && one.item().id().compareTo(other.item().id()) < 0;
  }

  /** What else gains when an item is practised, in words; empty where nothing does. */
  Optional<String> words(Item item, List<Work> passages) {
    String words =
        passages.stream()
            .filter(w -> !w.item().equals(item) && kin.share(w.item().id(), item.id()) > 0)
            .map(
                w ->
                    String.format(
                        Locale.ROOT,
                        "%s gains with it, %.0f %% of its notes are the same",
                        w.item().title(),
                        100 * kin.share(w.item().id(), item.id())))
            .collect(Collectors.joining("; "));
    return Optional.of(words).filter(w -> !w.isEmpty());
  }
}
