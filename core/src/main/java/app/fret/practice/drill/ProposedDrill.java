package app.fret.practice.drill;

import app.fret.score.Span;
import java.util.Optional;

/**
 * A drill that a plan or a log asks for.
 *
 * @param number its number in the list, from 1
 * @param kind what is done
 * @param notes numbers of the first and the last note it is made from
 * @param reason why, with its figures
 * @param times how often it is played
 * @param seconds how long that takes at its tempo, with the moments between
 * @param perMinute how fast, in the beat of the target
 * @param cap how often its spot may be played; empty where nothing loads the hand
 */
public record ProposedDrill(
    int number,
    DrillKind kind,
    Span notes,
    String reason,
    int times,
    double seconds,
    double perMinute,
    Optional<Cap> cap) {
  /**
   * How often a spot may be played, in whatever form (common practice, no source).
   *
   * @param inARow hits in a row
   * @param aDay hits a day
   */
  public record Cap(int inARow, int aDay) {
    /** Five in a row, twenty a day. */
    public static final Cap USUAL = new Cap(5, 20);
  }
}
