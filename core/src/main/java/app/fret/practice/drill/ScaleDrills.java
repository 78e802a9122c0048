package app.fret.practice.drill;

import static app.fret.practice.drill.Piece.QUARTER;

import app.fret.lefthand.Shift;
import app.fret.score.Directions;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** Scales of the key of the passage. */
final class ScaleDrills {
  private static final int OCTAVE = 7;
  private static final int LETTERS_BESIDE = 3;
  private static final int FEWEST = 3;

  /** Semitones over the highest open string that lie under the hand in the first positions. */
  private static final int FIRST_POSITIONS = 9;

  private ScaleDrills() {}

  /**
   * The scale up or down to a shift, the shift with its fingers, the scale on from there, and back.
   * Double stops go in the interval they have, where both have the same.
   */
  static Optional<DrillMusic> scaleWithShift(DrillSource source, Span notes) {
    return source.leftHand().shifts().stream()
        .filter(s -> notes.holds(s.fromNote()) && notes.holds(s.toNote()))
        .max(Comparator.comparingDouble(Shift::bits))
        .flatMap(s -> around(source, s));
  }

  private static Optional<DrillMusic> around(DrillSource source, Shift shift) {
    WrittenPitch from = source.top(shift.fromNote()).written();
    WrittenPitch to = source.top(shift.toNote()).written();
    int letters = to.staffStep() - from.staffStep();
    Optional<Integer> below = interval(source, shift);
    if (letters == 0 || Math.abs(letters) > OCTAVE || below.isEmpty()) {
      return Optional.empty();
    }
    int way = Integer.signum(letters);
    KeyScale scale = new KeyScale(source, shift.fromNote());
    List<List<Note>> there = new ArrayList<>();
    for (int i = LETTERS_BESIDE; i > 0; i--) {
      there.add(scale.heads(from.staffStep() - way * i, way, below.get()));
    }
    there.add(source.heads(shift.fromNote()));
    there.add(source.heads(shift.toNote()));
    for (int i = 1; i <= LETTERS_BESIDE; i++) {
      there.add(scale.heads(to.staffStep() + way * i, way, below.get()));
    }
    return music(source, shift.fromNote(), there, way, scale, below.get());
  }

  /** Letters from the lower to the upper note of both double stops; 0 for single notes. */
  private static Optional<Integer> interval(DrillSource source, Shift shift) {
    int leaving = interval(source.heads(shift.fromNote()));
    return leaving == interval(source.heads(shift.toNote())) && leaving >= 0
        ? Optional.of(leaving)
        : Optional.empty();
  }

  private static int interval(List<Note> heads) {
    return switch (heads.size()) {
      case 1 -> 0;
      case 2 -> heads.get(1).written().staffStep() - heads.get(0).written().staffStep();
      default -> -1;
    };
  }

  private static Optional<DrillMusic> music(
      DrillSource source, int near, List<List<Note>> there, int way, KeyScale scale, int below) {
    List<List<Note>> both = new ArrayList<>(there);
    // A melodic minor scale comes down otherwise than it went up; the shift stays what it is.
    for (int i = there.size() - 2; i >= 0; i--) {
      List<Note> heads = there.get(i);
      boolean isOfPassage = i == LETTERS_BESIDE || i == LETTERS_BESIDE + 1;
      int step = heads.isEmpty() ? 0 : heads.get(heads.size() - 1).written().staffStep();
      both.add(isOfPassage || heads.isEmpty() ? heads : scale.heads(step, -way, below));
    }
    both.removeIf(List::isEmpty);
    if (both.size() < FEWEST) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, near, true);
    both.forEach(heads -> sheet.add(Piece.of(near, heads, QUARTER)));
    return Optional.of(sheet.finish());
  }

  /** One octave from the tonic up and down, as near to the notes as can be, in one growth. */
  static Optional<DrillMusic> crescendoScale(DrillSource source, Span notes) {
    List<Integer> timed = source.timed(notes);
    if (timed.isEmpty()) {
      return Optional.empty();
    }
    int first = timed.get(0);
    KeyScale scale = new KeyScale(source, first);
    int near = source.top(first).written().staffStep();
    int tonic = lowest(source, scale, near);
    List<List<Note>> all = new ArrayList<>();
    for (int step = tonic; step <= tonic + OCTAVE; step++) {
      all.add(scale.heads(step, 1, 0));
    }
    for (int step = tonic + OCTAVE - 1; step >= tonic; step--) {
      all.add(scale.heads(step, -1, 0));
    }
    if (all.stream().anyMatch(List::isEmpty)) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, first, true);
    for (int i = 0; i < all.size(); i++) {
      Piece piece = Piece.of(first, all.get(i), QUARTER);
      sheet.add(i == 0 ? piece.saying("growing") : piece);
    }
    DrillMusic made = sheet.finish();
    return Optional.of(new DrillMusic(grown(made.passage()), made.sources()));
  }

  /**
   * The tonic at or below a letter: an octave lower where the scale would leave the first
   * positions, an octave higher where the instrument has none so low.
   */
  private static int lowest(DrillSource source, KeyScale scale, int near) {
    int below = near - Math.floorMod(near - scale.tonic().step().ordinal(), OCTAVE);
    int reach = source.instrument().open(1).midi() + FIRST_POSITIONS;
    while (isThere(scale, below - OCTAVE) && top(source, scale, below) > reach) {
      below -= OCTAVE;
    }
    return isThere(scale, below) ? below : below + OCTAVE;
  }

  private static boolean isThere(KeyScale scale, int step) {
    return !scale.heads(step, 1, 0).isEmpty();
  }

  private static int top(DrillSource source, KeyScale scale, int tonic) {
    List<Note> top = scale.heads(tonic + OCTAVE, 1, 0);
    return top.isEmpty() ? Integer.MAX_VALUE : source.sounding(top.get(0).written()).midi();
  }

  private static Passage grown(Passage scale) {
    Directions now = scale.directions();
    return scale.withDirections(
        new Directions(
            List.of(new Directions.Dynamic(Fraction.ZERO, "p")),
            List.of(new Directions.Hairpin(Fraction.ZERO, scale.length(), true)),
            now.words(),
            List.of(),
            List.of(),
            List.of()));
  }
}
