package app.fret.practice.schedule;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** Cuts one visit to a passage into cards: a drill, a rhythm set, the ladder. */
final class Visit {
  /** A ladder card takes at least so long, in minutes. */
  private static final int LEAST_LADDER = 2;

  /** A B B A. */
  private static final int TRIAL_ROUND = 4;

  private static final double SECONDS_A_MINUTE = 60;

  private final Work work;
  private final LocalDate day;
  private final int number;
  private final Learner learner;
  private final boolean isFirst;

  /** Whether something hurt: what goes through everything at its own tempo waits then. */
  private final boolean isSpared;

  private final List<Card> cards = new ArrayList<>();
  private int left;

  /**
   * A visit.
   *
   * @param isFirst whether it is the day's first to this passage
   */
  Visit(Work work, LocalDate day, int number, int minutes, boolean isFirst, Learner learner) {
    this.work = work;
    this.day = day;
    this.number = number;
    this.learner = learner;
    this.isFirst = isFirst;
    this.left = minutes;
    this.isSpared = !work.sparing().isEmpty();
  }

  List<Card> cards() {
    Item item = work.item();
    if (!item.isPassage()) {
      cards.add(
          Card.plain(item.kind().card(), Optional.of(item), number, left, "its turn in the round"));
      return cards;
    }
    if (work.isReady()) {
      item.trial().filter(t -> isFirst && !isSpared).ifPresent(this::addTrial);
      add(CardKind.UPKEEP, left, item.target().perMinute(), upkeepReason());
      return cards;
    }
    if (isFirst && work.standing().hasPassedTheTarget() && !isSpared) {
      addColdRun();
    }
    if (isFirst && item.trial().isPresent() && !isSpared) {
      addTrial(item.trial().get());
    } else {
      addDrill();
    }
    if (isFirst && !isSpared) {
      addRhythm();
    }
    if (left > 0) {
      add(CardKind.LADDER, left, work.rungPerMinute(0), ladderReason() + capWords());
    }
    return cards;
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

  private void addDrill() {
    int minutes =
        (int)
            Math.min(
                Model.figure("drill.most-minutes"), Math.round(Model.figure("drill.share") * left));
    if (left < Model.count("drill.least-visit-minutes") || minutes < 1) {
      return;
    }
    Optional<String> missing = work.standing().missingSpot();
    Optional<Spot> spot = missing.map(this::known).or(() -> hardest(missing.isEmpty()));
    if (spot.isEmpty() || spot.get().drills().isEmpty()) {
      return;
    }
    List<String> drills = spot.get().drills();
    String place = spot.get().place();
    int before = work.drilledOn(day, place);
    if (before >= drills.size()) {
      return;
    }
    String drill = drills.get((work.standing().turnsOf(place) + before) % drills.size());
    work.drills(day, place);
    String why =
        missing.isPresent()
            ? spot.get().words() + ", missed lately"
            : "the hardest spot: " + spot.get().words();
    cards.add(
        new Card(
            CardKind.DRILL,
            Optional.of(work.item()),
            number,
            OptionalDouble.of(work.rungPerMinute(1)),
            0,
            minutes,
            why,
            spot,
            Optional.of(drill)));
    left -= minutes;
  }

  private Spot known(String place) {
    return work.item().spots().stream()
        .filter(s -> s.place().equals(place))
        .findFirst()
        .orElseGet(
            () -> new Spot(place, "bar " + place.split(":")[0], List.of("chain-forward"), false));
  }

  /** A spot that does not miss and was drilled some times is only looked after now and then. */
  private Optional<Spot> hardest(boolean nothingMissed) {
    if (!isFirst || !nothingMissed) {
      return Optional.empty();
    }
    boolean isItsDay =
        work.standing().contacts().size() % Model.count("drill.upkeep-every-contacts") == 0;
    return work.item().spots().stream()
        .filter(s -> !work.sparing().spares(s.place()))
        .findFirst()
        .filter(
            s -> isItsDay || work.standing().cardsOf(s.place()) < Model.count("drill.first-cards"));
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

  private void add(CardKind kind, int minutes, double perMinute, String reason) {
    Item item = work.item();
    double seconds = item.passSecondsAt(perMinute / item.target().perMinute());
    int passes = (int) Math.max(1, Math.floor(minutes * SECONDS_A_MINUTE / seconds));
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
    int share = (int) Math.round(100 * Math.exp(Math.min(0, work.theta())));
    String days =
        work.item().due().isPresent()
            ? ", " + work.daysLeft(day, learner) + " days of practice left"
            : "";
    return "clean at about " + share + " % of the target" + days;
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
