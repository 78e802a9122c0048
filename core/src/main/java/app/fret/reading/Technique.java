package app.fret.reading;

/**
 * How the string is made to sound, as the last words before say.
 *
 * @param manner what sets it going
 * @param place where on the string
 * @param muted whether the mute is on
 * @param isStill whether it is asked not to vibrate
 * @param asked what else is asked of bow and hand
 */
public record Technique(Manner manner, Place place, boolean muted, boolean isStill, Asked asked) {
  /** Bowed at the ordinary place, no mute: where nothing is said. */
  public static final Technique ORDINARY =
      new Technique(Manner.ARCO, Place.ORDINARY, false, false, Asked.NOTHING);

  /** What sets the string going. */
  public enum Manner {
    ARCO,
    PIZZICATO,
    COL_LEGNO
  }

  /** Where the bow or the finger meets the string. */
  public enum Place {
    ORDINARY,
    FINGERBOARD,
    BRIDGE
  }

  /** Whether it is plucked. */
  public boolean isPlucked() {
    return manner == Manner.PIZZICATO;
  }

  Technique with(Manner newManner) {
    return new Technique(newManner, place, muted, isStill, asked);
  }

  Technique with(Place newPlace) {
    return new Technique(manner, newPlace, muted, isStill, asked);
  }

  Technique withMute(boolean on) {
    return new Technique(manner, place, on, isStill, asked);
  }

  Technique withVibrato(boolean on) {
    return new Technique(manner, place, muted, !on, asked);
  }

  Technique with(Asked newAsked) {
    return new Technique(manner, place, muted, isStill, newAsked);
  }
}
