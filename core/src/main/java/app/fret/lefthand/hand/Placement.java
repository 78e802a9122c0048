package app.fret.lefthand.hand;

import app.fret.instrument.HandFrame;
import java.util.List;

/**
 * A way to take a note or chord: its stops and where the hand is meanwhile.
 *
 * <p>While only open strings sound, the hand still stands somewhere: it waits at {@code base} and
 * may travel before the next note.
 *
 * @param stops one stop per note head, in the order of the heads, lowest first; none when the chord
 *     cannot be held and is left out
 * @param base where the hand stands: semitones of the first finger above the open string
 * @param frame shape of the hand
 * @param usesHand whether any finger stops a string
 * @param reachMm how far the widest stop is stretched beyond the hand at rest, in mm, 0 for none
 */
public record Placement(
    List<Stop> stops, int base, HandFrame frame, boolean usesHand, double reachMm) {

  public Placement {
    stops = List.copyOf(stops);
  }

  /** Whether the chord is left out because no hand can hold it. */
  public boolean isLeftOut() {
    return stops.isEmpty();
  }

  /** The stop of the highest note. */
  public Stop top() {
    return stops.get(stops.size() - 1);
  }

  /** The stop of the lowest note. */
  public Stop bottom() {
    return stops.get(0);
  }

  /** Whether one note only is taken. */
  public boolean isSingle() {
    return stops.size() == 1;
  }
}
