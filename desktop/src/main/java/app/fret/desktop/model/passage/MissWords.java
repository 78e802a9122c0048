package app.fret.desktop.model.passage;

import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.MissKind;
import java.util.List;
import java.util.stream.Collectors;

/** What went wrong in a pass, for the player. */
public final class MissWords {
  private MissWords() {}

  /** One sentence, such as {@code Missed: low at 7:3, late in bar 9.} */
  public static String of(List<Miss> misses) {
    return misses.isEmpty() ? "Missed." : "Missed: " + list(misses) + ".";
  }

  /** The same without the word for it. */
  public static String list(List<Miss> misses) {
    return misses.stream().map(MissWords::one).collect(Collectors.joining(", "));
  }

  private static String one(Miss miss) {
    String kind = miss.kind() == MissKind.OTHER ? "" : miss.kind().words();
    String place = miss.spot().map(MissWords::place).orElse("");
    String words = (kind + " " + place).strip();
    return words.isEmpty() ? "somewhere" : words;
  }

  /** A place as it is kept, such as {@code 7:3}, in words. */
  public static String place(String place) {
    int colon = place.lastIndexOf(':');
    return colon < 0
        ? "in bar " + place
        : "at bar " + place.substring(0, colon) + ", note " + place.substring(colon + 1);
  }
}
