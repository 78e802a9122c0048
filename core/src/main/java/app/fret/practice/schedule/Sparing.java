package app.fret.practice.schedule;

import app.fret.practice.Ladder;
import app.fret.practice.schedule.Sore.Stage;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * What a passage is spared after something in it hurt. Pain comes before everything (common
 * practice, no source; it never takes the place of a teacher or a clinician):
 *
 * <ul>
 *   <li>that day the bar rests in every form; the passage goes on slower and without it, or not at
 *       all where nobody said where it hurt;
 *   <li>the next time half the minutes, two rungs lower, without the bar;
 *   <li>after three days of it without pain the bar comes back, half as often, then in full;
 *   <li>what hurts again within seven days stays off until the player puts it back.
 * </ul>
 *
 * <p>Bars are the unit: a place that hurts is rarely known by the note.
 */
public final class Sparing {
  /** Nothing hurt. */
  public static final Sparing NONE = new Sparing(List.of(), Map.of());

  private static final int LOWER = 2;

  private final List<Sore> sores;

  /** When each bar hurt last, whether it has come back or not; an empty one where nobody said. */
  private final Map<Optional<String>, LocalDate> lastHurt;

  private Sparing(List<Sore> sores, Map<Optional<String>, LocalDate> lastHurt) {
    this.sores = List.copyOf(sores);
    this.lastHurt = Map.copyOf(lastHurt);
  }

  /**
   * What a passage is spared on a day after its passes. What was played on that day without pain
   * lets nothing come back before the next.
   *
   * @param passes its passes, oldest first, up to that day
   * @param putBack what the player put back
   */
  static Sparing of(List<LoggedPass> passes, List<PutBack> putBack, LocalDate today) {
    if (passes.stream().noneMatch(LoggedPass::hurts)) {
      return NONE;
    }
    Map<LocalDate, List<LoggedPass>> days = new TreeMap<>();
    passes.forEach(p -> days.computeIfAbsent(p.date(), d -> new ArrayList<>()).add(p));
    Sparing sparing = NONE;
    for (Map.Entry<LocalDate, List<LoggedPass>> day : days.entrySet()) {
      LocalDate date = day.getKey();
      List<LoggedPass> hurting = day.getValue().stream().filter(LoggedPass::hurts).toList();
      if (!hurting.isEmpty()) {
        // What hurts on the day it was put back hurts after that.
        sparing = sparing.with(putBack, date.minusDays(1)).after(date, hurting);
      } else if (date.isBefore(today)) {
        sparing = sparing.with(putBack, date).afterContact();
      }
    }
    return sparing.with(putBack, today);
  }

  private Sparing with(List<PutBack> all, LocalDate upTo) {
    List<PutBack> putBack = all.stream().filter(p -> !p.date().isAfter(upTo)).toList();
    return new Sparing(
        sores.stream().map(s -> isPutBack(s, putBack) ? s.putBack() : s).toList(), lastHurt);
  }

  private static boolean isPutBack(Sore sore, List<PutBack> putBack) {
    return sore.isOff()
        && putBack.stream()
            .anyMatch(p -> p.bar().equals(sore.bar()) && !p.date().isBefore(sore.hurtOn()));
  }

  private Sparing after(LocalDate day, List<LoggedPass> hurting) {
    List<Sore> after = new ArrayList<>(sores);
    Map<Optional<String>, LocalDate> last = new HashMap<>(lastHurt);
    for (Optional<String> bar : hurting.stream().map(Sparing::barOf).distinct().toList()) {
      boolean isAgain = after.removeIf(s -> s.bar().equals(bar) && s.isOff()) || isSoon(bar, day);
      after.removeIf(s -> s.bar().equals(bar));
      after.add(new Sore(bar, day, 0, isAgain));
      last.put(bar, day);
    }
    return new Sparing(after, last);
  }

  private boolean isSoon(Optional<String> bar, LocalDate day) {
    LocalDate last = lastHurt.get(bar);
    return last != null && ChronoUnit.DAYS.between(last, day) <= Model.count("hurt.again-days");
  }

  /** After one more day on which it is played and nothing hurts. */
  Sparing afterContact() {
    return new Sparing(
        sores.stream().map(Sore::afterContact).filter(s -> !s.isOver()).toList(), lastHurt);
  }

  /** Whether anything in it has not come back in full. */
  boolean isEmpty() {
    return sores.isEmpty();
  }

