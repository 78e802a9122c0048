package app.fret.lefthand;

import app.fret.instrument.Instrument;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Finger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What the player has decided for a note: a string, a finger, a position, or any two or three of
 * them. Of a chord it is enough that one of its notes is taken so.
 *
 * @param note number of the note in the passage
 * @param string string wanted, 1 the highest
 * @param finger finger wanted
 * @param base position wanted: where the hand stands, in semitones of a first finger at rest above
 *     the open string
 */
public record Pin(int note, OptionalInt string, Optional<Finger> finger, OptionalInt base) {
  public Pin {
    if (string.isEmpty() && finger.isEmpty() && base.isEmpty()) {
      throw new IllegalArgumentException("a pin on note " + note + " that pins nothing");
    }
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

  /** The same pin with a finger. */
  public Pin withFinger(Finger newFinger) {
    return new Pin(note, string, Optional.of(newFinger), base);
  }

  /** The same pin with a string. */
  public Pin withString(int newString) {
    return new Pin(note, OptionalInt.of(newString), finger, base);
  }

  /** Whether the placement keeps to it. */
  public boolean allows(Placement placement) {
    boolean hand = base.isEmpty() || (placement.usesHand() && placement.hand() == base.getAsInt());
    return hand && placement.stops().stream().anyMatch(this::allows);
  }

  private boolean allows(Stop stop) {
    return (string.isEmpty() || string.getAsInt() == stop.string())
        && (finger.isEmpty() || finger.get() == stop.finger());
  }

  /** The pin in words, such as {@code finger 3 on string II}. */
  public String words(Instrument instrument) {
    List<String> parts = new ArrayList<>();
    finger.ifPresent(f -> parts.add(f == Finger.OPEN ? "open string" : "finger " + f.sign()));
    string.ifPresent(s -> parts.add("string " + Instrument.numeral(s)));
    base.ifPresent(b -> parts.add("position " + instrument.positionName(b)));
    return String.join(" on ", parts);
  }
}
