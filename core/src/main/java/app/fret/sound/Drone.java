package app.fret.sound;

import app.fret.harmony.Tonic;
import app.fret.score.WrittenPitch;
import app.fret.sound.SoundPlan.Tone;
import app.fret.tuning.TuningPlan;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/**
 * A tone to play over: the tonic, the tonic with its fifth, the root of each bar, or any note.
 *
 * @param what {@code tonic}, {@code fifth}, {@code chord} or a pitch such as {@code A3}
 * @param isJust whether fifth and roots are pure above the tonic; equal otherwise
 */
public record Drone(String what, boolean isJust) {
  private static final Pattern PITCH = Pattern.compile("[A-Ga-g](#{1,2}|b{1,2})?[0-8]");
  private static final int OCTAVE = 3;
  private static final int A4 = 69;
  private static final int SEMITONES = 12;
  private static final double GAIN = 0.8;

  /** Two tones are together about as loud as one. */
  private static final double ROOT_BELOW = 0.6;

  /** Pure intervals above the tonic, by semitones (five-limit just intonation). */
  private static final double[] PURE = {
    1, 16 / 15.0, 9 / 8.0, 6 / 5.0, 5 / 4.0, 4 / 3.0, 45 / 32.0, 3 / 2.0, 8 / 5.0, 5 / 3.0, 9 / 5.0,
    15 / 8.0
  };

  public Drone {
    boolean named = List.of("tonic", "fifth", "chord").contains(what);
    if (!named && !PITCH.matcher(what).matches()) {
      throw new IllegalArgumentException(
          "'" + what + "' is no drone; say tonic, fifth, chord or a pitch such as A3");
    }
  }

  /**
   * Its tones under timed bars.
   *
   * @param tonic of the passage
   * @param sounds what sounds in each bar, by its index
   * @param a4Hz pitch of the A
   */
  public List<Tone> tones(Pulse.Timed timed, Tonic tonic, TuningPlan sounds, double a4Hz) {
    double tonicHz = hz(pitch(tonic.name()), a4Hz);
    double end = timed.seconds();
    return switch (what) {
      case "tonic" -> List.of(new Tone(0, end, tonicHz, GAIN));
      case "fifth" ->
          List.of(
              new Tone(0, end, tonicHz, GAIN * ROOT_BELOW),
              new Tone(0, end, above(tonicHz, 7), GAIN * ROOT_BELOW));
      case "chord" -> roots(timed, tonic, tonicHz, sounds);
      default -> List.of(new Tone(0, end, hz(written(what), a4Hz), GAIN));
    };
  }

  private List<Tone> roots(Pulse.Timed timed, Tonic tonic, double tonicHz, TuningPlan sounds) {
    List<Tone> tones = new ArrayList<>();
    int tonicClass = pitch(tonic.name()).semitone();
    for (int i = 0; i < timed.bars().size(); i++) {
      int bar = timed.bars().get(i);
      int semitones =
          sounds.bars().stream()
              .filter(b -> b.bar() == bar)
              .findFirst()
              .map(b -> Math.floorMod(pitch(b.drone()).semitone() - tonicClass, SEMITONES))
              .orElse(0);
      double from = i == 0 ? 0 : timed.barStarts().get(i);
      tones.add(new Tone(from, timed.barStarts().get(i + 1), above(tonicHz, semitones), GAIN));
    }
    return tones;
  }

  private double above(double tonicHz, int semitones) {
    return isJust
        ? tonicHz * PURE[semitones]
        : tonicHz * Math.pow(2, (double) semitones / SEMITONES);
  }

  private static double hz(WrittenPitch pitch, double a4Hz) {
    return a4Hz * Math.pow(2, (double) (pitch.semitone() - A4) / SEMITONES);
  }

  private static WrittenPitch written(String name) {
    return WrittenPitch.parse(name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1));
  }

  /** The pitch of a letter with its sign, in the octave below middle C. */
  private static WrittenPitch pitch(String letter) {
    String plain = letter.replace("\u266D", "b").replace("\u266F", "#");
    String note = plain.split(" ")[0];
    return WrittenPitch.parse(note + OCTAVE);
  }
}
