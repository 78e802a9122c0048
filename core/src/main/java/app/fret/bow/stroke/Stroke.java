package app.fret.bow.stroke;

import app.fret.score.BowDirection;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * One stroke of the bow.
 *
 * @param firstNote number of its first note
 * @param from share of its first note that is over when it begins: above 0 where the bow changes
 *     inside a long note
 * @param lastNote number of its last note
 * @param direction which way it goes
 * @param kind how it is played
 * @param start place on the bow at its start, 0 at the frog to 1 at the tip
 * @param end place at its end; the same where it is plucked
 * @param amountCm hair it uses, in cm
 * @param sharesCm of that for each note, in cm; of a note that goes on in another stroke its part
 * @param seconds how long it lasts at the tempo, in s
 * @param retakeBefore whether the bow is lifted and set anew before it, in a rest too
 * @param retakeReach how far the bow could be taken back before it at the tempo, with the rest and
 *     what the note before can give, as a share of the hair; 0 where there is no time
 * @param manner how the bow lies on the string
 * @param workable speeds at which its level can be made
 * @param hints what the hand does meanwhile, in plain words
 * @param reasons why it is drawn so, weightiest first
 */
public record Stroke(
    int firstNote,
    double from,
    int lastNote,
    BowDirection direction,
    StrokeKind kind,
    double start,
    double end,
    double amountCm,
    List<Double> sharesCm,
    double seconds,
    boolean retakeBefore,
    double retakeReach,
    Manner manner,
    Workable workable,
    List<String> hints,
    List<String> reasons) {
  /**
   * How the bow lies on the string.
   *
   * @param recipe how the level is made
   * @param from contact point at the start
   * @param to contact point at the end
   * @param tiltDegrees how far the stick leans away from the bridge at the start, in degrees
   * @param tiltDegreesAtEnd the same at the end
   */
  public record Manner(
      Recipe recipe, Contact from, Contact to, double tiltDegrees, double tiltDegreesAtEnd) {}

  /**
   * Speeds at which the level of a stroke can be made, while it sounds.
   *
   * @param slowestCmPerSecond with weight, near the bridge, in cm/s
   * @param fastestCmPerSecond with hardly any, in cm/s
   */
  public record Workable(double slowestCmPerSecond, double fastestCmPerSecond) {}

  public Stroke {
    sharesCm = List.copyOf(sharesCm);
    hints = List.copyOf(hints);
    reasons = List.copyOf(reasons);
  }

  /** The same with more hints behind its own. */
  public Stroke saying(List<String> more) {
    if (more.isEmpty()) {
      return this;
    }
    List<String> all = new ArrayList<>(hints);
    all.addAll(more);
    return new Stroke(
        firstNote,
        from,
        lastNote,
        direction,
        kind,
        start,
        end,
        amountCm,
        sharesCm,
        seconds,
        retakeBefore,
        retakeReach,
        manner,
        workable,
        all,
        reasons);
  }

  /** Whether it begins inside a note. */
  public boolean beginsInside() {
    return from > 0;
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
