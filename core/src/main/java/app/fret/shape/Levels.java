package app.fret.shape;

import app.fret.reading.Reading;
import app.fret.score.Span;
import app.fret.time.Occasion;
import app.fret.time.Timeline;
import java.util.Arrays;
import java.util.List;
import java.util.Set;

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
  private final Set<Integer> broughtOut;
  private final ShapeChoices choices;
  private final Occasion occasion;

  Levels(
      double[] printed,
      double[] proposed,
      List<Phrase> phrases,
      Set<Integer> broughtOut,
      ShapeChoices choices,
      Occasion occasion) {
    this.broughtOut = Set.copyOf(broughtOut);
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

  /** The level at which a note is asked: printed, or by the player. */
  public double printed(int note) {
    return printed[note];
  }

  /** Whether every note is asked at the same level as there, whatever is proposed between. */
  public boolean asksAs(Levels other) {
    return Arrays.equals(printed, other.printed);
  }

  /** Whether every note is to be played at the same level as there. */
  public boolean soundsAs(Levels other) {
    return Arrays.equals(proposed, other.proposed);
  }

  /** The level it is to be played at. */
  public double proposed(int note) {
    return proposed[note];
  }

  /** The phrases, in order; every note is in one. */
  public List<Phrase> phrases() {
    return phrases;
  }

  /** The notes of each phrase, in order. */
  public List<Span> spans() {
    return phrases.stream().map(Phrase::span).toList();
  }

  /** The phrase of a note. */
  public Phrase phraseOf(int note) {
    return phrases.get(phraseOf[note]);
  }

  /** Whether a note is the peak of its phrase. */
  public boolean isPeak(int note) {
    return !phraseOf(note).isLevel() && phraseOf(note).peak() == note;
  }

  /** Whether the player wants a note brought out. */
  public boolean isBroughtOut(int note) {
    return broughtOut.contains(note);
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
