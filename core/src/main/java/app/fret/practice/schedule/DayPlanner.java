package app.fret.practice.schedule;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Makes the cards of a day: warm-up, run-throughs where they are due, visits of at most ten minutes
 * with the most urgent first and no passage twice in a row, a break in every twenty-five minutes.
 *
 * <p>The minutes are an optimum, see {@link DayProblem}; how they are laid into cards is a rule of
 * thumb. A day never holds more minutes than the player has.
 */
final class DayPlanner {
  private static final double SECONDS_A_MINUTE = 60;

  private final Learner usual;

  /** How the player practises on the day that is being planned. */
  private Learner learner;

  private final List<Work> passages;
  private final List<Work> others;
  private final Kinships kin;
  private final Covered covered;
  private final Map<Item, LocalDate> lastTurn = new LinkedHashMap<>();
  private final long seed;

  /** After how many days a passage must come up again; see {@link #contactDays}. */
  private int contactDays = 1;

  /** What has cards of a teacher on the day that is being planned, and no others. */
  private final Set<Item> setByTeacher = new HashSet<>();

  /** Whether visits of the day were left out, since nothing was left to come between them. */
  private boolean isCut;

  DayPlanner(Learner learner, List<Work> works, Kinships kin, long seed) {
    this.usual = learner;
    this.learner = learner;
    this.kin = kin;
    this.covered = new Covered(kin);
    this.passages = works.stream().filter(w -> w.item().isPassage()).toList();
    this.others = works.stream().filter(w -> !w.item().isPassage()).toList();
    this.seed = seed;
    others.forEach(w -> w.standing().lastContact().ifPresent(day -> lastTurn.put(w.item(), day)));
  }

  Day plan(LocalDate date) {
    if (learner.isOff(date)) {
      return new Day(date, true, List.of(), Optional.empty());
    }
    learner = usual.on(date);
    int playing = (int) Math.round(learner.playingMinutes() * Taper.share(passages, date));
    contactDays = contactDays(date, playing);
    List<Card> first = first(date, playing);
    int left = Math.max(0, playing - first.stream().mapToInt(Card::minutes).sum());
    Map<Work, Integer> minutes = new LinkedHashMap<>();
    left -= allotOthers(date, left, minutes, first);
    allot(date, left, minutes, first);
    List<Card> played = new ArrayList<>(first);
    isCut = false;
    played.addAll(visits(date, minutes, first));
    List<Card> cards = withWarmUp(new Breaks(learner).between(played));
    Optional<String> spare = Spare.words(learner, passages, date, cards, isCut);
    note(date, played);
    return new Day(date, false, cards, spare);
  }

  /**
   * What comes before all else: passes that must be cold, then what a teacher set, which is all
   * that its items have on the day.
   */
  private List<Card> first(LocalDate date, int playing) {
    List<Card> first = new ArrayList<>(slowPasses(date));
    first.addAll(mocks(date, playing));
    List<Work> all = Stream.concat(passages.stream(), others.stream()).toList();
    List<Card> fixed = FixedCards.of(learner, all, date, first.isEmpty() ? 1 : 2);
    setByTeacher.clear();
    fixed.forEach(card -> setByTeacher.add(card.item().orElseThrow()));
    setByTeacher.stream().filter(i -> !i.isPassage()).forEach(i -> lastTurn.put(i, date));
    first.addAll(fixed);
    return first;
  }

  /** Every day where each passage can have minutes enough that a visit is worth it, else rarer. */
  private int contactDays(LocalDate date, int playing) {
    long played = passages.stream().filter(w -> !w.isOver(date)).count();
    boolean isRoomForAll = played * Model.count("day.contact-from-minutes") <= playing;
    return isRoomForAll ? 1 : Model.count("day.contact-every-days");
  }

  private List<Card> withWarmUp(List<Card> cards) {
    if (cards.isEmpty() || learner.warmUpMinutes() == 0) {
      return cards;
    }
    List<Card> all = new ArrayList<>();
    all.add(
        Card.plain(
            CardKind.WARM_UP,
            Optional.empty(),
            0,
            learner.warmUpMinutes(),
            "slow scale in the key of the first card; the hand loose, nothing at full stretch"
                + careWords(cards)));
    all.addAll(cards);
    return all;
  }

