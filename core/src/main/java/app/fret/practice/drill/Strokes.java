package app.fret.practice.drill;

import app.fret.score.BowDirection;
import app.fret.score.Marks;
import java.util.Optional;

/** Which way the bow goes in a drill while it is laid out. */
final class Strokes {
  private Optional<BowDirection> last = Optional.empty();

  /** Whether a slur cut in two has turned what follows it. */
  private boolean isTurned;

  /** Whether a stroke that begins so goes as the one before it went. */
  boolean wouldRepeat(Marks marks) {
    return last.isPresent() && sign(marks).equals(last);
  }

  /** The signs of a note with which a stroke begins. */
  Marks begun(Marks marks) {
    Optional<BowDirection> sign = sign(marks);
    last = sign.or(() -> last.map(Strokes::other));
    return marks.withBow(sign);
  }

  /** The signs of a note within a stroke. */
  Marks inside(Marks marks) {
    return marks.withBow(Optional.empty());
  }

  /** The stroke just ended is played in so many bows. */
  void cut(int bows) {
    if (bows % 2 == 0) {
      last = last.map(Strokes::other);
      isTurned = !isTurned;
    }
  }

  /** The bow is lifted; it comes down as the music has it. */
  void rest() {
    last = Optional.empty();
    isTurned = false;
  }

  private Optional<BowDirection> sign(Marks marks) {
    return isTurned ? marks.bow().map(Strokes::other) : marks.bow();
  }

  static BowDirection other(BowDirection direction) {
    return direction == BowDirection.UP ? BowDirection.DOWN : BowDirection.UP;
  }
}
