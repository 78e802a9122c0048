package app.fret.desktop.model.practice;

import app.fret.practice.schedule.Sparing;
import app.fret.practice.schedule.SpotCount;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/**
 * What to do about the places that hurt or load the hand, in few words beside the music; why stands
 * with the reason of the card.
 */
public final class CareWords {
  private CareWords() {}

  /**
   * What is left out since it hurt or was played often enough, and what was counted of the others.
   *
   * @param sparing what the passage is spared
   * @param counts the spots that load the hand, counted over the day
   */
  public static String of(Sparing sparing, List<SpotCount> counts, LocalDate today) {
    List<String> sentences = new ArrayList<>();
    if (sparing.isOff(today)) {
      sentences.add("Leave this passage out: it hurt.");
    }
    counts.stream().map(CareWords::of).forEach(sentences::add);
    return String.join(" ", sentences.stream().filter(s -> !s.isEmpty()).toList());
  }

  private static String of(SpotCount count) {
    String number = count.spot().place().split(":")[0];
    String bar = "bar " + number;
    if (count.cap().equals(SpotCount.NOT_AT_ALL)) {
      return "Leave " + bar + " out: it hurt.";
    }
    if (count.isFullForToday()) {
      return "Leave " + bar + " out for today: it was played " + count.today() + " times.";
    }
    if (count.isFull()) {
      return "Leave "
          + bar
          + " out of the next pass: it was played "
          + count.inARow()
          + " times in a row. That pass opens no rung.";
    }
    boolean isBack = count.cap().equals(SpotCount.HALF_CAP);
    return count.today() == 0 && !isBack
        ? ""
        : "Bar "
            + number
            + (isBack ? " comes back: " : " stretches the hand: ")
            + count.inARow()
            + " of "
            + count.cap().inARow()
            + " in a row, "
            + count.today()
            + " of "
            + count.cap().aDay()
            + " today.";
  }
}