  /** What asks for care today is read before anything is played. */
  private static String careWords(List<Card> cards) {
    Set<Item> seen = new HashSet<>();
    String places =
        cards.stream()
            .filter(c -> c.item().filter(seen::add).isPresent())
            .flatMap(card -> careWords(card).stream())
            .collect(Collectors.joining("; "));
    return places.isEmpty()
        ? ""
        : ". Take care today: "
            + places
            + ". At most "
            + SpotCount.CAP.inARow()
            + " times in a row and "
            + SpotCount.CAP.aDay()
            + " a day; stop at any pain and ask your teacher or a clinician";
  }

  /** The hardest spot of its item that loads the hand, and how many more there are. */
  private static Optional<String> careWords(Card card) {
    Item item = card.item().orElseThrow();
    List<Spot> loading =
        item.spots().stream().filter(s -> s.isCapped() && !card.easing().holds(s)).toList();
    String more = loading.size() > 1 ? " and " + (loading.size() - 1) + " more" : "";
    return loading.stream().findFirst().map(spot -> item.title() + ", " + spot.words() + more);
  }

  /** On its date a passage is played once, slowly, and put away. */
  private List<Card> slowPasses(LocalDate date) {
    return passages.stream()
        .filter(w -> Taper.isTheDay(w, date))
        .flatMap(w -> w.sparing().ease(slowPass(w), date).stream())
        .toList();
  }

  private static Card slowPass(Work work) {
    double perMinute = work.slowPerMinute();
    double share = perMinute / work.item().target().perMinute();
    return new Card(
        CardKind.UPKEEP,
        Optional.of(work.item()),
        1,
        OptionalDouble.of(perMinute),
        1,
        (int) Math.ceil(work.item().passSecondsAt(share) / SECONDS_A_MINUTE),
        "slowly, on the day itself, and then it is put away",
        Optional.empty(),
        Optional.empty());
  }

  /** One cold pass of each passage that is due for one, in an order drawn for the day. */
  private List<Card> mocks(LocalDate date, int playing) {
    List<Work> due =
        new ArrayList<>(
            passages.stream()
                .filter(w -> w.isMockDay(date) || Taper.holds(w, date))
                .filter(w -> !Taper.isTheDay(w, date) && w.sparing().isEmpty())
                .toList());
    due.sort(
        Comparator.comparing((Work w) -> w.item().id(), Lot.order(seed * 31 + date.toEpochDay())));
    List<Card> cards = new ArrayList<>();
    int left = playing;
    for (Work work : due) {
      double perMinute = work.mockPerMinute();
      double share = perMinute / work.item().target().perMinute();
      int minutes = (int) Math.ceil(work.item().passSecondsAt(share) / SECONDS_A_MINUTE);
      if (minutes <= left) {
        left -= minutes;
        cards.add(
            new Card(
                CardKind.MOCK,
                Optional.of(work.item()),
                1,
                OptionalDouble.of(perMinute),
                1,
                minutes,
                "cold, in an order drawn for today; "
                    + (share < 1 ? "at the rung, the target is not in reach yet; " : "")
                    + daysTo(work, date),
                Optional.empty(),
                Optional.empty()));
      }
    }
    return cards;
  }

  private static String daysTo(Work work, LocalDate date) {
    LocalDate due = work.due(date).orElseThrow();
    long days = ChronoUnit.DAYS.between(date, due);
    return days + (days == 1 ? " day to " : " days to ") + work.item().dueName(due);
  }

  /**
   * Scales, studies and listening take turns in a quarter of the time; all of it without passages.
   * One that asks for more than there is has what there is.
   */
  private int allotOthers(LocalDate date, int minutes, Map<Work, Integer> into, List<Card> first) {
    boolean isTheDay = passages.stream().anyMatch(w -> Taper.isTheDay(w, date));
    boolean isAlone = passages.stream().allMatch(w -> w.isOver(date));
    int share = isAlone ? minutes : isTheDay ? 0 : minutes / 4;
    List<Work> round = new ArrayList<>(others);
    round.sort(
        Comparator.comparing((Work w) -> lastTurn.getOrDefault(w.item(), LocalDate.MIN))
            .thenComparing(w -> w.item().id()));
    int used = 0;
    for (Work work : round) {
      int wanted = work.item().minutes();
      int given = Math.min(wanted, share - used);
      boolean isWorthIt = given == wanted || given >= Model.count("day.card-from-minutes");
      if (!work.isOver(date) && given > 0 && isWorthIt && !isAmong(first, work)) {
        used += given;
        into.put(work, given);
        lastTurn.put(work.item(), date);
      }
    }
    return used;
  }

