package app.fret.files.musicxml;

import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.audiveris.proxymusic.PartName;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.Work;

/** An opened score: its parts by name, each of which can be read as a passage. */
public final class ScoreFile {
  private final ScorePlace place;
  private final ScorePartwise score;

  ScoreFile(ScorePlace place, ScorePartwise score) throws ScoreRejectedException {
    this.place = place;
    this.score = score;
    if (score.getPart().isEmpty()) {
      throw new ScoreRejectedException(place, "it holds no part");
    }
  }

  /** Names of the parts in score order; a part without a name is called by its number. */
  public List<String> partNames() {
    List<String> names = new ArrayList<>();
    for (int i = 0; i < score.getPart().size(); i++) {
      names.add(nameOf(i));
    }
    return names;
  }

  private String nameOf(int part) {
    Object id = score.getPart().get(part).getId();
    Optional<String> name =
        id instanceof ScorePart named
            ? Optional.ofNullable(named.getPartName()).map(PartName::getValue)
            : Optional.empty();
    return name.map(String::strip).filter(n -> !n.isEmpty()).orElse("part " + (part + 1));
  }

  /** The title the score gives itself, else the file's name without its ending. */
  public String title() {
    Optional<String> work = Optional.ofNullable(score.getWork()).map(Work::getWorkTitle);
    return work.filter(t -> !t.isBlank())
        .or(() -> Optional.ofNullable(score.getMovementTitle()).filter(t -> !t.isBlank()))
        .map(String::strip)
        .orElse(place.file().replaceFirst("\\.[A-Za-z]+$", ""));
  }

  /**
   * The part that a player of this instrument most likely means: the first whose name holds the
   * instrument's, else the first of all.
   */
  public int likelyPart(String instrument) {
    List<String> names = partNames();
    for (int i = 0; i < names.size(); i++) {
      if (names.get(i).toLowerCase(Locale.ROOT).contains(instrument)) {
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
  public int partOf(String numberOrName) throws ScoreRejectedException {
    List<String> names = partNames();
    for (int i = 0; i < names.size(); i++) {
      if (names.get(i).equalsIgnoreCase(numberOrName)
          || String.valueOf(i + 1).equals(numberOrName)) {
        return i;
      }
    }
    throw new ScoreRejectedException(
        place, "it has no part '" + numberOrName + "'; its parts are " + String.join(", ", names));
  }

  /**
   * Reads a part.
   *
   * @param part index of the part, from 0
   * @throws ScoreRejectedException naming part and bar when its bars do not add up
   */
  public ReadPassage read(int part) throws ScoreRejectedException {
    Skipped skipped = new Skipped();
    for (int other = 0; other < score.getPart().size(); other++) {
      if (other != part) {
        skipped.add("part " + (other + 1) + ", " + nameOf(other));
      }
    }
    String name = nameOf(part);
    return new PartReader(score.getPart().get(part), place.inPart(name), title(), name, skipped)
        .read();
  }
}
