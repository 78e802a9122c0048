package app.fret.practice.schedule;

import app.fret.practice.Gate;
import app.fret.score.Tempo;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

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
 * @param agreed what was agreed on of it
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
    Agreed agreed) {
  /** One of which nothing was agreed on. */
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
        Agreed.NOTHING);
  }

  /** What a date is called that is of no round. */
  public static final String THE_DATE = "the date";

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
    boolean isPassage = kind == Kind.PASSAGE;
    if (isPassage && passSeconds <= 0 || !isPassage && minutes < 1) {
      throw new IllegalArgumentException(
          title + " needs " + (isPassage ? "music that lasts" : "minutes of its own"));
    }
  }

  /** The same after the player put something back. */
  public Item withPutBack(List<PutBack> back) {
    return with(due, agreed.withPutBack(back));
  }

  /** The same with what a teacher or a jury said of it. */
  public Item withNotes(List<String> notes) {
    return with(due, agreed.withNotes(notes));
  }

  /**
   * The same where it is asked in rounds: its date is the next of its own and theirs.
   *
   * @param all all rounds of the programme
   * @param today the first day that is planned
   */
  public Item inRounds(List<Round> all, LocalDate today) {
    List<Round> own =
        all.stream()
            .filter(r -> r.items().contains(id))
            .sorted(Comparator.comparing(Round::date))
            .toList();
    Item asked = with(due, agreed.withRounds(own));
    return own.isEmpty() ? this : asked.with(asked.dueFrom(today), asked.agreed);
  }

  /** All its dates, its own and those of its rounds, earliest first. */
  public List<LocalDate> dates() {
    return Stream.concat(due.stream(), agreed.rounds().stream().map(Round::date))
        .distinct()
        .sorted()
        .toList();
  }

  /** The next date of it from a day on, of its own or of a round; the last when all are over. */
  Optional<LocalDate> dueFrom(LocalDate day) {
    List<LocalDate> dates = dates();
    Optional<LocalDate> next = dates.stream().filter(d -> !d.isBefore(day)).findFirst();
    return next.isPresent() || dates.isEmpty() ? next : Optional.of(dates.get(dates.size() - 1));
  }

  /** What a date of it is called: the round, or the date. */
  public String dueName(LocalDate date) {
    return agreed.rounds().stream()
        .filter(r -> r.date().equals(date))
        .map(Round::name)
        .findFirst()
        .orElse(THE_DATE);
  }

  private Item with(Optional<LocalDate> newDue, Agreed newAgreed) {
    return new Item(
        id,
        title,
        kind,
        target,
        cleanPerMinute,
        gate,
        newDue,
        passSeconds,
        chunkSeconds,
        chunkWords,
        minutes,
        spots,
        trial,
        newAgreed);
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
