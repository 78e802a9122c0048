package app.fret.desktop.model.practice;

import app.fret.files.ScoreRejectedException;
import app.fret.instrument.OutOfRangeException;
import app.fret.practice.schedule.Item;
import app.fret.reading.Material;
import app.fret.study.ProgrammeItem;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the schedule wants to know of a player's passages. Those that do not lie open are worked out
 * once; what lies open may change at any time, so nothing is kept of it. Of concern to the planning
 * thread alone.
 */
public final class PlannedPassages {
  private final StudyLoader loader;
  private final Map<Long, Known> known = new HashMap<>();

  /** A sentence for each passage that could not be planned. */
  private final Map<Long, String> refused = new HashMap<>();

  PlannedPassages(StudyLoader loader) {
    this.loader = loader;
  }

  private record Known(Item item, Material material) {
    static Known of(ProgrammeEntry entry, Study study) {
      Item item =
          ProgrammeItem.of(
              String.valueOf(entry.passage().id()),
              entry.passage().title(),
              study,
              entry.passage().dueOn());
      return new Known(item, Material.of(study.notes()));
    }
  }

  /**
   * What lies on the desk.
   *
   * @param passageId its number in the book
   * @param study its study
   */
  public record OnDesk(long passageId, Study study) {}

  /** What is known of passages, and why others are not planned. */
  record Listed(List<Item> items, Map<String, Material> materials, List<String> leftOut) {}

  /** Works out one more passage that does not lie open; whether there was one. */
  boolean loadOne(List<ProgrammeEntry> mine, Optional<OnDesk> desk) {
    Optional<ProgrammeEntry> next =
        mine.stream()
            .filter(e -> onDesk(e, desk).isEmpty())
            .filter(e -> !known.containsKey(e.passage().id()))
            .filter(e -> !refused.containsKey(e.passage().id()))
            .findFirst();
    next.ifPresent(this::load);
    return next.isPresent();
  }

  private void load(ProgrammeEntry entry) {
    long id = entry.passage().id();
    try {
      known.put(id, Known.of(entry, loader.load(entry)));
    } catch (ScoreRejectedException | OutOfRangeException e) {
      refused.put(id, entry.passage().title() + " is not planned: " + e.getMessage());
    }
  }

  private static Optional<Study> onDesk(ProgrammeEntry entry, Optional<OnDesk> desk) {
    return desk.filter(d -> d.passageId() == entry.passage().id()).map(OnDesk::study);
  }

  /** All that was worked out, in the order of the programme. */
  Listed list(List<ProgrammeEntry> mine, Optional<OnDesk> desk) {
    Listed listed = new Listed(new ArrayList<>(), new HashMap<>(), new ArrayList<>());
    for (ProgrammeEntry entry : mine) {
      long id = entry.passage().id();
      Optional<Study> open = onDesk(entry, desk);
      if (open.isPresent()) {
        known.remove(id);
        refused.remove(id);
      }
      open.map(study -> Known.of(entry, study))
          .or(() -> Optional.ofNullable(known.get(id)))
          .ifPresent(
              passage -> {
                listed.items().add(passage.item());
                listed.materials().put(passage.item().id(), passage.material());
              });
      Optional.ofNullable(refused.get(id)).ifPresent(listed.leftOut()::add);
    }
    return listed;
  }
}
