package app.fret.lefthand.effort.shift;

import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Spans;
import app.fret.lefthand.hand.Stop;
import java.util.OptionalInt;

/**
 * Tells which moves a hand makes by opening and closing instead of shifting: one finger stays as
 * the anchor while another reaches the next note on the same string, and the rest of the hand
 * follows.
 */
public final class Crawl {
  private static final int FURTHEST_SEMITONES = 3;

  private final OptionalInt fromBase;
  private final StringGeometry geometry;
  private final Spans spans;

  /** The crawling of a player. */
  public Crawl(Player player) {
    this.fromBase = player.crawlFromBase();
    this.geometry = player.instrument().geometry();
    this.spans = new Spans(player);
  }

  /** Whether the hand goes from one placement to the next by opening or closing. */
  public boolean joins(Placement from, Placement to) {
    int travel = Math.abs(to.hand() - from.hand());
    if (from.inThumbPosition()
        || fromBase.isEmpty()
        || travel == 0
        || travel > FURTHEST_SEMITONES
        || Math.min(from.base(), to.base()) < fromBase.getAsInt()) {
      return false;
    }
    return from.isSingle()
        && to.isSingle()
        && from.frame().region() == to.frame().region()
        && spans(from.top(), to.top());
  }

  private boolean spans(Stop one, Stop other) {
    if (!one.isPressed() || !other.isPressed() || one.string() != other.string()) {
      return false;
    }
    int fingers = Integer.compare(other.finger().rank(), one.finger().rank());
    Stop lower = fingers > 0 ? one : other;
    Stop upper = fingers > 0 ? other : one;
    return fingers != 0
        && upper.place() > lower.place()
        && geometry.spanMm(lower.place(), upper.place())
            <= spans.greatestMm(lower.finger(), upper.finger());
  }

  /** Distance between the two fingers, in mm. */
  public double spanMm(Placement from, Placement to) {
    return geometry.spanMm(from.top().place(), to.top().place());
  }
}
