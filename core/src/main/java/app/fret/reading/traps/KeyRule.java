package app.fret.reading.traps;

import app.fret.reading.PlayedNote;
import app.fret.reading.traps.Trap.Kind;
import app.fret.score.Key;
import app.fret.score.Note;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Notes that differ from what the signature says; among them the raised seventh degree of the minor
 * key, known by its tonic a half step higher within three notes.
 *
 * <p>Limits: where the sign is printed; each spelling once under one signature, the leading note
 * once every eight bars; not inside a chromatic run, where every other note would be marked.
 */
final class KeyRule implements TrapRule {
  private static final int LOOK_AHEAD = 3;
  private static final int BARS_UNTIL_TOLD_AGAIN = 8;

  @Override
  public List<Trap> find(Page page) {
    List<Trap> traps = new ArrayList<>();
    Set<String> told = new HashSet<>();
    int leadingToldIn = Integer.MIN_VALUE / 2;
    Key key = new Key(0);
    for (PlayedNote note : page.notes()) {
      if (!page.key(note).equals(key)) {
        key = page.key(note);
        told.clear();
      }
      Optional<WrittenPitch> altered = altered(note, key);
      if (altered.isEmpty()) {
        continue;
      }
      WrittenPitch pitch = altered.get();
      if (isLeading(page, note, pitch, key)) {
        if (note.bar() - leadingToldIn >= BARS_UNTIL_TOLD_AGAIN) {
          traps.add(leading(note, pitch, key));
          leadingToldIn = note.bar();
        }
      } else if (!isChromatic(page, note) && told.add(pitch.step() + " " + pitch.alter())) {
        traps.add(against(note, pitch, key));
      }
    }
    return traps;
  }

  private static Optional<WrittenPitch> altered(PlayedNote note, Key key) {
    return note.notes().stream()
        .filter(n -> n.accidental().isPresent())
        .map(Note::written)
        .filter(p -> p.alter() != key.alterOf(p.step()))
        .findFirst();
  }

  /** The sixth degree of the major key, which is the tonic of its minor. */
  private static Step minorTonic(Key key) {
    int steps =
        Math.floorMod(4 * key.fifths() + 5, 7); // a fifth up is four letters on; C to A is five
    return Step.values()[steps];
  }

  private static boolean isLeading(Page page, PlayedNote note, WrittenPitch pitch, Key key) {
    Step tonic = minorTonic(key);
    boolean seventh = Math.floorMod(tonic.ordinal() - pitch.step().ordinal(), 7) == 1;
    if (!seventh || pitch.alter() != key.alterOf(pitch.step()) + 1) {
      return false;
    }
    int last = Math.min(page.notes().size() - 1, note.number() + LOOK_AHEAD);
    for (int next = note.number() + 1; next <= last; next++) {
      boolean home =
          page.note(next).notes().stream()
              .anyMatch(
                  n ->
                      n.written().step() == tonic
                          && n.written().semitone() == pitch.semitone() + 1);
      if (home) {
        return true;
      }
    }
    return false;
  }

  /** Half steps on both sides, in one direction. */
  private static boolean isChromatic(Page page, PlayedNote note) {
    int number = note.number();
    if (number == 0 || number + 1 >= page.notes().size()) {
      return false;
    }
    int before = semitones(page.note(number - 1), note);
    int after = semitones(note, page.note(number + 1));
    return Math.abs(before) == 1 && before == after;
  }

  private static int semitones(PlayedNote from, PlayedNote to) {
    return Page.top(to).written().semitone() - Page.top(from).written().semitone();
  }

  private static Trap leading(PlayedNote note, WrittenPitch pitch, Key key) {
    WrittenPitch home = new WrittenPitch(minorTonic(key), key.alterOf(minorTonic(key)), 4);
    String tonic = home.display().replaceAll("\\d", "");
    return new Trap(
        Kind.RAISED_LEADING_NOTE,
        note.number(),
        pitch.display() + " leads to " + tonic + ": a half step below it, the finger close.");
  }

  private static Trap against(PlayedNote note, WrittenPitch pitch, Key key) {
    WrittenPitch plain = new WrittenPitch(pitch.step(), key.alterOf(pitch.step()), pitch.octave());
    String where = pitch.alter() > plain.alter() ? "higher" : "lower";
    return new Trap(
        Kind.ALTERED_AGAINST_KEY,
        note.number(),
        pitch.display()
            + ", where the key has "
            + plain.display()
            + ": the finger stands a half step "
            + where
            + ".");
  }
}
