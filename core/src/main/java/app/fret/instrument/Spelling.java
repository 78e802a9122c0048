package app.fret.instrument;

import app.fret.score.Key;
import app.fret.score.SoundingPitch;
import app.fret.score.Step;
import app.fret.score.Transposition;
import app.fret.score.WrittenPitch;
import java.util.Optional;

/**
 * Spells a pitch that is not on the page, such as a guide note, as this part would write it: the
 * note of the key where there is one, else with the sign the key leans to.
 */
public final class Spelling {
  private Spelling() {}

  /** The written pitch of a sound, in the part's transposition and key. */
  public static WrittenPitch written(
      SoundingPitch sounding, Instrument instrument, Optional<Transposition> stated, Key key) {
    int semitone = sounding.midi() - instrument.soundingShift(stated);
    int lean = key.fifths() < 0 ? -1 : 1;
    return inKey(semitone, key)
        .or(() -> plain(semitone, 0))
        .or(() -> plain(semitone, lean))
        .orElseThrow(() -> new IllegalArgumentException("semitone " + semitone));
  }

  private static Optional<WrittenPitch> inKey(int semitone, Key key) {
    for (Step step : Step.values()) {
      Optional<WrittenPitch> pitch = pitch(semitone, step, key.alterOf(step));
      if (pitch.isPresent()) {
        return pitch;
      }
    }
    return Optional.empty();
  }

  private static Optional<WrittenPitch> plain(int semitone, int alter) {
    for (Step step : Step.values()) {
      Optional<WrittenPitch> pitch = pitch(semitone, step, alter);
      if (pitch.isPresent()) {
        return pitch;
      }
    }
    return Optional.empty();
  }

  private static Optional<WrittenPitch> pitch(int semitone, Step step, int alter) {
    int natural = semitone - alter - step.semitonesAboveC();
    int octave = Math.floorDiv(natural, 12) - 1;
    boolean fits = Math.floorMod(natural, 12) == 0 && octave >= 0 && octave <= 9;
    return fits ? Optional.of(new WrittenPitch(step, alter, octave)) : Optional.empty();
  }
}
