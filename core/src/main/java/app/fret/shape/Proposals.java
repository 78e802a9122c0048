package app.fret.shape;

import app.fret.reading.Form;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Bar;
import app.fret.time.Occasion;
import app.fret.time.Timeline;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * What is proposed between the printed marks, note by note (common practice, no source; how much is
 * Fret's own). A proposal never goes further than a level from what is printed, so that a printed
 * mark is always heard.
 */
final class Proposals {
  private static final double SOFTEST = 1;
  private static final double LOUDEST = 10;
  private static final double MOST = 1;
  private static final double SMALLER_SWELLS = 0.6;
  private static final double PIANO = 4;
  private static final double TO_THE_PEAK = 0.8;

  /** Where the part itself grows or fades by a level, only so much of the arch is added. */
  private static final double BESIDE_HAIRPIN = 0.35;

  private static final double TAPER = 0.6;
  private static final double TAPER_SECONDS = 0.8;
  private static final double UPBEAT = 0.4;
  private static final double UNDER = 0.8;
  private static final double ECHO = 0.7;
  private static final int BARS_OF_RETURN = 2;
  private static final double LOW_LINE = 0.6;
  private static final double LEAN = 0.4;
  private static final double BROUGHT_OUT = 1;
  private static final double FORTE = 7;
  private static final double FORTISSIMO = 8;

  /** In classical music forte leaves a step: so much below. */
  private static final double STEP = 0.5;

  private final Reading reading;
  private final Timeline timeline;
  private final ShapeChoices choices;
  private final Occasion occasion;
  private final List<Phrase> phrases;
  private final double[] printed;
  private final double[] added;
  private final Set<Integer> broughtOut;

  Proposals(Reading reading, Timeline timeline, ShapeChoices choices, Occasion occasion) {
    this.occasion = occasion;
    this.reading = reading;
    this.timeline = timeline;
    this.choices = choices;
    int count = reading.notes().size();
    this.printed = new double[count];
    this.added = new double[count];
    this.broughtOut = choices.own().broughtOut(reading.places());
    for (int i = 0; i < count; i++) {
      printed[i] = choices.own().levelOf(i, reading.places()).map(given(i)).orElse(printed(i));
    }
    this.phrases = new Peaks(reading, timeline, choices, printed).phrases();
  }

  /** Of a hairpin the level at a note's place in time. */
  private Function<OwnMarks.Given, Double> given(int note) {
    return given -> {
      double start = timeline.startSeconds(given.first());
      double whole = timeline.startSeconds(given.last()) - start;
      double share = whole > 0 ? (timeline.startSeconds(note) - start) / whole : 1;
      return given.level().from() + share * (given.level().to() - given.level().from());
    };
  }

  private double printed(int note) {
    double level = reading.level(note);
    boolean steps = choices.style() == Style.CLASSICAL && level >= FORTE && level < FORTISSIMO;
    return steps ? level - STEP * (FORTISSIMO - level) : level;
  }

  Levels levels() {
    for (Phrase phrase : phrases) {
      if (choices.has(Proposal.RISING_GROWS) && !phrase.isLevel()) {
        arch(phrase);
      }
      if (choices.has(Proposal.ENDS_TAPER)) {
        taper(phrase);
      }
      if (choices.has(Proposal.LIGHT_UPBEATS)) {
        lightenUpbeat(phrase);
      }
    }
    if (choices.has(Proposal.VOICE_UNDER)) {
      putVoicesUnder();
    }
    if (choices.has(Proposal.REPEAT_DIFFERS)) {
      softenReturns(true);
    }
    if (choices.has(Proposal.RETURN_SOFTER)) {
      softenReturns(false);
    }
    if (choices.has(Proposal.LOW_LINE)) {
      LowLine.of(reading).forEach((note, height) -> added[note] += LOW_LINE * height);
    }
    if (choices.has(Proposal.BEATS_LEAN)) {
      leanOnBeats();
    }
    bringOut();
    double[] proposed = new double[printed.length];
    for (int i = 0; i < proposed.length; i++) {
      proposed[i] = Math.max(SOFTEST, Math.min(LOUDEST, printed[i] + allowed(i)));
    }
    return new Levels(printed, proposed, phrases, broughtOut, choices, occasion);
  }

  /** What the player wants heard stands out of its phrase, whatever the phrase does there. */
  private void bringOut() {
    broughtOut.forEach(i -> added[i] = BROUGHT_OUT);
  }

  /** What may be added to a note: within a level, and as the occasion asks. */
  private double allowed(int note) {
    double most = occasion == Occasion.SECTION ? MOST * SMALLER_SWELLS : MOST;
    if (broughtOut.contains(note)) {
      return added[note];
    }
    double scaled = occasion == Occasion.SECTION ? added[note] * SMALLER_SWELLS : added[note];
    double least = occasion == Occasion.AUDITION && printed[note] <= PIANO ? 0 : -most;
    return Math.max(least, Math.min(most, scaled));
  }

  /** Grows evenly in time up to the peak and comes back from it. */
  private void arch(Phrase phrase) {
    double start = timeline.startSeconds(phrase.firstNote());
    double peak = timeline.startSeconds(phrase.peak());
    double end = timeline.startSeconds(phrase.lastNote());
    for (int i = phrase.firstNote(); i <= phrase.lastNote(); i++) {
      double now = timeline.startSeconds(i);
      double way =
          now <= peak ? share(now - start, peak - start) : 1 - share(now - peak, end - peak);
      added[i] += TO_THE_PEAK * way * beside(phrase);
    }
  }

  /** How far along, 0 to 1, with an easy start and end. */
  private static double share(double of, double whole) {
    if (whole <= 0) {
      return 1;
    }
    double even = of / whole;
    return even * even * (3 - 2 * even);
  }

  private double beside(Phrase phrase) {
    double least = LOUDEST;
    double most = SOFTEST;
    for (int i = phrase.firstNote(); i <= phrase.lastNote(); i++) {
      least = Math.min(least, printed[i]);
      most = Math.max(most, printed[i]);
    }
    return most - least >= 1 ? BESIDE_HAIRPIN : 1;
  }

  /** The notes of the last moments, but for a phrase that ends on its loudest or with an accent. */
  private void taper(Phrase phrase) {
    int last = phrase.lastNote();
    boolean accented = !reading.notes().get(last).marks().articulations().isEmpty();
    if (phrase.peak() == last || accented || phrase.firstNote() == last) {
      return;
    }
    double end = timeline.endSeconds(last);
    for (int i = phrase.firstNote() + 1; i <= last; i++) {
      double left = end - timeline.startSeconds(i);
      boolean near = left <= TAPER_SECONDS || i == last;
      if (near && i != phrase.peak()) {
        added[i] -= i == last ? TAPER : TAPER / 2;
      }
    }
  }

  /** What comes before the first beat of a phrase that begins with an upbeat. */
  private void lightenUpbeat(Phrase phrase) {
    for (int i = phrase.firstNote(); i <= phrase.lastNote(); i++) {
      PlayedNote note = reading.notes().get(i);
      Bar bar = reading.passage().bars().get(note.bar());
      boolean downbeat = !note.isGrace() && bar.placeInMetre(note.onset()).signum() == 0;
      if (downbeat || i == phrase.peak()) {
        return;
      }
      double left = bar.end().subtract(note.onset()).doubleValue();
      boolean isUpbeat = 2 * left <= bar.metre().barLength().doubleValue();
      if (!isUpbeat) {
        return;
      }
      added[i] -= UPBEAT;
    }
  }

  /** A pitch that comes back under or over a tune that moves, on every other note. */
  private void putVoicesUnder() {
    for (int i = 2; i + 2 < added.length; i++) {
      boolean stays = pitch(i) == pitch(i - 2) && pitch(i) == pitch(i + 2);
      boolean moves = pitch(i - 1) != pitch(i + 1) && pitch(i - 1) != pitch(i);
      boolean even =
          timeline.lengthSeconds(i) == timeline.lengthSeconds(i - 1)
              && timeline.lengthSeconds(i) == timeline.lengthSeconds(i + 1);
      if (stays && moves && even) {
        added[i] -= UNDER;
      }
    }
  }

  private int pitch(int note) {
    var heads = reading.notes().get(note).notes();
    return heads.get(heads.size() - 1).written().semitone();
  }

  /**
   * Stretches that sound as they did before.
   *
   * @param atOnce those right behind the bars they repeat, as an echo, or those that come back
   *     after something else, two bars and more
   */
  private void softenReturns(boolean atOnce) {
    for (Form.Return back : reading.returns()) {
      int bars = back.lastBar() - back.firstBar() + 1;
      boolean follows = back.earlierBar() + bars == back.firstBar();
      boolean isMeant =
          atOnce
              ? back.kind() == Form.Kind.EQUAL && follows
              : back.soundsAlike() && !follows && bars >= BARS_OF_RETURN;
      for (PlayedNote note : reading.notes()) {
        if (isMeant && note.bar() >= back.firstBar() && note.bar() <= back.lastBar()) {
          added[note.number()] -= ECHO;
        }
      }
    }
  }

  private void leanOnBeats() {
    for (PlayedNote note : reading.notes()) {
      int i = note.number();
      boolean isFirst = reading.beats().begins(i) && reading.beats().beatOf(i) == 0;
      added[i] += isFirst ? LEAN : reading.beats().begins(i) ? 0 : -LEAN / 2;
    }
  }
}
