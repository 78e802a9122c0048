package app.fret.vibrato;

import app.fret.instrument.Instrument;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Finger;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;

/**
 * The vibrato of a passage.
 *
 * @param notes one a note, in order
 * @param conflicts long notes that cannot vibrate as they are fingered, in order
 * @param helps what helps weak fingers, in order
 */
public record VibratoPlan(List<Vibrato> notes, List<Conflict> conflicts, List<Help> helps) {
  public VibratoPlan {
    notes = List.copyOf(notes);
    conflicts = List.copyOf(conflicts);
    helps = List.copyOf(helps);
  }

  /**
   * A long note on an open string or a harmonic.
   *
   * @param note its number
   * @param what what stands against what
   * @param others works out {@link #mends()}
   */
  public record Conflict(int note, String what, Supplier<List<OtherWay>> others) {
    /** Stopped ways to take it, cheapest first, with what they cost the left hand. */
    public List<OtherWay> mends() {
      return others.get();
    }

    /** What stands against what, and what it would cost to mend it. */
    public String text() {
      List<OtherWay> mends = mends();
      return what
          + (mends.isEmpty()
              ? " No finger can stop it: let the bow swell instead."
              : " " + words(mends.get(0)));
    }

    private static String words(OtherWay way) {
      Stop top = way.stops().get(way.stops().size() - 1);
      boolean thumb = top.finger() == Finger.THUMB;
      return String.format(
          Locale.ROOT,
          "%s on string %s costs the left hand %.1f more effort.",
          thumb ? "The thumb" : "Finger " + top.finger().sign(),
          Instrument.numeral(top.string()),
          way.extraEffort());
    }
  }

  /**
   * What helps a finger to vibrate.
   *
   * @param note its number
   * @param text what helps
   */
  public record Help(int note, String text) {}
}
