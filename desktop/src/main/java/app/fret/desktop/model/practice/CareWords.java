package app.fret.desktop.model.practice;

import app.fret.practice.drill.ProposedDrill.Cap;
import app.fret.practice.schedule.Sparing;
import app.fret.practice.schedule.SpotCount;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

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
    Map<Said, Set<String>> bars = new LinkedHashMap<>();
    for (SpotCount count : counts) {
      if (asksForWords(count)) {
        bars.computeIfAbsent(Said.of(count), said -> new LinkedHashSet<>())
            .add(count.spot().place().split(":")[0]);
      }
    }
    bars.forEach((said, of) -> sentences.add(said.words(inOrder(of))));
    return String.join(" ", sentences);
  }

  /** Bars in the order of the music, as far as their labels are numbers. */
  private static List<String> inOrder(Set<String> bars) {
    boolean areNumbers = bars.stream().allMatch(b -> b.matches("\\d{1,6}"));
    return areNumbers
        ? bars.stream().sorted(Comparator.comparingInt(Integer::parseInt)).toList()
        : List.copyOf(bars);
  }

  private static boolean asksForWords(SpotCount count) {
    boolean isBack = count.cap().equals(SpotCount.HALF_CAP);
    return count.today() > 0 || isBack || count.cap().equals(SpotCount.NOT_AT_ALL);
  }

  /** What is said of a spot but for its bar: bars of which the same is said share a sentence. */
  private record Said(int inARow, int today, Cap cap) {
    /** Of what rests nothing is counted. */
    static Said of(SpotCount count) {
      return count.cap().equals(SpotCount.NOT_AT_ALL)
          ? new Said(0, 0, count.cap())
          : new Said(count.inARow(), count.today(), count.cap());
    }

    String words(List<String> bars) {
      boolean isOne = bars.size() == 1;
      String place = (isOne ? "bar " : "bars ") + list(bars);
      String played = isOne ? "it was played " : "they were played ";
      if (cap.equals(SpotCount.NOT_AT_ALL)) {
        return "Leave " + place + " out: " + (isOne ? "it" : "they") + " hurt.";
      }
      if (today >= cap.aDay()) {
        return "Leave " + place + " out for today: " + played + today + " times.";
      }
      if (inARow >= cap.inARow()) {
        return "Leave "
            + place
            + " out of the next pass: "
            + played
            + inARow
            + " times in a row. That pass opens no rung.";
      }
      boolean isBack = cap.equals(SpotCount.HALF_CAP);
      String what =
          isBack
              ? (isOne ? " comes back: " : " come back: ")
              : (isOne ? " stretches" : " stretch") + " the hand: ";
      return "B"
          + place.substring(1)
          + what
          + inARow
          + " of "
          + cap.inARow()
          + " in a row, "
          + today
          + " of "
          + cap.aDay()
          + " today.";
    }

    private static String list(List<String> bars) {
      int last = bars.size() - 1;
      return last == 0
          ? bars.get(0)
          : String.join(", ", bars.subList(0, last)) + " and " + bars.get(last);
    }
  }
}
