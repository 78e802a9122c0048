package app.fret.lefthand;

import app.fret.instrument.Instrument;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Finger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What the player has decided for a note: a string, a finger, a position, or any two or three of
 * them. Kept beyond one plan it is a {@link PinAt}.
 *
 * @param note number of the note in the passage
 * @param head which note of a chord, the lowest 0; empty when any of them may be taken so
 * @param string string wanted, 1 the highest
 * @param finger finger wanted
 * @param harmonic whether the note is to be touched as a natural harmonic or pressed down; empty
 *     for either
 * @param base position wanted: where the hand stands, in semitones of a first finger at rest above
 *     the open string
 */
public record Pin(
    int note,
    OptionalInt head,
    OptionalInt string,
    Optional<Finger> finger,
    Optional<Boolean> harmonic,
    OptionalInt base) {
  /** By note, then from the lowest note of a chord up. */
  static final Comparator<Pin> IN_ORDER =
      Comparator.comparingInt(Pin::note).thenComparingInt(p -> p.head().orElse(-1));

  public Pin {
    if (string.isEmpty() && finger.isEmpty() && base.isEmpty()) {
      throw new IllegalArgumentException("a pin on note " + note + " that pins nothing");
    }
  }

  /** A pin on any note of a chord, or on a single one. */
  public Pin(int note, OptionalInt string, Optional<Finger> finger, OptionalInt base) {
    this(note, OptionalInt.empty(), string, finger, Optional.empty(), base);
  }

  /**
   * The pins that take a note as a placement does: string and finger of every note of the chord,
   * and where the hand stands.
   */
  public static List<Pin> taking(int note, Placement placement) {
    List<Pin> pins = new ArrayList<>();
    List<Stop> stops = placement.stops();
    OptionalInt base =
        placement.usesHand() ? OptionalInt.of(placement.hand()) : OptionalInt.empty();
    for (int head = 0; head < stops.size(); head++) {
      pins.add(
          new Pin(
              note,
              stops.size() == 1 ? OptionalInt.empty() : OptionalInt.of(head),
              OptionalInt.of(stops.get(head).string()),
              Optional.of(stops.get(head).finger()),
              Optional.of(stops.get(head).isHarmonic()),
              base));
    }
    return pins;
  }

  /** A pin on string and finger. */
  public static Pin of(int note, int string, Finger finger) {
    return new Pin(note, OptionalInt.of(string), Optional.of(finger), OptionalInt.empty());
  }

  /** A pin on the finger alone. */
  public static Pin finger(int note, Finger finger) {
    return new Pin(note, OptionalInt.empty(), Optional.of(finger), OptionalInt.empty());
  }

  /** A pin on the string alone. */
  public static Pin string(int note, int string) {
    return new Pin(note, OptionalInt.of(string), Optional.empty(), OptionalInt.empty());
  }

  /** The same pin with a finger; the hand may stand wherever that finger wants it. */
  public Pin withFinger(Finger newFinger) {
    return new Pin(
        note, head, string, Optional.of(newFinger), Optional.empty(), OptionalInt.empty());
  }

  /** The same pin with a string; the hand may stand wherever that string wants it. */
  public Pin withString(int newString) {
    return new Pin(
        note, head, OptionalInt.of(newString), finger, Optional.empty(), OptionalInt.empty());
  }

  /** The same pin on another note. */
  public Pin on(int newNote) {
    return new Pin(newNote, head, string, finger, harmonic, base);
  }

  /** The same pin wherever the hand stands; it must pin a string or finger. */
  public Pin withoutBase() {
    return new Pin(note, head, string, finger, harmonic, OptionalInt.empty());
  }

  /** Whether the placement keeps to it. */
  public boolean allows(Placement placement) {
    boolean hand = base.isEmpty() || (placement.usesHand() && placement.hand() == base.getAsInt());
    List<Stop> stops = placement.stops();
    return hand
        && (head.isEmpty()
            ? stops.stream().anyMatch(this::allows)
            : head.getAsInt() < stops.size() && allows(stops.get(head.getAsInt())));
  }

  private boolean allows(Stop stop) {
    return (string.isEmpty() || string.getAsInt() == stop.string())
        && (finger.isEmpty() || finger.get() == stop.finger())
        && (harmonic.isEmpty() || harmonic.get() == stop.isHarmonic());
  }

  /** The pin in words, such as {@code finger 3 on string II}. */
  public String words(Instrument instrument) {
    List<String> parts = new ArrayList<>();
    finger.ifPresent(f -> parts.add(f == Finger.OPEN ? "open string" : "finger " + f.sign()));
    harmonic.filter(h -> h).ifPresent(h -> parts.add("a harmonic"));
    string.ifPresent(s -> parts.add("string " + Instrument.numeral(s)));
    base.ifPresent(b -> parts.add("position " + instrument.positionName(b)));
    return String.join(" on ", parts);
  }
}
