package app.fret.lefthand;

import app.fret.reading.PlayedNote;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Finds which of the pins that cannot be met together are to blame. */
final class PinConflict {
  /** Sets up to this size are looked for one size after another. */
  private static final int LARGEST_SEARCHED = 3;

  private final PreparedPassage passage;
  private final List<Pin> pins;

  PinConflict(PreparedPassage passage, List<Pin> pins) {
    this.passage = passage;
    this.pins = pins;
  }

  /**
   * The smallest set of pins that cannot stand together. First pins are dropped one by one while
   * the rest still cannot be met; if a still smaller set exists, it is searched for by size.
   */
  PinConflictException blame() {
    List<Pin> blame = irreducible();
    for (int size = 1; size < blame.size() && size <= LARGEST_SEARCHED; size++) {
      List<Pin> smaller = search(size, 0, new ArrayList<>());
      if (!smaller.isEmpty()) {
        blame = smaller;
      }
    }
    return new PinConflictException(noteOf(blame), blame, message(blame));
  }

  private List<Pin> irreducible() {
    List<Pin> blame = new ArrayList<>(pins);
    for (Pin pin : pins) {
      List<Pin> fewer = new ArrayList<>(blame);
      fewer.remove(pin);
      if (!passage.canMeet(fewer)) {
        blame = fewer;
      }
    }
    return blame;
  }

  /** A set of this size that cannot be met; empty when there is none. */
  private List<Pin> search(int size, int from, List<Pin> chosen) {
    if (chosen.size() == size) {
      return passage.canMeet(chosen) ? List.of() : List.copyOf(chosen);
    }
    for (int i = from; i < pins.size(); i++) {
      chosen.add(pins.get(i));
      List<Pin> found = search(size, i + 1, chosen);
      chosen.remove(chosen.size() - 1);
      if (!found.isEmpty()) {
        return found;
      }
    }
    return List.of();
  }

  private int noteOf(List<Pin> blame) {
    return passage.firstUnreachable(blame);
  }

  private String message(List<Pin> blame) {
    Map<String, List<String>> wanted = new LinkedHashMap<>();
    blame.stream()
        .sorted(Pin.IN_ORDER)
        .forEach(
            pin ->
                wanted
                    .computeIfAbsent(words(pin), k -> new ArrayList<>())
                    .add(pin.words(passage.player().instrument())));
    List<String> parts = new ArrayList<>();
    wanted.forEach(
        (note, pins) -> parts.add(note + " cannot be played with " + String.join(" and ", pins)));
    String said =
        parts.size() == 1
            ? parts.get(0)
            : String.join(" while ", parts.stream().map(PinConflict::together).toList())
                + " cannot be played together";
    return said + "; free the pin or choose one of the other ways";
  }

  private static String together(String part) {
    return part.replace(" cannot be played with ", " with ");
  }

  /** The note a pin is about: the top one of a chord stands for all. */
  private String words(Pin pin) {
    PlayedNote named = passage.notes().get(pin.note());
    int head = pin.head().orElse(named.notes().size() - 1);
    return named.notes().get(head).written().display();
  }
}
