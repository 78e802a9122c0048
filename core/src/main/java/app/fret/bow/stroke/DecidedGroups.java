package app.fret.bow.stroke;

import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.reading.Reading;
import app.fret.reading.StrokeGroups;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;

/** Which notes share a stroke: as printed, but where the player decided otherwise. */
public final class DecidedGroups {
  private DecidedGroups() {}

  /** The groups of a passage under some decisions. */
  public static StrokeGroups of(Reading reading, BowChoices choices) {
    return choices.strokes().isEmpty()
        ? reading.strokes()
        : of(reading.strokes(), new Decided(choices, reading.places()));
  }

  static StrokeGroups of(StrokeGroups printed, Decided decided) {
    boolean[] joined = printed.joined();
    List<Span> groups = new ArrayList<>();
    int first = 0;
    for (int note = 1; note <= joined.length; note++) {
      if (note == joined.length || !isJoined(note, joined[note], decided)) {
        groups.add(new Span(first, note - 1));
        first = note;
      }
    }
    return new StrokeGroups(joined.length == 0 ? List.of() : groups);
  }

  private static boolean isJoined(int note, boolean printed, Decided decided) {
    if (decided.has(note, Act.JOIN)) {
      return true;
    }
    boolean begins =
        decided.has(note - 1, Act.SPLIT)
            || decided.has(note, Act.HOOK)
            || decided.has(note, Act.TWO)
            || decided.has(note, Act.RETAKE);
    return printed && !begins;
  }
}
