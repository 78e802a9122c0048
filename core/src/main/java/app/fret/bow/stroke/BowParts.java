package app.fret.bow.stroke;

import app.fret.instrument.Instrument;
import app.fret.instrument.Instruments;
import app.fret.reading.Asked;
import app.fret.score.BowDirection;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;

/**
 * Where on the bow each kind of stroke speaks, and where each direction is strong, by instrument
 * (common practice, no source; edges found by trying passages).
 */
public final class BowParts {
  private static final double[][] VIOLIN_DOWN = {
    {0, .9}, {.08, 1}, {.3, 1}, {.6, .7}, {.8, .45}, {1, .3}
  };
  private static final double[][] CELLO_DOWN = {
    {0, .9}, {.08, 1}, {.3, 1}, {.6, .73}, {.8, .48}, {1, .33}
  };
  private static final double[][] BASS_DOWN = {{0, 1}, {.3, 1}, {.6, .75}, {.8, .5}, {1, .35}};
  private static final double[][] VIOLIN_UP = {
    {0, .3}, {.2, .6}, {.35, .9}, {.6, .9}, {.8, .65}, {1, .5}
  };
  private static final double[][] CELLO_UP = {
    {0, .3}, {.2, .55}, {.4, .85}, {.7, .92}, {.85, .78}, {1, .65}
  };
  private static final double[][] BASS_UP = {{0, .2}, {.3, .5}, {.6, .78}, {.78, .95}, {1, .95}};

  private static final Map<StrokeKind, Part[]> PARTS = new EnumMap<>(StrokeKind.class);

  static {
    put(StrokeKind.DETACHE, .5, .42, .67, .40, .64, .34, .60);
    put(StrokeKind.SPICCATO, 1.6, .33, .40, .30, .38, .27, .36);
    put(StrokeKind.SAUTILLE, 1.6, .47, .55, .43, .51, .38, .46);
    put(StrokeKind.SPRINGING_ARPEGGIO, 1.6, .53, .60, .50, .60, .46, .56);
    put(StrokeKind.MARTELE, .6, .58, .80, .52, .76, .42, .68);
    put(StrokeKind.SHORT, .7, .30, .48, .28, .46, .22, .42);
    put(StrokeKind.HOOKED, .4, .42, .75, .40, .72, .35, .66);
    put(StrokeKind.STACCATO, .4, .45, .80, .45, .80, .40, .75);
    put(StrokeKind.DISTINCT, 1, .64, .82, .64, .82, .64, .82);
    put(StrokeKind.LEGATO, .15, .30, .70, .30, .70, .30, .70);
    put(StrokeKind.LONE, .15, .30, .70, .30, .70, .30, .70);
    put(StrokeKind.CHORD, .6, .10, .45, .10, .45, .10, .45);
    put(StrokeKind.PIZZICATO, 0, 0, 1, 0, 1, 0, 1);
  }

  /** Pianissimo and a little above. */
  private static final double VERY_SOFT = 3.2;

  private static final double QUICK_VERY_SOFT_PER_SECOND = 2.5;
  private static final double QUICK_PER_SECOND = 4;

  /** What a word asks for matters more than what a kind of stroke likes. */
  private static final double ASKED = 2;

  private static final Part NEAR_THE_TIP = new Part(.72, .92, 1.2);

  private BowParts() {}

  /**
   * A part of the bow.
   *
   * @param from where it begins
   * @param to where it ends
   * @param weight how much it matters that the middle of the stroke lies there
   */
  public record Part(double from, double to, double weight) {
    public double centre() {
      return (from + to) / 2;
    }

    /** How far a place lies outside. */
    public double outside(double place) {
      return Math.max(0, Math.max(from - place, place - to));
    }
  }

  private static void put(StrokeKind kind, double weight, double... edges) {
    Part[] parts = new Part[3];
    for (int i = 0; i < parts.length; i++) {
      parts[i] = new Part(edges[2 * i], edges[2 * i + 1], weight);
    }
    PARTS.put(kind, parts);
  }

  /** Where a down-bow and an up-bow are strong, on one family of instruments. */
  public enum Strengths {
    UPPER(VIOLIN_DOWN, VIOLIN_UP),
    CELLO(CELLO_DOWN, CELLO_UP),
    BASS(BASS_DOWN, BASS_UP);

    private final double[][] down;
    private final double[][] up;

    Strengths(double[][] down, double[][] up) {
      this.down = down;
      this.up = up;
    }

    /** How strong a start is in a direction at a place, 0 to 1. */
    public double at(BowDirection direction, double place) {
      return BowParts.at(direction == BowDirection.DOWN ? down : up, place);
    }
  }

  /** The strengths of an instrument's family. */
  public static Strengths strengths(Instrument instrument) {
    String id = Instruments.customs(instrument.name()).bowStrength();
    return Strengths.valueOf(id.toUpperCase(Locale.ROOT));
  }

  /**
   * Where a stroke speaks: quick soft strokes in the last hand of the bow, others by their kind.
   *
   * @param level level it starts at
   * @param perSecond its notes a second
   */
  static Part of(Instrument instrument, StrokeKind kind, double level, double perSecond) {
    double quick = level <= VERY_SOFT ? QUICK_VERY_SOFT_PER_SECOND : QUICK_PER_SECOND;
    boolean soft = level <= BowedNote.SOFT && perSecond >= quick;
    if (kind == StrokeKind.DETACHE && soft) {
      return NEAR_THE_TIP;
    }
    return PARTS.get(kind)[strengths(instrument).ordinal()];
  }

  /** The part of the bow that a word asks for. */
  static Part asked(Asked.Part part) {
    return switch (part) {
      case FROG -> new Part(.05, .25, ASKED);
      case LOWER_HALF -> new Part(.1, .5, ASKED);
      case MIDDLE -> new Part(.4, .6, ASKED);
      case UPPER_HALF -> new Part(.5, .9, ASKED);
      case TIP -> new Part(.75, .95, ASKED);
    };
  }

  private static double at(double[][] curve, double place) {
    for (int i = 1; i < curve.length; i++) {
      if (place <= curve[i][0]) {
        double share = (place - curve[i - 1][0]) / (curve[i][0] - curve[i - 1][0]);
        return curve[i - 1][1] + share * (curve[i][1] - curve[i - 1][1]);
      }
    }
    return curve[curve.length - 1][1];
  }
}
