package app.fret.bench.students;

import app.fret.bench.students.Student.Traits;
import app.fret.practice.Climb;
import app.fret.practice.Gate;
import app.fret.practice.Ladder;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Learner.Stance;
import app.fret.practice.schedule.LoggedPass;
import app.fret.practice.schedule.Schedule;
import app.fret.practice.schedule.Spot;
import app.fret.practice.schedule.Standing;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import java.io.PrintStream;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;

/** Compares ways of planning practice on invented students and prints what came of each. */
public final class Students {
  private static final LocalDate START = LocalDate.of(2026, 3, 2);
  private static final int USUAL_SEEDS = 200;
  private static final double SKIPS = 0.1;

  private Students() {}

  /** What is prepared. */
  enum Programme {
    LIST("five passages in 60 days, 75 minutes", 5, 60, 75, 20),
    MOVEMENT("two long passages in 60 days, 60 minutes", 2, 60, 60, 75),
    LATE("five passages in 30 days, 75 minutes", 5, 30, 75, 20);

    private final String words;
    private final int passages;
    private final int days;
    private final int minutes;
    private final double passSeconds;

    Programme(String words, int passages, int days, int minutes, double passSeconds) {
      this.words = words;
      this.passages = passages;
      this.days = days;
      this.minutes = minutes;
      this.passSeconds = passSeconds;
    }
  }

  /**
   * What came of some students.
   *
   * @param ready share of passages ready on the day
   * @param spread standard error of that over students
   * @param minutes minutes played a day
   * @param neglect longest time a passage was not touched, in days, mean over students
   * @param told share of forecasts whose band held the day, of those that can be checked
   * @param declaredTrue share of passages declared ready that were
   */
  record Outcome(
      double ready,
      double spread,
      double minutes,
      double neglect,
      double told,
      double declaredTrue) {}

  /** One student's weeks. */
  private static final class Weeks {
    private final Programme programme;
    private final Policy policy;
    private final Traits traits;
    private final long seed;
    private final Random random;
    private final List<Item> items = new ArrayList<>();
    private final Map<String, Student> students = new HashMap<>();
    private final Map<String, Climb> climbs = new HashMap<>();
    private final Map<String, LocalDate> lastTouched = new HashMap<>();
    private final Map<String, LocalDate> readySince = new HashMap<>();
    private final List<LoggedPass> log = new ArrayList<>();
    private final List<Told> told = new ArrayList<>();
    private double minutes;
    private int daysPlayed;
    private long neglect;

    private record Told(String item, LocalDate low, LocalDate high) {}

    Weeks(Programme programme, Policy policy, Traits traits, long seed) {
      this.programme = programme;
      this.policy = policy;
      this.traits = traits;
      this.seed = seed;
      this.random = new Random(seed);
      LocalDate due = START.plusDays(programme.days);
      for (int i = 0; i < programme.passages; i++) {
        double clean = 0.5 + 0.3 * random.nextDouble();
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
                List.of(new Spot("1:1", "bar 1", List.of("guide-slide", "rhythm"), false)));
        items.add(item);
        double spot = 0.1 + 0.3 * random.nextDouble();
        students.put(item.id(), new Student(Math.log(clean), spot, traits, random));
        Ladder ladder = Ladder.to(target, OptionalDouble.of(item.cleanPerMinute()));
        climbs.put(item.id(), Climb.start(ladder, item.gate()));
        lastTouched.put(item.id(), START);
      }
    }