  private void allot(LocalDate date, int minutes, Map<Work, Integer> into, List<Card> first) {
    List<Work> playable =
        passages.stream()
            .filter(w -> !w.isOver(date) && !Taper.isTheDay(w, date))
            .filter(w -> !w.sparing().isOff(date))
            .toList();
    List<Work> climbing =
        playable.stream().filter(w -> !w.isReady() && !setByTeacher.contains(w.item())).toList();
    List<Work> ready =
        playable.stream()
            .filter(w -> w.isReady() && !isAmong(first, w) && !Taper.holds(w, date))
            .sorted(
                Comparator.comparingDouble((Work w) -> w.standing().coldShare())
                    .thenComparing(w -> w.lastSpare().orElse(LocalDate.MIN))
                    .thenComparing(w -> w.item().id()))
            .toList();
    int left = minutes;
    for (Work work : ready) {
      boolean longAgo = work.daysSinceContact(date) >= contactDays;
      int upkeep = Model.count("day.upkeep-minutes");
      if (longAgo && upkeep <= left) {
        into.put(work, upkeep);
        left -= upkeep;
      }
    }
    left = allotLastDays(date, left, climbing, into);
    List<Work> others = climbing.stream().filter(w -> !Taper.holds(w, date)).toList();
    left = allotClimbing(date, left, others, into);
    spendSpare(date, left, ready, others, into);
    into.replaceAll((work, m) -> work.sparing().isHalved(date) ? Math.max(1, m / 2) : m);
  }

  private static boolean isAmong(List<Card> cards, Work work) {
    return cards.stream().anyMatch(c -> c.item().filter(work.item()::equals).isPresent());
  }

  /** What is not ready in its last days has what minutes there are first, no more than is left. */
  private int allotLastDays(
      LocalDate date, int minutes, List<Work> climbing, Map<Work, Integer> into) {
    List<Work> late =
        climbing.stream()
            .filter(w -> Taper.holds(w, date))
            .sorted(Comparator.comparingDouble((Work w) -> -w.urgency()))
            .toList();
    int left = minutes;
    int most = Model.count("day.most-minutes-a-passage");
    for (Work work : late) {
      int given = Math.min(left, (int) Math.round(most * Taper.share(work, date)));
      if (given >= Model.count("day.card-from-minutes")) {
        into.put(work, given);
        left -= given;
      }
    }
    return left;
  }

  private int allotClimbing(LocalDate date, int minutes, List<Work> all, Map<Work, Integer> into) {
    List<Work> climbing =
        covered.uncovered(all, all.stream().filter(w -> mustComeUp(w, date)).toList());
    List<DayProblem.Wish> wishes = climbing.stream().map(w -> w.wish(date, learner)).toList();
    int[] shares = DayProblem.allot(wishes, minutes, learner.stance());
    Map<Work, Integer> today = new HashMap<>();
    for (int i = 0; i < shares.length; i++) {
      climbing.get(i).earn(shares[i]);
      today.put(climbing.get(i), shares[i]);
    }
    List<Work> byUrgency = new ArrayList<>(climbing);
    byUrgency.sort(
        Comparator.comparing((Work w) -> !mustComeUp(w, date))
            .thenComparingDouble(w -> -w.credit())
            .thenComparing(w -> w.item().id()));
    int left = give(byUrgency, minutes, date, into, today::get);
    return give(byUrgency, left, date, into, w -> (int) Math.floor(w.credit()));
  }

