package app.fret.edit;

import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Which event of the music as it was imported each event of mended music is.
 *
 * <p>Kept beside mended music, so that decisions find their notes again when the player goes back
 * to what was imported, however often the book was closed in between.
 */
public final class Origins {
  private static final int NONE = -1;
  private static final String GONE = "-";

  /** By event of the mended music: its number in the imported one, or {@link #NONE}. */
  private final List<Integer> imported;

  private Origins(List<Integer> imported) {
    this.imported = List.copyOf(imported);
  }

  /** Music that was not mended. */
  public static Origins unchanged(Passage imported) {
    List<Integer> same = new ArrayList<>();
    for (int i = 0; i < imported.events().size(); i++) {
      same.add(i);
    }
    return new Origins(same);
  }

  /** What can be told of two readings of the same music by their content alone. */
  public static Origins told(Passage imported, Passage mended) {
    return unchanged(imported).mended(EventMatch.of(imported, mended), mended.events().size());
  }

  /**
   * After one more edit.
   *
   * @param eventsNow by event of the music before that edit: its number after it
   * @param size number of events after it
   */
  public Origins mended(Map<Integer, Integer> eventsNow, int size) {
    List<Integer> now = new ArrayList<>(Collections.nCopies(size, NONE));
    for (int event = 0; event < imported.size(); event++) {
      Integer at = eventsNow.get(event);
      if (at != null) {
        now.set(at, imported.get(event));
      }
    }
    return new Origins(now);
  }

  /** By event of the mended music: its number in the imported one; those put in are missing. */
  public Map<Integer, Integer> back() {
    Map<Integer, Integer> back = new HashMap<>();
    for (int event = 0; event < imported.size(); event++) {
      if (imported.get(event) != NONE) {
        back.put(event, imported.get(event));
      }
    }
    return back;
  }

  /** Whether these fit two passages: as many events as the mended one, none beyond the imported. */
  public boolean fit(Passage importedMusic, Passage mendedMusic) {
    return imported.size() == mendedMusic.events().size()
        && imported.stream().allMatch(i -> i < importedMusic.events().size());
  }

  /** As text: runs of numbers, and a dash and a count for events that were put in. */
  @Override
  public String toString() {
    List<String> runs = new ArrayList<>();
    int from = 0;
    while (from < imported.size()) {
      int to = from + 1;
      while (to < imported.size() && continues(from, to)) {
        to++;
      }
      String start = imported.get(from) == NONE ? GONE : String.valueOf(imported.get(from));
      runs.add(start + "x" + (to - from));
      from = to;
    }
    return String.join(" ", runs);
  }

  private boolean continues(int from, int to) {
    return imported.get(from) == NONE
        ? imported.get(to) == NONE
        : imported.get(to) == imported.get(from) + to - from;
  }

  /**
   * Reads what {@link #toString} writes.
   *
   * @throws IllegalArgumentException when it is none, or tells of more than a million events
   */
  public static Origins parse(String text) {
    List<Integer> imported = new ArrayList<>();
    for (String run : text.isEmpty() ? new String[0] : text.split(" ")) {
      if (!run.matches("(-|\\d{1,7})x\\d{1,7}")) {
        throw new IllegalArgumentException("'" + run + "' tells no origin of notes");
      }
      int by = run.indexOf('x');
      String start = run.substring(0, by);
      int count = Integer.parseInt(run.substring(by + 1));
      if (imported.size() + count > 1_000_000) {
        throw new IllegalArgumentException("origins of more than a million notes");
      }
      for (int i = 0; i < count; i++) {
        imported.add(start.equals(GONE) ? NONE : Integer.parseInt(start) + i);
      }
    }
    return new Origins(imported);
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Origins that && imported.equals(that.imported);
  }

  @Override
  public int hashCode() {
    return imported.hashCode();
  }
}
