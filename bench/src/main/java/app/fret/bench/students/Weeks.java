package app.fret.bench.students;

import app.fret.bench.students.Student.Traits;
import app.fret.practice.Climb;
import app.fret.practice.Gate;
import app.fret.practice.Ladder;
import app.fret.practice.programme.ProgrammeDays;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Forecast;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Learner.Stance;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.Prospect;
import app.fret.practice.schedule.Spot;
import app.fret.practice.schedule.Standing;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;

/** One student's weeks. */
final class Weeks {
  private static final double AWAY = 0.05;
  private static final int DAYS_AWAY = 3;

  /** A miss is heard at the first note of the spot, two before the one it is known by. */
  private static final String MISSED_AT = "1:2";

  private static final Spot SPOT =
      new Spot(
          "1:4",
          "bar 1",
          List.of("guide-slide", "stop-and-shift", "there-and-back", "rhythm"),
          false,
          Map.of(MISSED_AT, 0),
          Map.of());

  private final Programme programme;
  private final Policy policy;
  private final Traits traits;
  private final long seed;
  private final int days;
  private final Random random;
  private final List<Item> items = new ArrayList<>();
  private final Map<String, Student> students = new HashMap<>();
  private final Map<String, Climb> climbs = new HashMap<>();
  private final Map<String, LocalDate> lastTouched = new HashMap<>();
  private final Map<String, LocalDate> readySince = new HashMap<>();
  private final List<LoggedPass> log = new ArrayList<>();
  private final List<Told> told = new ArrayList<>();
  private final List<Said> said = new ArrayList<>();
  private int daysAway;
  double minutes;
  int daysPlayed;
  long neglect;

  /**
   * A forecast as it was told.
   *
   * @param on when
   */
  record Told(String item, LocalDate on, Forecast forecast) {}

  /**
   * A state as it was told.
   *
   * @param on when
   * @param declared whether its cold passes were clean enough
   * @param contacts days on which it was played before
   * @param figures what its log showed
   */
  record Said(
      String item,
      LocalDate on,
      ItemOutlook.State state,
      boolean declared,
      int contacts,
      double[] figures) {}

  /**
   * Weeks of a student.
   *
   * @param days how long is practised, to the date the programme is for
   */
  Weeks(Programme programme, Policy policy, Traits traits, long seed, int days) {
    this.programme = programme;
    this.days = days;
    this.policy = policy;
    this.traits = traits;
    this.seed = seed;
    this.random = new Random(seed);
    LocalDate due = Students.START.plusDays(days);
    for (int i = 0; i < programme.passages; i++) {
      double clean = programme.leastClean + 0.3 * random.nextDouble();
      Tempo target = new Tempo(BeatUnit.QUARTER, 80 + random.nextInt(60));
      Item item =
          new Item(
              "p" + i,
              "P" + i,
              Item.Kind.PASSAGE,
              target,
              clean * target.perMinute(),
              Gate.USUAL,
              Optional.of(due),
              programme.passSeconds,
              programme.passSeconds / 4,
              "",
              0,
              List.of(SPOT),
              Optional.empty());
      items.add(item);
      double spot = 0.1 + 0.4 * random.nextDouble();
      double ease = programme.ease * (0.6 + 0.8 * random.nextDouble());
      students.put(
          item.id(), Student.of(Math.log(clean) + Students.CLEAN_LEAD, spot, ease, traits, random));
      Ladder ladder = Ladder.to(target, OptionalDouble.of(item.cleanPerMinute()));
      climbs.put(item.id(), Climb.start(ladder, item.gate()));
      lastTouched.put(item.id(), Students.START);
    }
  }

  void live() {
    Learner learner = new Learner(programme.minutes, Set.of(DayOfWeek.SUNDAY), 2, Stance.EVEN);
    for (int day = 0; day < days; day++) {
      LocalDate today = Students.START.plusDays(day);
      boolean plays = today.getDayOfWeek() != DayOfWeek.SUNDAY && !skips();
      if (policy == Policy.CHOSEN) {
        said(learner, today);
      }
      if (plays) {
        play(policy.cards(learner, items, log, today, seed), today);
      }
      night(today, plays);
      if (policy == Policy.CHOSEN && day % 7 == 6) {
        listen(learner, today);
      }
    }
  }

  /** The second student skips more days, and some together. */
  private boolean skips() {
    if (!traits.byCleanPasses()) {
      return random.nextDouble() < Students.SKIPS;
    }
    daysAway = daysAway > 0 ? daysAway - 1 : random.nextDouble() < AWAY ? DAYS_AWAY : 0;
    return daysAway > 0 || random.nextDouble() < Students.SKIPS;
  }

