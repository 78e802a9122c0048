package app.fret.reading.traps;

import java.util.Locale;

/**
 * Something on the page that is easily misread.
 *
 * @param kind what it is
 * @param note number of the note where it bites
 * @param text what it is and what it does to the fingers or the count, a plain sentence
 */
public record Trap(Kind kind, int note, String text) {
  /** Kinds of trap, in the order in which several at one note are told. */
  public enum Kind {
    /** An accidental from earlier in the bar still holds. */
    ACCIDENTAL_HOLDS,
    /** The bar line has taken an accidental away. */
    ACCIDENTAL_CANCELLED,
    /** A note differs from what the signature says. */
    ALTERED_AGAINST_KEY,
    /** The seventh degree of a minor key is raised. */
    RAISED_LEADING_NOTE,
    /** The clef changes. */
    CLEF_CHANGE,
    /** The notes sound an octave away from where they are printed. */
    OCTAVE_SIGN,
    /** A tie and a slur stand so close that one looks like the other. */
    TIE_BESIDE_SLUR,
    /** The metre changes. */
    METRE_CHANGE,
    /** The signature changes. */
    KEY_CHANGE,
    /** The bar is grouped otherwise. */
    GROUPING_CHANGE,
    /** A rest that has to be counted. */
    LONG_REST,
    /** A bar is nearly as an earlier one. */
    REPEAT_DIFFERS,
    /** Dots under a slur. */
    SAME_DIRECTION_DOTS,
    /** From the bow to the finger or back. */
    PLUCKED_CHANGE,
    /** Notes that may be for several players. */
    DIVIDED,
    /** A word that is not known. */
    UNKNOWN_WORD,
    /** Quick notes come out of a long one. */
    FAST_AFTER_LONG,
    /** Even notes run towards a change and are hurried. */
    BEFORE_TEXTURE_CHANGE,
    /** An ornament. */
    GRACE_OR_TRILL,
    /** A word for slowing down where the note values do it anyway. */
    SLOWER_WORD,
    /** Triplets beside even notes. */
    TUPLET_BESIDE_EIGHTHS,
    /** A figure that begins elsewhere in the beat each time. */
    PATTERN_DISPLACED,
    /** A printed finger that means a shift; known only with the hand. */
    FINGER_SHIFT,
    /** A word to stay in position. */
    RESTEZ,
    /** A word that the signs over the notes contradict. */
    WORD_AGAINST_MARK,
    /** The order of the strings turns against the beat; known only with the bow. */
    PATTERN_FLIPS;

    /** Its name in files, such as {@code accidental-holds}. */
    public String id() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }
}
