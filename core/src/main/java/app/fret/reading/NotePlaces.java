package app.fret.reading;

import app.fret.score.Bar;
import app.fret.score.Note;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The places of all note heads of a passage: from a running number to the place and back. */
public final class NotePlaces {
  private final List<List<NoteRef>> places = new ArrayList<>();
  private final Map<NoteRef, Head> heads = new HashMap<>();

  /**
   * A note head by running numbers, which hold only within one reading of one passage.
   *
   * @param note number of the note in the passage, from 0
   * @param head number of the head in its chord, the lowest 0
   */
  public record Head(int note, int head) {}

  private NotePlaces(Passage passage, List<PlayedNote> notes) {
    for (PlayedNote note : notes) {
      List<NoteRef> ofNote = new ArrayList<>();
      Bar bar = passage.bars().get(note.bar());
      for (Note head : note.notes()) {
        NoteRef free =
            new NoteRef(note.bar(), note.onset().subtract(bar.onset()), head.written(), 0);
        while (heads.containsKey(free)) {
          free = new NoteRef(free.bar(), free.onsetInBar(), free.written(), free.occurrence() + 1);
        }
        heads.put(free, new Head(note.number(), ofNote.size()));
        ofNote.add(free);
      }
      places.add(List.copyOf(ofNote));
    }
  }

  /** The places of a passage's notes. */
  public static NotePlaces of(Passage passage, List<PlayedNote> notes) {
    return new NotePlaces(passage, notes);
  }

  /** Number of notes. */
  public int size() {
    return places.size();
  }

  /** The places of a note's heads, lowest first. */
  public List<NoteRef> of(int note) {
    return places.get(note);
  }

  /** The place of the highest head of a note. */
  public NoteRef top(int note) {
    List<NoteRef> ofNote = places.get(note);
    return ofNote.get(ofNote.size() - 1);
  }

  /** The head at a place; empty when this passage has none there. */
  public Optional<Head> find(NoteRef place) {
    return Optional.ofNullable(heads.get(place));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof NotePlaces that && places.equals(that.places);
  }

  @Override
  public int hashCode() {
    return places.hashCode();
  }
}
