package app.fret.files;

import java.util.List;

/** An opened score, of whatever format: its parts by name, each of which can be read. */
public interface Score {
  /** Where it lies, for messages. */
  ScorePlace place();

  /** Names of the parts in score order; a part without a name is called by its number. */
  List<String> partNames();

  /** The title the score gives itself, else the file's name without its ending. */
  String title();

  /**
   * Reads a part.
   *
   * @param part index of the part, from 0
   * @throws ScoreRejectedException naming part and bar when it cannot be read
   */
  ReadPassage read(int part) throws ScoreRejectedException;

  /** Whether its parts sound together, as those of a score do; tunes of one file do not. */
  default boolean soundsTogether() {
    return true;
  }

  /**
   * The part that a player of this instrument most likely means: the first whose name holds the
   * instrument's in Italian, French, German or English, else the first of all.
   */
  default int likelyPart(String instrument) {
    List<String> names = partNames();
    for (int i = 0; i < names.size(); i++) {
      if (PartNames.instrumentOf(names.get(i)).filter(instrument::equals).isPresent()) {
        return i;
      }
    }
    return 0;
  }

  /**
   * The part with this number, from 1, or with this name.
   *
   * @throws ScoreRejectedException when there is none, naming those there are
   */
  default int partOf(String numberOrName) throws ScoreRejectedException {
    List<String> names = partNames();
    for (int i = 0; i < names.size(); i++) {
      if (names.get(i).equalsIgnoreCase(numberOrName)
          || String.valueOf(i + 1).equals(numberOrName)) {
        return i;
      }
    }
    throw new ScoreRejectedException(
        place(),
        "it has no part '"
            + PlainWords.quoted(numberOrName)
            + "'; its parts are "
            + String.join(", ", names));
  }
}
