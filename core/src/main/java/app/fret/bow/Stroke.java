package app.fret.bow;

import app.fret.score.BowDirection;
import java.util.List;
import java.util.OptionalDouble;

/**
 * One stroke of the bow.
 *
 * @param firstNote number of its first note
 * @param lastNote number of its last note
 * @param direction which way it goes
 * @param kind how it is played
 * @param start place on the bow at its start, 0 at the frog to 1 at the tip
 * @param end place at its end; the same where it is plucked
 * @param amountCm hair it uses, in cm
 * @param sharesCm of that for each note, in cm
 * @param seconds how long it lasts at the tempo, in s
 * @param retakeBefore whether the bow is lifted and set anew before it, in a rest too
 * @param hints what the hand does meanwhile, in plain words
 * @param reasons why it is drawn so, weightiest first
 */
public record Stroke(
    int firstNote,
    int lastNote,
    BowDirection direction,
    StrokeKind kind,
    double start,
    double end,
    double amountCm,
    List<Double> sharesCm,
    double seconds,
    boolean retakeBefore,
    List<String> hints,
    List<String> reasons) {
  public Stroke {
    sharesCm = List.copyOf(sharesCm);
    hints = List.copyOf(hints);
    reasons = List.copyOf(reasons);
  }

  /** Notes a second at the tempo. */
  public double notesPerSecond() {
    return (lastNote - firstNote + 1) / seconds;
  }

  /**
   * The slowest tempo at which its kind speaks, as a share of the tempo; empty when there is none.
   */
  public OptionalDouble slowestTempoShare() {
    return kind.slowestPerSecond() > 0
        ? OptionalDouble.of(kind.slowestPerSecond() / notesPerSecond())
        : OptionalDouble.empty();
  }

  /** The fastest tempo at which its kind speaks, as a share of the tempo; empty without limit. */
  public OptionalDouble fastestTempoShare() {
    return Double.isFinite(kind.fastestPerSecond())
        ? OptionalDouble.of(kind.fastestPerSecond() / notesPerSecond())
        : OptionalDouble.empty();
  }

  /** Mean speed while it sounds, in cm/s. */
  public double speedCmPerSecond() {
    double sounding = seconds * kind.soundingShare();
    return sounding > 0 ? amountCm / sounding : 0;
  }
}
