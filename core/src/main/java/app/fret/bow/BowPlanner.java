package app.fret.bow;

import app.fret.score.Bar;
import app.fret.score.BowDirection;
import app.fret.score.Passage;
import app.fret.score.PlayedNote;
import app.fret.score.Span;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Chooses the direction of every stroke.
 *
 * <p>Problem: printed slurs are one stroke each, other notes a stroke of their own; strokes
 * alternate. Where the printed bowing leaves a choice, which is at the start, at a printed bow mark
 * and after a rest long enough to set the bow anew, first beats go down, pickups up and the last
 * note down. Recurrence: {@code best(i, d) = wish(i, d) + min over e of best(i-1, e) + turn(e, d)}.
 * Exact; O(n) for n strokes. Effort has no unit. Source: common practice.
 */
public final class BowPlanner {
  /** Time for a full retake (common practice, no source). */
  static final double FULL_RETAKE_SECONDS = 0.20;

  private static final double AGAINST_PRINT = 1000;
  private static final double TURN_WITHOUT_REST = 50;
  private static final double RETAKE_IN_REST = 0.2;
  private static final double FIRST_BEAT_UP = 1;
  private static final double PICKUP_DOWN = 1;
  private static final double LAST_NOTE_UP = 0.1;
  private static final double START_UP = 0.5;

  /** Plans the strokes of a passage at a tempo. */
  public BowPlan plan(Passage passage, Tempo tempo) {
    Task task = new Task(passage, PlayedNote.of(passage), tempo);
    return new BowPlan(task.notes.isEmpty() ? List.of() : task.choose(task.groups()));
  }

  /** What belongs to one call. */
  private record Task(Passage passage, List<PlayedNote> notes, Tempo tempo) {
    /** Runs of notes that share a stroke. */
    List<Span> groups() {
      List<Span> groups = new ArrayList<>();
      int first = 0;
      for (int note = 1; note <= notes.size(); note++) {
        if (note == notes.size() || !sameStroke(note - 1, note)) {
          groups.add(new Span(first, note - 1));
          first = note;
        }
      }
      return groups;
    }

    private boolean sameStroke(int note, int next) {
      int event = notes.get(note).events().last();
      int nextEvent = notes.get(next).events().first();
      return notes.get(next).marks().bow().isEmpty()
          && passage.slurs().stream().anyMatch(s -> s.holds(event) && s.holds(nextEvent));
    }

    List<Stroke> choose(List<Span> groups) {
      int size = groups.size();
      double[][] best = new double[size][2];
      int[][] cameFrom = new int[size][2];
      for (int i = 0; i < size; i++) {
        for (BowDirection d : BowDirection.values()) {
          best[i][d.ordinal()] = wish(groups, i, d);
          if (i > 0) {
            double down = best[i - 1][0] + turn(groups, i, BowDirection.DOWN, d);
            double up = best[i - 1][1] + turn(groups, i, BowDirection.UP, d);
            cameFrom[i][d.ordinal()] = up < down ? 1 : 0;
            best[i][d.ordinal()] += Math.min(down, up);
          }
        }
      }
      return trace(groups, best, cameFrom);
    }

    private static List<Stroke> trace(List<Span> groups, double[][] best, int[][] cameFrom) {
      Stroke[] strokes = new Stroke[groups.size()];
      int last = groups.size() - 1;
      int direction = best[last][1] < best[last][0] ? 1 : 0;
      for (int i = last; i >= 0; i--) {
        strokes[i] =
            new Stroke(
                groups.get(i).first(), groups.get(i).last(), BowDirection.values()[direction]);
        direction = cameFrom[i][direction];
      }
      return List.of(strokes);
    }

    private double wish(List<Span> groups, int group, BowDirection direction) {
      PlayedNote note = notes.get(groups.get(group).first());
      Optional<BowDirection> printed = note.marks().bow();
      double effort = printed.isPresent() && printed.get() != direction ? AGAINST_PRINT : 0;
      Bar bar = passage.bars().get(note.bar());
      boolean atBarLine = note.onset().equals(bar.onset()) && !note.isGrace();
      if (bar.uncounted() && direction == BowDirection.DOWN && leadsToNextBar(groups, group)) {
        effort += PICKUP_DOWN;
      }
      if (!bar.uncounted() && atBarLine && direction == BowDirection.UP) {
        effort += FIRST_BEAT_UP + (group == 0 ? START_UP : 0);
      }
      if (group == groups.size() - 1 && direction == BowDirection.UP) {
        effort += LAST_NOTE_UP;
      }
      return effort;
    }

    /** Whether the stroke is the last before the bar line. */
    private boolean leadsToNextBar(List<Span> groups, int group) {
      return group + 1 < groups.size()
          && notes.get(groups.get(group + 1).first()).bar()
              > notes.get(groups.get(group).first()).bar();
    }

    private double turn(List<Span> groups, int group, BowDirection from, BowDirection to) {
      if (from != to) {
        return 0;
      }
      Fraction gap =
          notes
              .get(groups.get(group).first())
              .onset()
              .subtract(notes.get(groups.get(group - 1).last()).end());
      return tempo.seconds(gap) >= FULL_RETAKE_SECONDS ? RETAKE_IN_REST : TURN_WITHOUT_REST;
    }
  }
}
