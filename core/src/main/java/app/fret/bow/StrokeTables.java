package app.fret.bow;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The tables of all strokes; those alike in all that terms look at share one. */
final class StrokeTables {
  private final BowLine line;
  private final List<Draft> drafts;
  private final Map<Look, StrokeTable> known = new HashMap<>();

  /** All that the terms of {@link BowTerms} look at of a stroke. */
  private record Look(
      BowedNote first,
      StrokeKind kind,
      double seconds,
      double targetCm,
      double slowestCm,
      double fastestCm,
      int count,
      double growth,
      double barSeconds,
      int leap,
      boolean isFirstBeat,
      boolean isLast) {}

  StrokeTables(BowLine line, List<Draft> drafts) {
    this.line = line;
    this.drafts = drafts;
  }

  StrokeTable of(int stroke) {
    return known.computeIfAbsent(look(stroke), l -> new StrokeTable(line, stroke, drafts));
  }

  private Look look(int stroke) {
    Draft draft = drafts.get(stroke);
    int note = draft.notes().first();
    BowedNote first = line.note(note);
    int leap = note == 0 ? 0 : Math.abs(first.topString() - line.note(note - 1).topString());
    return new Look(
        first,
        draft.kind(),
        draft.seconds(),
        draft.targetCm(),
        draft.slowestCm(),
        draft.fastestCm(),
        draft.notes().last() - note + 1,
        draft.growth(line),
        line.barSeconds(note),
        leap,
        line.isFirstBeatOfAll(note),
        stroke == drafts.size() - 1);
  }
}
