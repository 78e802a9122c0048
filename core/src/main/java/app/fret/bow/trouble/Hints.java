package app.fret.bow.trouble;

import app.fret.bow.search.BowedPath;
import app.fret.bow.stroke.Accents;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowedNote;
import app.fret.bow.stroke.Contact;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.StrokeKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/** What the bow hand does during a stroke, in plain words (common practice, no source). */
public final class Hints {
  private static final double LATE_SECONDS = 0.3;
  private static final double SLOW_SECONDS = 1.4;
  private static final double RINGS_SECONDS = 0.2;
  private static final double CLIPPED_SECONDS = 0.25;
  private static final int BARS_BETWEEN = 4;

  /** Of its usual amount, what a stroke has at most that saves. */
  private static final double SAVED = 0.85;

  private Hints() {}

  /**
   * The hints to the hand at each stroke, a sentence each; the same one again only after some bars,
   * since a player who is told it everywhere hears it nowhere.
   *
   * @param accents how accents are made
   */
  public static List<List<String>> of(BowedPath path, Accents accents) {
    Map<String, Integer> lastBars = new HashMap<>();
    List<List<String>> all = new ArrayList<>();
    for (int stroke = 0; stroke < path.size(); stroke++) {
      int bar = path.line().brief().notes().get(path.first(stroke).number()).bar();
      List<String> told = new ArrayList<>(of(path, stroke, accents));
      told.removeIf(hint -> bar < lastBars.getOrDefault(hint, bar - BARS_BETWEEN) + BARS_BETWEEN);
      told.forEach(hint -> lastBars.put(hint, bar));
      all.add(told);
    }
    return all;
  }

  private static List<String> of(BowedPath path, int stroke, Accents accents) {
    BowLine line = path.line();
    List<String> hints = new ArrayList<>();
    Draft draft = path.draft(stroke);
    BowedNote first = line.note(draft.notes().first());
    if (first.accent() > 0) {
      hints.add(accents.hint());
    }
    if (stroke > 0 && isCushioned(line, path.draft(stroke - 1), draft)) {
      hints.add("Cushion the change: ease the weight just before it and let the fingers give.");
    }
    if (stroke + 1 < path.size() && isCutShort(line, draft, path.draft(stroke + 1))) {
      hints.add("Let the last note of the stroke sound a little longer.");
    }
    if (goesOntoTopString(line, draft.notes().first()) && first.isSoft()) {
      hints.add("Lighter onto the top string.");
    }
    if (leavesAnOpenString(line, draft)) {
      hints.add("Leave the open string lightly inside the slur, so that it rings on.");
    }
    if (speaksLate(line, first)) {
      hints.add("It speaks late up here: start with weight, then release.");
    }
    if (stroke + 1 < path.size() && savesFor(path, stroke)) {
      hints.add(
          String.format(
              Locale.ROOT,
              "Save here: %.0f cm, not %.0f cm, so that the accent after it has bow.",
              path.cm(stroke),
              draft.targetCm()));
    }
    boolean isLast = stroke == path.size() - 1;
    if (isLast && draft.seconds() < LATE_SECONDS) {
      hints.add("The last note is short: let the bow go on in the air.");
    }
    return hints;
  }

  /** From slur to slur the last note, where it is long enough to be heard, is easily clipped. */
  private static boolean isCutShort(BowLine line, Draft draft, Draft next) {
    return isSlur(draft)
        && isSlur(next)
        && line.note(draft.notes().last()).seconds() >= CLIPPED_SECONDS;
  }

  /** Two long sung strokes with nothing between them and no accent, at mezzo-forte or less. */
  private static boolean isCushioned(BowLine line, Draft before, Draft draft) {
    BowedNote first = line.note(draft.notes().first());
    boolean isSung = before.kind() == StrokeKind.LEGATO && draft.kind() == StrokeKind.LEGATO;
    boolean isSlow = before.seconds() >= SLOW_SECONDS && draft.seconds() >= SLOW_SECONDS;
    return isSung
        && isSlow
        && first.accent() == 0
        && first.silenceSeconds() == 0
        && !first.isLoud();
  }

  private static boolean isSlur(Draft draft) {
    return draft.kind() == StrokeKind.LEGATO && draft.notes().last() > draft.notes().first();
  }

  /** Whether a slur goes from an open string, long enough to be heard, to another string. */
  private static boolean leavesAnOpenString(BowLine line, Draft draft) {
    for (int i = draft.notes().first(); i < draft.notes().last(); i++) {
      BowedNote note = line.note(i);
      boolean crosses = line.note(i + 1).topString() != note.topString();
      if (crosses && note.seconds() >= RINGS_SECONDS && Contact.isOpen(line.brief(), note)) {
        return true;
      }
    }
    return false;
  }

  /** High on an inner or lower string. */
  private static boolean speaksLate(BowLine line, BowedNote note) {
    return note.topString() > 1 && Contact.isHigh(line.brief(), note);
  }

  private static boolean savesFor(BowedPath path, int stroke) {
    boolean unmarked = path.first(stroke).isLoud() && path.first(stroke).accent() == 0;
    boolean accentNext = path.first(stroke + 1).accent() > 0;
    return unmarked && accentNext && path.cm(stroke) < SAVED * path.draft(stroke).targetCm();
  }

  private static boolean goesOntoTopString(BowLine line, int note) {
    return note > 0 && line.note(note).topString() == 1 && line.note(note - 1).topString() > 1;
  }
}
