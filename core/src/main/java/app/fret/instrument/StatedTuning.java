package app.fret.instrument;

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
   * An instrument tuned so.
   *
   * @throws IllegalArgumentException when the part names a string that the instrument lacks
   */
  public Instrument on(Instrument instrument) {
    List<OpenString> strings = new ArrayList<>(instrument.strings());
    soundingByString.forEach(
        (string, pitch) -> {
          if (string < 1 || string > strings.size()) {
            throw new IllegalArgumentException(
                "the part tunes string "
                    + string
                    + ", and the "
                    + instrument.name()
                    + " has "
                    + strings.size()
                    + "; choose another instrument or part");
          }
          OpenString tuned = OpenString.sounding(pitch);
          if (!tuned.pitch().equals(strings.get(string - 1).pitch())) {
            strings.set(string - 1, tuned);
          }
        });
    return strings.equals(instrument.strings()) ? instrument : instrument.withStrings(strings);
  }

  /**
   * What to say of it beside the plan.
   *
   * @param ownTuning whether the player has said how they tune, which goes before the part
   * @return empty when the part says nothing
   */
  public Optional<String> remark(boolean ownTuning) {
    if (soundingByString.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        "the part tunes "
            + words()
            + (ownTuning ? "; planned for your own tuning" : ", and is planned so"));
  }

  /** For example {@code string I to D5, string IV to A3}. */
  public String words() {
    List<String> words = new ArrayList<>();
    soundingByString.forEach(
        (string, pitch) -> words.add("string " + Instrument.numeral(string) + " to " + pitch));
    return String.join(", ", words);
  }
}
