package app.fret.edit;

import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Which bars of a passage are not, or not so, in another reading of the same music.
 *
 * <p>Bars are matched in order, as many as can be; bars put in or taken out push none of the others
 * out of its match.
 */
public final class MendedBars {
  private MendedBars() {}

  /**
   * Bars of the first passage that have no like in the second.
   *
   * @return their indices, in order
   */
  public static Set<Integer> of(Passage music, Passage other) {
    List<Measure> mine = contents(music);
    Set<Integer> unmatched = new TreeSet<>();
    for (int bar = 0; bar < mine.size(); bar++) {
      unmatched.add(bar);
    }
    unmatched.removeAll(pairs(mine, contents(other)).keySet());
    return unmatched;
  }

  /** By bar of the first that is equal to one of the second: that one, both in order. */
  static NavigableMap<Integer, Integer> pairs(List<Measure> mine, List<Measure> theirs) {
    NavigableMap<Integer, Integer> pairs = new TreeMap<>();
    int head = sameAtHead(mine, theirs);
    List<Measure> myRest = mine.subList(head, mine.size());
    List<Measure> theirRest = theirs.subList(head, theirs.size());
    int tail = sameAtHead(reversed(myRest), reversed(theirRest));
    for (int bar = 0; bar < head; bar++) {
      pairs.put(bar, bar);
    }
    for (int bar = 1; bar <= tail; bar++) {
      pairs.put(mine.size() - bar, theirs.size() - bar);
    }
    pairBetween(
        head,
        myRest.subList(0, myRest.size() - tail),
        theirRest.subList(0, theirRest.size() - tail),
        pairs);
    return pairs;
  }

  private static int sameAtHead(List<Measure> mine, List<Measure> theirs) {
    int same = 0;
    while (same < Math.min(mine.size(), theirs.size()) && mine.get(same).equals(theirs.get(same))) {
      same++;
    }
    return same;
  }

  private static List<Measure> reversed(List<Measure> bars) {
    List<Measure> reversed = new ArrayList<>(bars);
    Collections.reverse(reversed);
    return reversed;
  }

  private static void pairBetween(
      int first, List<Measure> mine, List<Measure> theirs, Map<Integer, Integer> pairs) {
    int[][] longest = longestMatches(mine, theirs);
    int i = 0;
    int j = 0;
    while (i < mine.size() && j < theirs.size()) {
      if (mine.get(i).equals(theirs.get(j))) {
        pairs.put(first + i++, first + j++);
      } else if (longest[i + 1][j] >= longest[i][j + 1]) {
        i++;
      } else {
        j++;
      }
    }
  }

  /** By bar of each: how many bars from there on can be matched. */
  private static int[][] longestMatches(List<Measure> mine, List<Measure> theirs) {
    int[][] longest = new int[mine.size() + 1][theirs.size() + 1];
    for (int i = mine.size() - 1; i >= 0; i--) {
      for (int j = theirs.size() - 1; j >= 0; j--) {
        longest[i][j] =
            mine.get(i).equals(theirs.get(j))
                ? longest[i + 1][j + 1] + 1
                : Math.max(longest[i + 1][j], longest[i][j + 1]);
      }
    }
    return longest;
  }

  /** Bars without what tells equal ones apart: numbers, and whether they were edited. */
  static List<Measure> contents(Passage music) {
    return Manuscript.of(music).measures().stream().map(MendedBars::content).toList();
  }

  private static Measure content(Measure bar) {
    List<Item> items = bar.items().stream().map(item -> item.withId(0)).toList();
    return new Measure(
        "", bar.uncounted(), bar.metre(), bar.key(), bar.clef(), bar.edges(), items, false);
  }
}
