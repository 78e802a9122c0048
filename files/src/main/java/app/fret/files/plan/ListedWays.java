package app.fret.files.plan;

import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The notes whose other ways are listed. Every way carries its reasons, so that those of a long
 * part outgrow all the rest; what is nearest to the plan is the first a player asks for.
 */
public final class ListedWays {
  /** As many notes as have their ways listed where nothing else is asked. */
  public static final int USUAL = 400;

  /** Ways of one note where those of all are listed. */
  private static final int MOST_OF_SHORT = 8;

  /** Ways of one note where only some notes have them: the dearer ones are rarely asked for. */
  private static final int MOST_OF_LONG = 4;

  private final Set<Integer> notes;
  private final int mostOfOne;

  private ListedWays(Set<Integer> notes, int mostOfOne) {
    this.notes = notes;
    this.mostOfOne = mostOfOne;
  }

  /**
   * Those of a plan.
   *
   * @param most notes with ways at most, from 0; those with the least extra effort come first, and
   *     the earlier of two alike
   */
  public static ListedWays of(LeftHandPlan plan, int most) {
    List<NotePlan> all = plan.notes();
    if (all.size() <= most) {
      return new ListedWays(
          all.stream().map(n -> n.note().number()).collect(Collectors.toUnmodifiableSet()),
          MOST_OF_SHORT);
    }
    return new ListedWays(
        all.stream()
            .map(n -> new Nearest(n.note().number(), n.otherWays()))
            .filter(n -> !n.ways.isEmpty())
            .sorted(Comparator.comparingDouble(Nearest::extraEffort))
            .limit(most)
            .map(Nearest::note)
            .collect(Collectors.toUnmodifiableSet()),
        MOST_OF_LONG);
  }

  /** How many notes have theirs listed. */
  int notes() {
    return notes.size();
  }

  /** The ways of a note that are printed. */
  List<OtherWay> of(NotePlan note) {
    return notes.contains(note.note().number())
        ? note.otherWays().stream().limit(mostOfOne).toList()
        : List.of();
  }

  /** Whether the ways of a note, or of the stroke that begins with it, are printed. */
  boolean has(int note) {
    return notes.contains(note);
  }

  /** A note and the cheapest of its ways. */
  private record Nearest(int note, List<OtherWay> ways) {
    double extraEffort() {
      return ways.get(0).extraEffort();
    }
  }
}
