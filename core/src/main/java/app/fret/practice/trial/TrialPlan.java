package app.fret.practice.trial;

import app.fret.bow.stroke.StrokeAt;
import app.fret.lefthand.PinAt;
import app.fret.reading.NoteMoves;
import app.fret.score.NoteRef;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A trial that was begun.
 *
 * @param at the note it is about
 * @param since when it was begun; passes from then on count
 * @param a the way as it was
 * @param b the other way
 */
public record TrialPlan(NoteRef at, Instant since, Candidate a, Candidate b) {
  /**
   * One of the ways.
   *
   * @param words what it is, such as {@code 2 on III}
   * @param pins fingers it takes
   * @param stroke stroke it takes, if it is about the bow
   */
  public record Candidate(String words, List<PinAt> pins, Optional<StrokeAt> stroke) {
    public Candidate {
      pins = List.copyOf(pins);
    }

    private Candidate moved(NoteMoves moves) {
      return new Candidate(
          words,
          pins.stream().map(p -> p.movedTo(moves.of(p.at()).orElseThrow())).toList(),
          stroke.map(s -> s.movedTo(moves.of(s.at()).orElseThrow())));
    }
  }

  /** A way. */
  public Candidate candidate(Way way) {
    return way == Way.A ? a : b;
  }

  /** All notes it holds on to. */
  public List<NoteRef> places() {
    List<NoteRef> places = new ArrayList<>(List.of(at));
    for (Candidate each : List.of(a, b)) {
      each.pins().forEach(p -> places.add(p.at()));
      each.stroke().ifPresent(s -> places.add(s.at()));
    }
    return places;
  }

  /** The same on the notes where they stand now; empty when one of them is gone. */
  public Optional<TrialPlan> moved(NoteMoves moves) {
    return places().stream().allMatch(p -> moves.of(p).isPresent())
        ? Optional.of(
            new TrialPlan(moves.of(at).orElseThrow(), since, a.moved(moves), b.moved(moves)))
        : Optional.empty();
  }
}
