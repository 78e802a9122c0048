package app.fret.lefthand;

import app.fret.leaning.OwnWeights;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.reading.NoteMoves;
import app.fret.score.NoteRef;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/**
 * What the player has decided for the left hand.
 *
 * @param profile what the fingering is to be good for
 * @param pins fingers, strings and positions decided by hand, each on a note head, in order
 */
public record LeftHandChoices(Profile profile, List<PinAt> pins) {
  private static final Comparator<PinAt> IN_ORDER =
      Comparator.comparingInt((PinAt p) -> p.at().bar())
          .thenComparing(p -> p.at().onsetInBar())
          .thenComparing(p -> p.at().written())
          .thenComparingInt(p -> p.at().occurrence());

  public LeftHandChoices {
    pins = pins.stream().sorted(IN_ORDER).toList();
  }

  /** Nothing decided: secure, no pins. */
  public static LeftHandChoices none() {
    return new LeftHandChoices(Profiles.named("secure"), List.of());
  }

  /** The same pins and own weights under another profile. */
  public LeftHandChoices withProfile(Profile newProfile) {
    return new LeftHandChoices(newProfile.with(profile.own()), pins);
  }

  /** The same with a player's own weights in place of any others. */
  public LeftHandChoices with(OwnWeights own) {
    return new LeftHandChoices(profile.with(own), pins);
  }

  /** These and a pin, in place of any other on its note head. */
  public LeftHandChoices withPin(PinAt pin) {
    return withoutPins(Set.of(pin.at())).withPins(List.of(pin));
  }

  /**
   * These and more pins, beside those there are: two that ask different things of one note are a
   * conflict, which the planner names.
   */
  public LeftHandChoices withPins(List<PinAt> more) {
    List<PinAt> all = new ArrayList<>(pins);
    more.stream().filter(p -> !all.contains(p)).forEach(all::add);
    return new LeftHandChoices(profile, all);
  }

  /** These with some note heads set free. */
  public LeftHandChoices withoutPins(Collection<NoteRef> heads) {
    return new LeftHandChoices(
        profile, pins.stream().filter(p -> !heads.contains(p.at())).toList());
  }

  /** The same with pins that stay with their notes. */
  public LeftHandChoices moved(NoteMoves moves) {
    return new LeftHandChoices(profile, moves.each("the pin", pins, PinAt::at, PinAt::movedTo));
  }
}
