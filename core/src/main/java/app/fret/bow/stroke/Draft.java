package app.fret.bow.stroke;

import app.fret.score.Span;

/**
 * A stroke before it is known which way it goes and where on the bow.
 *
 * @param notes its notes, as pieces of a {@link BowLine}
 * @param demand what it asks of the bow
 * @param shares share of each piece in the amount, together 1
 * @param before how it may follow the stroke before
 * @param recipe how its level is made
 * @param price effort of being cut or joined so
 */
public record Draft(
    Span notes,
    StrokeProfile demand,
    double[] shares,
    Joining before,
    Recipe recipe,
    double price) {
  /** How a stroke may follow the one before. */
  public enum Joining {
    /** Any way. */
    FREE,
    /** The bow turns. */
    TURN,
    /** It goes on in the same direction without being lifted. */
    HOOK,
    /** It goes on in the same direction, lifted or not. */
    SAME_WAY,
    /** It is lifted and set anew. */
    RETAKE
  }

  /** Its kind. */
  public StrokeKind kind() {
    return demand.kind();
  }

  /** How long it lasts, in seconds. */
  public double seconds() {
    return demand.seconds();
  }

  /** How much bow its level asks for, in cm. */
  public double targetCm() {
    return demand.targetCm();
  }

  /** How much bow its level asks for by itself, outside any figure, in cm. */
  public double usualCm() {
    return demand.targetCm() / demand.balance();
  }

  /** Least bow with which it speaks, in cm. */
  public double slowestCm() {
    return demand.slowestCm();
  }

  /** Most bow it bears, in cm. */
  public double fastestCm() {
    return demand.fastestCm();
  }

  /** By how many levels it grows, negative where it fades. */
  public double growth() {
    return demand.growth();
  }

  /** Number of its notes. */
  public int count() {
    return notes.last() - notes.first() + 1;
  }

  /** The same, cut or joined at a price. */
  public Draft at(double newPrice) {
    return new Draft(notes, demand, shares, before, recipe, newPrice);
  }
}
