package app.fret.study;

import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.hand.Placement;
import java.util.Comparator;
import java.util.Locale;
import java.util.Optional;

/**
 * Another way to take the note of a bar that opens the hand most, for a bar that hurt.
 *
 * @param note the note
 * @param placement how it is taken with less stretch
 * @param lessMm by how many millimetres the hand opens less
 */
public record LessStretch(int note, Placement placement, double lessMm) {
  /** What is less is not felt, in mm; common practice, no source. */
  private static final double LEAST_MM = 2;

  /**
   * The way that saves most at the note that opens the hand most.
   *
   * @param bar label of the bar
   * @return empty where the hand is never stretched there, or by no other way less
   */
  public static Optional<LessStretch> in(Study study, String bar) {
    return study.leftHand().notes().stream()
        .filter(n -> label(study, n).equals(bar))
        .sorted(Comparator.comparingDouble((NotePlan n) -> -n.placement().reachMm()))
        .flatMap(n -> at(study, n).stream())
        .findFirst();
  }

  private static String label(Study study, NotePlan note) {
    return study.passage().bars().get(note.note().bar()).label();
  }

  private static Optional<LessStretch> at(Study study, NotePlan note) {
    double now = note.placement().reachMm();
    if (now < LEAST_MM) {
      return Optional.empty();
    }
    int number = note.note().number();
    NotePlan free = free(study, number).leftHand().notes().get(number);
    if (now - free.placement().reachMm() >= LEAST_MM) {
      return Optional.of(of(number, free.placement(), now));
    }
    return free.otherWays().stream()
        .filter(way -> now - way.placement().reachMm() >= LEAST_MM)
        .min(Comparator.comparingDouble(OtherWay::extraEffort))
        .map(way -> of(number, way.placement(), now));
  }

  /** The same passage with the note left free: what the player pinned may be what hurts. */
  private static Study free(Study study, int note) {
    if (study.pinsOn(note).isEmpty()) {
      return study;
    }
    try {
      return study.with(study.choices().withoutPins(study.places().of(note)));
    } catch (PinConflictException e) {
      throw new IllegalStateException("fewer pins than can be met cannot be met", e);
    }
  }

  private static LessStretch of(int note, Placement placement, double now) {
    return new LessStretch(note, placement, now - placement.reachMm());
  }

  /** How much less, such as {@code 8 mm less stretch}. */
  public String words() {
    return String.format(Locale.ROOT, "%.0f mm less stretch", lessMm);
  }
}
