package app.fret.score;

import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;

/**
 * The signs that stand at a note or chord.
 *
 * @param articulations length and attack signs
 * @param ornaments trills and turns
 * @param bow printed bow direction, if any
 * @param fermata whether a hold stands over it
 * @param tremoloStrokes slashes through the stem, 0 to 4
 */
public record Marks(
    Set<Articulation> articulations,
    Set<Ornament> ornaments,
    Optional<BowDirection> bow,
    boolean fermata,
    int tremoloStrokes) {

  /** No sign at all. */
  public static final Marks NONE = new Marks(Set.of(), Set.of(), Optional.empty(), false, 0);

  public Marks {
    articulations = ordered(articulations, Articulation.class);
    ornaments = ordered(ornaments, Ornament.class);
    if (tremoloStrokes < 0 || tremoloStrokes > 4) {
      throw new IllegalArgumentException(tremoloStrokes + " tremolo strokes");
    }
  }

  private static <E extends Enum<E>> Set<E> ordered(Set<E> signs, Class<E> type) {
    EnumSet<E> copy = EnumSet.noneOf(type);
    copy.addAll(signs);
    return Collections.unmodifiableSet(copy);
  }

  /** The same marks with another bow direction. */
  public Marks withBow(Optional<BowDirection> direction) {
    return new Marks(articulations, ornaments, direction, fermata, tremoloStrokes);
  }

  /** The same marks with this one of length and attack, or without it where it was there. */
  public Marks toggled(Articulation sign) {
    return new Marks(toggled(articulations, sign), ornaments, bow, fermata, tremoloStrokes);
  }

  /** The same marks with this ornament, or without it where it was there. */
  public Marks toggled(Ornament sign) {
    return new Marks(articulations, toggled(ornaments, sign), bow, fermata, tremoloStrokes);
  }

  /** The same marks with a hold, or without it where it was there. */
  public Marks toggledFermata() {
    return new Marks(articulations, ornaments, bow, !fermata, tremoloStrokes);
  }

  private static <E extends Enum<E>> Set<E> toggled(Set<E> signs, E sign) {
    Set<E> now = new HashSet<>(signs);
    if (!now.remove(sign)) {
      now.add(sign);
    }
    return now;
  }

  /** Signs of length and attack. */
  public enum Articulation {
    STACCATO,
    TENUTO,
    STACCATISSIMO,
    ACCENT,
    STRONG_ACCENT,
    DETACHED_LEGATO
  }

  /** Ornaments that the left hand has to play. */
  public enum Ornament {
    TRILL,
    MORDENT,
    INVERTED_MORDENT,
    TURN,
    INVERTED_TURN
  }

  /** These and the signs of another note that sounds with it. */
  public Marks and(Marks other) {
    EnumSet<Articulation> all = EnumSet.noneOf(Articulation.class);
    all.addAll(articulations);
    all.addAll(other.articulations);
    EnumSet<Ornament> both = EnumSet.noneOf(Ornament.class);
    both.addAll(ornaments);
    both.addAll(other.ornaments);
    return new Marks(
        all,
        both,
        bow.or(other::bow),
        fermata || other.fermata,
        Math.max(tremoloStrokes, other.tremoloStrokes));
  }
}
