package app.fret.bow.pattern;

import app.fret.brief.Brief;
import app.fret.reading.PlayedNote;
import app.fret.score.Span;
import java.util.List;

/**
 * What a section would do with unmarked notes, by their pace, level and texture: loud and repeated
 * notes and loud runs go separately, dotted rhythms are hooked, broken chords go by the beat, soft
 * runs in slurs, and a tune has bows of about a second and a half. Common practice, no source; the
 * figures are Fret's own, tried on worked passages.
 */
public final class Habit {
  private static final double LOUD = 6.8;
  private static final double RUNNING = 3;
  private static final double MOST = 0.5;
  private static final double BROKEN = 0.6;
  private static final int THIRD = 3;
  private static final double TUNE_SECONDS = 1.6;
  private static final double FIGURE_SECONDS = 0.75;
  private static final double PAIR_OF_RUN = 0.35;
  private static final double PER_DOUBLING = 0.8;
  private static final double UNUSUAL = 1.2;
  private static final double POSSIBLE = 0.5;
  private static final double DOTTED = 0.35;

  /** A dotted pair with a longer note is sung, not hooked. */
  private static final double LONG_OF_PAIR = 1.0;

  private final Brief brief;
  private final Span stretch;
  private final double level;
  private final double pace;
  private final double repeated;
  private final double broken;
  private final double dotted;

  /** The habit for a stretch of a passage. */
  public Habit(Brief brief, Span stretch) {
    this.brief = brief;
    this.stretch = stretch;
    List<PlayedNote> notes = brief.notes();
    double levels = 0;
    double seconds = 0;
    int same = 0;
    int leaps = 0;
    int shorts = 0;
    for (int i = stretch.first(); i <= stretch.last(); i++) {
      levels += brief.levels().printed(i);
      seconds += brief.timeline().lengthSeconds(i);
      if (i > stretch.first()) {
        int step = Math.abs(height(notes.get(i)) - height(notes.get(i - 1)));
        same += step == 0 ? 1 : 0;
        leaps += step >= THIRD ? 1 : 0;
        boolean isShort = PatternStrokes.isShortOfPair(brief.reading(), i, stretch);
        shorts += isShort && brief.timeline().lengthSeconds(i - 1) < LONG_OF_PAIR ? 1 : 0;
      }
    }
    int count = stretch.last() - stretch.first() + 1;
    this.level = levels / count;
    this.pace = count / Math.max(1e-9, seconds);
    this.repeated = (double) same / count;
    this.broken = (double) leaps / count;
    this.dotted = 2.0 * shorts / count;
  }

  private static int height(PlayedNote note) {
    return note.notes().get(note.notes().size() - 1).written().semitone();
  }

  /** How far a pattern is from the habit: 0 for the usual one, about 1 for what is seldom done. */
  public double against(Pattern pattern) {
    if (pattern == Pattern.HOOKED) {
      return dotted >= DOTTED ? 0 : UNUSUAL;
    }
    if (pattern == Pattern.AS_IT_COMES) {
      return UNUSUAL;
    }
    boolean goesApart = dotted >= DOTTED || level >= LOUD || repeated >= MOST;
    if (pattern == Pattern.SEPARATE) {
      return goesApart ? (dotted >= DOTTED ? POSSIBLE : 0) : separate();
    }
    double slurred = Math.abs(log2(strokeSeconds(pattern) / wantedSeconds())) * PER_DOUBLING;
    return goesApart ? POSSIBLE + slurred : slurred;
  }

  private double separate() {
    boolean isEvenRun = pace >= RUNNING && broken < BROKEN;
    return isEvenRun ? 0 : pace >= RUNNING ? POSSIBLE : UNUSUAL;
  }

  private double wantedSeconds() {
    if (pace < RUNNING) {
      return TUNE_SECONDS;
    }
    return broken >= BROKEN ? FIGURE_SECONDS : PAIR_OF_RUN;
  }

  /** How long the strokes of a pattern last here, those of one note among them. */
  private double strokeSeconds(Pattern pattern) {
    List<Span> groups = PatternGroups.of(brief.reading(), stretch, pattern);
    double seconds = 0;
    for (int i = stretch.first(); i <= stretch.last(); i++) {
      seconds += brief.timeline().lengthSeconds(i);
    }
    return seconds / groups.size();
  }

  private static double log2(double value) {
    return Math.log(value) / Math.log(2);
  }
}
