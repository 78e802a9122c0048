package app.fret.reading;

import app.fret.score.Bar;
import app.fret.score.Event;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * How the beats of a bar are grouped, with words to say on them (common practice, no source).
 *
 * @param bar index of the bar
 * @param groups sizes of the groups in units of the metre, in order
 * @param uneven whether they are of unequal size, so that one counts aloud
 */
public record BeatGroups(int bar, List<Integer> groups, boolean uneven) {
  private static final List<String> NUMBERS = List.of("one", "two", "three", "four");

  /** Groupings that are tried where a metre prints none, the usual one first. */
  private static final List<List<Integer>> OF_FIVE = List.of(List.of(3, 2), List.of(2, 3));

  private static final int EIGHTH = 8;

  /** What a slur weighs beside the start of a note, which weighs 1. */
  private static final int SLUR = 3;

  private static final List<List<Integer>> OF_SEVEN =
      List.of(List.of(3, 2, 2), List.of(2, 2, 3), List.of(2, 3, 2));

  private static final List<List<Integer>> OF_EIGHT =
      List.of(List.of(3, 3, 2), List.of(3, 2, 3), List.of(2, 3, 3));

  private static final List<List<Integer>> OF_TEN =
      List.of(List.of(3, 3, 2, 2), List.of(2, 3, 2, 3), List.of(3, 2, 3, 2), List.of(2, 2, 3, 3));

  /** What an accent weighs, beside the start of a note. */
  private static final int ACCENT = 2;

  public BeatGroups {
    groups = List.copyOf(groups);
  }

  /** The groups of every bar of a passage. */
  public static List<BeatGroups> of(Passage passage, List<PlayedNote> notes) {
    List<List<Slurred>> slurs = slurs(passage);
    List<Set<Fraction>> onsets = new ArrayList<>();
    List<Set<Fraction>> accents = new ArrayList<>();
    passage.bars().forEach(b -> onsets.add(new HashSet<>()));
    passage.bars().forEach(b -> accents.add(new HashSet<>()));
    for (PlayedNote note : notes) {
      Fraction place = passage.bars().get(note.bar()).placeInMetre(note.onset());
      onsets.get(note.bar()).add(place);
      if (isAccented(note)) {
        accents.get(note.bar()).add(place);
      }
    }
    List<BeatGroups> all = new ArrayList<>();
    for (int i = 0; i < passage.bars().size(); i++) {
      Metre metre = passage.bars().get(i).metre();
      all.add(of(i, metre, onsets.get(i), accents.get(i), slurs.get(i)));
    }
    return List.copyOf(all);
  }

  private static boolean isAccented(PlayedNote note) {
    return note.marks().articulations().contains(Marks.Articulation.ACCENT)
        || note.marks().articulations().contains(Marks.Articulation.STRONG_ACCENT);
  }

  /** The part of a slur that lies in a bar: where its first and last notes begin there. */
  private record Slurred(Fraction first, Fraction last) {}

  private static List<List<Slurred>> slurs(Passage passage) {
    List<List<Slurred>> slurs = new ArrayList<>();
    passage.bars().forEach(b -> slurs.add(new ArrayList<>()));
    for (Span slur : passage.slurs()) {
      Event first = passage.events().get(slur.first());
      Event last = passage.events().get(slur.last());
      if (first.bar() == last.bar()) {
        Bar bar = passage.bars().get(first.bar());
        slurs
            .get(first.bar())
            .add(new Slurred(bar.placeInMetre(first.onset()), bar.placeInMetre(last.onset())));
      }
    }
    return slurs;
  }

