package app.fret.lefthand;

import app.fret.reading.NotePlaces;
import app.fret.score.Finger;
import app.fret.score.NoteRef;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A pin as it is decided and kept: it holds on to the place of a note head, not to a number.
 *
 * @param at the note head
 * @param anyOfChord whether it is enough that some note of the chord is taken so
 * @param string string wanted, 1 the highest
 * @param finger finger wanted
 * @param harmonic whether it is touched as a natural harmonic, see {@link Pin#harmonic()}
 * @param base position wanted, see {@link Pin#base()}
 */
public record PinAt(
    NoteRef at,
    boolean anyOfChord,
    OptionalInt string,
    Optional<Finger> finger,
    Optional<Boolean> harmonic,
    OptionalInt base) {
  public PinAt {
    if (string.isEmpty() && finger.isEmpty() && base.isEmpty()) {
      throw new IllegalArgumentException("a pin on " + at + " that pins nothing");
    }
  }

  /** Lets a pin hold on to its note's place in a passage. */
  public static PinAt of(Pin pin, NotePlaces places) {
    List<NoteRef> heads = places.of(pin.note());
    NoteRef at = pin.head().isPresent() ? heads.get(pin.head().getAsInt()) : places.top(pin.note());
    boolean any = pin.head().isEmpty() && heads.size() > 1;
    return new PinAt(at, any, pin.string(), pin.finger(), pin.harmonic(), pin.base());
  }

  /** The same pin on the head at another place. */
  public PinAt movedTo(NoteRef place) {
    return new PinAt(place, anyOfChord, string, finger, harmonic, base);
  }

  /** The pins of a list in a passage, in order of its notes; those without a place are left out. */
  public static List<Pin> in(NotePlaces places, List<PinAt> pins) {
    List<Pin> found = new ArrayList<>();
    for (PinAt pin : pins) {
      pin.in(places).ifPresent(found::add);
    }
    found.sort(Pin.IN_ORDER);
    return found;
  }

  /** The same by the numbers of a passage; empty when it has no such note. */
  public Optional<Pin> in(NotePlaces places) {
    return places.find(at).map(head -> pin(head, places.of(head.note()).size() == 1));
  }

  private Pin pin(NotePlaces.Head found, boolean alone) {
    OptionalInt head = anyOfChord || alone ? OptionalInt.empty() : OptionalInt.of(found.head());
    return new Pin(found.note(), head, string, finger, harmonic, base);
  }
}
