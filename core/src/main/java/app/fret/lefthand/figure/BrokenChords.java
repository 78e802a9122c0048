package app.fret.lefthand.figure;

import app.fret.brief.Brief;
import app.fret.lefthand.hand.Placements;
import app.fret.score.SoundingPitch;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * Finds broken chords: three or four pitches, a third or more apart, that one shape of the hand
 * holds, and that come in one sweep over all strings or come back (common practice, no source).
 */
public final class BrokenChords {
  private static final int LONGEST = 16;
  private static final int FEWEST_NOTES = 4;
  private static final int FEWEST_PITCHES = 3;
  private static final int FEWEST_NOTES_OF_THREE_PITCHES = 6;
  private static final int NEAREST = 3;

  private final Brief brief;
  private final Line line;
  private final Placements placements;
  private final int strings;
  private final Map<List<Integer>, Boolean> held = new HashMap<>();
  private final int[] steps;
  private final int[] widths;

  private BrokenChords(Brief brief) {
    this.brief = brief;
    this.line = new Line(brief);
    this.placements = new Placements(brief.player());
    this.strings = brief.player().instrument().stringCount();
    this.steps = new int[line.size()];
    this.widths = new int[line.size()];
  }

  /**
   * By note: how many strings higher than the note before it lies in its chord, less than 0 for
   * lower ones; 0 where it is in none or is its first.
   */
  public static int[] of(Brief brief) {
    BrokenChords chords = new BrokenChords(brief);
    for (int first = 0; first + FEWEST_NOTES <= chords.steps.length; first++) {
      chords.lookFrom(first);
    }
    return chords.steps;
  }

  private void lookFrom(int first) {
    TreeMap<Integer, SoundingPitch> pitches = new TreeMap<>();
    if (!line.goesOn(first + 1)) {
      return;
    }
    pitches.put(line.pitch(first), brief.pitches().get(first).get(0));
    int end = Math.min(line.size(), first + LONGEST);
    for (int last = first + 1; last < end && line.goesOn(last); last++) {
      pitches.put(line.pitch(last), brief.pitches().get(last).get(0));
      if (pitches.size() > strings) {
        return;
      }
      if (isChord(last - first + 1, pitches)) {
        mark(first, last, List.copyOf(pitches.keySet()));
      }
    }
  }

  private boolean isChord(int notes, TreeMap<Integer, SoundingPitch> pitches) {
    if (notes < FEWEST_NOTES || pitches.size() < FEWEST_PITCHES) {
      return false;
    }
    boolean isEnough = pitches.size() > FEWEST_PITCHES || notes >= FEWEST_NOTES_OF_THREE_PITCHES;
    return isEnough
        && held.computeIfAbsent(
            List.copyOf(pitches.keySet()), key -> canBeHeld(key, pitches.values()));
  }

  private boolean canBeHeld(List<Integer> heights, Iterable<SoundingPitch> pitches) {
    for (int i = 1; i < heights.size(); i++) {
      if (heights.get(i) - heights.get(i - 1) < NEAREST) {
        return false;
      }
    }
    List<SoundingPitch> chord = new ArrayList<>();
    pitches.forEach(chord::add);
    return placements.of(chord).stream().anyMatch(p -> !p.isLeftOut());
  }

  /** A note that is in several chords belongs to the one of most notes. */
  private void mark(int first, int last, List<Integer> heights) {
    int width = last - first + 1;
    for (int i = first + 1; i <= last; i++) {
      if (width > widths[i]) {
        widths[i] = width;
        steps[i] = heights.indexOf(line.pitch(i)) - heights.indexOf(line.pitch(i - 1));
      }
    }
  }
}
