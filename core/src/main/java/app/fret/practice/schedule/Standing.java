package app.fret.practice.schedule;

import app.fret.practice.Climb;
import app.fret.practice.Ladder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;

/**
 * How a passage stands after all that was logged of it.
 *
 * <p>Tempos are natural logarithms of tempo over target. The estimate {@code theta} is the tempo at
 * which a pass would be clean about every other time; each pass that tells moves it towards what
 * was heard, a cold one more. Figures: {@link Model}.
 */
public final class Standing {
  private final Item item;
  private final Climb climb;
  private final double theta0;
  private double theta;
  private double dose;
  private final List<LocalDate> contacts = new ArrayList<>();
  private int contactsSinceHighest;
  private int highest;
  private final List<Boolean> coldResults = new ArrayList<>();
  private boolean gateIsPassed;

  /** Share of the latest whole passes that were clean, the last ones weighing most. */
  private double cleanLately = 0.5;

  private final Map<String, Double> spotScores = new LinkedHashMap<>();
  private final Map<String, Set<LocalDate>> drillDays = new HashMap<>();
  private final Sparing sparing;

  /** Spots that were drilled and not missed since. */
  private final Set<String> drilled = new HashSet<>();

  private final Map<String, Integer> turns = new HashMap<>();
  private final Map<String, LocalDate> lastTurn = new HashMap<>();
  private final Map<String, MissCount> missCounts = new HashMap<>();
  private final List<LocalDate> rhythmDays = new ArrayList<>();

  /**
   * A pass as far as it is one of this item.
   *
   * @param pass the pass, its tempo in the item's beat
   * @param share share of the item's notes that were played in it; 1 for its own
   * @param isOwn whether it was the item that was played
   * @param opens whether it counts for the gate
   */
  private record Heard(LoggedPass pass, double share, boolean isOwn, boolean opens) {}

  private Standing(Item item, List<Heard> passes, LocalDate today) {
    this.item = item;
    this.sparing = sparing(item, passes, today);
    double target = item.target().perMinute();
    this.theta0 = Math.max(Math.log(Math.min(1, item.cleanPerMinute() / target)), Math.log(0.5));
    this.theta = theta0;
    Ladder ladder = Ladder.to(item.target(), OptionalDouble.of(item.cleanPerMinute()));
    Climb now = Climb.start(ladder, item.gate());
    Map<LocalDate, List<Heard>> byDay = new TreeMap<>();
    passes.forEach(p -> byDay.computeIfAbsent(p.pass().date(), d -> new ArrayList<>()).add(p));
    for (Map.Entry<LocalDate, List<Heard>> day : byDay.entrySet()) {
      now = take(day.getKey(), day.getValue(), now);
    }
    this.climb = now;
  }

  /**
   * How an item stands.
   *
   * @param log passes of all items, oldest first; those after today are left out
   */
  public static Standing of(Item item, List<LoggedPass> log, LocalDate today) {
    return of(item, List.of(item), Kinships.NONE, log, today);
  }

  /**
   * How an item stands among others of the same material: their passes count for the estimate and
   * the dose by the share they have in common, and for the gate where they are all the same. Only
   * its own passes tell whether it is ready.
   *
   * @param items the programme
   * @param log passes of all items, oldest first; those after today are left out
   */
  static Standing of(
      Item item, List<Item> items, Kinships kin, List<LoggedPass> log, LocalDate today) {
    Map<String, Item> known = new HashMap<>();
    items.forEach(i -> known.put(i.id(), i));
    List<Heard> heard = new ArrayList<>();
    for (LoggedPass pass : log) {
      boolean own = pass.item().equals(item.id());
      double share = own ? 1 : kin.share(item.id(), pass.item());
      if (share > 0 && !pass.date().isAfter(today)) {
        Item played = known.getOrDefault(pass.item(), item);
        boolean opens = own || kin.isSame(item.id(), pass.item());
        heard.add(new Heard(own ? pass : pass.inBeatOf(item, played), share, own, opens));
      }
    }
    return new Standing(item, heard, today);
  }

