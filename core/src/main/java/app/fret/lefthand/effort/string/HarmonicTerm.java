package app.fret.lefthand.effort.string;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.term.PlaceTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Harmonics;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import java.util.List;

/**
 * Natural harmonics: sure and ringing, but of another colour and without vibrato; unwanted inside a
 * line and less sure in haste unless the part asks for them. Higher ones speak less surely, and the
 * fifth is flat.
 *
 * <p>Unit: points, and cents for a harmonic that sounds out of tune (common practice, no source).
 */
public final class HarmonicTerm implements PlaceTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "harmonic",
          "unasked harmonics",
          "points",
          Facets.HASTE.and(Facet.LENGTH).and(Moment.Sign.HARMONIC, Moment.Sign.IN_SLUR));

  private static final double LONG = 0.40;
  private static final double IN_HASTE = 0.40;
  private static final double IN_SLUR = 0.25;
  private static final double PER_HIGHER_HARMONIC = 1.10;
  private static final double PER_CENT = 0.03;
  private static final double UNUSUAL_FINGER = 0.12;
  private static final double UNDER_FIRST = 0.60;

  private final double unasked;
  private final List<Finger> usual;

  /** The term as it is for a player. */
  public HarmonicTerm(Player player) {
    unasked = player.instrument().handling().unaskedHarmonicEffort();
    usual = player.instrument().handling().octaveHarmonicFingers();
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public double effort(Moment moment, Placement at) {
    Stop stop = at.top();
    if (!stop.isHarmonic()) {
      return 0;
    }
    Harmonics.Node node = Harmonics.of(stop);
    boolean unaskedFirst = stop.finger() == Finger.FIRST && !moment.is(Moment.Sign.HARMONIC);
    double effort = unaskedFirst ? UNDER_FIRST : 0;
    effort += node.harmonic() == 2 ? fingerEffort(stop) : 0;
    effort += PER_HIGHER_HARMONIC * (node.harmonic() - 2) + PER_CENT * Math.abs(node.cents());
    if (!moment.is(Moment.Sign.HARMONIC)) {
      effort += unasked + (moment.isLong() ? LONG : 0) + IN_HASTE * moment.haste();
      effort += moment.is(Moment.Sign.IN_SLUR) ? IN_SLUR : 0;
    }
    return effort;
  }

  private double fingerEffort(Stop stop) {
    int place = usual.indexOf(stop.finger());
    return place < 0 ? UNUSUAL_FINGER : UNUSUAL_FINGER * place / usual.size();
  }

  @Override
  public String reason(Moment moment, Placement at) {
    if (moment.is(Moment.Sign.HARMONIC)) {
      return "The part asks for a harmonic.";
    }
    return "A harmonic is sure, but rings differently and cannot vibrate.";
  }
}
