package app.fret.lefthand.hand;

import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;

/**
 * Tells where a hand in thumb position opens so far between two notes of a line that it moves,
 * though its frame stays: from thumb to third finger, or from first to third. Held double stops
 * keep their own spans. Common practice, no source.
 */
public final class Openings {
  private final StringGeometry geometry;
  private final Spans spans;

  /** The openings of a player. */
  public Openings(Player player) {
    this.geometry = player.instrument().geometry();
    this.spans = new Spans(player);
  }

  /** Whether going from one placement to the next opens or closes the hand like a shift. */
  public boolean joins(Placement from, Placement to) {
    boolean inLine = from.isSingle() && to.isSingle() && from.usesHand() && to.usesHand();
    boolean overThumb = from.inThumbPosition() && to.inThumbPosition();
    if (!inLine || !overThumb || from.hand() != to.hand()) {
      return false;
    }
    Stop lower = from.top().finger().rank() < to.top().finger().rank() ? from.top() : to.top();
    Stop upper = lower == from.top() ? to.top() : from.top();
    return lower.isPressed()
        && upper.isPressed()
        && upper.place() > lower.place()
        && geometry.spanMm(lower.place(), upper.place())
            > spans.openingMm(lower.finger(), upper.finger());
  }

  /** Distance between the two fingers, in mm. */
  public double spanMm(Placement from, Placement to) {
    return geometry.spanMm(from.top().place(), to.top().place());
  }
}
