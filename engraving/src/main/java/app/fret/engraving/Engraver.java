package app.fret.engraving;

import app.fret.score.Passage;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;

/**
 * Lays a passage out in systems of a given width.
 *
 * <p>Problem: a place for every sign so that a player reads at sight. Order: measure events ({@link
 * ShapeMaker}), break into systems and space them ({@link Spacing}), then draw each system from the
 * staff outwards ({@link SystemDrawing}), keeping a skyline so that later marks clear earlier ones.
 * Cost: linear in the number of events, but for the breaks, which try every run of bars that could
 * share a system. Units: staff spaces. The fingers, strings and bow signs drawn are those printed
 * in the passage; put a plan's in with {@code MarkedPassage} first.
 */
public final class Engraver {
  /** Narrowest width that can hold a clef, signatures and a few notes, in staff spaces. */
  public static final double NARROWEST_SPACES = 30;

  /**
   * Lays out the passage.
   *
   * @param widthSpaces width of the systems in staff spaces; {@link #NARROWEST_SPACES} at least
   */
  public Engraving engrave(Passage passage, double widthSpaces) {
    return engrave(passage, widthSpaces, Annotations.NONE);
  }

  /**
   * Lays out the passage with more over the staff than it says itself.
   *
   * @param widthSpaces width of the systems in staff spaces; {@link #NARROWEST_SPACES} at least
   */
  public Engraving engrave(Passage passage, double widthSpaces, Annotations annotations) {
    double width = Math.max(NARROWEST_SPACES, widthSpaces);
    List<Span> beams = BeamGroups.of(passage);
    List<EventShape> shapes = ShapeMaker.make(passage, beams);
    Signatures signatures = new Signatures(passage);
    LongRests longRests = new LongRests(passage);
    Spacing spacing = new Spacing(passage, shapes, signatures, longRests);
    List<Integer> breaks = spacing.breaks(width);
    List<Engraving.System> systems = new ArrayList<>();
    SystemDrawing drawing =
        new SystemDrawing(passage, shapes, beams, signatures, spacing, longRests, width);
    for (int i = 0; i + 1 < breaks.size(); i++) {
      SystemRange range = new SystemRange(breaks.get(i), breaks.get(i + 1) - 1);
      double stretch = spacing.stretchToFill(range.firstBar(), range.lastBar(), width);
      boolean last = i + 2 == breaks.size();
      double used = last ? Math.min(stretch, 1.5) : stretch;
      systems.add(drawing.draw(range, used, annotations));
    }
    return new Engraving(width, systems);
  }

  /** The bars of one system. */
  record SystemRange(int firstBar, int lastBar) {}
}
