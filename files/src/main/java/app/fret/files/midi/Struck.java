package app.fret.files.midi;

import java.util.ArrayList;
import java.util.List;

/**
 * What begins together: a note or a chord, with the grace notes that lead to it.
 *
 * @param on tick of its start
 * @param off tick of the end of its last note
 * @param pitches sounding pitches
 * @param graces pitches of notes so short before it that they are heard as leading to it
 */
record Struck(long on, long off, List<Integer> pitches, List<Integer> graces) {
  /** Notes that begin within this time are heard as one chord, in seconds (CP). */
  private static final double TOGETHER_SECONDS = 0.035;

  /** A note no longer than this before a longer one is heard as leading to it, in seconds (CP). */
  private static final double GRACE_SECONDS = 0.09;

  /** By how much what stands beside a grace note is longer. */
  private static final double LONGER = 3;

  Struck {
    pitches = List.copyOf(pitches);
    graces = List.copyOf(graces);
  }

  /** Notes in order of their onsets, joined to chords; one pitch struck again is another note. */
  static List<Struck> of(List<MidiPart.Note> notes, MidiClock clock) {
    List<Struck> struck = new ArrayList<>();
    int at = 0;
    while (at < notes.size()) {
      MidiPart.Note first = notes.get(at);
      List<Integer> pitches = new ArrayList<>(List.of(first.pitch()));
      long off = first.off();
      int next = at + 1;
      while (next < notes.size() && joins(first, pitches, notes.get(next), clock)) {
        pitches.add(notes.get(next).pitch());
        off = Math.max(off, notes.get(next).off());
        next++;
      }
      struck.add(new Struck(first.on(), off, pitches, List.of()));
      at = next;
    }
    return withGraces(struck, clock);
  }

  private static boolean joins(
      MidiPart.Note first, List<Integer> pitches, MidiPart.Note next, MidiClock clock) {
    boolean together = clock.seconds(first.on(), next.on()) <= TOGETHER_SECONDS;
    long shared = first.off() - next.on();
    boolean overlap = next.on() == first.on() || 2 * shared > next.on() - first.on();
    return together && overlap && !pitches.contains(next.pitch());
  }

  private static List<Struck> withGraces(List<Struck> struck, MidiClock clock) {
    List<Struck> left = new ArrayList<>();
    List<Integer> waiting = new ArrayList<>();
    long waitingFrom = 0;
    for (int i = 0; i < struck.size(); i++) {
      Struck now = struck.get(i);
      if (isGrace(struck, i, clock)) {
        waitingFrom = waiting.isEmpty() ? now.on : waitingFrom;
        waiting.addAll(now.pitches);
      } else {
        long on = waiting.isEmpty() ? now.on : clock.nearerToBeat(waitingFrom, now.on);
        left.add(new Struck(on, now.off, now.pitches, waiting));
        waiting.clear();
      }
    }
    return left;
  }

  /** A fast run is none: what stands on either side of a grace note is much longer. */
  private static boolean isGrace(List<Struck> struck, int index, MidiClock clock) {
    if (index + 1 >= struck.size() || struck.get(index).pitches.size() > 1) {
      return false;
    }
    Struck here = struck.get(index);
    Struck next = struck.get(index + 1);
    double length = clock.seconds(here.on, next.on);
    double after =
        index + 2 < struck.size()
            ? clock.seconds(next.on, struck.get(index + 2).on)
            : clock.seconds(next.on, next.off);
    double before = index == 0 ? after : clock.seconds(struck.get(index - 1).on, here.on);
    return length <= GRACE_SECONDS
        && after >= LONGER * length
        && before >= LONGER * length
        && !here.pitches.equals(next.pitches);
  }
}