  private void said(Learner learner, LocalDate today) {
    for (ItemOutlook item :
        new ProgrammeDays(learner, items, Map.of(), log, seed).from(today, 1).items()) {
      LocalDate due = item.item().due().orElseThrow();
      double[] figures = Prospect.figures(item.standing(), today, due);
      boolean declared = item.standing().isReady();
      int contacts = item.standing().contacts().size();
      said.add(new Said(item.item().id(), today, item.state(), declared, contacts, figures));
    }
  }

  /** What was said day by day. */
  List<Said> said() {
    return said;
  }

  boolean isReady(String item) {
    return students.get(item).isReady();
  }

  private void play(List<Card> cards, LocalDate today) {
    double sofar = 0;
    Set<String> warm = new HashSet<>();
    for (Card card : cards) {
      if (card.item().isPresent()) {
        sofar += card.minutes();
        play(card, today, sofar, warm.add(card.item().get().id()));
      }
    }
    minutes += sofar;
    daysPlayed++;
  }

  private void play(Card card, LocalDate today, double sofar, boolean first) {
    Item item = card.item().orElseThrow();
    Student student = students.get(item.id());
    touch(item, today);
    if (card.kind() == CardKind.DRILL) {
      student.drill(card.minutes(), true);
      student.spend(card.minutes());
      log(item, today, card, new Student.Heard(true, false), card.perMinute().orElseThrow(), false);
      return;
    }
    if (card.kind() == CardKind.RHYTHM || card.kind() == CardKind.WHOLE_CLIMB) {
      student.rhythm(card.minutes());
      student.spend(card.minutes());
      log(item, today, card, new Student.Heard(true, false), card.perMinute().orElseThrow(), false);
      return;
    }
    for (int pass = 0; pass < card.passes(); pass++) {
      Climb climb = climbs.get(item.id());
      double rung = climb.ladder().rungs().get(climb.rung());
      boolean onLadder = card.kind() == CardKind.LADDER && policy != Policy.TARGET_ONLY;
      double perMinute = onLadder ? rung : card.perMinute().orElseThrow();
      double tempo = Math.log(perMinute / item.target().perMinute());
      boolean cold = first && pass == 0;
      Student.Heard heard =
          student.play(tempo, cold, sofar, (double) card.minutes() / card.passes());
      student.spend((double) card.minutes() / card.passes());
      log(item, today, card, heard, perMinute, cold);
      climbs.put(item.id(), climb.after(new Climb.Pass(perMinute, heard.clean())));
    }
  }

  private void log(
      Item item, LocalDate today, Card card, Student.Heard heard, double perMinute, boolean cold) {
    double each = card.minutes() * 60.0 / Math.max(1, card.passes());
    boolean single = !card.kind().isWholePass();
    Optional<String> drilled =
        card.spot().map(Spot::place).filter(p -> card.kind() == CardKind.DRILL);
    log.add(
        new LoggedPass(
            item.id(),
            today,
            perMinute,
            heard.clean(),
            single ? card.minutes() * 60.0 : each,
            cold,
            heard.atSpot() ? Optional.of(MISSED_AT) : drilled,
            false,
            false,
            card.kind()));
  }

  private void touch(Item item, LocalDate today) {
    neglect = Math.max(neglect, ChronoUnit.DAYS.between(lastTouched.get(item.id()), today));
    lastTouched.put(item.id(), today);
  }

  private void night(LocalDate today, boolean plays) {
    for (Item item : items) {
      students.get(item.id()).night(plays && lastTouched.get(item.id()).equals(today));
      if (policy == Policy.CHOSEN && !readySince.containsKey(item.id())) {
        boolean declared = Standing.of(item, log, today).isReady();
        if (declared) {
          readySince.put(item.id(), today);
        }
      }
    }
  }

  private void listen(Learner learner, LocalDate today) {
    for (ItemOutlook item :
        new ProgrammeDays(learner, items, Map.of(), log, seed).from(today, 1).items()) {
      if (item.state() != ItemOutlook.State.READY) {
        item.forecast().ifPresent(f -> told.add(new Told(item.item().id(), today, f)));
      }
    }
  }

  double readyShare() {
    return (double) students.values().stream().filter(Student::isReady).count() / items.size();
  }

  /** What was told week by week. */
  List<Told> told() {
    return told;
  }

  /** When a passage was first declared ready; empty when it never was. */
  Optional<LocalDate> readySince(String item) {
    return Optional.ofNullable(readySince.get(item));
  }

  List<Boolean> declared(LocalDate due) {
    List<Boolean> right = new ArrayList<>();
    for (Item item : items) {
      if (Standing.of(item, log, due).isReady()) {
        right.add(students.get(item.id()).isReady());
      }
    }
    return right;
  }
}
