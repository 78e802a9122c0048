package app.fret.bow.stroke;

/**
 * Kinds of stroke, each with the share of its time that sounds (common practice, no source) and the
 * notes a second between which it speaks.
 */
public enum StrokeKind {
  /** A slur, or one long note: the bow does not stop. */
  LEGATO("legato", 1, 0, Double.POSITIVE_INFINITY),
  /** One dotted note between two slurs. */
  LONE("lone", 0.85, 0, Double.POSITIVE_INFINITY),
  /** A fast soft slur on a short stretch of bow, so that its notes stay distinct. */
  DISTINCT("distinct", 1, 0, Double.POSITIVE_INFINITY),
  /** A stroke a note, on the string; the fastest is that of trained players. */
  DETACHE("detache", 0.92, 0, 12),
  /** Short and lifted. */
  SHORT("short", 0.55, 0, 4),
  /** Bounced just above the balance point; close to the string up to the fastest. */
  SPICCATO("spiccato", 0.62, 3, 11),
  /** Bouncing by itself about the middle. */
  SAUTILLE("sautille", 0.4, 8, 13),
  /** A bitten start, in the upper half. */
  MARTELE("martele", 0.7, 0, 4),
  /** A slur over strings in one way, springing. */
  SPRINGING_ARPEGGIO("springing-arpeggio", 0.5, 6, 12),
  /** Several short notes in one direction. */
  STACCATO("staccato", 0.6, 0, 8),
  /** A note hooked onto the stroke before. */
  HOOKED("hooked", 0.8, 0, 8),
  /** Three notes or more at once. */
  CHORD("chord", 0.85, 0, 6),
  /** Plucked; the bow rests. */
  PIZZICATO("pizzicato", 1, 0, Double.POSITIVE_INFINITY);

  private final String sign;
  private final double soundingShare;
  private final double slowestPerSecond;
  private final double fastestPerSecond;

  StrokeKind(String sign, double soundingShare, double slowest, double fastest) {
    this.sign = sign;
    this.soundingShare = soundingShare;
    this.slowestPerSecond = slowest;
    this.fastestPerSecond = fastest;
  }

  /** Its name in files and commands. */
  public String sign() {
    return sign;
  }

  /** Its name as players say it. */
  public String words() {
    return switch (this) {
      case DETACHE -> "détaché";
      case SAUTILLE -> "sautillé";
      case MARTELE -> "martelé";
      case SPRINGING_ARPEGGIO -> "springing arpeggio";
      case STACCATO -> "staccato in one bow";
      case DISTINCT -> "short slur";
      default -> sign;
    };
  }

  /** The share of its time that sounds, 0 to 1; amounts of bow count that time only. */
  public double soundingShare() {
    return soundingShare;
  }

  /** Notes a second below which it is played another way, 0 for none. */
  public double slowestPerSecond() {
    return slowestPerSecond;
  }

  /** Notes a second above which it does not speak, infinite for no limit. */
  public double fastestPerSecond() {
    return fastestPerSecond;
  }
}
