package app.fret.edit;

import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.WrittenLength;
import java.util.Comparator;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A note, chord or rest of a manuscript.
 *
 * @param id what it is known by, however much is put in or taken out before it
 * @param written how its length is written
 * @param grace whether it is a grace note
 * @param notes its heads, lowest first; none for a rest
 * @param marks the signs at it
 * @param wholeBar whether it is the rest for a whole bar
 */
record Item(
    int id,
    WrittenLength written,
    Sounding.Grace grace,
    List<Note> notes,
    Marks marks,
    boolean wholeBar) {

  Item {
    notes = notes.stream().sorted(Comparator.comparing(Note::written)).toList();
  }

  /** A note or chord without signs. */
  static Item sounding(int id, WrittenLength written, List<Note> notes) {
    return new Item(id, written, Sounding.Grace.NONE, notes, Marks.NONE, false);
  }

  /** A rest. */
  static Item rest(int id, WrittenLength written) {
    return new Item(id, written, Sounding.Grace.NONE, List.of(), Marks.NONE, false);
  }

  /** What stands in a passage. */
  static Item of(int id, Event event) {
    if (event instanceof Sounding s) {
      return new Item(id, s.written(), s.grace(), s.notes(), s.marks(), false);
    }
    boolean whole = ((Rest) event).wholeBar();
    return new Item(id, event.written(), Sounding.Grace.NONE, List.of(), Marks.NONE, whole);
  }

  boolean isRest() {
    return notes.isEmpty();
  }

  boolean isGrace() {
    return grace != Sounding.Grace.NONE;
  }

  /** How long it lasts in a bar of this metre. */
  Fraction length(Metre metre) {
    if (isGrace()) {
      return Fraction.ZERO;
    }
    return wholeBar ? metre.barLength() : written.length();
  }

  Item withId(int newId) {
    return new Item(newId, written, grace, notes, marks, wholeBar);
  }

  Item withWritten(WrittenLength length) {
    return new Item(id, length, grace, notes, marks, false);
  }

  Item withNotes(List<Note> heads) {
    return new Item(id, written, grace, heads, marks, wholeBar && heads.isEmpty());
  }

  Item withMarks(Marks newMarks) {
    return new Item(id, written, grace, notes, newMarks, wholeBar);
  }
}
