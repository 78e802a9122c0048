package app.fret.desktop.model.passage;

import app.fret.score.Bar;
import app.fret.score.Directions;
import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.List;

/**
 * The bars from one rehearsal mark to the next.
 *
 * @param mark letter or number of the mark
 * @param firstBar index of its first bar
 * @param lastBar index of the last bar before the next mark
 */
public record Section(String mark, int firstBar, int lastBar) {
  /** The sections of a part, in order; bars before the first mark belong to none. */
  public static List<Section> of(Passage passage) {
    List<Section> sections = new ArrayList<>();
    int end = passage.bars().size() - 1;
    List<Directions.Rehearsal> marks = passage.directions().rehearsals();
    for (int i = marks.size() - 1; i >= 0; i--) {
      int first = barAt(passage, marks.get(i));
      if (first <= end) {
        sections.add(0, new Section(marks.get(i).text(), first, end));
        end = first - 1;
      }
    }
    return sections;
  }

  private static int barAt(Passage passage, Directions.Rehearsal mark) {
    int bar = 0;
    for (int i = 0; i < passage.bars().size(); i++) {
      Bar each = passage.bars().get(i);
      bar = each.onset().compareTo(mark.onset()) <= 0 ? i : bar;
    }
    return bar;
  }
}
