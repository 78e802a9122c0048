package app.fret.harmony;

import org.apache.commons.numbers.fraction.Fraction;

/**
 * A chord over a stretch of the music.
 *
 * @param onset when it begins, from the start of the passage
 * @param end when it ends
 * @param bar index of the bar it begins in
 * @param firstNote number of the first note that begins in it
 * @param lastNote number of the last
 * @param chord what it is
 * @param degree its degree in the key, such as {@code V7}
 * @param sureness how much of what sounds belongs to it, 0 to 1, by length and weight
 */
public record Harmony(
    Fraction onset,
    Fraction end,
    int bar,
    int firstNote,
    int lastNote,
    Chord chord,
    String degree,
    double sureness) {}