  /** What hurts in another item of the same music is known by no bar of this one. */
  private static Sparing sparing(Item item, List<Heard> passes, LocalDate today) {
    List<LoggedPass> own =
        passes.stream()
            .filter(h -> h.isOwn() || h.opens())
            .map(h -> h.isOwn() ? h.pass() : h.pass().withoutSpot())
            .toList();
    return Sparing.of(own, item.agreed().putBack(), today);
  }

  private Climb take(LocalDate day, List<Heard> passes, Climb before) {
    Climb now = before;
    double seconds = 0;
    for (Heard heard : passes) {
      LoggedPass pass = heard.pass();
      seconds += heard.share() * pass.seconds();
      if (pass.countsForTempo()) {
        move(heard);
        double weight = heard.share() * Model.figure("clean.weight");
        cleanLately += weight * ((pass.clean() ? 1 : 0) - cleanLately);
        boolean first = heard == passes.get(0);
        if (heard.isOwn() && gateIsPassed && (first || pass.cold()) && isAtTarget(pass)) {
          coldResults.add(pass.clean());
        }
        now = heard.opens() ? now.after(new Climb.Pass(pass.perMinute(), pass.clean())) : now;
        gateIsPassed |= now.isDone();
      }
      if (heard.isOwn()) {
        mark(pass);
      }
    }
    dose += Model.dose(seconds / 60);
    if (passes.stream().anyMatch(Heard::isOwn)) {
      contacts.add(day);
      contactsSinceHighest = now.passed() > highest ? 0 : contactsSinceHighest + 1;
    }
    highest = Math.max(highest, now.passed());
    return now;
  }

  private void move(Heard heard) {
    LoggedPass pass = heard.pass();
    double tempo = Math.log(pass.perMinute() / item.target().perMinute());
    double step = heard.share() * Model.figure(pass.cold() ? "step.cold" : "step.warm");
    theta += step * ((pass.clean() ? 1 : 0) - Model.cleanChance(theta, tempo));
  }

  private boolean isAtTarget(LoggedPass pass) {
    return pass.perMinute() >= item.target().perMinute() - 1e-6;
  }

  /** What hurts is no miss: it says nothing of how well the spot goes. */
  private void mark(LoggedPass pass) {
    spotScores.replaceAll((spot, score) -> score * Model.figure("spot.fades"));
    if (pass.isMiss()) {
      pass.misses().forEach(m -> m.spot().map(this::spotAt).ifPresent(s -> miss(pass, s, m)));
    }
    boolean isDrilled = pass.card() == CardKind.DRILL && !pass.hurts();
    pass.spot().filter(s -> isDrilled).map(this::spotAt).ifPresent(s -> drill(pass, s));
    boolean rhythm = pass.card() == CardKind.RHYTHM || pass.card() == CardKind.WHOLE_CLIMB;
    if (rhythm && !rhythmDays.contains(pass.date())) {
      rhythmDays.add(pass.date());
    }
  }

  private String spotAt(String place) {
    return item.spotAt(place).map(Spot::place).orElse(place);
  }

  private void miss(LoggedPass pass, String spot, Miss miss) {
    spotScores.merge(spot, 1.0, Double::sum);
    missCounts.computeIfAbsent(spot, s -> new MissCount()).add(miss.kind());
    if (pass.card() != CardKind.DRILL) {
      turn(pass, spot);
    }
  }

  private void drill(LoggedPass pass, String spot) {
    drilled.add(spot);
    drillDays.computeIfAbsent(spot, p -> new HashSet<>()).add(pass.date());
    if (pass.isClean()) {
      spotScores.computeIfPresent(spot, (s, score) -> score * Model.figure("spot.after-drill"));
    } else {
      turn(pass, spot);
    }
  }

  /** What was drilled and is missed all the same is drilled otherwise the next day. */
  private void turn(LoggedPass pass, String spot) {
    if (drilled.remove(spot) && !pass.date().equals(lastTurn.get(spot))) {
      turns.merge(spot, 1, Integer::sum);
      lastTurn.put(spot, pass.date());
    }
  }

  /** The item. */
  public Item item() {
    return item;
  }

  /** Where the player is on the ladder. */
  public Climb climb() {
    return climb;
  }

  /** Estimate of the clean tempo, as a logarithm of its share of the target. */
  public double theta() {
    return theta;
  }

  double theta0() {
    return theta0;
  }

