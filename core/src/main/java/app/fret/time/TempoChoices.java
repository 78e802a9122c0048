package app.fret.time;

import app.fret.reading.NoteMoves;
import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.BeatUnit;
import app.fret.score.NoteRef;
import app.fret.score.Tempo;
import app.fret.score.TempoMap;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What the player has decided of the tempo.
 *
 * @param target the tempo the passage is to go at
 * @param slowest slowest acceptable number, in the target's beat; empty for the usual one
 * @param ceiling fastest acceptable number; empty for the usual one
 * @param prescribed whether the tempo is given by others and stays as it is
 * @param occasion what it is prepared for
 * @param places notes that go at a tempo of their own, in order
 */
public record TempoChoices(
    Tempo target,
    OptionalDouble slowest,
    OptionalDouble ceiling,
    boolean prescribed,
    Occasion occasion,
    List<TempoPlace> places) {
  /** Where music is slower than this many quarters, an audition takes it as it is. */
  private static final double SLOW_QUARTERS = 72;

  /** Share of the target that is still, or just still, acceptable where nobody says. */
  private static final double USUAL_SLOWEST = 0.92;

  private static final double USUAL_CEILING = 1.06;
  private static final int MOST_STEPS = 64;

  private static final Comparator<TempoPlace> IN_ORDER =
      Comparator.comparingInt((TempoPlace p) -> p.from().bar())
          .thenComparing(p -> p.from().onsetInBar());

  public TempoChoices {
    places = places.stream().sorted(IN_ORDER).toList();
    if (slowest.isPresent() && slowest.getAsDouble() > target.perMinute()) {
      throw new IllegalArgumentException("the slowest tempo lies above the target");
    }
    if (ceiling.isPresent() && ceiling.getAsDouble() < target.perMinute()) {
      throw new IllegalArgumentException("the ceiling lies below the target");
    }
  }

  /** Nothing decided but the target: for an audition, in one tempo. */
  public static TempoChoices at(Tempo target) {
    return new TempoChoices(
        target,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        false,
        Occasion.AUDITION,
        List.of());
  }

  /** The slowest acceptable tempo: decided, else about a step and a half below the target. */
  public double slowestPerMinute() {
    return slowest.orElse(Math.round(target.perMinute() * USUAL_SLOWEST));
  }

  /** The fastest acceptable tempo: decided, else about a step above the target. */
  public double ceilingPerMinute() {
    return ceiling.orElse(Math.round(target.perMinute() * USUAL_CEILING));
  }

  /**
   * Whether the occasion takes the passage a step below its target: not where the tempo is
   * prescribed, nor where the music is slow.
   */
  public boolean isStepBelow() {
    boolean slow = target.in(BeatUnit.QUARTER).perMinute() < SLOW_QUARTERS;
    return occasion.isStepBelow() && !prescribed && !slow;
  }

  /** How fast a passage goes at each of its moments. */
  public TempoMap tempos(Reading reading) {
    List<TempoMap.Change> changes = new ArrayList<>();
    changes.add(new TempoMap.Change(Fraction.ZERO, target));
    for (TempoPlace place : places) {
      add(place, reading, changes);
    }
    return new TempoMap(changes);
  }

  private void add(TempoPlace place, Reading reading, List<TempoMap.Change> changes) {
    Optional<Fraction> from = onset(place.from(), reading).map(PlayedNote::onset);
    Optional<Fraction> to = onset(place.to(), reading).map(PlayedNote::end);
    if (from.isEmpty() || to.isEmpty() || from.get().compareTo(to.get()) >= 0) {
      return;
    }
    // What a place before it still says from here on gives way.
    changes.removeIf(c -> c.onset().compareTo(from.get()) >= 0 && c.onset().signum() > 0);
    if (place.kind() == TempoPlace.Kind.REGION) {
      put(changes, from.get(), target.at(place.perMinute()));
    } else {
      addSteps(place, from.get(), to.get(), changes);
    }
    put(changes, to.get(), target);
  }

  /** A ramp goes in steps of half a beat, each at the tempo of its middle. */
  private void addSteps(
      TempoPlace place, Fraction from, Fraction to, List<TempoMap.Change> changes) {
    Fraction length = to.subtract(from);
    double beats = length.divide(target.beat().length()).doubleValue();
    int steps = (int) Math.max(1, Math.min(MOST_STEPS, Math.ceil(2 * beats)));
    double start = changes.get(changes.size() - 1).tempo().perMinute();
    for (int step = 0; step < steps; step++) {
      double share = (step + 0.5) / steps;
      double perMinute = start + (place.perMinute() - start) * share;
      put(changes, from.add(length.multiply(Fraction.of(step, steps))), target.at(perMinute));
    }
  }

  private static void put(List<TempoMap.Change> changes, Fraction onset, Tempo tempo) {
    changes.removeIf(c -> c.onset().equals(onset));
    changes.add(new TempoMap.Change(onset, tempo));
  }

  private static Optional<PlayedNote> onset(app.fret.score.NoteRef at, Reading reading) {
    return reading.places().find(at).map(NotePlaces.Head::note).map(reading.notes()::get);
  }

  /** The same with another target. */
  public TempoChoices withTarget(Tempo newTarget) {
    double factor = newTarget.perMinute() / target.perMinute();
    boolean sameBeat = newTarget.beat().equals(target.beat());
    return new TempoChoices(
        newTarget,
        OptionalDouble.empty(),
        OptionalDouble.empty(),
        prescribed,
        occasion,
        sameBeat
            ? places.stream()
                .map(p -> new TempoPlace(p.kind(), p.from(), p.to(), p.perMinute() * factor))
                .toList()
            : List.of());
  }

  /** The same with other limits. */
  public TempoChoices within(OptionalDouble newSlowest, OptionalDouble newCeiling) {
    return new TempoChoices(target, newSlowest, newCeiling, prescribed, occasion, places);
  }

  /** The same for another occasion. */
  public TempoChoices withOccasion(Occasion newOccasion) {
    return new TempoChoices(target, slowest, ceiling, prescribed, newOccasion, places);
  }

  /** The same with the tempo prescribed by others, or not. */
  public TempoChoices withPrescribed(boolean isPrescribed) {
    return new TempoChoices(target, slowest, ceiling, isPrescribed, occasion, places);
  }

  /** The same with these places. */
  public TempoChoices withPlaces(List<TempoPlace> newPlaces) {
    return new TempoChoices(target, slowest, ceiling, prescribed, occasion, newPlaces);
  }

  /** The same with a place more, in its order; one that begins on the same note gives way. */
  public TempoChoices withPlace(TempoPlace place) {
    List<TempoPlace> all = new ArrayList<>(places);
    all.removeIf(p -> p.from().equals(place.from()));
    all.add(place);
    return withPlaces(all);
  }

  /** The same without a place. */
  public TempoChoices without(TempoPlace place) {
    return withPlaces(places.stream().filter(p -> !p.equals(place)).toList());
  }

  /** The same with places that stay with their notes. */
  public TempoChoices moved(NoteMoves moves) {
    List<TempoPlace> now = new ArrayList<>();
    for (TempoPlace place : places) {
      Optional<NoteRef> from = moves.of(place.from());
      Optional<NoteRef> to = moves.of(place.to());
      if (from.isPresent() && to.isPresent()) {
        now.add(place.movedTo(from.get(), to.get()));
      } else {
        moves.lose("the tempo", place.from());
      }
    }
    return withPlaces(now);
  }
}
