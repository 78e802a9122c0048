package app.fret.practice.schedule;

import java.util.Optional;

/**
 * One thing that went wrong in a pass.
 *
 * @param spot where, as {@link Spot#place()} or the label of a bar, if that was said
 * @param kind what
 */
public record Miss(Optional<String> spot, MissKind kind) {
  /** The same at a place, where none was said of it. */
  public Miss or(Optional<String> place) {
    return new Miss(spot.or(() -> place), kind);
  }
}
