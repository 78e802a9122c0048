package app.fret.lefthand.moment;

import app.fret.score.Finger;
import app.fret.score.WrittenPitch;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * What is known of a note before fingers are chosen: the time it gives, what joins it to the note
 * before, and what is printed at it. All times in seconds at the target tempo.
 *
 * @param lengthSeconds how long it sounds
 * @param previousSeconds how long the note before sounded; infinite at the start
 * @param silenceSeconds rest between the note before and this one
 * @param loudness level from 1 (pppp) to 10 (ffff), between two marks of a hairpin in between
 * @param signs what else is true of it
 * @param pitches its pitches as spelled, lowest first
 * @param printed the fingers and strings printed at its heads, lowest first
 * @param ownString the string that a word or a pedal figure asks for, 1 the highest; 0 for none
 * @param chordStep how many strings higher than the note before it lies in a broken chord, less
 *     than 0 for lower ones; 0 for none
 * @param thumbBase where the thumb is assumed to rest on the strings, in semitones above them; 0
 *     for nowhere
 */
public record Moment(
    double lengthSeconds,
    double previousSeconds,
    double silenceSeconds,
    double loudness,
    Signs signs,
    List<WrittenPitch> pitches,
    List<Printed> printed,
    int ownString,
    int chordStep,
    int thumbBase) {

  /** Notes from here on can be given vibrato, in seconds (common practice, no source). */
  public static final double VIBRATO_SECONDS = 0.45;

  /** Rests from here on let the hand travel unheard, in seconds (common practice, no source). */
  static final double COVERING_REST_SECONDS = 0.15;

  private static final int PIANO = 4;
  private static final int FORTE = 7;
  private static final int MEZZO_FORTE = 6;

  /** What can be true of a note. */
  public enum Sign {
    /** The passage begins with it, or begins anew after a long rest: the hand is free. */
    FIRST,
    /** One slur holds it and the note before. */
    SLURRED,
    /** It stands under a slur. */
    IN_SLUR,
    /** A beat begins with it. */
    BEAT_START,
    /** It repeats the pitches of the note before. */
    REPEATED,
    /** It has the pitches of the note before last. */
    RETURNS,
    /** It carries a trill. */
    TRILLED,
    /** It carries a trill whose upper note lies a half step above it. */
    TRILLED_HALF,
    /** It carries a trill whose upper note lies a whole step above it. */
    TRILLED_WHOLE,
    /** It answers the note before in a trill that is written out. */
    WRITTEN_TRILL,
    /** It is long and the highest of the notes around it. */
    CLIMAX,
    /** The note before is a grace note that leads to it. */
    AFTER_GRACE,
    /** The part says to stay in position. */
    STAYS,
    /** It is plucked. */
    PLUCKED,
    /** The part asks for a natural harmonic. */
    HARMONIC,
    /** A word binds it to its own string. */
    BOUND,
    /** It is part of a pedal figure: the pedal itself or the tune beside it. */
    PEDAL,
    /** It is inside a run of three half steps or more one way. */
    CHROMATIC,
    /** It is the second note of an interval that is broken, as others are before or behind it. */
    PAIR_SECOND,
    /** It is the first note of such an interval, and another comes before it. */
    PAIR_NEXT,
    /** A figure that was there before begins again with it, on other degrees. */
    FIGURE_AGAIN,
    /** It has the letter of the note before, altered otherwise. */
    SAME_LETTER,
    /** It is altered against the key. */
    ALTERED,
    /** It is played short, off the string or clipped. */
    SHORT
  }

  /**
   * Some signs. A number instead of a set: it is asked for every pair of placements.
   *
   * @param bits one bit a sign
   */
  public record Signs(int bits) {
    /** No sign. */
    public static final Signs NONE = new Signs(0);

    /** Whether the sign is among them. */
    public boolean contain(Sign sign) {
      return (bits & 1 << sign.ordinal()) != 0;
    }

    /** These and one more. */
    public Signs with(Sign sign) {
      return new Signs(bits | 1 << sign.ordinal());
    }
  }

  /**
   * What is printed at a note head.
   *
   * @param finger printed finger
   * @param string printed string, 1 the highest
   */
  public record Printed(Optional<Finger> finger, OptionalInt string) {}

  public Moment {
    pitches = List.copyOf(pitches);
    printed = List.copyOf(printed);
  }

  /** A moment like any other, mezzo-forte: each of a run of notes of this length. */
  public static Moment of(double seconds, WrittenPitch... pitches) {
    return new Moment(
        seconds, seconds, 0, MEZZO_FORTE, Signs.NONE, List.of(pitches), List.of(), 0, 0, 0);
  }

  private Moment copy(
      double silence, double level, Signs newSigns, int string, int step, int base) {
    return new Moment(
        lengthSeconds,
        previousSeconds,
        silence,
        level,
        newSigns,
        pitches,
        printed,
        string,
        step,
        base);
  }

  /** The same moment with one more sign. */
  public Moment with(Sign sign) {
    Signs more = signs.with(sign);
    return copy(silenceSeconds, loudness, more, ownString, chordStep, thumbBase);
  }

  /** The same moment with a string of its own. */
  public Moment withOwnString(int string) {
    return copy(silenceSeconds, loudness, signs, string, chordStep, thumbBase);
  }

  /** The same moment at a place of a broken chord. */
  public Moment withChordStep(int step) {
    return copy(silenceSeconds, loudness, signs, ownString, step, thumbBase);
  }

  /** The same moment under a thumb that rests so many semitones above the open strings. */
  public Moment withThumbBase(int base) {
    return copy(silenceSeconds, loudness, signs, ownString, chordStep, base);
  }

  /** The same moment at another level. */
  public Moment withLoudness(double level) {
    return copy(silenceSeconds, level, signs, ownString, chordStep, thumbBase);
  }

  /** The same moment after a rest. */
  public Moment withSilence(double seconds) {
    return copy(seconds, loudness, signs, ownString, chordStep, thumbBase);
  }

  /**
   * This moment as a term sees it that looks at these sides only: all others are as in a plain run
   * of notes, so that moments alike in what counts are equal.
   */
  public Moment only(Facets facets) {
    return new Moment(
        facets.contain(Facet.LENGTH) ? lengthSeconds : 0,
        facets.contain(Facet.PREVIOUS) ? previousSeconds : 0,
        facets.contain(Facet.SILENCE) ? silenceSeconds : 0,
        level(facets),
        new Signs(signs.bits() & facets.signs().bits()),
        facets.contain(Facet.PITCHES) ? pitches : List.of(),
        facets.contain(Facet.PRINTED) ? printed : List.of(),
        facets.contain(Facet.OWN_STRING) ? ownString : 0,
        facets.contain(Facet.CHORD) ? chordStep : 0,
        facets.contain(Facet.THUMB) ? thumbBase : 0);
  }

  private double level(Facets facets) {
    if (facets.contain(Facet.LEVEL)) {
      return loudness;
    }
    if (facets.contain(Facet.SOFT) && isSoft()) {
      return PIANO;
    }
    return facets.contain(Facet.LOUD) && isLoud() ? FORTE : MEZZO_FORTE;
  }

  /** Whether something is true of it. */
  public boolean is(Sign sign) {
    return signs.contain(sign);
  }

  /** Whether one slur holds it and the note before. */
  public boolean slurred() {
    return signs.contain(Sign.SLURRED);
  }

  /** Time from the start of the note before to the start of this one. */
  public double sincePreviousSeconds() {
    return previousSeconds + silenceSeconds;
  }

  /** Whether the note is long enough that a player would let it vibrate. */
  public boolean isLong() {
    return lengthSeconds >= VIBRATO_SECONDS;
  }

  /** Whether the thumb is assumed to rest on the strings. */
  public boolean isOverThumb() {
    return thumbBase > 0;
  }

  /** Whether a rest before the note lets the hand travel unheard. */
  public boolean comesAfterRest() {
    return silenceSeconds >= COVERING_REST_SECONDS;
  }

  /** Whether it is to be played softly, piano or less. */
  public boolean isSoft() {
    return loudness <= PIANO;
  }

  /** Whether it is to be played loudly, forte or more. */
  public boolean isLoud() {
    return loudness >= FORTE;
  }

  /** Haste from 0 (slow) to 1 (eight notes a second) to 2 and no more (sixteen). */
  public double haste() {
    double perSecond = 1 / Math.max(sincePreviousSeconds(), 1e-3);
    return Math.max(0, Math.min(2, (perSecond - 2) / 6));
  }
}