  /** Whether something in it hurt on a day. */
  public boolean hurtOn(LocalDate day) {
    return sores.stream().anyMatch(s -> s.hurtOn().equals(day));
  }

  /** Whether nothing of it is played on a day. */
  public boolean isOff(LocalDate day) {
    return sores.stream()
        .filter(s -> s.bar().isEmpty())
        .map(s -> s.stage(day))
        .anyMatch(stage -> stage == Stage.TODAY || stage == Stage.OFF);
  }

  /** Whether it has half its usual minutes on a day. */
  boolean isHalved(LocalDate day) {
    return sores.stream().anyMatch(s -> s.bar().isEmpty() || s.stage(day) == Stage.FIRST);
  }

  /** What stays off until the player puts it back: bars by their labels, empty for the whole. */
  public List<Optional<String>> toPutBack() {
    return sores.stream().filter(Sore::isOff).map(Sore::bar).toList();
  }

  /** How its cards go easier on a day. */
  public Easing easing(LocalDate day) {
    boolean isSlow =
        sores.stream()
            .map(s -> s.stage(day))
            .anyMatch(stage -> stage == Stage.TODAY || stage == Stage.FIRST);
    return new Easing(
        bars(day, stage -> stage != Stage.HALF),
        bars(day, stage -> stage == Stage.HALF),
        isSlow ? LOWER : 0);
  }

  private List<String> bars(LocalDate day, Predicate<Stage> of) {
    return sores.stream()
        .filter(s -> s.bar().isPresent() && of.test(s.stage(day)))
        .map(s -> s.bar().orElseThrow())
        .toList();
  }

  /** Whether a drill at a place would load what hurt: it lies in that bar or one beside it. */
  boolean spares(String place) {
    String bar = barOf(place);
    return sores.stream().flatMap(s -> s.bar().stream()).anyMatch(b -> isNear(b, bar));
  }

  private static boolean isNear(String one, String other) {
    if (one.equals(other)) {
      return true;
    }
    boolean areNumbers = one.matches("\\d{1,6}") && other.matches("\\d{1,6}");
    return areNumbers && Math.abs(Integer.parseInt(one) - Integer.parseInt(other)) <= 1;
  }

  /**
   * A card as it may be played on a day; empty where it may not: what goes through everything at
   * its own tempo, a run-through, rhythms, a climb or a trial, waits, and so does a drill that
   * loads what hurt.
   *
   * @param card one of this passage
   */
  public Optional<Card> ease(Card card, LocalDate day) {
    if (sores.isEmpty()) {
      return Optional.of(card);
    }
    Easing easing = easing(day);
    boolean isOnlyHalved = easing.without().isEmpty() && easing.rungsLower() == 0;
    boolean mayBePlayed =
        switch (card.kind()) {
          case LADDER, UPKEEP -> true;
          case MOCK -> isOnlyHalved;
          case DRILL -> card.spot().filter(s -> spares(s.place())).isEmpty();
          default -> false;
        };
    return mayBePlayed && !isOff(day)
        ? Optional.of(card.eased(easing, lower(card, easing.rungsLower())).saying(words(day)))
        : Optional.empty();
  }

  private static OptionalDouble lower(Card card, int rungs) {
    if (rungs == 0 || card.perMinute().isEmpty()) {
      return card.perMinute();
    }
    Item item = card.item().orElseThrow();
    List<Double> all = Ladder.to(item.target(), OptionalDouble.of(item.cleanPerMinute())).rungs();
    double now = card.perMinute().getAsDouble();
    int rung = (int) all.stream().filter(r -> r < now - 1e-6).count();
    return OptionalDouble.of(all.get(Math.max(0, rung - rungs)));
  }

  /** What of it is spared on a day and why, as part of a sentence; empty where nothing is. */
  public String words(LocalDate day) {
    return sores.stream().map(s -> s.words(day)).collect(Collectors.joining("; "));
  }

  /** The same as a sentence of its own; empty where nothing hurt. */
  public Optional<String> sentence(LocalDate day) {
    String words = words(day);
    return words.isEmpty()
        ? Optional.empty()
        : Optional.of(words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ".");
  }

  private static Optional<String> barOf(LoggedPass pass) {
    return pass.spot().map(Sparing::barOf);
  }

  static String barOf(String place) {
    return place.split(":")[0];
  }
}
