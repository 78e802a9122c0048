package app.fret.score;

import java.util.Map;

/**
 * A clef.
 *
 * @param sign its shape
 * @param line staff line it names, 1 the lowest to 5
 * @param octaves octave sign at the clef, -2 to 2, 0 for none
 */
public record Clef(Sign sign, int line, int octaves) {
  /** Shapes of clef in use for string instruments. */
  public enum Sign {
    G("G4"),
    F("F3"),
    C("C4");

    private final WrittenPitch named;

    Sign(String named) {
      this.named = WrittenPitch.parse(named);
    }
  }

  public static final Clef TREBLE = new Clef(Sign.G, 2, 0);
  public static final Clef ALTO = new Clef(Sign.C, 3, 0);
  public static final Clef TENOR = new Clef(Sign.C, 4, 0);
  public static final Clef BASS = new Clef(Sign.F, 4, 0);

  /** The clefs that have names of their own. */
  public static final Map<String, Clef> NAMED =
      Map.of("treble", TREBLE, "alto", ALTO, "tenor", TENOR, "bass", BASS);

  public Clef {
    if (line < 1 || line > 5 || Math.abs(octaves) > 2) {
      throw new IllegalArgumentException(
          "a " + sign + " clef on line " + line + " with octave sign " + octaves);
    }
  }

  /** Letter step of the bottom line: see {@link WrittenPitch#staffStep()}. */
  public int bottomLineStep() {
    return sign.named.staffStep() + 7 * octaves - 2 * (line - 1);
  }
}
