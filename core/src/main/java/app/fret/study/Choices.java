package app.fret.study;

import app.fret.lefthand.Pin;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What the player has decided for a passage. Undo is keeping the old choices.
 *
 * @param target the target tempo
 * @param profile what the fingering is to be good for
 * @param pins fingers, strings and positions decided by hand, at most one a note, in note order
 */
public record Choices(Tempo target, Profile profile, List<Pin> pins) {
  public Choices {
    pins = List.copyOf(pins);
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

  /** The same choices with a pin, in place of any other on its note. */
  public Choices withPin(Pin pin) {
    List<Pin> all = new ArrayList<>(withoutPin(pin.note()).pins);
    all.add(pin);
    all.sort(java.util.Comparator.comparingInt(Pin::note));
    return new Choices(target, profile, all);
  }

  /** The same choices with a note set free. */
  public Choices withoutPin(int note) {
    return new Choices(target, profile, pins.stream().filter(p -> p.note() != note).toList());
  }

  /** The pin on a note, if there is one. */
  public Optional<Pin> pinOn(int note) {
    return pins.stream().filter(p -> p.note() == note).findFirst();
  }
}
