package app.fret.desktop.model.practice;

import app.fret.practice.schedule.Sparing;
import app.fret.practice.schedule.SpotCount;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** What is said beside the music of the places that hurt or load the hand. */
public final class CareWords {
  private CareWords() {}

  /**
   * What rests since it hurt, then what was played so often that it is left out, then the counts.
   *
   * @param sparing what the passage is spared
   * @param counts the spots that load the hand, counted over the day
   */
  public static String of(Sparing sparing, List<SpotCount> counts, LocalDate today) {
    List<String> sentences = new ArrayList<>();
    sparing.sentence(today).ifPresent(sentences::add);
    counts.stream().filter(c -> c.cap().aDay() > 0).map(CareWords::of).forEach(sentences::add);
    return String.join(" ", sentences.stream().filter(s -> !s.isEmpty()).toList());
  }

  private static String of(SpotCount count) {
    String bar = "bar " + count.spot().place().split(":")[0];
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
    return count.today() == 0
        ? ""
        : "Bar "
            + count.spot().place().split(":")[0]
            + " stretches the hand: "
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
