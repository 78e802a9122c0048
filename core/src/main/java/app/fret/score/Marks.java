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
 * @param join what leads from this note to the next one, if anything
 */
public record Marks(
    Set<Articulation> articulations,
    Set<Ornament> ornaments,
    Optional<BowDirection> bow,
    boolean fermata,
    int tremoloStrokes,
    Optional<Join> join) {

  /** No sign at all. */
  public static final Marks NONE = new Marks(Set.of(), Set.of(), Optional.empty(), false, 0);

  public Marks {
    articulations = ordered(articulations, Articulation.class);
    ornaments = ordered(ornaments, Ornament.class);
    requireStrokes(tremoloStrokes);
  }

  /** Signs of one note, with nothing that leads to the next. */
  public Marks(
      Set<Articulation> articulations,
      Set<Ornament> ornaments,
      Optional<BowDirection> bow,
      boolean fermata,
      int tremoloStrokes) {
    this(articulations, ornaments, bow, fermata, tremoloStrokes, Optional.empty());
  }

  private static void requireStrokes(int tremoloStrokes) {
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
    return new Marks(articulations, ornaments, direction, fermata, tremoloStrokes, join);
  }

  /** The same marks with this one of length and attack, or without it where it was there. */
  public Marks toggled(Articulation sign) {
    return new Marks(toggled(articulations, sign), ornaments, bow, fermata, tremoloStrokes, join);
  }

  /** The same marks with this ornament, or without it where it was there. */
  public Marks toggled(Ornament sign) {
    return new Marks(articulations, toggled(ornaments, sign), bow, fermata, tremoloStrokes, join);
  }

  /** The same marks with a hold, or without it where it was there. */
  public Marks toggledFermata() {
    return new Marks(articulations, ornaments, bow, !fermata, tremoloStrokes, join);
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
    DETACHED_LEGATO,
    /** The string is plucked so hard that it snaps back on the fingerboard. */
    SNAP_PIZZICATO
  }

  /**
   * What leads from a note to the next.
   *
   * @param kind what it is
   * @param strokes bars between the stems of a tremolo, 1 to 4; 0 for all else
   */
  public record Join(Kind kind, int strokes) {
    public Join {
      requireStrokes(strokes);
      if ((kind == Kind.TREMOLO) != (strokes > 0)) {
        throw new IllegalArgumentException(kind + " of " + strokes + " strokes");
      }
    }

    /** The kinds of it. */
    public enum Kind {
      /** A wavy line: the notes between are heard one by one. */
      GLISSANDO,
      /** A straight line: the pitch is drawn on. */
      SLIDE,
      /** The two notes in quick turns. */
      TREMOLO
    }
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
        Math.max(tremoloStrokes, other.tremoloStrokes),
        join.or(other::join));
  }

  /** The same marks with something else, or nothing, that leads to the next note. */
  public Marks withJoin(Optional<Join> other) {
    return new Marks(articulations, ornaments, bow, fermata, tremoloStrokes, other);
  }
}
