package app.fret.practice.drill;

import static app.fret.practice.drill.Piece.QUARTER;

import app.fret.instrument.Range;
import app.fret.lefthand.Shift;
import app.fret.score.Directions;
import app.fret.score.Key;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import app.fret.tuning.Tonic;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** Scales of the key of the passage. */
final class ScaleDrills {
  private static final int OCTAVE = 7;
  private static final int LETTERS_BELOW = 3;

  private ScaleDrills() {}

  /** The scale around a shift: some letters below it to some above, the shift with its fingers. */
  static Optional<DrillMusic> scaleWithShift(DrillSource source, Span notes) {
    Optional<Shift> shift =
        source.leftHand().shifts().stream()
            .filter(s -> notes.holds(s.toNote()))
            .max(Comparator.comparingDouble(Shift::bits));
    return shift.flatMap(
        s -> {
          Note from = source.top(s.fromNote());
          Note to = source.top(s.toNote());
          WrittenPitch low = lower(from.written(), to.written());
          WrittenPitch high = from.written() == low ? to.written() : from.written();
          List<WrittenPitch> scale =
              scale(
                  source,
                  s.fromNote(),
                  low.staffStep() - LETTERS_BELOW,
                  high.staffStep() + LETTERS_BELOW);
          return music(source, s.fromNote(), scale, List.of(from, to), "");
        });
  }

  private static WrittenPitch lower(WrittenPitch one, WrittenPitch other) {
    return one.compareTo(other) <= 0 ? one : other;
  }

  /** One octave from the tonic, as near to the notes as can be, in one growth. */
  static Optional<DrillMusic> crescendoScale(DrillSource source, Span notes) {
    List<Integer> timed = source.timed(notes);
    if (timed.isEmpty()) {
      return Optional.empty();
    }
    int first = timed.get(0);
    Tonic tonic = Tonic.of(source.key(first), source.brief().notes());
    int near = source.top(first).written().staffStep();
    int below = Math.floorMod(near - tonic.step().ordinal(), OCTAVE);
    List<WrittenPitch> scale = scale(source, first, near - below, near - below + OCTAVE);
    return music(source, first, scale, List.of(), "growing")
        .map(m -> new DrillMusic(grown(m.passage()), m.sources()));
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

  /** Letters of the key from one place of the staff to another, those the instrument has. */
  private static List<WrittenPitch> scale(DrillSource source, int near, int fromStep, int toStep) {
    Key key = source.key(near);
    Range range = Range.of(source.instrument());
    List<WrittenPitch> scale = new ArrayList<>();
    for (int step = fromStep; step <= toStep; step++) {
      Step letter = Step.values()[Math.floorMod(step, OCTAVE)];
      int octave = Math.floorDiv(step, OCTAVE);
      WrittenPitch pitch = new WrittenPitch(letter, key.alterOf(letter), octave);
      int midi = source.sounding(pitch).midi();
      if (midi >= range.lowest().midi() && midi <= range.highest().midi()) {
        scale.add(pitch);
      }
    }
    return scale;
  }

  private static Optional<DrillMusic> music(
      DrillSource source, int near, List<WrittenPitch> scale, List<Note> known, String words) {
    if (scale.size() < LETTERS_BELOW) {
      return Optional.empty();
    }
    Sheet sheet = new Sheet(source, near, true);
    List<WrittenPitch> all = new ArrayList<>(scale);
    for (int i = scale.size() - 2; i >= 0; i--) {
      all.add(scale.get(i));
    }
    for (int i = 0; i < all.size(); i++) {
      WrittenPitch pitch = all.get(i);
      Note head =
          known.stream().filter(k -> k.written().equals(pitch)).findFirst().orElse(Note.of(pitch));
      Piece piece = Piece.of(near, List.of(head), QUARTER).marked(Marks.NONE);
      sheet.add(i == 0 && !words.isEmpty() ? piece.saying(words) : piece);
    }
    return Optional.of(sheet.finish());
  }
}
