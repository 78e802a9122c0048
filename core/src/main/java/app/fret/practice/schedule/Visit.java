package app.fret.practice.schedule;

import app.fret.practice.drill.DrillKind;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Cuts one visit to a passage into cards: a drill, a rhythm set, the ladder. */
final class Visit {
  /** A ladder card takes at least so long, in minutes. */
  private static final int LEAST_LADDER = 2;

  /** A B B A. */
  private static final int TRIAL_ROUND = 4;

  private static final double SECONDS_A_MINUTE = 60;

  private static final Set<DrillKind> NOT_OFTEN =
      EnumSet.of(DrillKind.WORDS, DrillKind.INNER_PULSE, DrillKind.RECORD_AND_COMPARE);

  private final Work work;
  private final LocalDate day;
  private final int number;
  private final Learner learner;
  private final boolean isFirst;
  private final boolean isCold;

  /** Whether it is one of the last days before the date: nothing new then. */
  private final boolean isTapered;

  /** Whether something hurt: what goes through everything at its own tempo waits then. */
  private final boolean isSpared;

  private final List<Card> cards = new ArrayList<>();
  private int left;

  /**
   * A visit.
   *
   * @param isFirst whether it is the day's first to this passage
   * @param isCold whether the passage was not played before on this day, in a run-through either
   */
  Visit(
      Work work,
      LocalDate day,
      int number,
      int minutes,
      boolean isFirst,
      boolean isCold,
      Learner learner) {
    this.work = work;
    this.day = day;
    this.number = number;
    this.learner = learner;
    this.isFirst = isFirst;
    this.isCold = isCold;
    this.isTapered = Taper.holds(work, day);
    this.left = minutes;
    this.isSpared = !work.sparing().isEmpty();
  }

  List<Card> cards() {
    Item item = work.item();
    if (!item.isPassage()) {
      cards.add(Card.plain(item.kind().card(), Optional.of(item), number, left, "its turn today"));
      left = 0;
      return cards;
    }
    if (work.isReady()) {
      item.trial().filter(t -> isFirst && mayHaveNew()).ifPresent(this::addTrial);
      addPasses(
          CardKind.UPKEEP,
          Model.count("day.upkeep-passes"),
          item.target().perMinute(),
          upkeepReason());
      return cards;
    }
    if (isCold && work.standing().hasPassedTheTarget() && !isSpared) {
      addColdRun();
    }
    if (isFirst && item.trial().isPresent() && mayHaveNew()) {
      addTrial(item.trial().get());
    } else {
      addDrill();
    }
    if (isFirst && mayHaveNew()) {
      addRhythm();
    }
    climb();
    return cards;
  }

  /** Minutes that found no use. */
  int left() {
    return left;
  }

  private boolean mayHaveNew() {
    return !isSpared && !isTapered;
  }

  /** The ladder, with a drill between where it would go on for too long. */
  private void climb() {
    int most = Model.count("card.most-passes");
    if (left > 0) {
      addPasses(CardKind.LADDER, most, work.rungPerMinute(0), ladderReason() + capWords());
    }
    while (left >= Model.count("drill.least-visit-minutes") + LEAST_LADDER && addDrill(true)) {
      addPasses(CardKind.LADDER, most, work.rungPerMinute(0), ladderReason() + capWords());
    }
  }

  /** Only the day's first pass tells whether a passage is ready: nothing of it comes before. */
  private void addColdRun() {
    Item item = work.item();
    int minutes = (int) Math.ceil(item.passSecondsAt(1) / SECONDS_A_MINUTE);
    if (minutes > left) {
      return;
    }
    String why =
        String.format(
            Locale.ROOT,
            "the target was passed; ready when the day's first pass is clean %d times of %d",
            Model.count("ready.cold-clean"),
            Model.count("ready.cold-days"));
    card(CardKind.UPKEEP, minutes, item.target().perMinute(), 1, why);
  }

