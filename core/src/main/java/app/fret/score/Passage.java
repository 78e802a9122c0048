package app.fret.score;

import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A passage of one part, one voice: the music a player prepares.
 *
 * @param title its title
 * @param partName name of the part it was taken from
 * @param bars its bars in order, at least one
 * @param events notes, chords and rests in order of time
 * @param slurs slurs, each over its events, in order of their first event
 * @param tuplets printed tuplets, in order of their first event
 * @param directions what is printed over and under the staff
 * @param transposition how far the part says it sounds from what is written; empty when it says
 *     nothing and the instrument's own custom holds
 */
public record Passage(
    String title,
    String partName,
    List<Bar> bars,
    List<Event> events,
    List<Span> slurs,
    List<Tuplet> tuplets,
    Directions directions,
    Optional<Transposition> transposition) {

  public Passage {
    bars = List.copyOf(bars);
    events = List.copyOf(events);
    slurs = List.copyOf(slurs);
    tuplets = List.copyOf(tuplets);
    if (bars.isEmpty()) {
      throw new IllegalArgumentException("a passage needs at least one bar");
    }
    for (Span slur : slurs) {
      requireInside(slur, events.size(), "slur");
    }
    for (Tuplet tuplet : tuplets) {
      requireInside(tuplet.span(), events.size(), "tuplet");
    }
  }

  private static void requireInside(Span span, int events, String what) {
    if (span.last() >= events) {
      throw new IllegalArgumentException(
          "a " + what + " reaches event " + span.last() + " of " + events);
    }
  }

  /** When the music is over. */
  public Fraction length() {
    return bars.get(bars.size() - 1).end();
  }

  /** The same passage with other events at the same places. */
  public Passage withEvents(List<Event> newEvents) {
    return new Passage(title, partName, bars, newEvents, slurs, tuplets, directions, transposition);
  }

  /** The same passage with other slurs. */
  public Passage withSlurs(List<Span> newSlurs) {
    return new Passage(title, partName, bars, events, newSlurs, tuplets, directions, transposition);
  }

  /** The same passage with other things printed over and under the staff. */
  public Passage withDirections(Directions newDirections) {
    return new Passage(title, partName, bars, events, slurs, tuplets, newDirections, transposition);
  }

  /** The same music that sounds otherwise than written. */
  public Passage withTransposition(Optional<Transposition> stated) {
    return new Passage(title, partName, bars, events, slurs, tuplets, directions, stated);
  }

  /** The same passage under another title. */
  public Passage withTitle(String newTitle) {
    return new Passage(newTitle, partName, bars, events, slurs, tuplets, directions, transposition);
  }

  /** The first tempo mark with a figure, if one is printed. */
  public Optional<Tempo> printedTempo() {
    return directions.tempos().stream().findFirst().map(Directions.TempoMark::tempo);
  }
}
