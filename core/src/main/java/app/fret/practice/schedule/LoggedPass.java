package app.fret.practice.schedule;

import app.fret.score.Tempo;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * One pass as it was logged.
 *
 * @param item what was played
 * @param date when
 * @param perMinute how fast, in the beat of the item's target
 * @param clean whether it was clean
 * @param seconds how long it took
 * @param cold whether it was the first of its day, before anything of the item was warmed up
 * @param spot where it missed, if that was said, as {@link Spot#place()}
 * @param spotLeftOut whether a capped spot was left out, so that the pass tells nothing of the
 *     whole
 * @param hurts whether it hurt or tired
 * @param card what it was played for
 * @param hits how often its spot was played in it
 * @param misses what went wrong in it, one for each place; none in a clean pass
 */
public record LoggedPass(
    String item,
    LocalDate date,
    double perMinute,
    boolean clean,
    double seconds,
    boolean cold,
    Optional<String> spot,
    boolean spotLeftOut,
    boolean hurts,
    CardKind card,
    int hits,
    List<Miss> misses) {
  public LoggedPass {
    misses = List.copyOf(misses);
  }

  /** A pass of which no more is known than whether and where it missed. */
  public LoggedPass(
      String item,
      LocalDate date,
      double perMinute,
      boolean clean,
      double seconds,
      boolean cold,
      Optional<String> spot,
      boolean spotLeftOut,
      boolean hurts,
      CardKind card,
      int hits) {
    this(
        item,
        date,
        perMinute,
        clean,
        seconds,
        cold,
        spot,
        spotLeftOut,
        hurts,
        card,
        hits,
        clean ? List.of() : List.of(new Miss(spot, MissKind.OTHER)));
  }

  /** A pass that goes through every spot once. */
  public LoggedPass(
      String item,
      LocalDate date,
      double perMinute,
      boolean clean,
      double seconds,
      boolean cold,
      Optional<String> spot,
      boolean spotLeftOut,
      boolean hurts,
      CardKind card) {
    this(item, date, perMinute, clean, seconds, cold, spot, spotLeftOut, hurts, card, 1);
  }

  /** The same pass with its tempo in the beat of another item. */
  LoggedPass inBeatOf(Item other, Item played) {
    double inOther =
        new Tempo(played.target().beat(), perMinute).in(other.target().beat()).perMinute();
    return new LoggedPass(
        item, date, inOther, clean, seconds, cold, spot, spotLeftOut, hurts, card, hits, misses);
  }

  /** The same where nobody said at which spot. */
  LoggedPass withoutSpot() {
    return new LoggedPass(
        item,
        date,
        perMinute,
        clean,
        seconds,
        cold,
        Optional.empty(),
        spotLeftOut,
        hurts,
        card,
        hits,
        misses.stream().map(m -> new Miss(Optional.empty(), m.kind())).toList());
  }

  /**
   * The same with what went wrong. It stays a pass of its own spot, by which hits are counted and a
   * hurt is known; where it had none, it is one of the first place.
   */
  public LoggedPass missing(List<Miss> all) {
    Optional<String> first = all.stream().flatMap(m -> m.spot().stream()).findFirst();
    return new LoggedPass(
        item,
        date,
        perMinute,
        clean,
        seconds,
        cold,
        spot.or(() -> first),
        spotLeftOut,
        hurts,
        card,
        hits,
        all);
  }

  /** Whether it was clean; what hurt is neither clean nor a miss. */
  public boolean isClean() {
    return clean && !hurts;
  }

  /** Whether it missed; what hurt is no miss. */
  public boolean isMiss() {
    return !clean && !hurts;
  }

  /** Whether it counts for the gate, for readiness and for the forecast. */
  boolean countsForTempo() {
    return card.isWholePass() && !spotLeftOut && !hurts;
  }
}