  /**
   * Two rounds of two ways through the bars around a spot, in place of a drill, so that a trial
   * goes over two days and more.
   */
  private void addTrial(Tried tried) {
    Item item = work.item();
    double perMinute = work.rungPerMinute(0);
    double share = perMinute / item.target().perMinute();
    double seconds = tried.seconds() / share + Model.figure("day.between-passes-seconds");
    int rounds = Model.count("trial.most-rounds-a-day");
    int fits = (int) (left * SECONDS_A_MINUTE / (TRIAL_ROUND * seconds));
    int played = Math.min(rounds, fits);
    if (played < 1) {
      return;
    }
    int passes = TRIAL_ROUND * played;
    int minutes = (int) Math.ceil(passes * seconds / SECONDS_A_MINUTE);
    card(CardKind.TRIAL, Math.min(minutes, left), perMinute, passes, tried.words());
  }

  /** Adds a drill; false where none is due or fits. */
  private boolean addDrill() {
    return addDrill(false);
  }

  /**
   * Adds a drill.
   *
   * @param between whether it comes between two ladders, on any day and in any visit
   */
  private boolean addDrill(boolean between) {
    double share = Model.figure("drill.share") * left;
    int minutes = (int) Math.min(Model.figure("drill.most-minutes"), Math.round(share));
    if (left < Model.count("drill.least-visit-minutes") || minutes < 1) {
      return false;
    }
    Optional<String> missing = work.standing().missingSpot();
    Optional<Spot> spot = missing.map(this::known).or(() -> hardest(between));
    Optional<String> drill = spot.flatMap(this::turn);
    if (drill.isEmpty()) {
      return false;
    }
    String why =
        missing.isPresent()
            ? spot.get().words() + ", missed lately" + missWords(spot.get())
            : "a hard spot: " + spot.get().words();
    addDrill(spot.get(), drill.get(), minutes, why);
    return true;
  }

  private void addDrill(Spot spot, String drill, int minutes, String why) {
    double perMinute = work.rungPerMinute(1);
    double once =
        spot.seconds(drill) * slowest() / perMinute + Model.figure("day.between-passes-seconds");
    int passes = Math.min(mostPasses(drill), (int) (minutes * SECONDS_A_MINUTE / once));
    boolean isCounted = spot.seconds(drill) > 0;
    int counted = isCounted ? Math.max(1, passes) : 0;
    int taken =
        isCounted ? Math.min(minutes, (int) Math.ceil(counted * once / SECONDS_A_MINUTE)) : minutes;
    work.drills(day, spot.place());
    cards.add(
        new Card(
            CardKind.DRILL,
            Optional.of(work.item()),
            number,
            OptionalDouble.of(perMinute),
            counted,
            taken,
            why,
            Optional.of(spot),
            Optional.of(drill)));
    left -= taken;
  }

  /** What is spoken, read or recorded is not done a dozen times. */
  private static int mostPasses(String drill) {
    return DrillKind.ofId(drill).filter(NOT_OFTEN::contains).isPresent()
        ? Model.count("drill.most-passes-without-playing")
        : Model.count("card.most-passes");
  }

  /** Whether a spot is nothing new: it was drilled before, or nothing was and it is the hardest. */
  private boolean isKnown(Spot spot) {
    List<Spot> all = work.item().spots();
    return all.stream().anyMatch(s -> work.drillDaysOf(s.place()) > 0)
        ? work.drillDaysOf(spot.place()) > 0
        : spot.equals(all.get(0));
  }

  /** Whether a drill helps against what usually goes wrong at a spot. */
  private boolean helps(Spot spot, String drill) {
    return work.standing()
        .missesAt(spot.place())
        .flatMap(MissCount::usual)
        .filter(k -> k.isHelpedBy(drill))
        .isPresent();
  }

  private String missWords(Spot spot) {
    return work.standing()
        .missesAt(spot.place())
        .flatMap(MissCount::words)
        .map(w -> "; " + w)
        .orElse("");
  }

