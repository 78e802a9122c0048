package app.fret.practice.schedule;

import app.fret.practice.Gate;
import app.fret.score.Tempo;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Something on a player's programme.
 *
 * @param id its name in files and logs
 * @param title its name for the player
 * @param kind what it is
 * @param target tempo to reach; of a passage only
 * @param cleanPerMinute what was clean when it was planned, in the target's beat; half the target
 *     where nobody said
 * @param gate what opens a rung of its ladder and closes it again
 * @param due day it is for, if it has one
 * @param passSeconds how long it takes once at the target; of a passage only
 * @param chunkSeconds how long its hardest chunk takes at the target; of a passage only
 * @param chunkWords where that chunk is, such as {@code bars 5 and 6}
 * @param minutes minutes it takes when it comes up; of all but passages
 * @param spots its hard places, hardest first
 * @param trial two ways that are being tried, if any are
 * @param putBack what hurt twice and was put back by the player
 */
public record Item(
    String id,
    String title,
    Kind kind,
    Tempo target,
    double cleanPerMinute,
    Gate gate,
    Optional<LocalDate> due,
    double passSeconds,
    double chunkSeconds,
    String chunkWords,
    int minutes,
    List<Spot> spots,
    Optional<Tried> trial,
    List<PutBack> putBack) {
  /** One of which nothing had to be put back. */
  public Item(
      String id,
      String title,
      Kind kind,
      Tempo target,
      double cleanPerMinute,
      Gate gate,
      Optional<LocalDate> due,
      double passSeconds,
      double chunkSeconds,
      String chunkWords,
      int minutes,
      List<Spot> spots,
      Optional<Tried> trial) {
    this(
        id,
        title,
        kind,
        target,
        cleanPerMinute,
        gate,
        due,
        passSeconds,
        chunkSeconds,
        chunkWords,
        minutes,
        spots,
        trial,
        List.of());
  }

  /** What an item is. */
  public enum Kind {
    PASSAGE(CardKind.LADDER),
    SCALE(CardKind.SCALE),
    STUDY(CardKind.STUDY),
    LISTENING(CardKind.LISTENING);

    private final CardKind card;

    Kind(CardKind card) {
      this.card = card;
    }

    CardKind card() {
      return card;
    }
  }

  public Item {
    spots = List.copyOf(spots);
    putBack = List.copyOf(putBack);
    boolean isPassage = kind == Kind.PASSAGE;
    if (isPassage && passSeconds <= 0 || !isPassage && minutes < 1) {
      throw new IllegalArgumentException(
          title + " needs " + (isPassage ? "music that lasts" : "minutes of its own"));
    }
  }

  /** The same after the player put something back. */
  public Item withPutBack(List<PutBack> back) {
    return new Item(
        id,
        title,
        kind,
        target,
        cleanPerMinute,
        gate,
        due,
        passSeconds,
        chunkSeconds,
        chunkWords,
        minutes,
        spots,
        trial,
        back);
  }

  /** Whether it has music, a ladder and a readiness. */
  public boolean isPassage() {
    return kind == Kind.PASSAGE;
  }

  /**
   * The spot to which a miss at a place belongs: its own, else the nearest, of equals the harder.
   */
  Optional<Spot> spotAt(String place) {
    Optional<Spot> own = spots.stream().filter(s -> s.place().equals(place)).findFirst();
    return own.or(
        () ->
            spots.stream()
                .filter(s -> s.distance(place).isPresent())
                .min(Comparator.comparingInt(s -> s.distance(place).getAsInt())));
  }

  /** Whether a rhythm set helps: it has a run of quick notes. */
  boolean takesRhythms() {
    return spots.stream().anyMatch(s -> s.drills().contains(CardKind.RHYTHM.id()));
  }

  /** Seconds of one pass at a share of the target tempo, with the moment before the next. */
  double passSecondsAt(double share) {
    return passSeconds / share + Model.figure("day.between-passes-seconds");
  }

  /** Last day on which it should become ready when it was planned on a day; see the model. */
  Optional<LocalDate> readyBy(LocalDate planned) {
    return due.map(
        day -> {
          long days = Math.max(0, planned.until(day, ChronoUnit.DAYS));
          long lead =
              days >= Model.count("ready.lead-from-days")
                  ? Model.count("ready.lead-days")
                  : Math.max(
                      Model.count("ready.least-lead-days"),
                      (long) (days * Model.figure("ready.lead-share")));
          LocalDate ready = day.minusDays(lead);
          return ready.isBefore(planned) ? planned : ready;
        });
  }
}
