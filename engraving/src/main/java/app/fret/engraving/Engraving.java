package app.fret.engraving;

import java.util.List;
import java.util.Optional;

/**
 * A passage laid out.
 *
 * @param widthSpaces width of the systems in staff spaces
 * @param systems lines of music, top to bottom
 */
public record Engraving(double widthSpaces, List<System> systems) {
  public Engraving {
    systems = List.copyOf(systems);
  }

  /**
   * One line of music. Its own top staff line is y = 0, the bottom line y = 4.
   *
   * @param marks what to draw
   * @param notes where the notes stand, in order of time; a tied note once for every head
   * @param rests where the rests stand, in order of time
   * @param bars where the bars stand
   * @param top highest point of any mark, 0 or negative
   * @param bottom lowest point of any mark, at least 4
   * @param notesFrom x where the first bar begins, after clef and signatures
   */
  public record System(
      List<Mark> marks,
      List<NotePlace> notes,
      List<NotePlace> rests,
      List<BarPlace> bars,
      double top,
      double bottom,
      double notesFrom) {
    public System {
      marks = List.copyOf(marks);
      notes = List.copyOf(notes);
      rests = List.copyOf(rests);
      bars = List.copyOf(bars);
    }

    /** The place of a note or rest, if it stands on this line. */
    public Optional<NotePlace> placeOf(int event) {
      return placeOf(event, notes).or(() -> placeOf(event, rests));
    }

    private static Optional<NotePlace> placeOf(int event, List<NotePlace> places) {
      int low = 0;
      int high = places.size() - 1;
      while (low <= high) {
        int middle = (low + high) / 2;
        int found = places.get(middle).event();
        if (found == event) {
          return Optional.of(places.get(middle));
        }
        low = found < event ? middle + 1 : low;
        high = found < event ? high : middle - 1;
      }
      return Optional.empty();
    }
  }

  /**
   * Where an event stands.
   *
   * @param event index of the event in the passage
   * @param x left edge of its heads
   * @param width width of a head
   * @param until x where the next event or the bar line stands
   * @param top highest point of head and stem
   * @param bottom lowest point of head and stem
   */
  public record NotePlace(
      int event, double x, double width, double until, double top, double bottom) {
    /** Middle of the head. */
    public double middle() {
      return x + width / 2;
    }
  }

  /**
   * Where a bar stands.
   *
   * @param bar index of the bar in the passage
   * @param x left bar line or end of the signatures
   * @param until right bar line
   */
  public record BarPlace(int bar, double x, double until) {}
}
