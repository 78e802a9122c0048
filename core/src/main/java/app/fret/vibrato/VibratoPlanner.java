package app.fret.vibrato;

import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.PlayedNote;
import app.fret.score.Finger;
import app.fret.score.Marks;
import app.fret.shape.Phrase;
import app.fret.shape.Style;
import app.fret.vibrato.Vibrato.Need;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Plans the vibrato (common practice, no source; widths and rates are of the order of size that
 * studies of string vibrato report, from memory: 20 to 50 cents from lowest to highest, 5 to 6.5
 * swings a second, slower on the low instruments).
 */
public final class VibratoPlanner {
  private static final double SOFTEST_CENTS = 16;
  private static final double CENTS_PER_LEVEL = 3.4;
  private static final double SLOWEST_HZ = 5;
  private static final double HZ_PER_LEVEL = 0.13;
  private static final double PER_GROWN_LEVEL = 0.12;
  private static final double LEAST_END = 0.6;
  private static final double MOST_END = 1.4;

  /** A swing or two: shorter notes have no time. */
  private static final double SHORTEST_SECONDS = 0.3;

  private static final double TAIL_REST_SECONDS = 0.2;
  private static final int MOST_MENDS = 2;
  private static final Fraction ORNAMENT_TIMES_LONGER = Fraction.of(4, 3);

  private final Brief brief;
  private final LeftHandPlan leftHand;

  private VibratoPlanner(Brief brief, LeftHandPlan leftHand) {
    this.brief = brief;
    this.leftHand = leftHand;
  }

  /** The vibrato of a passage as it is fingered. */
  public static VibratoPlan plan(Brief brief, LeftHandPlan leftHand) {
    return new VibratoPlanner(brief, leftHand).plan();
  }

  private VibratoPlan plan() {
    List<Vibrato> notes = new ArrayList<>();
    List<VibratoPlan.Conflict> conflicts = new ArrayList<>();
    List<VibratoPlan.Help> helps = new ArrayList<>();
    for (NotePlan note : leftHand.notes()) {
      Need wanted = wanted(note.note());
      boolean can = canVibrate(note);
      notes.add(can ? vibrato(note.note().number(), wanted) : Vibrato.NONE);
      if (wanted == Need.MUST && !can && !note.placement().stops().isEmpty()) {
        conflicts.add(conflict(note));
      }
      if (wanted == Need.MUST && can && restsOnFour(note)) {
        helps.add(help(note));
      }
    }
    return new VibratoPlan(notes, conflicts, helps);
  }

  private Need wanted(PlayedNote note) {
    int i = note.number();
    boolean trilled = !note.marks().ornaments().isEmpty();
    double seconds = brief.timeline().lengthSeconds(i);
    boolean still = brief.reading().technique(i).isStill();
    if (trilled || still || note.isGrace() || seconds < SHORTEST_SECONDS) {
      return Need.NONE;
    }
    boolean isLong = note.length().compareTo(mustFrom()) >= 0;
    boolean dotted = note.marks().articulations().contains(Marks.Articulation.STACCATO);
    boolean isSung = isLong || brief.levels().isBroughtOut(i);
    if (isSung && !dotted && !brief.reading().technique(i).isPlucked()) {
      return Need.MUST;
    }
    return brief.levels().choices().style() == Style.CLASSICAL ? Need.NONE : Need.MAY;
  }

  /** As an ornament it waits for notes a third longer. */
  private Fraction mustFrom() {
    Fraction from = brief.levels().choices().mustFrom();
    boolean ornament = brief.levels().choices().style() == Style.CLASSICAL;
    return ornament ? from.multiply(ORNAMENT_TIMES_LONGER) : from;
  }

  private static boolean canVibrate(NotePlan note) {
    List<Stop> stops = note.placement().stops();
    return stops.stream().anyMatch(Stop::isPressed);
  }

  private Vibrato vibrato(int note, Need need) {
    if (need == Need.NONE) {
      return Vibrato.NONE;
    }
    double level = brief.levels().proposed(note);
    Phrase phrase = brief.levels().phraseOf(note);
    double factor = phrase.character().map(c -> c.vibratoFactor()).orElse(1.0);
    double width = (SOFTEST_CENTS + CENTS_PER_LEVEL * level) * factor;
    double besideViolinHz =
        Instruments.customs(brief.player().instrument().name()).vibratoBesideViolinHz();
    double rate = SLOWEST_HZ + HZ_PER_LEVEL * level + besideViolinHz;
    double end = end(note);
    boolean tail = silenceAfter(note) >= TAIL_REST_SECONDS && need == Need.MUST;
    return new Vibrato(need, width, width * end, rate, rate * Math.sqrt(end), tail);
  }

  /** How the end differs from the start: it follows the level to the next note. */
  private double end(int note) {
    boolean last = note + 1 >= brief.notes().size();
    double next =
        last || silenceAfter(note) > 0
            ? brief.levels().proposed(note) - 1
            : brief.levels().proposed(note + 1);
    double grown = next - brief.levels().proposed(note);
    return Math.max(LEAST_END, Math.min(MOST_END, 1 + PER_GROWN_LEVEL * grown));
  }

  private double silenceAfter(int note) {
    return note + 1 < brief.notes().size()
        ? brief.timeline().silenceSeconds(note + 1)
        : TAIL_REST_SECONDS;
  }

  private VibratoPlan.Conflict conflict(NotePlan note) {
    Stop stop = note.placement().stops().get(note.placement().stops().size() - 1);
    String what = stop.isHarmonic() ? "A harmonic" : "An open string";
    double seconds = brief.timeline().lengthSeconds(note.note().number());
    return new VibratoPlan.Conflict(
        note.note().number(),
        String.format(Locale.ROOT, "%s cannot vibrate for %.1f s.", what, seconds),
        () -> stopped(note));
  }

  private static List<OtherWay> stopped(NotePlan note) {
    return note.otherWays().stream()
        .filter(w -> w.stops().stream().allMatch(Stop::isPressed))
        .limit(MOST_MENDS)
        .toList();
  }

  private static boolean restsOnFour(NotePlan note) {
    List<Stop> stops = note.placement().stops();
    return stops.size() == 1 && stops.get(0).finger() == Finger.FOURTH;
  }

  private static VibratoPlan.Help help(NotePlan note) {
    return new VibratoPlan.Help(
        note.note().number(),
        "Let the third finger stand beside the fourth and ease the thumb, so that it can swing.");
  }
}
