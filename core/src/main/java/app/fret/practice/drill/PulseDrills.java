package app.fret.practice.drill;

import app.fret.reading.BeatGroups;
import app.fret.score.Span;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** Drills for time. */
final class PulseDrills {
  private PulseDrills() {}

  static Optional<DrillMusic> clickOff(DrillSource source, Span notes) {
    return Copies.times(source, notes, List.of("click on", "click off"), source::piece);
  }

  static Optional<DrillMusic> recordAndCompare(DrillSource source, Span notes) {
    return Copies.times(
        source, notes, List.of("recorded with the click", "recorded without"), source::piece);
  }

  /** The groups of an uneven metre with a word on each. */
  static Optional<DrillMusic> words(DrillSource source, Span notes) {
    Map<Integer, BeatGroups> uneven = new HashMap<>();
    for (BeatGroups groups : source.brief().reading().beatGroups()) {
      if (groups.uneven()) {
        uneven.put(groups.bar(), groups);
      }
    }
    boolean any =
        source.timed(notes).stream().anyMatch(n -> uneven.containsKey(source.note(n).bar()));
    return any ? Copies.of(source, notes, n -> List.of(said(source, n, uneven))) : Optional.empty();
  }

  private static Piece said(DrillSource source, int note, Map<Integer, BeatGroups> uneven) {
    Piece piece = source.piece(note);
    BeatGroups groups = uneven.get(source.note(note).bar());
    if (groups == null) {
      return piece;
    }
    Fraction unit = Fraction.of(1, source.bar(note).metre().unit());
    Fraction start = Fraction.ZERO;
    for (int group : groups.groups()) {
      if (start.equals(source.placeInBar(note))) {
        return piece.saying(group == 2 ? "ta-ka" : group == 3 ? "ta-ki-da" : "ta-ka-di-mi");
      }
      start = start.add(unit.multiply(group));
    }
    return piece;
  }

  /** The first note of each bar sounds, the rest is read. */
  static Optional<DrillMusic> innerPulse(DrillSource source, Span notes) {
    List<Integer> timed = source.timed(notes);
    int first = timed.isEmpty() ? 0 : timed.get(0);
    return Copies.of(
        source,
        notes,
        n -> {
          boolean sounds = source.note(n).indexInBar() == 1;
          Piece piece = sounds ? source.plain(n) : Piece.rest(n, source.note(n).length());
          return List.of(n == first ? piece.saying("read, count inside") : piece);
        });
  }
}
