package app.fret.lefthand.hand;

import app.fret.instrument.HandFrame;
import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Lists every way a player's hand can take a note or chord.
 *
 * <p>Stops lie on different strings that are neighbours; every finger stands where the frame allows
 * it from one base; the same finger serves two neighbouring strings only as a bar, at the same
 * distance from the nut; no two fingers are further apart than the hand's greatest span allows. All
 * ways are returned, ordered by base, then from string I down, then by finger, so that equal
 * efforts are always decided alike.
 */
public final class Placements {
  private static final Comparator<Placement> ORDER =
      Comparator.comparingInt(Placement::base)
          .thenComparing(Placements::byStops)
          .thenComparing(p -> p.frame().name());

  private static int byStops(Placement one, Placement other) {
    for (int i = 0; i < Math.min(one.stops().size(), other.stops().size()); i++) {
      Stop first = one.stops().get(i);
      Stop second = other.stops().get(i);
      int difference =
          first.string() != second.string()
              ? Integer.compare(first.string(), second.string())
              : first.finger().compareTo(second.finger());
      if (difference != 0) {
        return difference;
      }
    }
    return Integer.compare(one.stops().size(), other.stops().size());
  }

  private final Instrument instrument;
  private final StringGeometry geometry;
  private final Spans spans;

  /** The ways of this player. */
  public Placements(Player player) {
    this.instrument = player.instrument();
    this.geometry = instrument.geometry();
    this.spans = new Spans(player);
  }

  /**
   * All placements of these pitches, lowest first. When no hand can hold them, the placements that
   * leave them out, so that the rest of the passage can still be planned.
   */
  public List<Placement> of(List<SoundingPitch> chord) {
    List<Placement> found = new ArrayList<>();
    for (HandFrame frame : instrument.frames()) {
      for (int base = frame.lowestBase(); base <= frame.highestBase(); base++) {
        collect(chord, frame, base, new ArrayList<>(), found);
      }
    }
    if (found.isEmpty()) {
      waiting(List.of(), found);
    }
    found.sort(ORDER);
    return List.copyOf(found);
  }

  /** Placements without the hand, waiting at every base of every frame. */
  private void waiting(List<Stop> stops, List<Placement> into) {
    for (HandFrame frame : instrument.frames()) {
      for (int base = frame.lowestBase(); base <= frame.highestBase(); base++) {
        into.add(new Placement(stops, base, frame, false, 0));
      }
    }
  }

  private void collect(
      List<SoundingPitch> chord,
      HandFrame frame,
      int base,
      List<Stop> chosen,
      List<Placement> found) {
    if (chosen.size() == chord.size()) {
      finish(frame, base, chosen, found);
      return;
    }
    SoundingPitch pitch = chord.get(chosen.size());
    for (int string = 1; string <= instrument.stringCount(); string++) {
      int semitone = pitch.semitonesAbove(instrument.open(string));
      if (semitone < 0 || semitone > instrument.highestSemitone() || taken(chosen, string)) {
        continue;
      }
      for (Stop stop : stopsAt(frame, base, string, semitone, chord.size() > 1)) {
        if (fits(stop, chosen)) {
          chosen.add(stop);
          collect(chord, frame, base, chosen, found);
          chosen.remove(chosen.size() - 1);
        }
      }
    }
  }

  private static boolean taken(List<Stop> chosen, int string) {
    return chosen.stream().anyMatch(s -> s.string() == string);
  }

  private static List<Stop> stopsAt(
      HandFrame frame, int base, int string, int semitone, boolean inChord) {
    if (semitone == 0) {
      return List.of(new Stop(string, Finger.OPEN, 0));
    }
    List<Stop> stops = new ArrayList<>();
    for (Finger finger : Finger.values()) {
      for (HandFrame.Reach reach : frame.of(finger)) {
        if (base + reach.offset() == semitone
            && (inChord || reach.use() != HandFrame.Use.DOUBLE_STOP)) {
          stops.add(new Stop(string, finger, semitone));
        }
      }
    }
    return stops;
  }

  private boolean fits(Stop stop, List<Stop> chosen) {
    for (Stop other : chosen) {
      if (!neighbours(stop, chosen)
          || (!stop.isOpen() && !other.isOpen() && !together(stop, other))) {
        return false;
      }
    }
    return true;
  }

  /** Whether the strings, this one included, are a run without a gap. */
  private static boolean neighbours(Stop stop, List<Stop> chosen) {
    int lowest = stop.string();
    int highest = stop.string();
    for (Stop other : chosen) {
      lowest = Math.min(lowest, other.string());
      highest = Math.max(highest, other.string());
    }
    return highest - lowest == chosen.size();
  }

  private boolean together(Stop one, Stop other) {
    if (one.finger() == other.finger()) {
      return one.semitone() == other.semitone() && Math.abs(one.string() - other.string()) == 1;
    }
    Stop lower = one.finger().ordinal() < other.finger().ordinal() ? one : other;
    Stop upper = lower == one ? other : one;
    if (lower.semitone() > upper.semitone()) {
      return false;
    }
    double apartMm = geometry.spanMm(lower.semitone(), upper.semitone());
    return apartMm <= spans.greatestMm(lower.finger(), upper.finger());
  }

  private void finish(HandFrame frame, int base, List<Stop> chosen, List<Placement> found) {
    boolean usesHand = chosen.stream().anyMatch(s -> !s.isOpen());
    if (!usesHand) {
      found.add(new Placement(chosen, base, frame, false, 0));
      return;
    }
    double reachMm = spans.reachMm(base, chosen);
    if (reachMm <= spans.greatestReachMm()) {
      found.add(new Placement(chosen, base, frame, true, reachMm));
    }
  }
}
