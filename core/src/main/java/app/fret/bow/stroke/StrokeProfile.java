package app.fret.bow.stroke;

import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.score.BowDirection;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What a stroke asks of the bow: all that terms look at. Strokes alike in it share what terms say.
 *
 * @param kind how it is played
 * @param seconds how long it lasts, in s
 * @param hairCm hair of the bow, in cm
 * @param targetCm bow it would best have
 * @param balance share of its usual bow that is left to it so that a figure does not carry the bow
 *     on, 1 for all
 * @param slowestCm least bow at which it still sounds full
 * @param fastestCm most bow it can spend
 * @param part where on the bow it speaks
 * @param strengths where each direction is strong
 * @param accent of its first note, see {@link BowedNote}
 * @param stress of its first note, see {@link BowedNote}
 * @param isLoud whether it starts loud
 * @param isSoft whether it starts soft
 * @param comesAfterRest whether it comes after a rest that counts
 * @param growth levels by which it grows, negative when it fades
 * @param ofBar how much of a bar it lasts
 * @param leap strings between its first note and the one before
 * @param isFirstBeat whether it starts on the first beat of all
 * @param endsPassage whether it is the last and long enough for it to matter
 * @param printed bow sign of the part at its start
 * @param decided direction the player decided
 * @param place place the player decided for its start
 * @param isAmountDecided whether the bow it would best have is what the player decided
 */
public record StrokeProfile(
    StrokeKind kind,
    double seconds,
    double hairCm,
    double targetCm,
    double balance,
    double slowestCm,
    double fastestCm,
    BowParts.Part part,
    BowParts.Strengths strengths,
    double accent,
    double stress,
    boolean isLoud,
    boolean isSoft,
    boolean comesAfterRest,
    double growth,
    double ofBar,
    int leap,
    boolean isFirstBeat,
    boolean endsPassage,
    Optional<BowDirection> printed,
    Optional<Act> decided,
    OptionalDouble place,
    boolean isAmountDecided) {
  private static final double ROOM_OF_HAIR = 0.75;

  /** How free it is to lie elsewhere: a stroke that needs the whole bow is not. */
  public double room() {
    return clip(1 - targetCm / (ROOM_OF_HAIR * hairCm), 0.1, 1);
  }

  /** Whether it goes whatever way the one before leaves. */
  public boolean goesAsItComes() {
    return decided.filter(d -> d == Act.AS_IT_COMES).isPresent();
  }

  /** A value within bounds. */
  public static double clip(double value, double least, double most) {
    return Math.max(least, Math.min(most, value));
  }
}
