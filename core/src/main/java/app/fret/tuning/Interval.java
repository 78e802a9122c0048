package app.fret.tuning;

import app.fret.score.WrittenPitch;
import java.util.List;
import java.util.Optional;

/**
 * A spelled interval between two pitches, octaves left out.
 *
 * <p>Just sizes are those of the ratios any acoustics text gives, such as Helmholtz, On the
 * Sensations of Tone; the augmented second, fifth and their inversions are built from major thirds
 * (from memory).
 *
 * @param steps letter steps, 0 (unison or octave) to 6 (seventh)
 * @param semitones semitones, 0 to 11 for most
 */
public record Interval(int steps, int semitones) {
  private static final int LETTERS = 7;
  private static final int SEMITONES = 12;
  private static final double CENTS_PER_OCTAVE = 1200;
  private static final double CENTS_PER_SEMITONE = 100;

  private static final List<Just> TABLE =
      List.of(
          new Just(0, 0, "octave", 1, 1),
          new Just(1, 1, "minor second", 16, 15),
          new Just(1, 2, "major second", 9, 8),
          new Just(1, 3, "augmented second", 75, 64),
          new Just(2, 3, "minor third", 6, 5),
          new Just(2, 4, "major third", 5, 4),
          new Just(3, 4, "diminished fourth", 32, 25),
          new Just(3, 5, "fourth", 4, 3),
          new Just(3, 6, "augmented fourth", 45, 32),
          new Just(4, 6, "diminished fifth", 64, 45),
          new Just(4, 7, "fifth", 3, 2),
          new Just(4, 8, "augmented fifth", 25, 16),
          new Just(5, 8, "minor sixth", 8, 5),
          new Just(5, 9, "major sixth", 5, 3),
          new Just(6, 9, "diminished seventh", 128, 75),
          new Just(6, 10, "minor seventh", 9, 5),
          new Just(6, 11, "major seventh", 15, 8));

  private record Just(int steps, int semitones, String words, int over, int under) {
    double cents() {
      return CENTS_PER_OCTAVE * Math.log((double) over / under) / Math.log(2);
    }
  }

  /** The interval from the lower of two pitches up to the other. */
  public static Interval between(WrittenPitch one, WrittenPitch other) {
    boolean up = one.semitone() <= other.semitone();
    WrittenPitch low = up ? one : other;
    WrittenPitch high = up ? other : one;
    int letters = high.staffStep() - low.staffStep();
    int octaves = Math.floorDiv(letters, LETTERS);
    return new Interval(
        letters - octaves * LETTERS, high.semitone() - low.semitone() - octaves * SEMITONES);
  }

  private Optional<Just> just() {
    return TABLE.stream().filter(j -> j.steps == steps && j.semitones == semitones).findFirst();
  }

  /** Its name, such as {@code minor sixth}. */
  public String words() {
    return just().map(Just::words).orElse(semitones + " half steps");
  }

  /** How far its just size is wider than the keyboard's, in cents; 0 where there is no ratio. */
  public double justCents() {
    return just().map(j -> j.cents() - CENTS_PER_SEMITONE * semitones).orElse(0.0);
  }

  /** The same for a minor seventh of a dominant seventh chord, which is narrower: 16/9. */
  public double justCentsInDominantSeventh() {
    boolean minorSeventh = steps == 6 && semitones == 10;
    return minorSeventh ? new Just(6, 10, "", 16, 9).cents() - 1000 : justCents();
  }

  /** Whether its root is the upper note: seconds, fourths and sixths turn a third or fifth over. */
  public boolean hasRootAbove() {
    return steps == 1 || steps == 3 || steps == 5;
  }

  /** Whether it rings clearly enough to tune by. */
  public boolean isConsonant() {
    return just().isPresent()
        && List.of(0, 3, 4, 5, 7, 8, 9).contains(semitones)
        && List.of(0, 2, 3, 4, 5).contains(steps)
        && !just().get().words().contains("ed ");
  }

  /** How well it serves as a check: 0 unison or octave, 1 fifth, 2 fourth, 3 third, 4 sixth. */
  public int checkRank() {
    return switch (steps) {
      case 0 -> 0;
      case 4 -> 1;
      case 3 -> 2;
      case 2 -> 3;
      default -> 4;
    };
  }
}
