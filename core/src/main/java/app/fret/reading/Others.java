package app.fret.reading;

import app.fret.score.Bar;
import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What the other parts of a score do under a passage: what they run on, where that stops, and what
 * can be heard before an entry (common practice, no source).
 *
 * @param running what runs, by stretches of bars, in order
 * @param cues what to listen for before entries after long rests
 */
public record Others(List<Running> running, List<Cue> cues) {
  /** Nothing is known of other parts. */
  public static final Others NONE = new Others(List.of(), List.of());

  private static final int FEWEST_ONSETS = 3;
  private static final int MOST_CUE_NOTES = 4;
  private static final int BARS_OF_REST = 2;

  /**
   * Bars in which some part runs on one value.
   *
   * @param firstBar index of the first of them
   * @param lastBar index of the last
   * @param value what it runs on, as a fraction of a whole note
   * @param part which part; empty where the player said so
   */
  public record Running(int firstBar, int lastBar, Fraction value, String part) {
    /** The value as players write it: 1/16, 1/12 for triplets. */
    public String fraction() {
      return value.getNumerator() + "/" + value.getDenominator();
    }
  }

  /**
   * What sounds before an entry.
   *
   * @param bar index of the bar of the entry
   * @param text who plays what
   */
  public record Cue(int bar, String text) {}

  public Others {
    running = List.copyOf(running);
    cues = List.copyOf(cues);
  }

  /**
   * What other parts do.
   *
   * @param others the other parts, of the same bars
   * @param own the player's passage
   */
  public static Others of(List<Passage> others, Passage own) {
    List<Passage> alike =
        others.stream().filter(p -> p.bars().size() == own.bars().size()).toList();
    List<List<PlayedNote>> notes = alike.stream().map(PlayedNote::of).toList();
    return new Others(running(alike, notes, own), cues(alike, notes, own));
  }

  private static List<Running> running(
      List<Passage> parts, List<List<PlayedNote>> notes, Passage own) {
    List<Running> all = new ArrayList<>();
    List<Map<Integer, List<Fraction>>> onsets = notes.stream().map(Others::onsetsByBar).toList();
    for (int bar = 0; bar < own.bars().size(); bar++) {
      Optional<Running> here = Optional.empty();
      for (int part = 0; part < parts.size(); part++) {
        List<Fraction> inBar = onsets.get(part).getOrDefault(bar, List.of());
        Optional<Fraction> value = runningValue(inBar, parts.get(part).bars().get(bar));
        boolean smaller =
            value.isPresent() && (here.isEmpty() || value.get().compareTo(here.get().value()) < 0);
        if (smaller) {
          here = Optional.of(new Running(bar, bar, value.get(), parts.get(part).partName()));
        }
      }
      here.ifPresent(r -> addOrExtend(all, r));
    }
    return all;
  }

  private static void addOrExtend(List<Running> all, Running next) {
    Running last = all.isEmpty() ? null : all.get(all.size() - 1);
    boolean goesOn =
        last != null
            && last.lastBar() + 1 == next.firstBar()
            && last.value().equals(next.value())
            && last.part().equals(next.part());
    if (goesOn) {
      all.set(
          all.size() - 1, new Running(last.firstBar(), next.lastBar(), next.value(), next.part()));
    } else {
      all.add(next);
    }
  }

  private static Map<Integer, List<Fraction>> onsetsByBar(List<PlayedNote> notes) {
    Map<Integer, List<Fraction>> onsets = new HashMap<>();
    for (PlayedNote note : notes) {
      if (!note.isGrace()) {
        onsets.computeIfAbsent(note.bar(), b -> new ArrayList<>()).add(note.onset());
      }
    }
    return onsets;
  }

  /** The distance that most neighbours keep, where they fill half of the bar with it at least. */
  private static Optional<Fraction> runningValue(List<Fraction> onsets, Bar bar) {
    if (onsets.size() < FEWEST_ONSETS) {
      return Optional.empty();
    }
    Map<Fraction, Integer> counts = new HashMap<>();
    for (int i = 1; i < onsets.size(); i++) {
      counts.merge(onsets.get(i).subtract(onsets.get(i - 1)), 1, Integer::sum);
    }
    return counts.entrySet().stream()
        .filter(e -> e.getValue() > 1)
        .filter(e -> e.getKey().multiply(2 * e.getValue()).compareTo(bar.length()) >= 0)
        .max(
            Comparator.comparingInt((Map.Entry<Fraction, Integer> e) -> e.getValue())
                .thenComparing(e -> e.getKey(), Comparator.reverseOrder()))
        .map(Map.Entry::getKey);
  }

  private static List<Cue> cues(List<Passage> parts, List<List<PlayedNote>> notes, Passage own) {
    List<Cue> cues = new ArrayList<>();
    Fraction before = Fraction.ZERO;
    for (PlayedNote note : PlayedNote.of(own)) {
      Bar bar = own.bars().get(note.bar());
      Fraction silence = note.onset().subtract(before);
      if (silence.compareTo(bar.metre().barLength().multiply(BARS_OF_REST)) >= 0) {
        Fraction from = note.onset().subtract(bar.metre().barLength());
        cueText(parts, notes, from, note.onset())
            .ifPresent(text -> cues.add(new Cue(note.bar(), text)));
      }
      before = note.end().compareTo(before) > 0 ? note.end() : before;
    }
    return cues;
  }

  /** Of the parts that play in the bar before the entry, the one with the most notes there. */
  private static Optional<String> cueText(
      List<Passage> parts, List<List<PlayedNote>> notes, Fraction from, Fraction to) {
    Optional<String> best = Optional.empty();
    int most = 0;
    for (int part = 0; part < parts.size(); part++) {
      List<PlayedNote> heard =
          notes.get(part).stream()
              .filter(n -> n.onset().compareTo(from) >= 0 && n.onset().compareTo(to) < 0)
              .toList();
      if (heard.size() > most) {
        most = heard.size();
        best = Optional.of(parts.get(part).partName() + " plays " + lastOf(heard));
      }
    }
    return best.map(words -> words + " before you");
  }

  private static String lastOf(List<PlayedNote> heard) {
    int first = Math.max(0, heard.size() - MOST_CUE_NOTES);
    return heard.subList(first, heard.size()).stream()
        .map(n -> n.notes().get(n.notes().size() - 1).written().display())
        .collect(Collectors.joining(" "));
  }

  /** Whether something runs in a bar. */
  public boolean runsIn(int bar) {
    return running.stream().anyMatch(r -> r.firstBar() <= bar && bar <= r.lastBar());
  }

  /** The bars in which what ran before does not run any more: there one counts alone. */
  public List<Integer> stops(int bars) {
    List<Integer> stops = new ArrayList<>();
    for (Running each : running) {
      int next = each.lastBar() + 1;
      if (next < bars && !runsIn(next)) {
        stops.add(next);
      }
    }
    return stops;
  }
}
