package app.fret.practice.schedule;

import app.fret.practice.Gate;
import app.fret.practice.schedule.Learner.Stance;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Made-up programmes and logs. */
final class Programmes {
  static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
  static final Learner LEARNER = new Learner(60, Set.of(DayOfWeek.SUNDAY), 2, Stance.EVEN);

  private Programmes() {}

  static Item passage(String id, double target, double clean, LocalDate due) {
    return passage(id, target, clean, Optional.of(due));
  }

  static Item tried(String id, double target, double clean, LocalDate due) {
    Item plain = passage(id, target, clean, due);
    Tried tried = new Tried("bar 3: 2 on I against 3 on II", 5);
    return with(plain, plain.spots(), Optional.of(tried));
  }

  /** The same with one spot, which loads the hand or not. */
  static Item with(Item plain, String words, boolean isCapped) {
    Spot spot = new Spot("3:2", words, List.of("guide-slide"), isCapped);
    return with(plain, List.of(spot), plain.trial());
  }

  /** The same with other spots. */
  static Item with(Item plain, List<Spot> spots) {
    return with(plain, spots, plain.trial());
  }

  private static Item with(Item plain, List<Spot> spots, Optional<Tried> trial) {
    return new Item(
        plain.id(),
        plain.title(),
        plain.kind(),
        plain.target(),
        plain.cleanPerMinute(),
        plain.gate(),
        plain.due(),
        plain.passSeconds(),
        plain.chunkSeconds(),
        plain.chunkWords(),
        0,
        spots,
        trial);
  }

  static Item passage(String id, double target, double clean, Optional<LocalDate> due) {
    Spot shift = new Spot("3:2", "bar 3, a shift of 5.4 bits", List.of("guide-slide"), false);
    Spot run = new Spot("4:1", "bar 4, 16 notes at 8 a second", List.of("rhythm"), false);
    return new Item(
        id,
        "Passage " + id,
        Item.Kind.PASSAGE,
        new Tempo(BeatUnit.QUARTER, target),
        clean,
        Gate.USUAL,
        due,
        20,
        6,
        "bars 3 and 4",
        0,
        List.of(shift, run),
        Optional.empty());
  }

  static Item other(String id, Item.Kind kind, int minutes) {
    return new Item(
        id,
        "Item " + id,
        kind,
        new Tempo(BeatUnit.QUARTER, 60),
        60,
        Gate.USUAL,
        Optional.empty(),
        0,
        0,
        "",
        minutes,
        List.of(),
        Optional.empty());
  }

  static LoggedPass pass(String item, LocalDate day, double perMinute, boolean clean) {
    return pass(item, day, perMinute, clean, false);
  }

  static LoggedPass pass(
      String item, LocalDate day, double perMinute, boolean clean, boolean cold) {
    return new LoggedPass(
        item, day, perMinute, clean, 20, cold, Optional.empty(), false, false, CardKind.LADDER);
  }

  static LoggedPass missAt(String item, LocalDate day, double perMinute, String spot) {
    return new LoggedPass(
        item, day, perMinute, false, 20, false, Optional.of(spot), false, false, CardKind.LADDER);
  }

  /** A climb by one rung a day, three clean passes each, from so many days ago. */
  static List<LoggedPass> climb(Item item, int daysAgo, double... tempos) {
    List<LoggedPass> log = new ArrayList<>();
    for (int i = 0; i < tempos.length; i++) {
      for (int k = 0; k < 3; k++) {
        log.add(pass(item.id(), TODAY.minusDays(daysAgo - i), tempos[i], true, k == 0));
      }
    }
    return log;
  }
}
