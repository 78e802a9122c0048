package app.fret.lefthand.effort.frame;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;

/**
 * What stopping several strings at once costs: each finger beyond the first, more for a bar and for
 * neighbouring fingers that must stand crooked, the higher on the lower string a half step away.
 *
 * <p>Unit: fingers (common practice, no source).
 */
public final class DoubleStopTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader("double-stop", "awkward double stops", "fingers", Facets.NONE);

  private static final double PER_EXTRA_STOP = 0.15;
  private static final double PER_BAR = 0.30;
  private static final double CROOKED = 0.18;
  private static final int NO_OCTAVE = Integer.MIN_VALUE;
  private static final double NARROW_MM = 30;

  /** Octaves by 1-3 or 2-4 are a technique of their own. */
  private static final double FINGERED_OCTAVE = 0.50;

  /** An open string that sounds under a note stopped far up on the lower string. */
  private static final double CROSSED_OPEN = 0.7;

  private static final int MINOR_THIRD = 3;
  private static final int OCTAVE = 12;

  private final Instrument instrument;
  private final StringGeometry geometry;
  private final int octaveSemitones;

  /** The term as it is for a player. */
  public DoubleStopTerm(Player player) {
    instrument = player.instrument();
    geometry = instrument.geometry();
    octaveSemitones =
        instrument.handling().lettersHaveFingers()
            ? OCTAVE - (instrument.open(1).midi() - instrument.open(2).midi())
            : NO_OCTAVE;
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    if (at.isSingle()) {
      return 0;
    }
    int stopped = 0;
    int fingersUsed = 0;
    int fingers = 0;
    for (Stop stop : at.stops()) {
      if (!stop.isOpen()) {
        stopped++;
        int bit = 1 << stop.finger().ordinal();
        fingers += (fingersUsed & bit) == 0 ? 1 : 0;
        fingersUsed |= bit;
      }
    }
    return PER_EXTRA_STOP * Math.max(0, stopped - 1)
        + PER_BAR * (stopped - fingers)
        + CROOKED * crookedPairs(at)
        + (isCrossedOverOpen(at) ? CROSSED_OPEN : 0)
        + (isFingeredOctave(at) ? FINGERED_OCTAVE : 0);
  }

  /** Whether an octave on neighbouring strings has other fingers than those of its frame. */
  private boolean isFingeredOctave(Placement at) {
    return at.inThumbPosition() ? isOctaveBesideTheThumb(at) : isFingeredInTheNeck(at);
  }

  private boolean isOctaveBesideTheThumb(Placement at) {
    Stop low = at.bottom();
    Stop high = at.top();
    return at.stops().size() == 2
        && high.string() == low.string() - 1
        && sounding(high) - sounding(low) == OCTAVE
        && (low.finger() != Finger.THUMB || high.finger() != Finger.THIRD);
  }

  private boolean isFingeredInTheNeck(Placement at) {
    Stop low = at.bottom();
    Stop high = at.top();
    return at.stops().size() == 2
        && low.isPressed()
        && high.isPressed()
        && high.string() == low.string() - 1
        && high.semitone() - low.semitone() == octaveSemitones
        && (low.finger() != Finger.FIRST || high.finger() != Finger.FOURTH);
  }

  /** Seconds are played so, wider intervals lie better on their own strings. */
  private boolean isCrossedOverOpen(Placement at) {
    for (Stop open : at.stops()) {
      for (Stop high : at.stops()) {
        if (open.isOpen()
            && high.string() > open.string()
            && sounding(high) - sounding(open) >= MINOR_THIRD) {
          return true;
        }
      }
    }
    return false;
  }

  private int sounding(Stop stop) {
    return instrument.open(stop.string()).midi() + stop.semitone();
  }

  private int crookedPairs(Placement at) {
    int crooked = 0;
    for (Stop low : at.stops()) {
      for (Stop high : at.stops()) {
        crooked += isCrooked(low, high) ? 1 : 0;
      }
    }
    return crooked;
  }

  /** Whether the next higher finger stands on the next lower string, a narrow half step above. */
  private boolean isCrooked(Stop low, Stop high) {
    return low.isPressed()
        && high.isPressed()
        && high.string() == low.string() + 1
        && high.finger().rank() == low.finger().rank() + 1
        && high.semitone() == low.semitone() + 1
        && geometry.spanMm(low.semitone(), high.semitone()) < NARROW_MM;
  }

  @Override
  public String reason(Moment moment, Placement at) {
    if (isFingeredOctave(at)) {
      return at.inThumbPosition()
          ? "An octave over the thumb lies on the thumb and the third finger."
          : "An octave by other fingers than 1 and 4 is a technique of its own.";
    }
    if (isCrossedOverOpen(at)) {
      return "The open string sounds under a note far up on the lower string.";
    }
    return crookedPairs(at) > 0
        ? "Two fingers stand crooked, the higher one on the lower string."
        : "Several strings are stopped at once.";
  }
}
