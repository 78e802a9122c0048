package app.fret.files.abc;

import app.fret.files.abc.AbcSigns.Text;
import app.fret.score.Finger;
import java.util.List;
import java.util.Optional;
import java.util.function.IntSupplier;

/** Reads the signs and words that stand before a note and wait for it. */
final class AbcSignReader {
  private final AbcFindings findings;
  private final IntSupplier bar;
  private AbcSigns waiting = new AbcSigns();

  /**
   * A reader with nothing waiting.
   *
   * @param bar number of the bar being read
   */
  AbcSignReader(AbcFindings findings, IntSupplier bar) {
    this.findings = findings;
    this.bar = bar;
  }

  /** What waits, for a note that takes it. */
  AbcSigns take() {
    AbcSigns taken = waiting;
    waiting = new AbcSigns();
    return taken;
  }

  /** Gives the last finger that waits to a head. */
  void takeFinger(AbcItem.Head head) {
    List<Finger> fingers = waiting.fingers();
    if (!fingers.isEmpty()) {
      head.setFinger(fingers.get(fingers.size() - 1));
      fingers.clear();
    }
  }

  /** Reads words between quotation marks. */
  void words(AbcCursor cursor) {
    int from = cursor.at();
    int close = cursor.indexOf('"');
    if (close < 0) {
      findings.problem(
          from,
          cursor.end(),
          bar.getAsInt(),
          "the words are not closed; write \" behind them",
          AbcMend.with("Close them", cursor.end(), "\""));
      cursor.goTo(cursor.end());
      return;
    }
    cursor.goTo(close + 1);
    String words = cursor.text(from + 1, close);
    if (words.isBlank()) {
      return;
    }
    switch (words.charAt(0)) {
      case '^', '<', '>', '@' -> waiting.add(new Text(words.substring(1).strip(), true));
      case '_' -> waiting.add(new Text(words.substring(1).strip(), false));
      default -> findings.leave("chord symbols such as " + cursor.text(from, cursor.at()));
    }
  }

  /** Reads a sign between exclamation marks. */
  void named(AbcCursor cursor) {
    int from = cursor.at();
    int close = cursor.indexOf('!');
    if (close < 0) {
      findings.problem(
          from,
          from + 1,
          bar.getAsInt(),
          "the sign is not closed; write ! behind its name",
          AbcMend.without(from, from + 1));
      cursor.skip(1);
      return;
    }
    cursor.goTo(close + 1);
    add(cursor.text(from + 1, close).strip());
  }

  /**
   * Reads a sign of one letter.
   *
   * @return whether the letter is one
   */
  boolean letter(AbcCursor cursor) {
    Optional<String> name = AbcDecorations.ofLetter(cursor.next());
    if (name.isPresent()) {
      cursor.skip(1);
      add(name.get());
    }
    return name.isPresent();
  }

  private void add(String name) {
    AbcDecorations.named(name)
        .ifPresentOrElse(
            effect -> effect.accept(waiting), () -> findings.leave("the sign !" + name + "!"));
  }
}
