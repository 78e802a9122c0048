package app.fret.lefthand.effort.shift;

import app.fret.instrument.HandFrame;
import app.fret.instrument.Instrument;
import app.fret.lefthand.hand.Placement;
import java.util.Map;

/** Names of positions as players say them: {@code third position}, {@code half position}. */
public final class PositionWords {
  private static final Map<String, String> ORDINALS =
      Map.ofEntries(
          Map.entry("1", "first"),
          Map.entry("2½", "second-and-a-half"),
          Map.entry("3½", "third-and-a-half"),
          Map.entry("5½", "fifth-and-a-half"),
          Map.entry("6½", "sixth-and-a-half"),
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

  private static final int OCTAVE = 12;

  private PositionWords() {}

  /** The position of a hand, such as {@code low fifth position}. */
  public static String of(Instrument instrument, Placement at) {
    return of(instrument, at.base(), at.frame());
  }

  /** The position of a hand of this shape on this base. */
  public static String of(Instrument instrument, int base, HandFrame frame) {
    if (frame.region() == HandFrame.Region.THUMB) {
      return "thumb position, " + fromOctave(base);
    }
    String[] parts = instrument.positionName(base, frame).split(" ");
    String ordinal = ORDINALS.getOrDefault(parts[0], parts[0]);
    return (parts.length > 1 ? parts[1] + " " : "") + ordinal + " position";
  }

  /** Where a thumb lies, counted from half the string, which every player can find. */
  private static String fromOctave(int base) {
    int steps = base - OCTAVE;
    if (steps == 0) {
      return "the thumb at half the string";
    }
    String count = Math.abs(steps) + (Math.abs(steps) == 1 ? " half step " : " half steps ");
    return "the thumb " + count + (steps > 0 ? "above" : "below") + " half the string";
  }
}