  private double slowest() {
    return work.standing().climb().ladder().rungs().get(0);
  }

  /**
   * The drill whose turn it is at a spot: another one after some days, and after every day on which
   * it was missed all the same; none twice a day. Rhythms have days of their own.
   */
  private Optional<String> turn(Spot spot) {
    List<String> drills =
        spot.drills().stream()
            .filter(d -> !d.equals(CardKind.RHYTHM.id()))
            .sorted(Comparator.comparing(d -> !helps(spot, d)))
            .toList();
    int today = work.drilledOn(day, spot.place());
    if (today >= drills.size()) {
      return Optional.empty();
    }
    int days = work.drillDaysOf(spot.place()) - (today > 0 ? 1 : 0);
    int turns =
        work.standing().turnsOf(spot.place())
            + days / Model.count("drill.days-of-a-kind")
            + today
            + harderAlike(spot, drills);
    return Optional.of(drills.get(turns % drills.size()));
  }

  /** How many harder spots begin with the same drill: each begins with another one. */
  private int harderAlike(Spot spot, List<String> drills) {
    int alike = 0;
    for (Spot harder : work.item().spots()) {
      if (harder.place().equals(spot.place())) {
        return alike;
      }
      boolean isAlike =
          harder.drills().stream()
              .filter(d -> !d.equals(CardKind.RHYTHM.id()))
              .findFirst()
              .filter(drills.get(0)::equals)
              .isPresent();
      alike += isAlike ? 1 : 0;
    }
    return 0;
  }

  private Spot known(String place) {
    return work.item().spots().stream()
        .filter(s -> s.place().equals(place))
        .findFirst()
        .orElseGet(
            () -> new Spot(place, "bar " + place.split(":")[0], List.of("chain-forward"), false));
  }

  /**
   * The hardest spot that has not had its days yet, while nothing is missed; all had them, the one
   * that had fewest, every few days.
   */
  private Optional<Spot> hardest(boolean between) {
    if (!isFirst && !between) {
      return Optional.empty();
    }
    List<Spot> spots =
        work.item().spots().stream()
            .filter(s -> !work.sparing().spares(s.place()))
            .filter(s -> turn(s).isPresent())
            .filter(s -> !isTapered || isKnown(s))
            .limit(Model.count("drill.spots"))
            .toList();
    int days = Model.count("drill.days-of-a-spot");
    Optional<Spot> fresh =
        spots.stream().filter(s -> work.drillDaysOf(s.place()) < days).findFirst();
    boolean isItsDay =
        between || isTapered || work.contacts() % Model.count("drill.upkeep-every-contacts") == 0;
    return fresh.isPresent() || !isItsDay
        ? fresh
        : spots.stream().min(Comparator.comparingInt(s -> work.drillDaysOf(s.place())));
  }

