package app.fret.edit;

import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import java.util.List;
import java.util.Locale;
import org.apache.commons.numbers.fraction.Fraction;

/** Of notes that are divided among players, those of one of them. */
public final class Divided {
  private Divided() {}

  /**
   * The manuscript in which stacked notes from an event on keep their top or bottom head, as far as
   * the part is divided: to {@code unis.}, {@code tutti} or {@code non div.}, else to its end.
   *
   * @param firstEvent number of the first event
   * @param top whether the upper notes are played, else the lower
   */
  public static Manuscript take(Passage passage, int firstEvent, boolean top) {
    Fraction end = end(passage, passage.events().get(firstEvent).onset());
    Manuscript music = Manuscript.of(passage);
    for (int i = firstEvent; i < passage.events().size(); i++) {
      Event event = passage.events().get(i);
      if (event.onset().compareTo(end) < 0
          && event instanceof Sounding sounding
          && sounding.notes().size() > 1) {
        int kept = top ? sounding.notes().size() - 1 : 0;
        List<Note> head = List.of(sounding.notes().get(kept));
        music = music.change(i, item -> item.withNotes(head));
      }
    }
    return music;
  }

  private static Fraction end(Passage passage, Fraction from) {
    return passage.directions().words().stream()
        .filter(w -> w.onset().compareTo(from) > 0)
        .filter(w -> ends(w.text().strip().toLowerCase(Locale.ROOT)))
        .map(Directions.Words::onset)
        .findFirst()
        .orElse(passage.length());
  }

  private static boolean ends(String word) {
    return word.startsWith("unis") || word.startsWith("tutti") || word.startsWith("non div");
  }
}
