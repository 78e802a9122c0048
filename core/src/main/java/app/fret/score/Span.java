package app.fret.score;

/**
 * Something that holds a run of events together, named by their indices in the passage.
 *
 * @param first index of the first event
 * @param last index of the last event, at least {@code first}
 */
public record Span(int first, int last) {
  public Span {
    if (first < 0 || last < first) {
      throw new IllegalArgumentException("a span from event " + first + " to " + last);
    }
  }

  /** Whether the event lies in it. */
  public boolean holds(int event) {
    return first <= event && event <= last;
  }
}