  private static BeatGroups of(
      int bar, Metre metre, Set<Fraction> onsets, Set<Fraction> accents, List<Slurred> slurs) {
    List<List<Integer>> tried = groupings(metre);
    if (tried.isEmpty()) {
      return new BeatGroups(bar, metre.groups(), metre.groups().stream().distinct().count() > 1);
    }
    List<Integer> best = tried.get(0);
    int most = Integer.MIN_VALUE;
    for (List<Integer> grouping : tried) {
      int begun =
          begun(grouping, metre, onsets)
              + ACCENT * starts(grouping, metre, accents)
              + slurred(grouping, metre, slurs)
              - grouping.size();
      if (begun > most) {
        most = begun;
        best = grouping;
      }
    }
    return new BeatGroups(bar, best, true);
  }

  private static List<List<Integer>> groupings(Metre metre) {
    boolean single = metre.groups().size() == 1 && !metre.isFree();
    return switch (single ? metre.upper() : 0) {
      case 5 -> OF_FIVE;
      case 7 -> OF_SEVEN;
      case 8 -> metre.unit() == 8 ? OF_EIGHT : List.of();
      case 10 -> metre.unit() >= EIGHTH ? OF_TEN : List.of();
      case 11 -> compositions(11);
      case 13 -> compositions(13);
      default -> List.of();
    };
  }

  /** Twos and threes that make up a long metre, those with threes first before the others. */
  private static List<List<Integer>> compositions(int whole) {
    List<List<Integer>> all = new ArrayList<>();
    compose(whole, List.of(), all);
    return all;
  }

  private static void compose(int left, List<Integer> before, List<List<Integer>> all) {
    if (left == 0) {
      all.add(before);
    }
    for (int size = 3; size >= 2; size--) {
      if (left >= size) {
        List<Integer> longer = new ArrayList<>(before);
        longer.add(size);
        compose(left - size, longer, all);
      }
    }
  }

  /** How many groups begin with one of these places, the first left out. */
  private static int starts(List<Integer> grouping, Metre metre, Set<Fraction> places) {
    int starts = 0;
    int at = grouping.get(0);
    for (int size : grouping.subList(1, grouping.size())) {
      starts += places.contains(Fraction.of(at, metre.unit())) ? 1 : 0;
      at += size;
    }
    return starts;
  }

  /** A group that begins with a note counts; one whose unit before has no note, twice. */
  private static int begun(List<Integer> grouping, Metre metre, Set<Fraction> onsets) {
    int begun = 0;
    int at = 0;
    for (int size : grouping) {
      Fraction start = Fraction.of(at, metre.unit());
      boolean begins = onsets.contains(start);
      boolean held = at > 0 && !onsets.contains(Fraction.of(at - 1, metre.unit()));
      begun += begins ? held ? 2 : 1 : 0;
      at += size;
    }
    return begun;
  }

  /**
   * Slurs are printed by groups: one that begins with a group speaks for it, one over its start
   * against.
   */
  private static int slurred(List<Integer> grouping, Metre metre, List<Slurred> slurs) {
    int sum = 0;
    int at = grouping.get(0);
    for (int size : grouping.subList(1, grouping.size())) {
      Fraction start = Fraction.of(at, metre.unit());
      for (Slurred slur : slurs) {
        boolean isOver = slur.first().compareTo(start) < 0 && slur.last().compareTo(start) >= 0;
        sum += slur.first().equals(start) ? SLUR : isOver ? -SLUR : 0;
      }
      at += size;
    }
    return sum;
  }

  /** Words to say: one two, one two three. */
  public List<String> words() {
    return groups.stream().map(BeatGroups::words).toList();
  }

  private static String words(int size) {
    return NUMBERS.subList(0, Math.min(size, NUMBERS.size())).stream()
        .collect(Collectors.joining(" "));
  }

  /** The felt beats: the groups where the metre counts in eighths or less, else its own. */
  public List<Fraction> beats(Metre metre) {
    return metre.unit() >= EIGHTH ? lengths(metre) : metre.beats();
  }

  /** Where each group begins from the start of the bar, and how long it is. */
  public List<Fraction> lengths(Metre metre) {
    return uneven ? groups.stream().map(g -> Fraction.of(g, metre.unit())).toList() : metre.beats();
  }
}
