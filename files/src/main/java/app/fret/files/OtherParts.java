package app.fret.files;

import app.fret.reading.Others;
import app.fret.score.Excerpt;
import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.List;

/** Reads what stands beside the player's part in a score. */
public final class OtherParts {
  /** More parts than an orchestra has are not read. */
  private static final int MOST_PARTS = 60;

  private OtherParts() {}

  /**
   * What the other parts do under a passage. A part that cannot be read, or has other bars, says
   * nothing.
   *
   * @param own index of the player's part
   * @param part the whole of the player's part
   * @param passage the bars taken from it
   */
  public static Others of(Score score, int own, Passage part, Passage passage) {
    int parts = score.partNames().size();
    int first = firstBar(part, passage);
    if (!score.soundsTogether() || parts < 2 || parts > MOST_PARTS || first < 0) {
      return Others.NONE;
    }
    List<Passage> others = new ArrayList<>();
    for (int i = 0; i < parts; i++) {
      if (i != own) {
        add(score, i, part, first, passage.bars().size(), others);
      }
    }
    return Others.of(others, passage);
  }

  private static int firstBar(Passage part, Passage passage) {
    for (int bar = 0; bar + passage.bars().size() <= part.bars().size(); bar++) {
      if (part.bars().get(bar).label().equals(passage.bars().get(0).label())) {
        return bar;
      }
    }
    return -1;
  }

  private static void add(
      Score score, int index, Passage part, int first, int bars, List<Passage> others) {
    try {
      Passage other = score.read(index).passage();
      if (other.bars().size() == part.bars().size()) {
        others.add(Excerpt.cut(other, first, first + bars - 1));
      }
    } catch (ScoreRejectedException | IllegalArgumentException e) {
      // What the others do is a help; the player's own part does not depend on it.
    }
  }
}
