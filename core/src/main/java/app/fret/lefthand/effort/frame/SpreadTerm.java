package app.fret.lefthand.effort.frame;

import app.fret.instrument.HandFrame;
import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.effort.term.MoveLook;
import app.fret.lefthand.effort.term.MoveTerm;
import app.fret.lefthand.effort.term.TermHeader;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Spans;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Facet;
import app.fret.lefthand.moment.Facets;
import app.fret.lefthand.moment.Moment;
import app.fret.score.Finger;
import java.util.List;
import java.util.Locale;

/**
 * Spread: two fingers in a row under a still hand that stand further apart than they lie at ease,
 * such as third and fourth a whole tone apart. Beyond what they open to at all, the hand moves
 * without calling it a shift.
 *
 * <p>Unit: share of the pair's comfortable span (common practice, no source). Silent in thumb
 * position, whose shapes are set before landing.
 */
public final class SpreadTerm implements MoveTerm {
  private static final TermHeader HEADER =
      new TermHeader(
          "spread", "spread fingers", "share of span", Facets.of(Facet.SILENCE), MoveLook.FINGERS);

  private static final int FINGERS = Finger.values().length;
  private static final double PER_SHARE = 0.70;
  private static final double BEYOND_THE_HAND = 0.80;

  private final StringGeometry geometry;
  private final Spans spans;
  private final int highest;
  private final List<HandFrame> frames;

  /**
   * Where the frame is closed the first finger opens it by custom, as far as the widest shape goes;
   * the stretch is paid for.
   */
  private final boolean opensFirst;

  private final double[][] efforts;

  /** The term as it is for a player. */
  public SpreadTerm(Player player) {
    Instrument instrument = player.instrument();
    geometry = instrument.geometry();
    spans = new Spans(player);
    frames = instrument.frames();
    highest = instrument.highestSemitone();
    opensFirst = !instrument.handling().lettersHaveFingers();
    efforts = new double[FINGERS * FINGERS][];
    for (Finger lower : Finger.values()) {
      for (Finger upper : Finger.values()) {
        if (lower != Finger.OPEN && lower.rank() < upper.rank()) {
          efforts[lower.ordinal() * FINGERS + upper.ordinal()] = table(lower, upper);
        }
      }
    }
  }

  /** Efforts of one pair of fingers by their places: powers are dear, and pairs are asked often. */
  private double[] table(Finger lower, Finger upper) {
    int byCustom = opensFirst && lower == Finger.FIRST ? widestOrdinary(upper) : 0;
    double[] table = new double[(highest + 1) * (highest + 1)];
    for (int from = 1; from <= highest; from++) {
      for (int to = from + 1; to <= highest; to++) {
        double spanMm = geometry.spanMm(from, to);
        double share = spanMm / spans.comfortableMm(lower, from, upper) - 1;
        double beyond = spanMm > spans.greatestMm(lower, upper) ? BEYOND_THE_HAND : 0;
        table[from * (highest + 1) + to] =
            (to - from <= byCustom ? 0 : PER_SHARE * Math.max(0, share)) + beyond;
      }
    }
    return table;
  }

  /** Semitones from the first finger to another in the widest shape of the hand on the neck. */
  private int widestOrdinary(Finger upper) {
    return frames.stream()
        .filter(f -> f.region() == HandFrame.Region.NECK)
        .flatMap(f -> f.of(upper).stream())
        .filter(r -> r.use() == HandFrame.Use.ORDINARY)
        .mapToInt(HandFrame.Reach::offset)
        .max()
        .orElse(0);
  }

  @Override
  public TermHeader header() {
    return HEADER;
  }

  @Override
  public boolean canSpeak(Moment moment, boolean handTravels, boolean stringChanges) {
    return !handTravels && !moment.comesAfterRest();
  }

  @Override
  public double effort(Moment moment, Placement from, Placement to) {
    boolean together = from.isSingle() && to.isSingle() && from.hand() == to.hand();
    if (!together || moment.comesAfterRest() || from.inThumbPosition() || to.inThumbPosition()) {
      return 0;
    }
    Stop one = from.top();
    Stop other = to.top();
    return one.finger().rank() < other.finger().rank() ? of(one, other) : of(other, one);
  }

  private double of(Stop lower, Stop upper) {
    boolean apart = lower.isPressed() && upper.isPressed() && lower.place() < upper.place();
    if (!apart || lower.place() < 1 || lower.finger() == upper.finger()) {
      return 0;
    }
    double[] table = efforts[lower.finger().ordinal() * FINGERS + upper.finger().ordinal()];
    return table[lower.place() * (highest + 1) + upper.place()];
  }

  @Override
  public String reason(Moment moment, Placement from, Placement to) {
    return String.format(
        Locale.ROOT,
        "Fingers %s and %s stand %.0f mm apart, wider than they rest.",
        from.top().finger().sign(),
        to.top().finger().sign(),
        geometry.spanMm(from.top().place(), to.top().place()));
  }
}