    void live() {
      Learner learner = new Learner(programme.minutes, Set.of(DayOfWeek.SUNDAY), 2, Stance.EVEN);
      for (int day = 0; day < programme.days; day++) {
        LocalDate today = START.plusDays(day);
        boolean plays = today.getDayOfWeek() != DayOfWeek.SUNDAY && random.nextDouble() >= SKIPS;
        if (plays) {
          play(policy.cards(learner, items, log, today, seed), today);
        }
        night(today, plays);
        if (policy == Policy.CHOSEN && day % 7 == 6) {
          listen(learner, today);
        }
      }
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
        log(
            item,
            today,
            card,
            new Student.Heard(true, false),
            card.perMinute().orElseThrow(),
            false);
        return;
      }
      if (card.kind() == CardKind.RHYTHM || card.kind() == CardKind.WHOLE_CLIMB) {
        student.rhythm(card.minutes());
        log(
            item,
            today,
            card,
            new Student.Heard(true, false),
            card.perMinute().orElseThrow(),
            false);
        return;
      }
      for (int pass = 0; pass < card.passes(); pass++) {
        Climb climb = climbs.get(item.id());
        double rung = climb.ladder().rungs().get(climb.rung());
        boolean onLadder = card.kind() == CardKind.LADDER && policy != Policy.TARGET_ONLY;
        double perMinute = onLadder ? rung : card.perMinute().orElseThrow();
        double tempo = Math.log(perMinute / item.target().perMinute());
        boolean cold = first && pass == 0;
        Student.Heard heard = student.play(tempo, cold, sofar);
        log(item, today, card, heard, perMinute, cold);
        climbs.put(item.id(), climb.after(new Climb.Pass(perMinute, heard.clean())));
      }
    }

    private void log(
        Item item,
        LocalDate today,
        Card card,
        Student.Heard heard,
        double perMinute,
        boolean cold) {
      double each = card.minutes() * 60.0 / Math.max(1, card.passes());
      boolean single = !card.kind().isWholePass();
      log.add(
          new LoggedPass(
              item.id(),
              today,
              perMinute,
              heard.clean(),
              single ? card.minutes() * 60.0 : each,
              cold,
              heard.atSpot() || card.kind() == CardKind.DRILL
                  ? Optional.of("1:1")
                  : Optional.empty(),
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
      for (ItemOutlook item : Schedule.of(learner, items, log, today, 1, seed).items()) {
        if (item.state() != ItemOutlook.State.READY) {
          item.forecast()
              .filter(f -> !f.isProvisional())
              .ifPresent(f -> told.add(new Told(item.item().id(), f.low(), f.high())));
        }
      }
    }

    double readyShare() {
      return (double) students.values().stream().filter(Student::isReady).count() / items.size();
    }

    /**
     * Whether each band held the day on which the passage was first declared ready, where it was.
     */
    List<Boolean> held() {
      List<Boolean> held = new ArrayList<>();
      for (Told one : told) {
        LocalDate day = readySince.get(one.item());
        if (day != null) {
          held.add(!day.isBefore(one.low()) && !day.isAfter(one.high()));
        }
      }
      return held;
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

  static Outcome outcome(Programme programme, Policy policy, Traits traits, int seeds) {
    List<Double> ready = new ArrayList<>();
    List<Boolean> held = new ArrayList<>();
    List<Boolean> declared = new ArrayList<>();
    double minutes = 0;
    double neglect = 0;
    for (int seed = 1; seed <= seeds; seed++) {
      Weeks weeks = new Weeks(programme, policy, traits, seed);
      weeks.live();
      ready.add(weeks.readyShare());
      held.addAll(weeks.held());
      declared.addAll(weeks.declared(START.plusDays(programme.days)));
      minutes += weeks.minutes / Math.max(1, weeks.daysPlayed) / seeds;
      neglect += (double) weeks.neglect / seeds;
    }
    double mean = ready.stream().mapToDouble(r -> r).average().orElse(0);
    double variance = ready.stream().mapToDouble(r -> (r - mean) * (r - mean)).sum();
    double spread = Math.sqrt(variance / Math.max(1, seeds - 1) / seeds);
    return new Outcome(mean, spread, minutes, neglect, share(held), share(declared));
  }

  private static double share(List<Boolean> list) {
    return list.isEmpty()
        ? Double.NaN
        : (double) list.stream().filter(b -> b).count() / list.size();
  }

  /** Prints the comparison; the first argument is the number of students, 200 by default. */
  public static void main(String[] args) {
    int seeds = args.length > 0 ? Integer.parseInt(args[0]) : USUAL_SEEDS;
    PrintStream out = System.out;
    out.println(
        "Share of passages ready on the day, +- its standard error, " + seeds + " students");
    Map<String, Traits> kinds = new LinkedHashMap<>();
    kinds.put("usual", Traits.USUAL);
    kinds.put("learning halved", new Traits(0.5, 1, 1));
    kinds.put("learning doubled", new Traits(2, 1, 1));
    kinds.put("forgetting halved", new Traits(1, 0.5, 1));
    kinds.put("forgetting doubled", new Traits(1, 2, 1));
    kinds.put("errors halved", new Traits(1, 1, 0.5));
    kinds.put("errors doubled", new Traits(1, 1, 2));
    for (Programme programme : Programme.values()) {
      out.println();
      out.println(programme.words);
      kinds.forEach((name, traits) -> print(out, programme, name, traits, seeds));
    }
  }

  private static void print(
      PrintStream out, Programme programme, String name, Traits traits, int seeds) {
    Map<Policy, Outcome> outcomes = new EnumMap<>(Policy.class);
    for (Policy policy : Policy.values()) {
      outcomes.put(policy, outcome(programme, policy, traits, seeds));
    }
    out.println("  " + name);
    outcomes.forEach(
        (policy, o) ->
            out.printf(
                Locale.ROOT,
                "    %-28s %3.0f +- %.0f %%  %3.0f min a day, neglect %2.0f days%s%n",
                policy.words(),
                100 * o.ready(),
                100 * o.spread(),
                o.minutes(),
                o.neglect(),
                policy == Policy.CHOSEN
                    ? String.format(
                        Locale.ROOT,
                        ", bands held %.0f %%, declared ready and true %.0f %%",
                        100 * o.told(),
                        100 * o.declaredTrue())
                    : ""));
  }
}
