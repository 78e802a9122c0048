package app.fret.study;

import app.fret.lefthand.PinAt;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.NoteRef;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/**
 * What the player has decided for a passage. Undo is keeping the old choices.
 *
 * @param target the target tempo
 * @param profile what the fingering is to be good for
 * @param pins fingers, strings and positions decided by hand, each on a note head, in order
 */
public record Choices(Tempo target, Profile profile, List<PinAt> pins) {
  private static final Comparator<PinAt> IN_ORDER =
      Comparator.comparingInt((PinAt p) -> p.at().bar())
          .thenComparing(p -> p.at().onsetInBar())
          .thenComparing(p -> p.at().written())
          .thenComparingInt(p -> p.at().occurrence());

  public Choices {
    pins = pins.stream().sorted(IN_ORDER).toList();
  }

  /** Nothing decided but the tempo. */
  public static Choices at(Tempo target) {
    return new Choices(target, Profiles.named("secure"), List.of());
  }

  /** The same choices with another target tempo. */
  public Choices withTarget(Tempo newTarget) {
    return new Choices(newTarget, profile, pins);
  }

  /** The same choices under another profile. */
  public Choices withProfile(Profile newProfile) {
    return new Choices(target, newProfile, pins);
  }

  /** The same choices with a pin, in place of any other on its note head. */
  public Choices withPin(PinAt pin) {
    return withoutPins(Set.of(pin.at())).withPins(List.of(pin));
  }

  /**
   * The same choices with more pins, beside those there are: two that ask different things of one
   * note are a conflict, which the planner names.
   */
  public Choices withPins(List<PinAt> more) {
    List<PinAt> all = new ArrayList<>(pins);
    more.stream().filter(p -> !all.contains(p)).forEach(all::add);
    return new Choices(target, profile, all);
  }

  /** The same choices with these note heads set free. */
  public Choices withoutPins(Collection<NoteRef> heads) {
    return new Choices(
        target, profile, pins.stream().filter(p -> !heads.contains(p.at())).toList());
  }
}
