package app.fret.files.musicxml;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;

/**
 * What a part says its open strings sound.
 *
 * @param soundingByString pitch such as {@code D5} by number of the string, 1 the highest; strings
 *     that are not named sound as usual
 */
public record StatedTuning(SortedMap<Integer, String> soundingByString) {
  /** Nothing is said: the strings sound as usual. */
  public static final StatedTuning NONE = new StatedTuning(new TreeMap<>());

  public StatedTuning {
    soundingByString = new TreeMap<>(soundingByString);
  }

  /**
   * The open strings of an instrument tuned so, string I first.
   *
   * @param usual what its strings sound otherwise, string I first
   * @return empty when the part says nothing of them
   * @throws IllegalArgumentException when the part names a string that the instrument lacks
   */
  public Optional<List<String>> on(List<String> usual) {
    if (soundingByString.isEmpty()) {
      return Optional.empty();
    }
    List<String> strings = new ArrayList<>(usual);
    for (int string : soundingByString.keySet()) {
      if (string < 1 || string > usual.size()) {
        throw new IllegalArgumentException(
            "the part tunes string "
                + string
                + ", and there are "
                + usual.size()
                + "; choose another instrument or part");
      }
      strings.set(string - 1, soundingByString.get(string));
    }
    return strings.equals(usual) ? Optional.empty() : Optional.of(strings);
  }

  /** For example {@code I D5, IV A3}. */
  public String words() {
    List<String> words = new ArrayList<>();
    soundingByString.forEach((string, pitch) -> words.add("string " + string + " = " + pitch));
    return String.join(", ", words);
  }
}
