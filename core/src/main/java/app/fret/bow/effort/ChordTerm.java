package app.fret.bow.effort;

import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.stroke.StrokeProfile;
import app.fret.bow.stroke.Way;

/** Chords go down, from near the frog. */
final class ChordTerm extends NamedTerm {
  private static final double UP = 2;
  private static final double NEAR_FROG = 0.18;
  private static final double PER_BOW = 2;

  ChordTerm() {
    super("chord", Look.START, "chords against the bow", 1);
  }

  @Override
  public double effort(StrokeProfile demand, Way way) {
    if (demand.kind() != StrokeKind.CHORD) {
      return 0;
    }
    return (way.isUp() ? UP : 0) + PER_BOW * Math.max(0, way.start() - NEAR_FROG);
  }

  @Override
  public String reason(StrokeProfile demand, Way way) {
    return way.isUp() ? "A chord on an up-bow." : "A chord begins away from the frog.";
  }
}
