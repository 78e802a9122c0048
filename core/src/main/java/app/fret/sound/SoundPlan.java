package app.fret.sound;

import java.util.List;

/**
 * What sounds when.
 *
 * @param seconds how long it lasts, in s
 * @param clicks clicks in order of time
 * @param tones tones, such as a drone
 */
public record SoundPlan(double seconds, List<Click> clicks, List<Tone> tones) {
  public SoundPlan {
    clicks = List.copyOf(clicks);
    tones = List.copyOf(tones);
  }

  /** How a click sounds: above what a violin plays most, a fourth and more apart. */
  public enum Strength {
    /** The first beat of a bar. */
    BAR(3250, 1.0),
    /** Another beat, or the start of a group. */
    BEAT(2400, 0.62),
    /** Between beats. */
    PART(2050, 0.32);

    private final double hz;
    private final double gain;

    Strength(double hz, double gain) {
      this.hz = hz;
      this.gain = gain;
    }

    /** Pitch of the click, where its ring is strongest. */
    public double hz() {
      return hz;
    }

    /** Its level, 0 to 1. */
    public double gain() {
      return gain;
    }
  }

  /**
   * A click.
   *
   * @param atSeconds when it begins
   * @param strength how it sounds
   */
  public record Click(double atSeconds, Strength strength) {}

  /**
   * A tone.
   *
   * @param fromSeconds when it begins
   * @param toSeconds when it has ended
   * @param hz its pitch
   * @param gain its level, 0 to 1
   */
  public record Tone(double fromSeconds, double toSeconds, double hz, double gain) {
    public Tone {
      if (toSeconds < fromSeconds || !(hz > 0)) {
        throw new IllegalArgumentException(
            "a tone of " + hz + " Hz from " + fromSeconds + " to " + toSeconds + " s");
      }
    }
  }
}
