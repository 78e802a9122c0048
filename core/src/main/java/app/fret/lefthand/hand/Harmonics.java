package app.fret.lefthand.hand;

import java.util.ArrayList;
import java.util.List;

/**
 * Natural harmonics of a string.
 *
 * <p>Harmonic n is touched at k/n of the string, k and n without common factor, and sounds n times
 * the open string. Source: the mathematics of the vibrating string.
 */
public final class Harmonics {
  private static final double SEMITONES_PER_OCTAVE = 12;
  private static final int HIGHEST = 5;

  /** All nodes of the second to fifth harmonic. */
  public static final List<Node> NODES = nodes();

  /**
   * A place to touch.
   *
   * @param harmonic number of the harmonic, 2 for the octave
   * @param part which of its nodes, counted from the nut
   */
  public record Node(int harmonic, int part) {
    /** What sounds, to the nearest semitone above the open string. */
    public int soundingSemitone() {
      return (int) Math.rint(semitones(harmonic));
    }

    /** How far it sounds from equal temperament, in cents. */
    public double cents() {
      return 100 * (semitones(harmonic) - soundingSemitone());
    }

    /** Where it is touched, in semitones above the open string, not rounded. */
    public double touchedSemitones() {
      return semitones((double) harmonic / (harmonic - part));
    }

    /** Where it is touched, to the nearest semitone. */
    public int touchedAt() {
      return (int) Math.rint(touchedSemitones());
    }
  }

  private Harmonics() {}

  /** The node a stop touches. */
  public static Node of(Stop harmonic) {
    return NODES.stream()
        .filter(n -> n.soundingSemitone() == harmonic.semitone())
        .filter(n -> n.touchedAt() == harmonic.touchedAt())
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("no harmonic: " + harmonic));
  }

  private static double semitones(double ratio) {
    return SEMITONES_PER_OCTAVE * Math.log(ratio) / Math.log(2);
  }

  private static List<Node> nodes() {
    List<Node> nodes = new ArrayList<>();
    for (int harmonic = 2; harmonic <= HIGHEST; harmonic++) {
      for (int part = 1; part < harmonic; part++) {
        if (commonFactor(harmonic, part) == 1) {
          nodes.add(new Node(harmonic, part));
        }
      }
    }
    return List.copyOf(nodes);
  }

  private static int commonFactor(int a, int b) {
    return b == 0 ? a : commonFactor(b, a % b);
  }
}
