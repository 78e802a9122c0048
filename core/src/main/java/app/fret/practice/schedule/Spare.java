package app.fret.practice.schedule;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/** What is said of minutes that a day leaves free: what they are good for, or that it is enough. */
final class Spare {
  private Spare() {}

  /**
   * The words; empty where hardly any are free.
   *
   * @param passages the passages of the programme
   * @param isCut whether a passage had more minutes than could be laid between others
   */
  static Optional<String> words(
      Learner learner, Collection<Work> passages, LocalDate day, List<Card> cards, boolean isCut) {
    int free = learner.minutesPerDay() - cards.stream().mapToInt(Card::minutes).sum();
    if (free < Model.count("day.spare-from-minutes")) {
      return Optional.empty();
    }
    List<Work> live = passages.stream().filter(w -> !w.isOver(day)).toList();
    return Optional.of(
        free
            + " of "
            + learner.minutesPerDay()
            + " minutes are free. "
            + why(live, day, cards, isCut));
  }

  private static String why(List<Work> live, LocalDate day, List<Card> cards, boolean isCut) {
    if (live.isEmpty()) {
      return "Add a passage, a scale or a study.";
    }
    if (live.stream().anyMatch(w -> Taper.isTheDay(w, day))) {
      return "This is enough on the day itself.";
    }
    if (Taper.share(live, day) < 1) {
      return "So close to the date rest helps more than repeats.";
    }
    if (live.stream().allMatch(Work::isReady)) {
      return "All passages are ready and this keeps them so. Use the time for scales, studies or"
          + " something new.";
    }
    if (isCut) {
      return "No passage is played twice in a row: add another passage, a scale or a study to come"
          + " between.";
    }
    int most = Model.count("day.most-minutes-a-passage");
    String enough =
        cards.stream().anyMatch(c -> minutesOf(c, cards) >= most - 1)
            ? "More than " + most + " minutes a day of one passage add little."
            : "The passages have what helps in a day; more passes at the same tempo add little.";
    return enough + " Use the time for scales, a study or another passage, or stop here.";
  }

  /** Minutes of all cards of a card's passage. */
  private static int minutesOf(Card card, List<Card> cards) {
    return cards.stream()
        .filter(c -> c.item().isPresent() && c.item().equals(card.item()))
        .mapToInt(Card::minutes)
        .sum();
  }
}
