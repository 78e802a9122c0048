package app.fret.shape;

import app.fret.reading.Reading;
import app.fret.time.Occasion;
import app.fret.time.Timeline;
import java.util.List;

/**
 * How loud each note is, from 1 (pppp) to 10 (ffff): as printed, and as proposed between the marks.
 *
 * <p>Immutable.
 */
public final class Levels {
  private final double[] printed;
  private final double[] proposed;
  private final List<Phrase> phrases;
  private final int[] phraseOf;
  private final ShapeChoices choices;
  private final Occasion occasion;

  Levels(
      double[] printed,
      double[] proposed,
      List<Phrase> phrases,
      ShapeChoices choices,
      Occasion occasion) {
    this.printed = printed;
    this.proposed = proposed;
    this.phrases = List.copyOf(phrases);
    this.choices = choices;
    this.occasion = occasion;
    this.phraseOf = new int[printed.length];
    for (int i = 0; i < phrases.size(); i++) {
      for (int n = phrases.get(i).firstNote(); n <= phrases.get(i).lastNote(); n++) {
        phraseOf[n] = i;
      }
    }
  }

  /**
   * The levels of a passage under the player's choices.
   *
   * @param occasion what it is prepared for: in the section swells are smaller, and in an audition
   *     what is soft does not sink below its mark
   */
  public static Levels of(
      Reading reading, Timeline timeline, ShapeChoices choices, Occasion occasion) {
    return new Proposals(reading, timeline, choices, occasion).levels();
  }

  /** The printed level of a note. */
  public double printed(int note) {
    return printed[note];
  }

  /** The level it is to be played at. */
  public double proposed(int note) {
    return proposed[note];
  }

  /** The phrases, in order; every note is in one. */
  public List<Phrase> phrases() {
    return phrases;
  }

  /** The phrase of a note. */
  public Phrase phraseOf(int note) {
    return phrases.get(phraseOf[note]);
  }

  /** Whether a note is the peak of its phrase. */
  public boolean isPeak(int note) {
    return !phraseOf(note).isLevel() && phraseOf(note).peak() == note;
  }

  /** What it is prepared for. */
  public Occasion occasion() {
    return occasion;
  }

  /** What the player decided. */
  public ShapeChoices choices() {
    return choices;
  }
}