  /**
   * Gives each its wish as far as the minutes go: first what is its own today, so that all come up
   * on as many days as can be, then what it is owed from days before.
   */
  private int give(
      List<Work> byUrgency,
      int minutes,
      LocalDate date,
      Map<Work, Integer> into,
      ToIntFunction<Work> wish) {
    int most = Model.count("day.most-minutes-a-passage");
    int least = Model.count("day.card-from-minutes");
    int left = minutes;
    for (Work work : byUrgency) {
      int before = into.getOrDefault(work, 0);
      int floor = before == 0 && mustComeUp(work, date) ? least : 0;
      int given = Math.min(Math.min(left, most - before), Math.max(floor, wish.applyAsInt(work)));
      if (before + given >= least && given > 0) {
        into.put(work, before + given);
        work.spend(given);
        left -= given;
      }
    }
    return left;
  }

  /** Whether it must come up: not played for some days, or two ways of it are being tried. */
  private boolean mustComeUp(Work work, LocalDate date) {
    boolean isTried = work.item().trial().isPresent();
    int most = isTried ? 1 : contactDays;
    return work.daysSinceContact(date) >= most;
  }

  /** What is left goes to who is ready, weakest cold record first, then to who climbs. */
  private void spendSpare(
      LocalDate date, int minutes, List<Work> ready, List<Work> climbing, Map<Work, Integer> into) {
    int portion = Model.count("day.spare-minutes");
    int left = minutes;
    for (Work work : ready) {
      if (left >= portion && !into.containsKey(work)) {
        into.put(work, portion);
        work.spared(date);
        left -= portion;
      }
    }
    List<Work> byUrgency = new ArrayList<>(climbing);
    byUrgency.sort(Comparator.comparingDouble((Work w) -> -w.urgency()));
    int most = Model.count("day.most-minutes-a-passage");
    for (Work work : byUrgency) {
      int now = into.getOrDefault(work, 0);
      int more = Math.min(left, most - now);
      if (more > 0 && (now > 0 || more >= Model.count("day.card-from-minutes"))) {
        into.put(work, now + more);
        left -= more;
      }
    }
  }

  private List<Card> visits(LocalDate date, Map<Work, Integer> minutes, List<Card> first) {
    List<Card> cards = new ArrayList<>();
    Optional<Item> last = first.isEmpty() ? Optional.empty() : first.get(first.size() - 1).item();
    int number = first.stream().mapToInt(Card::visit).max().orElse(0);
    VisitOrder order = new VisitOrder(minutes);
    while (!order.isEmpty()) {
      Optional<VisitOrder.Next> next = order.next(last);
      if (next.isEmpty()) {
        isCut = true;
        return cards;
      }
      number++;
      Work work = next.get().work();
      boolean isFirst = next.get().isFirst();
      boolean isCold = isFirst && !isAmong(first, work);
      Visit planned = new Visit(work, date, number, next.get().minutes(), isFirst, isCold, learner);
      List<Card> visit =
          planned.cards().stream().flatMap(c -> work.sparing().ease(c, date).stream()).toList();
      order.giveBack(work, visit.isEmpty() || work.isReady() ? 0 : planned.left());
      cards.addAll(isFirst && !visit.isEmpty() ? withKin(visit, date) : visit);
      last = Optional.of(work.item());
    }
    return cards;
  }

  /** The last card of a visit, its ladder, says what else gains with it. */
  private List<Card> withKin(List<Card> visit, LocalDate date) {
    List<Work> here = passages.stream().filter(w -> !w.isOver(date)).toList();
    Optional<String> words =
        visit.get(0).item().filter(Item::isPassage).flatMap(item -> covered.words(item, here));
    List<Card> cards = new ArrayList<>(visit);
    words.ifPresent(w -> cards.add(cards.remove(cards.size() - 1).saying(w)));
    return cards;
  }

  private void note(LocalDate date, List<Card> played) {
    for (Work work : passages) {
      List<Card> own =
          played.stream().filter(c -> c.item().filter(work.item()::equals).isPresent()).toList();
      if (!own.isEmpty()) {
        boolean rhythm =
            own.stream()
                .anyMatch(c -> c.kind() == CardKind.RHYTHM || c.kind() == CardKind.WHOLE_CLIMB);
        int minutes = own.stream().mapToInt(Card::minutes).sum();
        work.played(date, minutes, rhythm);
        passages.stream()
            .filter(other -> other != work)
            .forEach(o -> o.gains(minutes * kin.share(o.item().id(), work.item().id())));
      }
    }
  }
}
