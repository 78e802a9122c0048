package app.fret.files.abc;

import app.fret.score.Passage;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A tune as read.
 *
 * @param title its title, empty when it has none
 * @param passage the music that could be read; empty when there is not one bar
 * @param problems what is no music as it stands, in order
 * @param left what is music but cannot be held, a phrase each
 * @param places by event of the passage: where its note or rest begins in the text
 * @param bars by bar of the passage: where it stands in the text
 */
public record AbcTune(
    String title,
    Optional<Passage> passage,
    List<AbcProblem> problems,
    List<String> left,
    List<Integer> places,
    List<BarPlace> bars) {
  /**
   * Where a bar stands in the text, without its lines.
   *
   * @param from index of its first character
   * @param to index behind its last
   * @param unitLength how long a plain letter is in it
   */
  public record BarPlace(int from, int to, Fraction unitLength) {}

  public AbcTune {
    problems = List.copyOf(problems);
    left = List.copyOf(left);
    places = List.copyOf(places);
    bars = List.copyOf(bars);
  }
}
