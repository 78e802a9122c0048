package app.fret.files.abc;

import app.fret.files.PlainWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Gathers what is wrong in a text and what is left out of it. */
final class AbcFindings {
  /** A text that is no ABC at all must not make a list as long as itself. */
  private static final int MOST = 200;

  private final List<AbcProblem> problems = new ArrayList<>();
  private final Set<String> left = new LinkedHashSet<>();
  private final String text;

  AbcFindings(String text) {
    this.text = text;
  }

  /** Something that must be mended. */
  void problem(int from, int to, int bar, String words, AbcMend... mends) {
    add(from, to, bar, words, true, false, mends);
  }

  /** A bar that is too long or too short, which may stand. */
  void length(int from, int to, int bar, String words, AbcMend... mends) {
    add(from, to, bar, words, false, true, mends);
  }

  /** Something that may stand. */
  void doubt(int from, int to, int bar, String words, AbcMend... mends) {
    add(from, to, bar, words, false, false, mends);
  }

  private void add(
      int from,
      int to,
      int bar,
      String words,
      boolean serious,
      boolean isLength,
      AbcMend... mends) {
    if (problems.size() < MOST) {
      int end = Math.max(from + 1, to);
      problems.add(
          new AbcProblem(
              from,
              end,
              lineOf(from),
              bar,
              PlainWords.clean(words),
              serious,
              isLength,
              List.of(mends)));
    }
  }

  private int lineOf(int index) {
    return 1
        + (int) text.substring(0, Math.min(index, text.length())).lines().count()
        - (index > 0 && index <= text.length() && text.charAt(index - 1) != '\n' ? 1 : 0);
  }

  /** Something that is music but cannot be held. */
  void leave(String words) {
    left.add(PlainWords.clean(words));
  }

  List<AbcProblem> problems() {
    return problems.stream().sorted(Comparator.comparingInt(AbcProblem::from)).toList();
  }

  List<String> left() {
    return List.copyOf(left);
  }
}
