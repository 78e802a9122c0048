package app.fret.score;

import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What is printed over and under the staff at a time, not at a note.
 *
 * @param dynamics loudness marks, in order
 * @param hairpins growing and fading wedges, in order of their starts
 * @param words other words, in order
 * @param tempos tempo marks with a figure, in order
 * @param rehearsals rehearsal marks, in order
 * @param octaveShifts octave lines, in order of their starts
 */
public record Directions(
    List<Dynamic> dynamics,
    List<Hairpin> hairpins,
    List<Words> words,
    List<TempoMark> tempos,
    List<Rehearsal> rehearsals,
    List<OctaveShift> octaveShifts) {

  /** Nothing printed. */
  public static final Directions NONE =
      new Directions(List.of(), List.of(), List.of(), List.of(), List.of(), List.of());

  public Directions {
    dynamics = List.copyOf(dynamics);
    hairpins = List.copyOf(hairpins);
    words = List.copyOf(words);
    tempos = List.copyOf(tempos);
    rehearsals = List.copyOf(rehearsals);
    octaveShifts = List.copyOf(octaveShifts);
  }

  /**
   * A loudness mark.
   *
   * @param onset when
   * @param sign the letters, such as {@code mf}, {@code sfz} or {@code fp}
   */
  public record Dynamic(Fraction onset, String sign) {}

  /**
   * A wedge.
   *
   * @param from when it starts
   * @param to when it ends
   * @param growing louder when true, softer when false
   */
  public record Hairpin(Fraction from, Fraction to, boolean growing) {}

  /**
   * Words.
   *
   * @param onset when
   * @param text the words
   * @param above whether they stand over the staff
   */
  public record Words(Fraction onset, String text, boolean above) {
    /** The sign that a player goes back to, as text. */
    public static final String SEGNO = "\uD834\uDD0B";

    /** The sign of the closing section, as text. */
    public static final String CODA = "\uD834\uDD0C";
  }

  /**
   * A tempo mark with a figure.
   *
   * @param onset when
   * @param tempo the figure
   */
  public record TempoMark(Fraction onset, Tempo tempo) {}

  /**
   * A rehearsal mark.
   *
   * @param onset when
   * @param text letter or number
   */
  public record Rehearsal(Fraction onset, String text) {}

  /**
   * An octave line: the notes are printed that many octaves away from their pitch.
   *
   * @param from when it starts
   * @param to when it ends
   * @param octaves octaves the pitch lies above the printed place, -2 to 2, not 0
   */
  public record OctaveShift(Fraction from, Fraction to, int octaves) {
    public OctaveShift {
      if (octaves == 0 || Math.abs(octaves) > 3) {
        throw new IllegalArgumentException("an octave line over " + octaves + " octaves");
      }
    }
  }
}
