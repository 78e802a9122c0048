package app.fret.engraving;

import java.util.List;

/**
 * Where the events and bars of one system stand.
 *
 * @param range its bars
 * @param firstEvent its first event
 * @param eventX left edge of the head of each of its events
 * @param bars the places of its bars, one for each of the range
 */
record Placed(
    Engraver.SystemRange range, int firstEvent, double[] eventX, List<Engraving.BarPlace> bars) {
  int lastEvent() {
    return firstEvent + eventX.length - 1;
  }

  boolean holds(int event) {
    return event >= firstEvent && event <= lastEvent();
  }

  /** Left edge of the head of an event that stands here. */
  double x(int event) {
    return eventX[event - firstEvent];
  }

  /** The place of a bar of the passage that stands here. */
  Engraving.BarPlace bar(int index) {
    return bars.get(index - range.firstBar());
  }

  /** Where the notes of the first bar may begin. */
  double start() {
    return bars.get(0).x();
  }

  /** Where the last bar ends. */
  double end() {
    return bars.get(bars.size() - 1).until();
  }
}
