package app.fret.lefthand.advice;

import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Finger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What each finger does where a double stop or chord comes or goes.
 *
 * @param fromNote number of the note before
 * @param toNote number of the note after
 * @param stay fingers that keep their place
 * @param slide fingers that slide on their string
 * @param hop fingers that go to another string
 * @param land fingers that come down anew
 * @param lift fingers that leave
 * @param first the finger to land first: the one under the lowest note, where the bow begins; empty
 *     when none moves
 */
public record ChordChange(
    int fromNote,
    int toNote,
    List<Finger> stay,
    List<Finger> slide,
    List<Finger> hop,
    List<Finger> land,
    List<Finger> lift,
    Optional<Finger> first) {
  public ChordChange {
    stay = List.copyOf(stay);
    slide = List.copyOf(slide);
    hop = List.copyOf(hop);
    land = List.copyOf(land);
    lift = List.copyOf(lift);
  }

  static List<ChordChange> of(List<Placement> path) {
    List<ChordChange> changes = new ArrayList<>();
    for (int i = 1; i < path.size(); i++) {
      Placement before = path.get(i - 1);
      Placement after = path.get(i);
      boolean same = before.stops().equals(after.stops());
      if (!same && (before.pressed() > 1 || after.pressed() > 1)) {
        changes.add(between(i - 1, before, after));
      }
    }
    return changes;
  }

  private static ChordChange between(int from, Placement before, Placement after) {
    List<Finger> stay = new ArrayList<>();
    List<Finger> slide = new ArrayList<>();
    List<Finger> hop = new ArrayList<>();
    List<Finger> land = new ArrayList<>();
    for (Stop stop : pressed(after)) {
      Optional<Stop> was = by(stop.finger(), before);
      if (was.isEmpty()) {
        add(land, stop.finger());
      } else if (was.get().equals(stop)) {
        add(stay, stop.finger());
      } else {
        add(was.get().string() == stop.string() ? slide : hop, stop.finger());
      }
    }
    List<Finger> lift = new ArrayList<>();
    pressed(before).stream()
        .filter(s -> by(s.finger(), after).isEmpty())
        .forEach(s -> add(lift, s.finger()));
    Optional<Finger> first =
        pressed(after).stream()
            .filter(s -> !stay.contains(s.finger()))
            .max(Comparator.comparingInt(Stop::string))
            .map(Stop::finger);
    return new ChordChange(from, from + 1, stay, slide, hop, land, lift, first);
  }

  /** A bar holds two strings with one finger, which is listed once. */
  private static void add(List<Finger> fingers, Finger finger) {
    if (!fingers.contains(finger)) {
      fingers.add(finger);
    }
  }

  private static List<Stop> pressed(Placement placement) {
    return placement.stops().stream().filter(Stop::isPressed).toList();
  }

  private static Optional<Stop> by(Finger finger, Placement placement) {
    return pressed(placement).stream().filter(s -> s.finger() == finger).findFirst();
  }

  /** The change in one line, such as {@code 1 stays, 3 slides, 4 lands first}. */
  public String words() {
    List<String> parts = new ArrayList<>();
    addWords(parts, stay, "stays", "stay");
    addWords(parts, slide, "slides", "slide");
    addWords(parts, hop, "hops", "hop");
    addWords(parts, land, "lands", "land");
    addWords(parts, lift, "leaves", "leave");
    first.ifPresent(f -> parts.add(f.sign() + " goes first"));
    return String.join(", ", parts);
  }

  private static void addWords(List<String> parts, List<Finger> fingers, String one, String many) {
    if (!fingers.isEmpty()) {
      String signs = String.join(" and ", fingers.stream().map(Finger::sign).toList());
      parts.add(signs + " " + (fingers.size() == 1 ? one : many));
    }
  }
}
