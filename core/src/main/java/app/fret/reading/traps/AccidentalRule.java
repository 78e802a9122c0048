package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Key;
import app.fret.score.Note;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Accidentals that hold without being printed again, and those that the bar line has taken away.
 *
 * <p>Limits: a sign is told once a bar and line of the staff; not where the note before is the same
 * note; a cancelled one only in the bar right behind and where nothing is printed.
 */
final class AccidentalRule implements TrapRule {
  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    Map<Integer, Integer> alters = new HashMap<>();
    Map<Integer, Integer> altersBefore = new HashMap<>();
    Set<Integer> told = new HashSet<>();
    int bar = -1;
    for (PlayedNote note : page.notes()) {
      if (note.bar() != bar) {
        altersBefore = note.bar() == bar + 1 ? alters : new HashMap<>();
        alters = new HashMap<>();
        told.clear();
        bar = note.bar();
      }
      for (Note head : note.notes()) {
        int place = head.written().staffStep();
        boolean printed = head.accidental().isPresent();
        boolean again = note.number() > 0 && hasHead(page.note(note.number() - 1), head.written());
        if (!printed && !again && !told.contains(place)) {
          Key key = page.key(note);
          if (holds(head.written(), key, alters)) {
            traps.add(holding(note, head.written()));
            told.add(place);
          } else if (cancelled(head.written(), key, alters, altersBefore)) {
            traps.add(cancelling(note, head.written(), altersBefore.get(place)));
            told.add(place);
          }
        }
        if (printed || !alters.containsKey(place)) {
          alters.put(place, head.written().alter());
        }
      }
    }
    return traps;
  }

  private static boolean hasHead(PlayedNote note, WrittenPitch pitch) {
    return note.notes().stream().anyMatch(n -> n.written().equals(pitch));
  }

  private static boolean holds(WrittenPitch pitch, Key key, Map<Integer, Integer> alters) {
    Integer earlier = alters.get(pitch.staffStep());
    return earlier != null
        && earlier == pitch.alter()
        && pitch.alter() != key.alterOf(pitch.step());
  }

  private static boolean cancelled(
      WrittenPitch pitch, Key key, Map<Integer, Integer> alters, Map<Integer, Integer> before) {
    Integer earlier = before.get(pitch.staffStep());
    return earlier != null
        && earlier != pitch.alter()
        && earlier != key.alterOf(pitch.step())
        && !alters.containsKey(pitch.staffStep())
        && pitch.alter() == key.alterOf(pitch.step());
  }

  private static Trap holding(PlayedNote note, WrittenPitch pitch) {
    return new Trap(
        Kind.ACCIDENTAL_HOLDS,
        note.number(),
        "Still " + pitch.display() + ": the sign from earlier in the bar holds.");
  }

  private static Trap cancelling(PlayedNote note, WrittenPitch pitch, int before) {
    String was = new WrittenPitch(pitch.step(), before, pitch.octave()).display();
    return new Trap(
        Kind.ACCIDENTAL_CANCELLED,
        note.number(),
        pitch.display() + " again, not " + was + ": the bar line has taken the sign away.");
  }
}
