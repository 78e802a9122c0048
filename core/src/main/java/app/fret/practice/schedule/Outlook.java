package app.fret.practice.schedule;

import app.fret.practice.schedule.ItemOutlook.State;
import app.fret.practice.schedule.Learner.Stance;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** How each item will fare, and what could give where a date cannot be met. */
final class Outlook {
  private static final double[] MORE_MINUTES = {1.25, 1.5};
  private static final double[] LOWER_TARGETS = {0.94, 0.90};

  private static final double AS_GOOD_AS_ALL = 0.99;

  private final Learner learner;
  private final List<Standing> standings;
  private final LocalDate today;
  private final List<ItemOutlook> items;

  /**
   * The outlook.
   *
   * @param days of each item how it stood on the last days, oldest first, today the last
   */
  Outlook(Learner learner, List<List<Standing>> days, LocalDate today) {
    this.learner = learner;
    this.standings = days.stream().map(d -> d.get(d.size() - 1)).toList();
    this.today = today;
    this.items = days.stream().map(this::item).toList();
  }

  List<ItemOutlook> items() {
    return items;
  }

  private ItemOutlook item(List<Standing> days) {
    Standing standing = days.get(days.size() - 1);
    Optional<LocalDate> readyBy = standing.item().readyBy(standing.plannedOn(today));
    if (!standing.item().isPassage()) {
      return new ItemOutlook(
          standing.item(),
          standing,
          readyBy,
          Optional.empty(),
          State.UNKNOWN,
          Optional.empty(),
          Optional.empty(),
          Optional.empty());
    }
    State state = Prognosis.of(learner, days, today);
    Optional<Forecast> forecast = Forecast.of(standing, today).filter(Forecast::isOfUse);
    return new ItemOutlook(
        standing.item(),
        standing,
        readyBy,
        forecast,
        state,
        Prognosis.why(state, standing),
        warning(standing, state),
        standing.sparing().sentence(today));
  }

  private Optional<String> warning(Standing standing, State state) {
    Item item = standing.item();
    if (state == State.CANNOT) {
      return Optional.of(
          item.due().orElseThrow().isBefore(today)
              ? "Its date is over."
              : "At the pace so far it will not be ready by its date, even with all the minutes.");
    }
    if (state == State.BEHIND) {
      return Optional.of("At the pace so far it is likely not ready by its date.");
    }
    return standing.isAtPlateau()
        ? Optional.of(
            "No new rung in five days of practice: rhythms up the ladder, or another drill, may help.")
        : Optional.empty();
  }

  /** What could give; nothing while every date may still be met. */
  List<Offer> offers() {
    List<Standing> dated =
        standings.stream()
            .filter(s -> s.item().isPassage() && s.item().due().isPresent())
            .filter(s -> !s.item().due().get().isBefore(today))
            .toList();
    boolean late =
        items().stream().anyMatch(i -> i.state() == State.CANNOT || i.state() == State.BEHIND);
    if (!late || dated.isEmpty()) {
      return List.of();
    }
    Projection asItIs = projection(learner, dated, 1);
    int now = asItIs.ready();
    List<Offer> offers = new ArrayList<>();
    addReachable(offers, dated, asItIs);
    addMinutes(offers, dated, now);
    addTargets(offers, dated, now);
    addFewer(offers, dated, now);
    addStance(offers, dated, now);
    return offers;
  }

  private int ready(Learner with, List<Standing> of, double targetShare) {
    return projection(with, of, targetShare).ready();
  }

  private Projection projection(Learner with, List<Standing> of, double targetShare) {
    Projection projection = new Projection(with, today);
    of.forEach(s -> projection.with(s, targetShare));
    return projection;
  }

  /** The tempo that each passage which is late can still reach. */
  private void addReachable(List<Offer> offers, List<Standing> dated, Projection asItIs) {
    for (ItemOutlook item : items) {
      boolean late = item.state() == State.CANNOT || item.state() == State.BEHIND;
      if (late && dated.contains(item.standing())) {
        double share = asItIs.reached(item.standing());
        if (share < AS_GOOD_AS_ALL) {
          offers.add(reachable(item, share));
        }
      }
    }
  }

  private static Offer reachable(ItemOutlook item, double share) {
    String text =
        String.format(
            Locale.ROOT,
            "%s at about %.0f a minute by its date, %.0f %% of the target.",
            item.item().title(),
            Math.floor(share * item.item().target().perMinute()),
            100 * share);
    return new Offer(Offer.Kind.TEMPO, text, share, Optional.of(item.item()));
  }

  private static String about(int ready, int of, int now) {
    return "about " + ready + " of " + of + " ready by their dates, now about " + now;
  }

  private void addMinutes(List<Offer> offers, List<Standing> dated, int now) {
    for (double times : MORE_MINUTES) {
      int minutes = (int) Math.round(learner.minutesPerDay() * times);
      int ready = ready(learner.withMinutes(minutes), dated, 1);
      if (ready > now) {
        String text =
            minutes + " minutes a day: " + about(ready, dated.size(), now) + ". Rest as before.";
        offers.add(new Offer(Offer.Kind.MINUTES, text, minutes));
      }
    }
  }

  private void addTargets(List<Offer> offers, List<Standing> dated, int now) {
    for (double share : LOWER_TARGETS) {
      int ready = ready(learner, dated, share);
      if (ready > now) {
        String text =
            String.format(
                Locale.ROOT,
                "%.0f %% of the target tempo: %s.",
                100 * share,
                about(ready, dated.size(), now));
        offers.add(new Offer(Offer.Kind.TEMPO, text, share));
      }
    }
  }

  /** Without the passage that is farthest off. */
  private void addFewer(List<Offer> offers, List<Standing> dated, int now) {
    if (dated.size() < 2) {
      return;
    }
    Standing farthest =
        dated.stream()
            .max(Comparator.comparingDouble(s -> (0.1 - s.theta()) / s.rate()))
            .orElseThrow();
    List<Standing> fewer = dated.stream().filter(s -> s != farthest).toList();
    int ready = ready(learner, fewer, 1);
    if (ready > now) {
      String text =
          "Without " + farthest.item().title() + ": " + about(ready, fewer.size(), now) + ".";
      offers.add(new Offer(Offer.Kind.PASSAGES, text, fewer.size()));
    }
  }

  private void addStance(List<Offer> offers, List<Standing> dated, int now) {
    boolean even = learner.stance() == Stance.EVEN;
    Stance other = even ? Stance.AS_MANY_READY_AS_POSSIBLE : Stance.EVEN;
    int ready = ready(learner.with(other), dated, 1);
    if (ready > now) {
      String what = even ? "Equal minutes for each" : "Most minutes for the weakest";
      offers.add(
          new Offer(Offer.Kind.STANCE, what + ": " + about(ready, dated.size(), now) + ".", ready));
    }
  }
}
