package app.fret.reading;

import app.fret.score.Note;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Finds families of equal material: bars and beats that repeat anywhere, and sequences, where a bar
 * or beat follows its neighbour on other degrees of the scale.
 *
 * <p>Two spans are one figure when rhythm and letter steps agree; they are a repeat when also the
 * pitches do. Longer spans go first, and a note belongs to one figure only.
 */
public final class Families {
  private static final int FEWEST_NOTES = 3;

  /**
   * Pairs of notes are a figure only where so many leaps follow each other, as in broken octaves.
   */
  private static final int FEWEST_PAIRS = 3;

  /** Letter steps of a leap: a fifth. */
  private static final int LEAP_STEPS = 4;

  private final List<PlayedNote> notes;
  private final Beats beats;
  private final boolean[] taken;
  private final List<Family> families = new ArrayList<>();

  /**
   * Spans of notes that are one figure.
   *
   * @param spans the spans, in order, all of one length, at least two
   * @param samePitch whether they also sound alike
   */
  public record Family(List<Span> spans, boolean samePitch) {
    /** Number of notes of each span. */
    public int size() {
      return spans.get(0).last() - spans.get(0).first() + 1;
    }
  }

  /** One note of a figure, seen from the figure's first note. */
  private record Sign(Fraction onset, Fraction length, List<Integer> heights) {}

  private Families(List<PlayedNote> notes, Beats beats) {
    this.notes = notes;
    this.beats = beats;
    this.taken = new boolean[notes.size()];
  }

  /** The families of a passage. */
  static List<Family> of(List<PlayedNote> notes, Beats beats) {
    Families figures = new Families(notes, beats);
    List<Span> ofBars = figures.groups(false, FEWEST_NOTES);
    List<Span> ofBeats = figures.groups(true, FEWEST_NOTES);
    figures.addRepeats(ofBars);
    figures.addSequences(ofBars, 2);
    figures.addRepeats(ofBeats);
    figures.addSequences(ofBeats, 2);
    figures.addSequences(figures.leaps(figures.groups(true, 2)), FEWEST_PAIRS);
    return List.copyOf(figures.families);
  }

  /** Runs of notes in one bar, or in one beat of it. */
  private List<Span> groups(boolean byBeat, int fewest) {
    List<Span> groups = new ArrayList<>();
    int first = 0;
    for (int i = 1; i <= notes.size(); i++) {
      boolean ends =
          i == notes.size()
              || notes.get(i).bar() != notes.get(first).bar()
              || (byBeat && beats.beatOf(i) != beats.beatOf(first));
      if (ends) {
        if (i - first >= fewest) {
          groups.add(new Span(first, i - 1));
        }
        first = i;
      }
    }
    return groups;
  }

  private List<Span> leaps(List<Span> groups) {
    return groups.stream().filter(g -> g.last() - g.first() == 1 && isLeap(g)).toList();
  }

  private boolean isLeap(Span pair) {
    int from = notes.get(pair.first()).notes().get(0).written().staffStep();
    int to = notes.get(pair.last()).notes().get(0).written().staffStep();
    return Math.abs(to - from) >= LEAP_STEPS;
  }

  private void addRepeats(List<Span> groups) {
    Map<List<Sign>, List<Span>> alike = new LinkedHashMap<>();
    for (Span group : groups) {
      if (isFree(group)) {
        alike.computeIfAbsent(signs(group, true), k -> new ArrayList<>()).add(group);
      }
    }
    alike.values().stream().filter(s -> s.size() > 1).forEach(s -> add(s, true));
  }

  private void addSequences(List<Span> groups, int fewest) {
    Map<Span, List<Sign>> signs = new HashMap<>();
    List<Span> run = new ArrayList<>();
    for (Span group : groups) {
      signs.put(group, signs(group, false));
      boolean follows =
          !run.isEmpty()
              && run.get(run.size() - 1).last() + 1 == group.first()
              && signs.get(run.get(0)).equals(signs.get(group));
      if (!isFree(group) || !follows) {
        addIfMany(run, fewest);
        run = new ArrayList<>();
      }
      if (isFree(group)) {
        run.add(group);
      }
    }
    addIfMany(run, fewest);
  }

  private void addIfMany(List<Span> run, int fewest) {
    if (run.size() >= fewest) {
      add(run, false);
    }
  }

  private void add(List<Span> spans, boolean samePitch) {
    families.add(new Family(List.copyOf(spans), samePitch));
    for (Span span : spans) {
      for (int i = span.first(); i <= span.last(); i++) {
        taken[i] = true;
      }
    }
  }

  private boolean isFree(Span group) {
    for (int i = group.first(); i <= group.last(); i++) {
      if (taken[i]) {
        return false;
      }
    }
    return true;
  }

  private List<Sign> signs(Span group, boolean byPitch) {
    PlayedNote first = notes.get(group.first());
    int ground = byPitch ? 0 : first.notes().get(0).written().staffStep();
    List<Sign> signs = new ArrayList<>();
    for (int i = group.first(); i <= group.last(); i++) {
      PlayedNote note = notes.get(i);
      List<Integer> heights = new ArrayList<>();
      for (Note head : note.notes()) {
        heights.add(byPitch ? head.written().semitone() : head.written().staffStep() - ground);
      }
      signs.add(new Sign(note.onset().subtract(first.onset()), note.length(), heights));
    }
    return signs;
  }
}
