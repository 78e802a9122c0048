package app.fret.lefthand.hand;

import app.fret.instrument.HandFrame;
import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Lists every way a player's hand can take a note or chord.
 *
 * <p>Stops lie on different strings that are neighbours; every finger stands where the frame allows
 * it from one base; the same finger serves two neighbouring strings only as a bar, at the same
 * distance from the nut; no two fingers are further apart than this hand can open. A single note is
 * also taken as a natural harmonic where one sounds its pitch. All ways are returned, ordered by
 * base, then from string I down, then by finger, so that equal efforts are always decided alike.
 */
public final class Placements {
  private static final Comparator<Placement> ORDER =
      Comparator.comparingInt(Placement::base)
          .thenComparing(Placements::byStops)
          .thenComparing(p -> p.frame().name());

  /** A finger opens so many semitones beyond its place to touch a harmonic (common practice). */
  private static final int OPENED_FOR_HARMONIC = 2;

  private final Instrument instrument;
  private final StringGeometry geometry;
  private final Spans spans;
  private final List<Placement> waiting;

  /** The ways of this player. */
  public Placements(Player player) {
    this.instrument = player.instrument();
    this.geometry = instrument.geometry();
    this.spans = new Spans(player);
    this.waiting = waitingPlaces();
  }

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

  /** One placement for each place a hand can wait at, without stops. */
  private List<Placement> waitingPlaces() {
    Map<List<Integer>, Placement> places = new LinkedHashMap<>();
    for (HandFrame frame : instrument.frames()) {
      for (int base = frame.lowestBase(); base <= frame.highestBase(); base++) {
        places.putIfAbsent(
            List.of(frame.region().ordinal(), base + frame.anchor()),
            new Placement(List.of(), base, frame, false, 0));
      }
    }
    return List.copyOf(places.values());
  }

  /**
   * All placements of these pitches, lowest first. When no hand can hold them, the placements that
   * leave them out, so that the rest of the passage can still be planned.
   *
   * @param asHarmonic whether the part asks for a natural harmonic; where none sounds the pitch,
   *     the note is stopped
   */
  public List<Placement> of(List<SoundingPitch> chord, boolean asHarmonic) {
    List<Placement> found = new ArrayList<>();
    if (!asHarmonic || chord.size() > 1) {
      addHeld(chord, found);
    }
    if (chord.size() == 1) {
      addHarmonics(chord.get(0), asHarmonic, found);
    }
    if (found.isEmpty() && asHarmonic) {
      addHeld(chord, found);
    }
    if (found.isEmpty()) {
      found.addAll(waiting);
    }
    found.sort(ORDER);
    return List.copyOf(found);
  }

  /** All placements of pitches that are not asked for as harmonics. */
  public List<Placement> of(List<SoundingPitch> chord) {
    return of(chord, false);
  }

  /**
   * Why no hand of this player can hold a chord; empty when it can be held.
   *
   * @param chord its pitches, lowest first
   */
  public Optional<Refusal> refusal(List<SoundingPitch> chord) {
    return of(chord).get(0).isLeftOut()
        ? Optional.of(new NearestHold(instrument, spans).of(chord))
        : Optional.empty();
  }

  private void addHeld(List<SoundingPitch> chord, List<Placement> found) {
    List<Stop> open = openStops(chord);
    if (!open.isEmpty()) {
      waiting.forEach(w -> found.add(new Placement(open, w.base(), w.frame(), false, 0)));
    }
    for (HandFrame frame : instrument.frames()) {
      for (int base = frame.lowestBase(); base <= frame.highestBase(); base++) {
        collect(chord, frame, base, new ArrayList<>(), found);
      }
    }
  }

