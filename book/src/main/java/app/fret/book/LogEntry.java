package app.fret.book;

import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Miss;
import app.fret.practice.trial.Way;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One pass through a passage, with what was played: its own beat unit and length, so that another
 * target does not change the past.
 *
 * @param passageId which passage
 * @param at when
 * @param tempo how fast
 * @param seconds how long the pass takes at that tempo; empty for a pass that was logged before
 *     that was kept
 * @param clean whether it was clean
 * @param played what it was played for and what was said of it
 */
public record LogEntry(
    long passageId, Instant at, Tempo tempo, OptionalDouble seconds, boolean clean, Played played) {
  /**
   * What a pass was played for and what was said of it.
   *
   * @param card what it was played for
   * @param cold whether it was the first of its day
   * @param spot where it missed, as bar and number in the bar, if that was said
   * @param spotLeftOut whether a spot that loads the hand was left out
   * @param hurts whether it hurt or tired
   * @param repeats how often it was played before it was logged
   * @param words a note in the player's words
   * @param way of a trial, which way it was
   * @param misses what went wrong in it, where that was said
   */
  public record Played(
      CardKind card,
      boolean cold,
      Optional<String> spot,
      boolean spotLeftOut,
      boolean hurts,
      int repeats,
      Optional<String> words,
      Optional<Way> way,
      List<Miss> misses) {
    public Played {
      misses = List.copyOf(misses);
    }

    /** A pass that is not of a trial, of which no more is said. */
    public Played(
        CardKind card,
        boolean cold,
        Optional<String> spot,
        boolean spotLeftOut,
        boolean hurts,
        int repeats,
        Optional<String> words) {
      this(card, cold, spot, spotLeftOut, hurts, repeats, words, Optional.empty(), List.of());
    }

    /** A pass on the ladder of which nothing is said. */
    public static final Played ON_LADDER =
        new Played(CardKind.LADDER, false, Optional.empty(), false, false, 1, Optional.empty());

    /** The same as a pass of one of two ways. */
    public Played of(Way newWay) {
      return new Played(
          card, cold, spot, spotLeftOut, hurts, repeats, words, Optional.of(newWay), misses);
    }

    /** The same as the first of its day, or not. */
    public Played asCold(boolean isCold) {
      return new Played(card, isCold, spot, spotLeftOut, hurts, repeats, words, way, misses);
    }

    /** The same with a note. */
    public Played noted(Optional<String> newWords) {
      return new Played(card, cold, spot, spotLeftOut, hurts, repeats, newWords, way, misses);
    }

    /** The same at a spot. */
    public Played at(Optional<String> newSpot) {
      return new Played(card, cold, newSpot, spotLeftOut, hurts, repeats, words, way, misses);
    }

    /** The same with what went wrong. */
    public Played missing(List<Miss> newMisses) {
      return new Played(card, cold, spot, spotLeftOut, hurts, repeats, words, way, newMisses);
    }
  }

  /** A pass on the ladder of which nothing is said. */
  public LogEntry(long passageId, Instant at, Tempo tempo, OptionalDouble seconds, boolean clean) {
    this(passageId, at, tempo, seconds, clean, Played.ON_LADDER);
  }

  /** The same with a note. */
  public LogEntry noted(Optional<String> words) {
    return new LogEntry(passageId, at, tempo, seconds, clean, played.noted(words));
  }

  /** The same with what went wrong. */
  public LogEntry missing(List<Miss> misses) {
    return new LogEntry(passageId, at, tempo, seconds, clean, played.missing(misses));
  }

  /** The tempo counted in a beat unit. */
  public double perMinuteIn(BeatUnit beat) {
    return tempo.beat().equals(beat) ? tempo.perMinute() : tempo.in(beat).perMinute();
  }
}
