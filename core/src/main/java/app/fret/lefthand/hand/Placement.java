package app.fret.lefthand.hand;

import app.fret.instrument.HandFrame;
import app.fret.instrument.StringGeometry;
import app.fret.score.Finger;
import java.util.List;
import java.util.Objects;

/**
 * A way to take a note or chord: its stops and where the hand is meanwhile.
 *
 * <p>While only open strings sound, the hand still stands somewhere: it waits and may travel before
 * the next note.
 *
 * <p>A value: two placements of equal stops, base, shape and reach are equal.
 */
public final class Placement {
  private static final Stop NONE = new Stop(1, Finger.OPEN, 0);

  /*
   * Why this is no record: the search asks every pair of placements for the highest stop and the
   * place of the hand, so both are worked out once.
   */
  private final List<Stop> stops;
  private final int base;
  private final HandFrame frame;
  private final boolean usesHand;
  private final double reachMm;
  private final Stop top;
  private final Stop bottom;
  private final int hand;
  private final boolean onlyTouches;
  private final int hash;

  /**
   * A way to take a note or chord.
   *
   * @param stops one stop per note head, in the order of the heads, lowest first; none when the
   *     chord cannot be held and is left out
   * @param base semitones above the open string of the first finger, or of the thumb when it lies
   *     on the strings
   * @param frame shape of the hand
   * @param usesHand whether any finger stops or touches a string
   * @param reachMm how far the widest stop is stretched beyond the hand at rest, in mm, 0 for none
   */
  public Placement(List<Stop> stops, int base, HandFrame frame, boolean usesHand, double reachMm) {
    this.stops = List.copyOf(stops);
    this.base = base;
    this.frame = frame;
    this.usesHand = usesHand;
    this.reachMm = reachMm;
    this.top = stops.isEmpty() ? NONE : stops.get(stops.size() - 1);
    this.bottom = stops.isEmpty() ? NONE : stops.get(0);
    this.hand = base + frame.anchor();
    this.onlyTouches =
        stops.stream().anyMatch(Stop::isHarmonic) && stops.stream().noneMatch(Stop::isPressed);
    this.hash = Objects.hash(this.stops, base, frame.name(), usesHand, reachMm);
  }

  /** Its stops, one per note head, lowest first; none when the chord is left out. */
  public List<Stop> stops() {
    return stops;
  }

  /** Semitones of the first finger above the open string, or of the thumb on the strings. */
  public int base() {
    return base;
  }

  /** Shape of the hand. */
  public HandFrame frame() {
    return frame;
  }

  /** Whether any finger stops or touches a string. */
  public boolean usesHand() {
    return usesHand;
  }

  /** How far the hand is stretched beyond rest, in mm, 0 for none. */
  public double reachMm() {
    return reachMm;
  }

  /** Whether the chord is left out because no hand can hold it. */
  public boolean isLeftOut() {
    return stops.isEmpty();
  }

  /**
   * Where the hand as a whole stands, in semitones of a first finger at rest above the open string:
   * what travels in a shift. Opening the hand on the spot does not change it.
   */
  public int hand() {
    return hand;
  }

  /** Whether the thumb lies on the strings. */
  public boolean inThumbPosition() {
    return frame.region() == HandFrame.Region.THUMB;
  }

  /** Whether every finger in use only touches a harmonic. */
  public boolean onlyTouches() {
    return onlyTouches;
  }

  /** Whether the finger of a stop is where the shape of the hand brings it. */
  public boolean isInFrame(Stop stop) {
    return frame.of(stop.finger()).stream().anyMatch(r -> r.offset() == stop.place() - base);
  }

  /** The stop of the highest note; of a chord that is left out, a stand-in. */
  public Stop top() {
    return top;
  }

  /** The stop of the lowest note; of a chord that is left out, a stand-in. */
  public Stop bottom() {
    return bottom;
  }

  /** Whether one note only is taken. */
  public boolean isSingle() {
    return stops.size() == 1;
  }

  /** Number of strings a finger presses. */
  public int pressed() {
    int pressed = 0;
    for (Stop stop : stops) {
      pressed += stop.isPressed() ? 1 : 0;
    }
    return pressed;
  }

  /** Distance from the lowest finger, down or waiting at the base, to the highest one, in mm. */
  public double openMm(StringGeometry geometry) {
    int low = base;
    int high = base;
    for (Stop stop : stops) {
      if (!stop.isOpen()) {
        low = Math.min(low, stop.place());
        high = Math.max(high, stop.place());
      }
    }
    return geometry.spanMm(low, high);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Placement that
        && hash == that.hash
        && base == that.base
        && usesHand == that.usesHand
        && Double.compare(reachMm, that.reachMm) == 0
        && stops.equals(that.stops)
        && frame.equals(that.frame);
  }

  @Override
  public int hashCode() {
    return hash;
  }

  @Override
  public String toString() {
    return "Placement[" + stops + ", base " + base + ", " + frame.name() + "]";
  }

  /**
   * Whether it is another kind of way to take the same note: stopped on another string, or by
   * another finger of a hand that stands elsewhere. An open string in place of a finger of the same
   * hand is no other kind, nor is a hand that only leans another way over the same finger.
   */
  public boolean isOtherKindThan(Placement other) {
    if (!usesHand() || !other.usesHand() || stops().equals(other.stops())) {
      return false;
    }
    return hand() != other.hand() || top().string() != other.top().string();
  }
}
