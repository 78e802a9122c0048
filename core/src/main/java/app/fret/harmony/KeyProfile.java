package app.fret.harmony;

import app.fret.reading.PlayedNote;
import app.fret.score.Key;
import app.fret.score.Note;
import app.fret.score.Step;
import java.util.List;

/**
 * How well notes fit a key: the correlation of how long each of the twelve tones sounds with how
 * well listeners find it fits (Krumhansl and Kessler 1982, figures from memory).
 */
final class KeyProfile {
  private static final int TONES = 12;

  private static final double[] MAJOR = {
    6.35, 2.23, 3.48, 2.33, 4.38, 4.09, 2.52, 5.19, 2.39, 3.66, 2.29, 2.88
  };

  private static final double[] MINOR = {
    6.33, 2.68, 3.52, 5.38, 2.60, 3.53, 2.54, 4.75, 3.98, 2.69, 3.34, 3.17
  };

  private KeyProfile() {}

  /** Whether notes are nearer to a minor key than to the major one of the same signature. */
  static boolean isNearerToMinor(List<PlayedNote> notes, Step major, Step minor, Key key) {
    double[] sounding = sounding(notes);
    return fit(sounding, MINOR, tone(minor, key)) > fit(sounding, MAJOR, tone(major, key));
  }

  private static int tone(Step letter, Key key) {
    return Math.floorMod(letter.semitonesAboveC() + key.alterOf(letter), TONES);
  }

  /** How long each tone sounds, in whole notes. */
  private static double[] sounding(List<PlayedNote> notes) {
    double[] sounding = new double[TONES];
    for (PlayedNote note : notes) {
      for (Note head : note.notes()) {
        sounding[Math.floorMod(head.written().semitone(), TONES)] += note.length().doubleValue();
      }
    }
    return sounding;
  }

  private static double fit(double[] sounding, double[] profile, int tonic) {
    double meanOfSounding = mean(sounding);
    double meanOfProfile = mean(profile);
    double together = 0;
    double own = 0;
    for (int i = 0; i < TONES; i++) {
      double away = sounding[Math.floorMod(i + tonic, TONES)] - meanOfSounding;
      together += away * (profile[i] - meanOfProfile);
      own += (profile[i] - meanOfProfile) * (profile[i] - meanOfProfile);
    }
    return together / Math.sqrt(own);
  }

  private static double mean(double[] figures) {
    double sum = 0;
    for (double figure : figures) {
      sum += figure;
    }
    return sum / figures.length;
  }
}
