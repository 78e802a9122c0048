package app.fret.reading;

import java.util.Optional;

/**
 * What words ask of the bow arm and of the hand, until another word or another texture comes.
 *
 * @param stroke kind of stroke
 * @param part part of the bow
 * @param isFlute whether the bow goes fast and light near the fingerboard
 * @param stays whether the hand stays in its position
 */
public record Asked(Optional<Stroke> stroke, Optional<Part> part, boolean isFlute, boolean stays) {
  /** Nothing. */
  public static final Asked NOTHING = new Asked(Optional.empty(), Optional.empty(), false, false);

  /** Kinds of stroke that words ask for. */
  public enum Stroke {
    LEGATO,
    NON_LEGATO,
    DETACHE,
    TENUTO,
    STACCATO,
    SPICCATO,
    SAUTILLE,
    MARCATO,
    MARTELE;

    /** Whether its notes are short. */
    public boolean isShort() {
      return this == STACCATO || this == SPICCATO || this == SAUTILLE || this == MARTELE;
    }

    /** Whether its notes are joined. */
    public boolean isJoined() {
      return this == LEGATO || this == TENUTO;
    }
  }

  /** Parts of the bow that words ask for. */
  public enum Part {
    FROG,
    LOWER_HALF,
    MIDDLE,
    UPPER_HALF,
    TIP
  }

  Asked with(Stroke asked) {
    return new Asked(Optional.of(asked), part, isFlute, stays);
  }

  Asked with(Part asked) {
    return new Asked(stroke, Optional.of(asked), isFlute, stays);
  }

  Asked asFlute() {
    return new Asked(stroke, part, true, stays);
  }

  Asked staying() {
    return new Asked(stroke, part, isFlute, true);
  }

  /** Without what is asked of the bow. */
  Asked ordinary() {
    return new Asked(Optional.empty(), Optional.empty(), false, stays);
  }

  /** Without what ends with a stretch: the position that is kept. */
  Asked moving() {
    return new Asked(stroke, part, isFlute, false);
  }
}
