package app.fret.files.abc;

import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/** The bars read so far, with their lines, repeats and endings. */
final class AbcBars {
  private static final Pattern ENDING = Pattern.compile("\\s{0,8}\\[?([1-9][0-9,.-]{0,10})");

  private final List<AbcBar> closed = new ArrayList<>();
  private Optional<AbcBar> open = Optional.empty();
  private boolean repeatStarts;
  private Optional<String> endingStarts = Optional.empty();
  private boolean endingOpen;
  private int musicFrom;

  /** The bar that is being filled. */
  Optional<AbcBar> open() {
    return open;
  }

  /** What stands from here on belongs to the next bar. */
  void beginAt(int at) {
    musicFrom = at;
  }

  /** How many bars are closed. */
  int count() {
    return closed.size();
  }

  /** The bar that is being filled, a new one where none is. */
  AbcBar opened(Metre metre, Key key, Clef clef, Fraction unitLength, int from) {
    if (open.isEmpty()) {
      AbcBar bar = new AbcBar(metre, key, clef, unitLength, from);
      bar.setMusicFrom(Math.min(from, musicFrom));
      open = Optional.of(bar);
      if (repeatStarts) {
        bar.startRepeat();
        repeatStarts = false;
      }
      endingStarts.ifPresent(bar::startEnding);
      endingOpen |= endingStarts.isPresent();
      endingStarts = Optional.empty();
    }
    return open.get();
  }

  /** A repeat begins with the next bar. */
  void startRepeat() {
    close();
    repeatStarts = true;
  }

  /** Closes the open bar, if there is one. */
  void close() {
    open.ifPresent(closed::add);
    open = Optional.empty();
  }

  /** All bars; nothing is read any more. */
  List<AbcBar> finish() {
    close();
    stopEnding();
    return closed;
  }

  private void stopEnding() {
    if (endingOpen && !closed.isEmpty()) {
      closed.get(closed.size() - 1).stopEnding();
    }
    endingOpen = false;
  }

  /**
   * Reads a bar line with the ending that may stand behind it.
   *
   * @return whether it is one
   */
  boolean readLine(AbcCursor cursor) {
    int end = cursor.at();
    String token = token(cursor);
    if (token.equals(":")) {
      return false;
    }
    open.ifPresent(bar -> bar.reachTo(end));
    close();
    draw(token);
    readEnding(cursor);
    beginAt(cursor.at());
    return true;
  }

  private static String token(AbcCursor cursor) {
    StringBuilder token = new StringBuilder();
    while (!cursor.isAtEnd()) {
      char sign = cursor.next();
      boolean thick = sign == '[' && cursor.ahead(1) == '|';
      boolean closing = sign == ']' && token.toString().endsWith("|");
      if (sign != '|' && sign != ':' && !thick && !closing) {
        break;
      }
      token.append(sign);
      cursor.skip(1);
      if (closing) {
        break;
      }
    }
    return token.toString();
  }

  private void draw(String token) {
    boolean ends = token.startsWith(":");
    boolean isFinal = token.contains("|]") || token.contains("[|");
    boolean isDouble = !isFinal && token.contains("||");
    if (!closed.isEmpty()) {
      AbcBar before = closed.get(closed.size() - 1);
      if (ends) {
        before.endRepeat();
      }
      if (isFinal || isDouble) {
        before.setBarLine(isFinal ? Bar.Line.FINAL : Bar.Line.DOUBLE);
      }
      if (ends || isFinal || isDouble) {
        stopEnding();
      }
    }
    repeatStarts |= token.endsWith(":");
  }

  /** Reads an ending such as {@code 1} or {@code [2}, where one stands. */
  void readEnding(AbcCursor cursor) {
    Matcher matcher = cursor.match(ENDING);
    if (!matcher.lookingAt()) {
      return;
    }
    if (Character.isDigit(cursor.next()) || matcher.group().contains("[")) {
      stopEnding();
      endingStarts = Optional.of(matcher.group(1));
      cursor.goTo(matcher.end());
      beginAt(cursor.at());
    }
  }
}
