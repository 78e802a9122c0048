package app.fret.files.abc;

import app.fret.files.PlainWords;
import app.fret.files.abc.AbcSigns.Text;
import app.fret.score.Finger;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntSupplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the signs and words that stand before a note and wait for it. */
final class AbcSignReader {
  private static final Pattern OWN =
      Pattern.compile("([H-Wh-w~])\\s*=\\s*[!+\"]?([^!+\"]*)[!+\"]?");
  private static final Pattern NAME = Pattern.compile("[^|]{1,30}");

  /** Names that take a letter back. */
  private static final Set<String> NOTHING = Set.of("nil", "none", "");

  private final AbcFindings findings;
  private final IntSupplier bar;
  private final Map<Character, String> own = new HashMap<>();
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

  /** Whether a letter may stand for a sign of one's own (ABC 2.1, section 4.16). */
  static boolean isOwn(char letter) {
    return letter >= 'H' && letter <= 'W' || letter >= 'h' && letter <= 'w';
  }

  /** Names a sign of one's own, as {@code T = !trill!} does; one that is none is listed. */
  void define(String words) {
    Matcher matcher = OWN.matcher(words);
    if (matcher.matches()) {
      own.put(matcher.group(1).charAt(0), matcher.group(2).strip());
    } else {
      findings.leave("U:" + words);
    }
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
    String words = PlainWords.clean(cursor.text(from + 1, close));
    if (words.isEmpty() || words.matches("[_^<>@]\\s*")) {
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
    boolean isName =
        close > 0 && isName(cursor.text(from + 1, close), cursor.text(from, cursor.end()));
    if (!isName) {
      boolean breaksLine = cursor.text(from + 1, cursor.end()).isBlank();
      if (!breaksLine) { // as older ABC has it
        findings.doubt(
            from,
            from + 1,
            bar.getAsInt(),
            "the sign is not closed and is left out; write ! behind its name",
            AbcMend.without(from, from + 1));
      }
      cursor.skip(1);
      return;
    }
    cursor.goTo(close + 1);
    add(cursor.text(from + 1, close).strip());
  }

  /** Where one ! of a line is too many, what it seems to open with the next may be music. */
  private static boolean isName(String name, String line) {
    boolean inPairs = line.chars().filter(c -> c == '!').count() % 2 == 0;
    return NAME.matcher(name).matches() && (inPairs || !name.strip().contains(" "));
  }

  /**
   * Reads a sign of one letter.
   *
   * @return whether the letter is one
   */
  boolean letter(AbcCursor cursor) {
    Optional<String> name =
        Optional.ofNullable(own.get(cursor.next()))
            .or(() -> AbcDecorations.ofLetter(cursor.next()));
    if (name.isPresent()) {
      cursor.skip(1);
      if (!NOTHING.contains(name.get())) {
        add(name.get());
      }
    }
    return name.isPresent();
  }

  private void add(String name) {
    AbcDecorations.named(name)
        .ifPresentOrElse(
            effect -> effect.accept(waiting), () -> findings.leave("the sign '!" + name + "!'"));
  }
}