  /** The set in the whole passage where it fits, else in its hardest chunk. */
  private void addRhythm() {
    if (!work.item().takesRhythms() || !work.mayHaveRhythm(day, learner.rhythmDaysPerWeek())) {
      return;
    }
    Item item = work.item();
    double perMinute = work.rungPerMinute(1);
    double share = perMinute / item.target().perMinute();
    double between = Model.figure("day.between-passes-seconds");
    int whole = minutes(item.passSecondsAt(share));
    int chunk = minutes(item.chunkSeconds() / share + between);
    boolean fits = whole <= left - LEAST_LADDER;
    int minutes = fits ? whole : chunk;
    if (minutes > left - LEAST_LADDER) {
      return;
    }
    if (work.standing().isAtPlateau()) {
      addClimb(fits);
      return;
    }
    String where = fits ? "" : item.chunkWords() + "; ";
    String last =
        work.lastRhythm()
            .map(
                d ->
                    "the last was on "
                        + d.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH))
            .orElse("the first");
    String why =
        where + last + ", " + learner.rhythmDaysPerWeek() + " days a week, never on following days";
    addSets(CardKind.RHYTHM, 1, minutes, perMinute, why);
  }

  /** The rhythm set rung by rung, from the rung below the one worked on up to as many as fit. */
  private void addClimb(boolean ofWhole) {
    Item item = work.item();
    int from = work.rungBelow(1);
    List<Double> rungs = work.standing().climb().ladder().rungs();
    double seconds = 0;
    int to = from;
    while (to < rungs.size()) {
      double share = rungs.get(to) / item.target().perMinute();
      double between = Model.figure("day.between-passes-seconds");
      double once = ofWhole ? item.passSecondsAt(share) : item.chunkSeconds() / share + between;
      double next = seconds + Model.figure("rhythm.passes") * once;
      if (Math.ceil(next / SECONDS_A_MINUTE) > left - LEAST_LADDER) {
        break;
      }
      seconds = next;
      to++;
    }
    if (to == from) {
      return;
    }
    String where = ofWhole ? "" : item.chunkWords() + "; ";
    String why =
        String.format(
            Locale.ROOT,
            "%sno new rung in five days: rhythms rung by rung, %.0f to %.0f",
            where,
            rungs.get(from),
            rungs.get(to - 1));
    int minutes = (int) Math.ceil(seconds / SECONDS_A_MINUTE);
    addSets(CardKind.WHOLE_CLIMB, to - from, minutes, rungs.get(from), why);
  }

  /** Sets are counted by their forms, of which some take longer than a straight pass. */
  private void addSets(CardKind kind, int sets, int minutes, double perMinute, String why) {
    card(kind, minutes, perMinute, sets * Model.count("rhythm.forms"), why);
  }

  private static int minutes(double passSeconds) {
    return (int) Math.ceil(Model.figure("rhythm.passes") * passSeconds / SECONDS_A_MINUTE);
  }

  /** So many passes of the whole, or as many as there is time for. */
  private void addPasses(CardKind kind, int most, double perMinute, String reason) {
    Item item = work.item();
    double seconds = item.passSecondsAt(perMinute / item.target().perMinute());
    int passes = (int) Math.max(1, Math.min(most, Math.floor(left * SECONDS_A_MINUTE / seconds)));
    int minutes = Math.min(left, (int) Math.ceil(passes * seconds / SECONDS_A_MINUTE));
    card(kind, minutes, perMinute, passes, reason);
  }

  private void card(CardKind kind, int minutes, double perMinute, int passes, String reason) {
    cards.add(
        new Card(
            kind,
            Optional.of(work.item()),
            number,
            OptionalDouble.of(perMinute),
            passes,
            minutes,
            reason,
            Optional.empty(),
            Optional.empty()));
    left -= minutes;
  }

  private String ladderReason() {
    if (isTapered) {
      return "the last days: at the tempo that is safe, nothing new";
    }
    int share = (int) Math.round(100 * Math.exp(Math.min(0, work.theta())));
    String days =
        work.item().due().isPresent()
            ? ", " + daysWords(work.daysLeft(day, learner)) + " of practice left"
            : "";
    return "clean at about " + share + " % of the target" + days;
  }

  private static String daysWords(int days) {
    return days == 1 ? "1 day" : days + " days";
  }

  /** What the caps of a spot mean for passes through the whole. */
  private String capWords() {
    return work.item().spots().stream()
        .filter(s -> s.isCapped() && !work.sparing().spares(s.place()))
        .findFirst()
        .map(
            spot ->
                "; bar "
                    + spot.place().split(":")[0]
                    + " at most "
                    + SpotCount.CAP.inARow()
                    + " times in a row")
        .orElse("");
  }

  private String upkeepReason() {
    return String.format(
        Locale.ROOT,
        "ready; %.0f %% of the latest first passes were clean",
        100 * work.standing().coldShare());
  }
}