  /** The chord on open strings alone; empty when that cannot be. */
  private List<Stop> openStops(List<SoundingPitch> chord) {
    List<Stop> open = new ArrayList<>();
    for (SoundingPitch pitch : chord) {
      for (int string = 1; string <= instrument.stringCount(); string++) {
        int semitone = pitch.semitonesAbove(instrument.open(string));
        Stop stop = new Stop(string, Finger.OPEN, Math.min(0, semitone));
        if (isOpen(string, semitone) && isNeighbour(stop, open)) {
          open.add(stop);
          break;
        }
      }
    }
    return open.size() == chord.size() ? open : List.of();
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
      if (semitone < instrument.lowestSemitone(string)
          || semitone > instrument.highestSemitone()
          || taken(chosen, string)) {
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

  /** Whether no finger is needed; a lengthened string also has its lowest note open. */
  private boolean isOpen(int string, int semitone) {
    return semitone == 0 || semitone == instrument.lowestSemitone(string);
  }

  private static boolean taken(List<Stop> chosen, int string) {
    return chosen.stream().anyMatch(s -> s.string() == string);
  }

  private List<Stop> stopsAt(HandFrame frame, int base, int string, int semitone, boolean inChord) {
    if (isOpen(string, semitone)) {
      return List.of(new Stop(string, Finger.OPEN, semitone));
    }
    List<Stop> stops = new ArrayList<>();
    for (Finger finger : Finger.values()) {
      for (HandFrame.Reach reach : frame.of(finger)) {
        if (base + reach.offset() == semitone && isUsable(reach.use(), inChord)) {
          stops.add(new Stop(string, finger, semitone));
        }
      }
    }
    return stops;
  }

  private static boolean isUsable(HandFrame.Use use, boolean inChord) {
    return use != (inChord ? HandFrame.Use.PIVOT : HandFrame.Use.DOUBLE_STOP);
  }

  private boolean fits(Stop stop, List<Stop> chosen) {
    if (!isNeighbour(stop, chosen)) {
      return false;
    }
    for (Stop other : chosen) {
      if (!stop.isOpen() && !other.isOpen() && !together(stop, other)) {
        return false;
      }
    }
    return true;
  }

  /** Whether the strings, this one included, are a run without a gap. */
  static boolean isNeighbour(Stop stop, List<Stop> chosen) {
    int lowest = stop.string();
    int highest = stop.string();
    for (Stop other : chosen) {
      if (other.string() == stop.string()) {
        return false;
      }
      lowest = Math.min(lowest, other.string());
      highest = Math.max(highest, other.string());
    }
    return highest - lowest == chosen.size();
  }

  private boolean together(Stop one, Stop other) {
    if (one.finger() == other.finger()) {
      return one.semitone() == other.semitone() && Math.abs(one.string() - other.string()) == 1;
    }
    Stop lower = one.finger().rank() < other.finger().rank() ? one : other;
    Stop upper = lower == one ? other : one;
    if (lower.semitone() > upper.semitone()) {
      return false;
    }
    double apartMm = geometry.spanMm(lower.semitone(), upper.semitone());
    int stringsApart = Math.abs(lower.string() - upper.string());
    return apartMm <= spans.greatestAcrossMm(lower.finger(), upper.finger(), stringsApart);
  }

  private void finish(HandFrame frame, int base, List<Stop> chosen, List<Placement> found) {
    List<Stop> used = chosen.stream().filter(s -> !s.isOpen()).toList();
    if (used.isEmpty()) {
      return;
    }
    boolean alone = used.size() == 1 && !isPivot(frame, base, used.get(0));
    if (!alone || spans.allows(base, frame.baseFinger(), used.get(0))) {
      double reachMm = spans.reachMm(base, frame.baseFinger(), chosen);
      found.add(new Placement(chosen, base, frame, true, reachMm));
    }
  }

  private static boolean isPivot(HandFrame frame, int base, Stop stop) {
    return frame.of(stop.finger()).stream()
        .anyMatch(r -> r.offset() == stop.place() - base && r.use() == HandFrame.Use.PIVOT);
  }

  private void addHarmonics(SoundingPitch pitch, boolean asked, List<Placement> found) {
    int highest = asked ? Integer.MAX_VALUE : instrument.handling().highestUnaskedHarmonic();
    for (int string = 1; string <= instrument.stringCount(); string++) {
      int semitone = pitch.semitonesAbove(instrument.open(string));
      for (Harmonics.Node node : Harmonics.NODES) {
        if (node.harmonic() <= highest
            && node.soundingSemitone() == semitone
            && node.touchedAt() <= instrument.highestSemitone()) {
          addHarmonic(string, semitone, node, found);
        }
      }
    }
  }

  /** A finger touches a node from the frame, or, if it is the usual one, by opening the hand. */
  private void addHarmonic(int string, int semitone, Harmonics.Node node, List<Placement> found) {
    for (HandFrame frame : instrument.frames()) {
      for (Finger finger : touchingFingers(frame)) {
        Stop stop = new Stop(string, finger, semitone, node.touchedAt());
        for (int base = frame.lowestBase(); base <= frame.highestBase(); base++) {
          if (touches(frame, base, stop)) {
            double reachMm = spans.reachMm(base, frame.baseFinger(), List.of(stop));
            found.add(new Placement(List.of(stop), base, frame, true, reachMm));
          }
        }
      }
    }
  }

  private Set<Finger> touchingFingers(HandFrame frame) {
    Set<Finger> fingers = new TreeSet<>(frame.reaches().keySet());
    if (frame.region() == HandFrame.Region.NECK) {
      instrument.handling().octaveHarmonicFingers().stream()
          .filter(f -> f != Finger.THUMB)
          .forEach(fingers::add);
    }
    return fingers;
  }

  private boolean touches(HandFrame frame, int base, Stop stop) {
    int offset = stop.place() - base;
    return isOrdinary(frame, stop.finger(), offset)
        || (Harmonics.of(stop).harmonic() == 2
            && stop.finger() != frame.baseFinger()
            && instrument.handling().octaveHarmonicFingers().contains(stop.finger())
            && opensTo(frame, stop.finger(), offset)
            && spans.allows(base, frame.baseFinger(), stop));
  }

  private static boolean isOrdinary(HandFrame frame, Finger finger, int offset) {
    return frame.of(finger).stream()
        .anyMatch(r -> r.use() == HandFrame.Use.ORDINARY && r.offset() == offset);
  }

  /**
   * Whether a finger that is usual for the octave harmonic opens that far. A finger the shape does
   * not use for stopping stands beside the highest one it uses.
   */
  private static boolean opensTo(HandFrame frame, Finger finger, int offset) {
    boolean used = !frame.of(finger).isEmpty();
    int furthest = Integer.MIN_VALUE;
    for (Finger other : used ? Set.of(finger) : frame.reaches().keySet()) {
      for (HandFrame.Reach reach : frame.of(other)) {
        boolean ordinary = reach.use() == HandFrame.Use.ORDINARY;
        furthest = ordinary ? Math.max(furthest, reach.offset()) : furthest;
      }
    }
    return offset <= furthest + OPENED_FOR_HARMONIC && offset >= furthest + (used ? 1 : 0);
  }
}
