package app.fret.practice.drill;

import static app.fret.practice.drill.Piece.WHOLE;

import app.fret.harmony.Tonic;
import app.fret.score.Marks;
import app.fret.score.Marks.Articulation;
import app.fret.score.Span;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Drills for stress, pitch and vibrato. */
final class ToneDrills {
  private ToneDrills() {}

  /** A trill alone is played in even groups, which is where its weak finger learns to be even. */
  static Optional<DrillMusic> accentedGroups(DrillSource source, Span notes) {
    Optional<DrillMusic> trill =
        notes.first() == notes.last() ? MeasuredTrill.of(source, notes.first()) : Optional.empty();
    boolean own =
        IntStream.rangeClosed(notes.first(), notes.last())
            .anyMatch(source.brief().levels()::isBroughtOut);
    return trill.isPresent()
        ? trill
        : Copies.of(source, notes, n -> List.of(accented(source, n, own)));
  }

  /**
   * A note with its accent, if it has one.
   *
   * @param own whether the player's own notes are accented, not the first of each beat
   */
  private static Piece accented(DrillSource source, int note, boolean own) {
    Piece piece = source.piece(note);
    boolean has = piece.marks().articulations().contains(Articulation.ACCENT);
    boolean wanted =
        own
            ? source.brief().levels().isBroughtOut(note)
            : source.brief().reading().beats().begins(note);
    return wanted && !has ? piece.marked(piece.marks().toggled(Articulation.ACCENT)) : piece;
  }

  static Optional<DrillMusic> withoutVibrato(DrillSource source, Span notes) {
    return Copies.times(source, notes, List.of("without vibrato", "with vibrato"), source::piece);
  }

  static Optional<DrillMusic> drone(DrillSource source, Span notes) {
    List<Integer> timed = source.timed(notes);
    if (timed.isEmpty()) {
      return Optional.empty();
    }
    Tonic tonic = source.tonic(timed.get(0));
    return Copies.times(
        source, notes, List.of("without vibrato, over " + tonic.name()), source::piece);
  }

  /** The longest single note, held, with more pulses each time. */
  static Optional<DrillMusic> vibratoPulses(DrillSource source, Span notes) {
    Optional<Integer> longest =
        source.timed(notes).stream()
            .filter(n -> !source.placement(n).top().isOpen())
            .max(
                Comparator.comparing((Integer n) -> source.note(n).notes().size() == 1)
                    .thenComparing(n -> source.note(n).length()));
    return longest.map(
        n -> {
          Sheet sheet = new Sheet(source, n, true);
          for (String pulses : List.of("1 a beat", "2 a beat", "3 a beat", "4 a beat")) {
            sheet.add(
                source.plain(n).lasting(WHOLE).marked(Marks.NONE).saying("vibrato " + pulses));
          }
          return sheet.finish();
        });
  }
}
