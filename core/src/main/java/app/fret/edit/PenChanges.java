package app.fret.edit;

import app.fret.score.Accidental;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Changes of notes where they stand. */
final class PenChanges {
  private PenChanges() {}

  /** Another pitch for one that stands at a place; empty where there is none. */
  interface Move {
    Optional<WrittenPitch> of(WrittenPitch pitch, Caret at);
  }

  /** Another length for one in a bar of some metre; empty where it stays. */
  interface Lengthening {
    Optional<WrittenLength> of(WrittenLength length, Metre metre);
  }

  /** Each of the items changed alike. */
  static Manuscript each(Manuscript music, List<Item> items, UnaryOperator<Item> how) {
    Manuscript now = music;
    for (Item item : items) {
      now = now.change(item.id(), how);
    }
    return now;
  }

  /** Each of the items at another pitch; a head that cannot move stays. */
  static Manuscript moved(Manuscript music, List<Item> items, Move move) {
    Manuscript now = music;
    for (Item item : items) {
      Manuscript.Place place = music.placeOf(item.id()).orElseThrow();
      Caret at = new Caret(place.measure(), place.position());
      List<Note> heads = new ArrayList<>();
      for (Note head : item.notes()) {
        heads.add(move.of(head.written(), at).map(p -> at(head, p)).orElse(head));
      }
      now = now.change(item.id(), i -> i.withNotes(heads));
    }
    return now;
  }

  private static Note at(Note head, WrittenPitch pitch) {
    return new Note(
        pitch,
        head.tiedFrom(),
        head.tiedTo(),
        Optional.<Accidental>empty(),
        head.finger(),
        head.string(),
        head.harmonic());
  }

  /** Each of the items at another length; grace notes have none. */
  static Manuscript lengthened(Manuscript music, List<Item> items, Lengthening how) {
    Manuscript now = music;
    for (Item item : items) {
      int measure = now.placeOf(item.id()).orElseThrow().measure();
      Optional<WrittenLength> length = how.of(item.written(), now.measures().get(measure).metre());
      if (length.isPresent() && !item.isGrace()) {
        now = now.change(item.id(), i -> i.withWritten(length.get()));
        now = now.with(Tuplets.regrouped(now.signs(), now.measures().get(measure)));
      }
    }
    return now;
  }
}
