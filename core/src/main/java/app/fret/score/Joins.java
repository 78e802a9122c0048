package app.fret.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What leads from note to note holds only where a note follows. */
public final class Joins {
  private Joins() {}

  /** Whether something leads from an event to the next. */
  public static boolean leads(List<Event> events, int from) {
    return from >= 0
        && from + 1 < events.size()
        && events.get(from) instanceof Sounding sounding
        && sounding.marks().join().isPresent()
        && events.get(from + 1) instanceof Sounding;
  }

  /** The events without what leads into a rest or past the end. */
  public static List<Event> settled(List<Event> events) {
    List<Event> settled = new ArrayList<>(events);
    for (int i = 0; i < events.size(); i++) {
      if (events.get(i) instanceof Sounding sounding
          && sounding.marks().join().isPresent()
          && !leads(events, i)) {
        settled.set(i, sounding.withMarks(sounding.marks().withJoin(Optional.empty())));
      }
    }
    return settled;
  }
}
