package app.fret.practice;

import app.fret.score.Passage;
import java.util.List;
import java.util.Optional;

/**
 * A way to make practice music from a passage. A new one is a class and a line in {@link #ALL}.
 *
 * <p>What it makes adds up bar by bar, every event knows its source, and nothing leaves the
 * instrument that the source did not.
 */
public interface DrillKind {
  /** All kinds, in the order they are offered. */
  List<DrillKind> ALL = List.of(RhythmDrill.LONG_SHORT, RhythmDrill.SHORT_LONG);

  /** What it is called, such as {@code long and short}. */
  String words();

  /** The drill made from a passage; empty when the passage has nothing for it. */
  Optional<DerivedPassage> from(Passage source);
}
