package app.fret.engraving;

import app.fret.score.Event;
import app.fret.score.NoteValue;
import java.util.ArrayList;
import java.util.List;

/**
 * One event measured but not yet placed on the line: heads, accidentals, dots and the room it needs
 * to either side. Filled in by {@link ShapeMaker}.
 */
final class EventShape {
  static final double GRACE_SCALE = 0.62;

  final int index;
  final Event event;
  final double scale;
  final List<Head> heads = new ArrayList<>();
  final List<Sign> signsBefore = new ArrayList<>();
  boolean stemUp;
  boolean beamed;
  double headWidth;
  double left;
  double right;

  /** A head at height y, moved aside by dx where heads of a chord would touch. */
  record Head(double y, double dx, Smufl sign) {}

  /** Something small before the heads, such as an accidental, at dx from the heads' left. */
  record Sign(double dx, double y, Smufl sign, double scale) {}

  EventShape(int index, Event event, boolean grace) {
    this.index = index;
    this.event = event;
    this.scale = grace ? GRACE_SCALE : 1;
  }

  boolean isRest() {
    return heads.isEmpty();
  }

  boolean isGrace() {
    return scale < 1;
  }

  boolean hasStem() {
    return !isRest() && event.written().value().compareTo(NoteValue.HALF) >= 0;
  }

  double highestHead() {
    return heads.stream().mapToDouble(Head::y).min().orElse(2);
  }

  double lowestHead() {
    return heads.stream().mapToDouble(Head::y).max().orElse(2);
  }

  int flags() {
    return event.written().value().flags();
  }
}
