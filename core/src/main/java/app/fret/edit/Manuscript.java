package app.fret.edit;

import app.fret.score.Passage;
import app.fret.score.Transposition;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * A passage that can be edited: notes keep their identity, and signs hold on to notes, so that
 * nothing else moves when something is put in or taken out.
 *
 * <p>Immutable; each change is another manuscript, and undo is keeping the one before.
 */
public final class Manuscript {
  private final String title;
  private final String partName;
  private final Optional<Transposition> transposition;
  private final List<Measure> measures;
  private final Signs signs;
  private final int nextId;

  /** By item that was copied from another: what it is a copy of, at first hand. */
  private final Map<Integer, Integer> copies;

  /** Where an item stands. */
  record Place(int measure, int position) {}

  Manuscript(
      String title,
      String partName,
      Optional<Transposition> transposition,
      List<Measure> measures,
      Signs signs,
      int nextId) {
    this(title, partName, transposition, measures, signs, nextId, Map.of());
  }

  private Manuscript(
      String title,
      String partName,
      Optional<Transposition> transposition,
      List<Measure> measures,
      Signs signs,
      int nextId,
      Map<Integer, Integer> copies) {
    this.title = title;
    this.partName = partName;
    this.transposition = transposition;
    this.measures = List.copyOf(measures);
    this.signs = signs;
    this.nextId = nextId;
    this.copies = Map.copyOf(copies);
  }

  /** The manuscript of a passage, in which every event is known by its number. */
  public static Manuscript of(Passage passage) {
    return ManuscriptReader.read(passage);
  }

  /** The passage as it stands; bars that do not add up are kept as they are. */
  public Passage passage() {
    return new ManuscriptWriter(this).passage();
  }

  /**
   * Where the events of the passage this was made of stand now, by their numbers. One that is gone
   * stands where its first copy does, as bars that were cut and pasted do; without a copy it is
   * missing. Numbers count the events of {@link #passage()}.
   */
  public Map<Integer, Integer> eventsNow() {
    Map<Integer, Integer> now = new HashMap<>();
    int event = 0;
    for (Measure measure : measures) {
      for (Item item : measure.items()) {
        now.put(item.id(), event++);
      }
      event += measure.items().isEmpty() ? 1 : 0;
    }
    Map<Integer, Integer> firstCopies = new HashMap<>();
    copies.forEach(
        (copy, original) ->
            Optional.ofNullable(now.get(copy))
                .ifPresent(at -> firstCopies.merge(original, at, Math::min)));
    firstCopies.forEach(now::putIfAbsent);
    return now;
  }

  /** The same, where some items are known as copies of others. */
  Manuscript withCopies(Map<Integer, Integer> copyOf) {
    Map<Integer, Integer> all = new HashMap<>(copies);
    copyOf.forEach((original, copy) -> all.put(copy, copies.getOrDefault(original, original)));
    return new Manuscript(title, partName, transposition, measures, signs, nextId, all);
  }

  /** The item that an event of {@link #passage()} is; empty where a silent bar has none. */
  OptionalInt itemAt(int event) {
    int at = 0;
    for (Measure measure : measures) {
      for (Item item : measure.items()) {
        if (at++ == event) {
          return OptionalInt.of(item.id());
        }
      }
      at += measure.items().isEmpty() ? 1 : 0;
    }
    return OptionalInt.empty();
  }

  String title() {
    return title;
  }

  String partName() {
    return partName;
  }

  Optional<Transposition> transposition() {
    return transposition;
  }

  List<Measure> measures() {
    return measures;
  }

  Signs signs() {
    return signs;
  }

  /** The id that the next item gets. */
  int nextId() {
    return nextId;
  }

  Manuscript with(Signs newSigns) {
    return new Manuscript(title, partName, transposition, measures, newSigns, nextId, copies);
  }

  private Manuscript with(List<Measure> newMeasures, int newNextId) {
    return new Manuscript(title, partName, transposition, newMeasures, signs, newNextId, copies);
  }

  /** The same, where ids up to this one are taken. */
  Manuscript withNextId(int newNextId) {
    return with(measures, newNextId);
  }

  Manuscript withMeasures(List<Measure> newMeasures) {
    return with(newMeasures, nextId);
  }

  Manuscript withMeasure(int index, Measure measure) {
    List<Measure> now = new ArrayList<>(measures);
    now.set(index, measure);
    return with(now, nextId);
  }

  /** Puts an item in; its id must be the next that is free. */
  Manuscript withItem(int measure, int position, Item item) {
    Measure bar = measures.get(measure);
    List<Item> items = new ArrayList<>(bar.items());
    items.add(position, item);
    List<Measure> now = new ArrayList<>(measures);
    now.set(measure, bar.withItems(items));
    return with(now, Math.max(nextId, item.id() + 1));
  }

  /** Puts bars in. */
  Manuscript withBars(int at, List<Measure> more, int newNextId) {
    List<Measure> now = new ArrayList<>(measures);
    now.addAll(at, more);
    return with(BarNumbers.renumbered(measures, now), newNextId);
  }

  /** Takes bars out; one at least stays. */
  Manuscript withoutBars(int first, int last) {
    Set<Integer> gone = new HashSet<>();
    measures.subList(first, last + 1).forEach(m -> m.items().forEach(i -> gone.add(i.id())));
    Manuscript rest = without(gone);
    List<Measure> now = new ArrayList<>(rest.measures);
    now.subList(first, last + 1).clear();
    return rest.with(BarNumbers.renumbered(measures, now), nextId);
  }

  /** Changes an item where it stands. */
  Manuscript change(int id, UnaryOperator<Item> how) {
    Place place = placeOf(id).orElseThrow();
    Measure bar = measures.get(place.measure());
    return withMeasure(
        place.measure(), bar.with(place.position(), how.apply(bar.items().get(place.position()))));
  }

  /** Takes items out; the signs that held on to them hold on to others or go. */
  Manuscript without(Collection<Integer> ids) {
    Map<Integer, Optional<Integer>> next = new HashMap<>();
    Map<Integer, Optional<Integer>> before = new HashMap<>();
    Optional<Integer> last = Optional.empty();
    List<Item> all = items();
    for (Item item : all) {
      if (ids.contains(item.id())) {
        before.put(item.id(), last);
      } else {
        last = Optional.of(item.id());
      }
    }
    last = Optional.empty();
    for (int i = all.size() - 1; i >= 0; i--) {
      if (ids.contains(all.get(i).id())) {
        next.put(all.get(i).id(), last);
      } else {
        last = Optional.of(all.get(i).id());
      }
    }
    List<Measure> left = new ArrayList<>();
    for (Measure measure : measures) {
      List<Item> stay = measure.items().stream().filter(i -> !ids.contains(i.id())).toList();
      left.add(stay.size() == measure.items().size() ? measure : measure.withItems(stay));
    }
    return new Manuscript(
        title, partName, transposition, left, signs.without(next, before), nextId, copies);
  }

  /** All items in order. */
  List<Item> items() {
    return measures.stream().flatMap(m -> m.items().stream()).toList();
  }

  Optional<Place> placeOf(int id) {
    for (int m = 0; m < measures.size(); m++) {
      List<Item> items = measures.get(m).items();
      for (int i = 0; i < items.size(); i++) {
        if (items.get(i).id() == id) {
          return Optional.of(new Place(m, i));
        }
      }
    }
    return Optional.empty();
  }

  Optional<Item> item(int id) {
    return placeOf(id).map(p -> measures.get(p.measure()).items().get(p.position()));
  }
}
