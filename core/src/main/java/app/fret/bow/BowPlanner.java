package app.fret.bow;

import app.fret.brief.Brief;
import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.BowDirection;
import app.fret.score.Span;
import app.fret.search.Chain;
import app.fret.search.Lattice;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Chooses the direction of every stroke.
 *
 * <p>Problem: printed slurs are one stroke each, other notes a stroke of their own; strokes
 * alternate. Where the printed bowing leaves a choice, which is at the start, at a printed bow mark
 * and after a rest long enough to set the bow anew, first beats go down, pickups up and the last
 * note down. Exact: each stroke is a layer of two choices, searched by {@link Lattice}; O(n) for n
 * strokes. Effort has no unit. Source: common practice.
 */
public final class BowPlanner {
  /** Time for a full retake (common practice, no source). */
  static final double FULL_RETAKE_SECONDS = 0.20;

  private static final BowDirection[] DIRECTIONS = BowDirection.values();
  private static final double AGAINST_PRINT = 1000;
  private static final double TURN_WITHOUT_REST = 50;
  private static final double RETAKE_IN_REST = 0.2;
  private static final double FIRST_BEAT_UP = 1;
  private static final double PICKUP_DOWN = 1;
  private static final double LAST_NOTE_UP = 0.1;
  private static final double START_UP = 0.5;

  /** Plans the strokes of a passage. */
  public BowPlan plan(Brief brief) {
    List<Span> groups = brief.reading().strokes().groups();
    return new BowPlan(new Task(brief, groups).choose());
  }

  /** What belongs to one call. */
  private record Task(Brief brief, List<Span> groups) {
    List<Stroke> choose() {
      int[] sizes = new int[groups.size()];
      Arrays.fill(sizes, DIRECTIONS.length);
      int[] path = new Lattice(Chain.of(sizes, this::turn), wishes()).path();
      List<Stroke> strokes = new ArrayList<>();
      for (int i = 0; i < path.length; i++) {
        Span group = groups.get(i);
        strokes.add(new Stroke(group.first(), group.last(), DIRECTIONS[path[i]]));
      }
      return strokes;
    }

    private double[][] wishes() {
      double[][] wishes = new double[groups.size()][DIRECTIONS.length];
      for (int i = 0; i < wishes.length; i++) {
        for (BowDirection direction : DIRECTIONS) {
          wishes[i][direction.ordinal()] = wish(i, direction);
        }
      }
      return wishes;
    }

    private PlayedNote firstNote(int group) {
      return brief.notes().get(groups.get(group).first());
    }

    private double wish(int group, BowDirection direction) {
      PlayedNote note = firstNote(group);
      Optional<BowDirection> printed = note.marks().bow();
      double effort = printed.isPresent() && printed.get() != direction ? AGAINST_PRINT : 0;
      Bar bar = brief.passage().bars().get(note.bar());
      boolean atBarLine = note.onset().equals(bar.onset()) && !note.isGrace();
      if (bar.uncounted() && direction == BowDirection.DOWN && leadsToNextBar(group)) {
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
    private boolean leadsToNextBar(int group) {
      return group + 1 < groups.size() && firstNote(group + 1).bar() > firstNote(group).bar();
    }

    private double turn(int group, int from, int to) {
      if (from != to) {
        return 0;
      }
      double silence = brief.timeline().silenceSeconds(groups.get(group).first());
      return silence >= FULL_RETAKE_SECONDS ? RETAKE_IN_REST : TURN_WITHOUT_REST;
    }
  }
}
