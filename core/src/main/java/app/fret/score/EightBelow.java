package app.fret.score;

import java.util.Optional;

/**
 * Parts with an 8 under the bass clef that state no transposition. The clef alone puts the notes
 * where they sound; parts for the double bass, though, are by custom written an octave over their
 * sound, and some print the 8 as a reminder of just that. No file says which, so a player is asked.
 */
public final class EightBelow {
  private static final Optional<Transposition> AS_THE_CLEF_SAYS = Optional.of(new Transposition(0));
  private static final Optional<Transposition> OCTAVE_LOWER = Optional.of(new Transposition(-12));

  private EightBelow() {}

  /** A part as read; where it leaves the question open, the clef is believed. */
  public static Passage settled(Passage read) {
    return read.transposition().isEmpty() && isUnderEight(read)
        ? read.withTransposition(AS_THE_CLEF_SAYS)
        : read;
  }

  /** Whether the clef was believed where a part could mean an octave lower. */
  public static boolean isOpen(Passage part) {
    return part.transposition().equals(AS_THE_CLEF_SAYS) && isUnderEight(part);
  }

  /** The part with the 8 as a reminder only: it sounds an octave lower than written. */
  public static Passage octaveLower(Passage part) {
    return part.withTransposition(OCTAVE_LOWER);
  }

  private static boolean isUnderEight(Passage part) {
    return !part.bars().isEmpty()
        && part.bars().stream()
            .flatMap(b -> b.clefs().stream())
            .allMatch(c -> c.clef().sign() == Clef.Sign.F && c.clef().octaves() == -1);
  }
}
