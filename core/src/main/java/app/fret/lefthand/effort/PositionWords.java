package app.fret.lefthand.effort;

import app.fret.instrument.Instrument;
import java.util.Map;

/** Names of positions as players say them: {@code third position}, {@code half position}. */
public final class PositionWords {
  private static final Map<String, String> ORDINALS =
      Map.ofEntries(
          Map.entry("1", "first"),
          Map.entry("2", "second"),
          Map.entry("3", "third"),
          Map.entry("4", "fourth"),
          Map.entry("5", "fifth"),
          Map.entry("6", "sixth"),
          Map.entry("7", "seventh"),
          Map.entry("8", "eighth"),
          Map.entry("9", "ninth"),
          Map.entry("10", "tenth"),
          Map.entry("11", "eleventh"),
          Map.entry("12", "twelfth"),
          Map.entry("13", "thirteenth"));

  private PositionWords() {}

  /** The position whose base this is, such as {@code low fifth position}. */
  public static String of(Instrument instrument, int base) {
    String[] parts = instrument.positionName(base).split(" ");
    String ordinal = ORDINALS.getOrDefault(parts[0], parts[0]);
    return (parts.length > 1 ? parts[1] + " " : "") + ordinal + " position";
  }
}