  double dose() {
    return dose;
  }

  /** Gain a dose of practice brings. */
  double rate() {
    double gained = Model.figure("rate.head-start") + theta - theta0;
    return Math.max(Model.figure("rate.least"), gained / (Model.figure("rate.prior-doses") + dose));
  }

  /** Days on which it was played, oldest first. */
  public List<LocalDate> contacts() {
    return List.copyOf(contacts);
  }

  Optional<LocalDate> lastContact() {
    return contacts.isEmpty() ? Optional.empty() : Optional.of(contacts.get(contacts.size() - 1));
  }

  /** Day from which the date was planned back: that of the first contact, or today. */
  LocalDate plannedOn(LocalDate today) {
    return contacts.isEmpty() ? today : contacts.get(0);
  }

  /**
   * Whether it is ready: the target was passed, and after that the day's first pass at the target
   * was clean on three of the last four days it was tried, the latest with them. It is lost again
   * when two of the last three miss.
   */
  public boolean isReady() {
    int wanted = Model.count("ready.cold-clean");
    int looked = Model.count("ready.cold-days");
    boolean ready = false;
    for (int i = 0; i < coldResults.size(); i++) {
      if (clean(i, looked) >= wanted && coldResults.get(i)) {
        ready = true;
      }
      int few = Math.min(i + 1, Model.count("ready.lost-of"));
      if (few - clean(i, few) >= Model.count("ready.lost-misses")) {
        ready = false;
      }
    }
    return ready;
  }

  /** Clean ones among the results up to one, at most so many back. */
  private int clean(int last, int most) {
    int clean = 0;
    for (int i = Math.max(0, last + 1 - most); i <= last; i++) {
      clean += coldResults.get(i) ? 1 : 0;
    }
    return clean;
  }

  /** How many of the latest cold passes there are, and of them the clean ones. */
  int coldTries() {
    return Math.min(coldResults.size(), Model.count("prospect.cold-tries"));
  }

  int coldClean() {
    return coldResults.isEmpty() ? 0 : clean(coldResults.size() - 1, coldTries());
  }

  /** Share of the latest whole passes that were clean. */
  double cleanLately() {
    return cleanLately;
  }

  /** Score of the spot that misses most; 0 where none does. */
  double highestSpotScore() {
    return spotScores.values().stream().mapToDouble(s -> s).max().orElse(0);
  }

  /** Whether the target was passed, which is not yet to be ready. */
  boolean hasPassedTheTarget() {
    return gateIsPassed;
  }

  /** Share of the latest cold passes that were clean; half where there is none. */
  double coldShare() {
    int looked = Math.min(coldResults.size(), Model.count("ready.cold-days"));
    return looked == 0 ? 0.5 : (double) clean(coldResults.size() - 1, looked) / looked;
  }

  /** Whether no higher rung was reached for some days; offered as a question, never a diagnosis. */
  public boolean isAtPlateau() {
    return !gateIsPassed && contactsSinceHighest >= Model.count("plateau.contact-days");
  }

  /** The spot that misses most, if it misses enough for a drill and nothing hurt near it. */
  Optional<String> missingSpot() {
    return spotScores.entrySet().stream()
        .filter(e -> e.getValue() >= Model.figure("spot.drill-from"))
        .filter(e -> !sparing.spares(e.getKey()))
        .max(Map.Entry.comparingByValue())
        .map(Map.Entry::getKey);
  }

  double spotScore(String spot) {
    return spotScores.getOrDefault(spot, 0.0);
  }

  /** What is spared after something hurt. */
  public Sparing sparing() {
    return sparing;
  }

  /**
   * How often a spot was missed after it had been drilled: so far the kinds of drill have turned.
   */
  int turnsOf(String spot) {
    return turns.getOrDefault(spot, 0);
  }

  /** What went wrong lately at a spot, if anything did. */
  Optional<MissCount> missesAt(String spot) {
    return Optional.ofNullable(missCounts.get(spot));
  }

  /** On how many days a spot was drilled. */
  int drillDaysOf(String spot) {
    return drillDays.getOrDefault(spot, Set.of()).size();
  }

  List<LocalDate> rhythmDays() {
    return List.copyOf(rhythmDays);
  }
}
