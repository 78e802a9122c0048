package app.fret.score;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The bars of a passage in the order they are played: repeats and endings written out.
 *
 * <p>A repeat without a start goes back to the start of the passage, or to the bar after the repeat
 * before it. A jump such as da capo is no repeat: it is listed when a file is read, and not played.
 *
 * @param bars indexes of bars, each as often as it is played
 */
public record PlayOrder(List<Integer> bars) {
  /** Numbers of more than two digits are no numbers of endings. */
  private static final Pattern NUMBER = Pattern.compile("\\d+");

  public PlayOrder {
    bars = List.copyOf(bars);
  }

  /** The order in which the bars of a passage are played. */
  public static PlayOrder of(Passage passage) {
    List<Integer> order = new ArrayList<>();
    walk(passage, section -> section.play(order::add));
    return new PlayOrder(order);
  }

  /**
   * Seconds that one pass through a passage takes. Bars are counted, not laid out one after the
   * other: a page of repeats is long to play and short to add up.
   */
  public static double seconds(Passage passage, TempoMap tempos) {
    int[] times = new int[passage.bars().size()];
    walk(passage, section -> section.count(times));
    double seconds = 0;
    for (int i = 0; i < times.length; i++) {
      Bar bar = passage.bars().get(i);
      seconds += times[i] * tempos.seconds(bar.onset(), bar.end());
    }
    return seconds;
  }

  private static void walk(Passage passage, Consumer<Section> visitor) {
    int start = 0;
    while (start < passage.bars().size()) {
      Section section = Section.from(passage.bars(), start);
      visitor.accept(section);
      start = section.last + 1;
    }
  }

  /**
   * Bars that are played together so many times.
   *
   * @param times how often, at least 1
   * @param firstEnding index of the first bar under an ending bracket; one past the last for none
   */
  private record Section(List<Bar> all, int first, int last, int times, int firstEnding) {
    static Section from(List<Bar> bars, int first) {
      int repeatEnd = first;
      while (repeatEnd < bars.size() && bars.get(repeatEnd).edges().repeatTimes() == 0) {
        boolean nextStarts =
            repeatEnd + 1 < bars.size() && bars.get(repeatEnd + 1).edges().repeatStart();
        if (nextStarts && !laterEnding(bars, repeatEnd + 1)) {
          return new Section(bars, first, repeatEnd, 1, repeatEnd + 1);
        }
        repeatEnd++;
      }
      if (repeatEnd == bars.size()) {
        return new Section(bars, first, repeatEnd - 1, 1, repeatEnd);
      }
      int firstEnding = firstEnding(bars, first, repeatEnd);
      int last = repeatEnd;
      int times = Math.max(2, bars.get(repeatEnd).edges().repeatTimes());
      while (firstEnding <= repeatEnd && last + 1 < bars.size() && laterEnding(bars, last + 1)) {
        last = endOfEnding(bars, last + 1);
        times = Math.max(times, highestNumber(bars, firstEnding, last));
      }
      return new Section(bars, first, last, times, firstEnding);
    }

    private static int firstEnding(List<Bar> bars, int first, int last) {
      for (int bar = first; bar <= last; bar++) {
        if (bars.get(bar).edges().endingStart().isPresent()) {
          return bar;
        }
      }
      return last + 1;
    }

    private static boolean laterEnding(List<Bar> bars, int bar) {
      return bars.get(bar).edges().endingStart().map(t -> lowest(t) > 1).orElse(false);
    }

    private static int endOfEnding(List<Bar> bars, int from) {
      int bar = from;
      while (!bars.get(bar).edges().endingStop()
          && bar + 1 < bars.size()
          && bars.get(bar + 1).edges().endingStart().isEmpty()) {
        bar++;
      }
      return bar;
    }

    private static int highestNumber(List<Bar> bars, int first, int last) {
      return bars.subList(first, last + 1).stream()
          .flatMap(b -> b.edges().endingStart().stream())
          .flatMap(t -> numbers(t).stream())
          .mapToInt(Integer::intValue)
          .max()
          .orElse(1);
    }

    void play(IntConsumer visitor) {
      for (int pass = 1; pass <= times; pass++) {
        for (int bar = first; bar < Math.min(firstEnding, last + 1); bar++) {
          visitor.accept(bar);
        }
        playEnding(pass, visitor);
      }
    }

    private void playEnding(int pass, IntConsumer visitor) {
      boolean sounds = false;
      for (int bar = firstEnding; bar <= last; bar++) {
        sounds = all.get(bar).edges().endingStart().map(t -> holds(t, pass)).orElse(sounds);
        if (sounds) {
          visitor.accept(bar);
        }
      }
    }

    /** Adds how often each bar is played. */
    void count(int[] counts) {
      for (int bar = first; bar < Math.min(firstEnding, last + 1); bar++) {
        counts[bar] += times;
      }
      for (int pass = 1; pass <= times && firstEnding <= last; pass++) {
        playEnding(pass, bar -> counts[bar]++);
      }
    }

    /** Whether an ending is for this time; one without a number is for every time. */
    private static boolean holds(String text, int pass) {
      List<Integer> numbers = numbers(text);
      return numbers.isEmpty() || numbers.contains(pass);
    }

    private static int lowest(String text) {
      return numbers(text).stream().mapToInt(Integer::intValue).min().orElse(1);
    }

    private static List<Integer> numbers(String text) {
      List<Integer> numbers = new ArrayList<>();
      Matcher matcher = NUMBER.matcher(text);
      while (matcher.find() && matcher.group().length() < 3) {
        numbers.add(Integer.parseInt(matcher.group()));
      }
      return numbers;
    }
  }
}
