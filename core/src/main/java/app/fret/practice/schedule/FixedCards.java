package app.fret.practice.schedule;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** Makes the cards that a teacher set for a day, each with the passes that fit its minutes. */
final class FixedCards {
  private static final double SECONDS_A_MINUTE = 60;

  private final Collection<Work> works;
  private final LocalDate date;
  private final int firstVisit;
  private final List<Card> cards = new ArrayList<>();

  private FixedCards(Collection<Work> works, LocalDate date, int firstVisit) {
    this.works = works;
    this.date = date;
    this.firstVisit = firstVisit;
  }

  /**
   * The cards of a day, in the order they were set. What hurt is spared in them too; a passage
   * whose date is over, or is this day, has none.
   */
  static List<Card> of(Learner learner, Collection<Work> works, LocalDate date, int firstVisit) {
    FixedCards fixed = new FixedCards(works, date, firstVisit);
    learner.week().stream().filter(c -> c.weekday() == date.getDayOfWeek()).forEach(fixed::add);
    return fixed.cards;
  }

  private void add(FixedCard set) {
    works.stream()
        .filter(w -> w.item().id().equals(set.item()))
        .filter(w -> !w.isOver(date) && !Taper.isTheDay(w, date))
        .findFirst()
        .ifPresent(w -> cards.addAll(w.sparing().ease(card(w, set), date).stream().toList()));
  }

  private int visit(Work work) {
    Optional<Card> last =
        cards.isEmpty() ? Optional.empty() : Optional.of(cards.get(cards.size() - 1));
    boolean goesOn = last.flatMap(Card::item).filter(work.item()::equals).isPresent();
    return last.map(c -> goesOn ? c.visit() : c.visit() + 1).orElse(firstVisit);
  }

  private Card card(Work work, FixedCard set) {
    if (!work.item().isPassage()) {
      return Card.plain(
          work.item().kind().card(),
          Optional.of(work.item()),
          visit(work),
          set.minutes(),
          why(set));
    }
    double perMinute = set.perMinute().orElseGet(() -> usual(work, set.kind()));
    Optional<Spot> spot = set.kind() == CardKind.DRILL ? spot(work, set) : Optional.empty();
    Optional<String> drill =
        spot.flatMap(s -> set.drill().or(() -> s.drills().stream().findFirst()));
    return new Card(
        set.kind(),
        Optional.of(work.item()),
        visit(work),
        OptionalDouble.of(perMinute),
        passes(work, set, perMinute, spot, drill),
        set.minutes(),
        why(set),
        spot,
        drill);
  }

  private static double usual(Work work, CardKind kind) {
    return switch (kind) {
      case MOCK -> work.mockPerMinute();
      case UPKEEP -> work.isReady() ? work.item().target().perMinute() : work.rungPerMinute(0);
      case DRILL, RHYTHM -> work.rungPerMinute(1);
      default -> work.rungPerMinute(0);
    };
  }

  /** The place that was named, else the hardest that has the drill, else the hardest. */
  private static Optional<Spot> spot(Work work, FixedCard set) {
    List<Spot> spots = work.item().spots();
    if (set.spot().isPresent()) {
      String place = set.spot().get();
      return work.item()
          .spotAt(place)
          .or(
              () ->
                  Optional.of(
                      new Spot(
                          place, "bar " + place.split(":")[0], List.of("chain-forward"), false)));
    }
    return spots.stream()
        .filter(s -> set.drill().filter(s.drills()::contains).isPresent())
        .findFirst()
        .or(() -> spots.stream().findFirst());
  }

  private static int passes(
      Work work, FixedCard set, double perMinute, Optional<Spot> spot, Optional<String> drill) {
    Item item = work.item();
    return switch (set.kind()) {
      case MOCK -> 1;
      case RHYTHM -> Model.count("rhythm.forms");
      case DRILL -> {
        double slowest = work.standing().climb().ladder().rungs().get(0);
        double once = spot.map(s -> drill.map(s::seconds).orElse(0.0)).orElse(0.0);
        yield once > 0 ? fitting(set, once * slowest / perMinute + between()) : 0;
      }
      default -> fitting(set, item.passSecondsAt(perMinute / item.target().perMinute()));
    };
  }

  private static double between() {
    return Model.figure("day.between-passes-seconds");
  }

  private static int fitting(FixedCard set, double seconds) {
    int fits = (int) (set.minutes() * SECONDS_A_MINUTE / seconds);
    return Math.max(1, Math.min(Model.count("card.most-passes"), fits));
  }

  private static String why(FixedCard set) {
    String day = set.weekday().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    String said = set.words().isBlank() ? "" : ": " + set.words().strip();
    return "set by your teacher for " + day + "s" + said;
  }
}
