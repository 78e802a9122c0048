package app.fret.reading;

import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Ties;
import java.util.ArrayList;
import java.util.List;

/**
 * Runs of notes that share a stroke of the bow.
 *
 * @param groups the runs, in order; every note is in one
 */
public record StrokeGroups(List<Span> groups) {
  public StrokeGroups {
    groups = List.copyOf(groups);
  }

  /**
   * The groups as printed: a slur joins what it holds, and so does a tie of one tone of a double
   * stop, which would be struck again by a change of bow, but where a bow sign asks for a new
   * stroke; a grace note leads into the stroke of its note unless it is plucked; every other note
   * has its own.
   */
  static StrokeGroups printed(Passage passage, List<PlayedNote> notes, List<Technique> techniques) {
    int[] reaches = lastEventJoined(passage);
    List<Span> groups = new ArrayList<>();
    int first = 0;
    for (int note = 1; note <= notes.size(); note++) {
      boolean joined =
          note < notes.size()
              && (isLedTo(notes, note) && !techniques.get(note).isPlucked()
                  || notes.get(note).marks().bow().isEmpty()
                      && reaches[notes.get(note - 1).events().last()]
                          >= notes.get(note).events().first());
      if (!joined) {
        groups.add(new Span(first, note - 1));
        first = note;
      }
    }
    return new StrokeGroups(notes.isEmpty() ? List.of() : groups);
  }

  /** A stroke without the grace notes that lead into it, but for its last note. */
  public static Span withoutGraces(Span group, List<PlayedNote> notes) {
    int first = group.first();
    while (first < group.last() && notes.get(first).isGrace()) {
      first++;
    }
    return new Span(first, group.last());
  }

  /** Whether a grace note leads to a note; the sign of the bow belongs to both. */
  private static boolean isLedTo(List<PlayedNote> notes, int note) {
    PlayedNote before = notes.get(note - 1);
    boolean signedApart =
        before.marks().bow().isPresent() && notes.get(note).marks().bow().isPresent();
    return before.isGrace() && !signedApart;
  }

  /** For each event the last one that a slur or tie from it reaches; itself where there is none. */
  private static int[] lastEventJoined(Passage passage) {
    int[] reaches = new int[passage.events().size()];
    for (int event = 0; event < reaches.length; event++) {
      reaches[event] = event;
      if (event + 1 < reaches.length
          && Ties.hold(passage.events().get(event), passage.events().get(event + 1))) {
        reaches[event] = event + 1;
      }
    }
    for (Span slur : passage.slurs()) {
      for (int event = slur.first(); event <= slur.last(); event++) {
        reaches[event] = Math.max(reaches[event], slur.last());
      }
    }
    return reaches;
  }

  /** For each note whether it shares the stroke of the note before. */
  public boolean[] joined() {
    boolean[] joined = new boolean[groups.stream().mapToInt(g -> g.last() + 1).max().orElse(0)];
    for (Span group : groups) {
      for (int note = group.first() + 1; note <= group.last(); note++) {
        joined[note] = true;
      }
    }
    return joined;
  }

  /** For each note whether it shares its stroke with any other. */
  public boolean[] shared() {
    boolean[] shared = joined();
    for (Span group : groups) {
      shared[group.first()] = group.last() > group.first();
    }
    return shared;
  }
}
