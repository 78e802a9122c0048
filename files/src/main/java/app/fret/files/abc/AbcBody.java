package app.fret.files.abc;

import app.fret.score.Metre;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/** Reads the lines of music of one tune, sign by sign, into bars. */
final class AbcBody {
  private static final Pattern INLINE = Pattern.compile("\\[([A-Za-z]):([^\\]\\n]*)\\]");
  private static final Pattern FIELD = Pattern.compile("([A-Zmrsw+]):(.*)");
  private static final int MOST_RESTING_BARS = 1000;

  private final AbcPlace here;
  private final AbcCursor cursor;
  private final AbcHeads heads;
  private final AbcJoins joins;
  private final AbcNotes notes;
  private final AbcMusicFields fields;
  private final Set<AbcBar> lineEnds = new HashSet<>();

  AbcBody(AbcFindings findings, Metre metre, Fraction unitLength, AbcFields.KeyAndClef start) {
    this.here = new AbcPlace(findings, metre, unitLength, start);
    this.cursor = here.cursor();
    this.heads = new AbcHeads(here);
    this.joins = new AbcJoins(here, heads);
    this.notes = new AbcNotes(here, heads, joins);
    this.fields = new AbcMusicFields(here);
  }

  /** Names the signs of one's own that the head defines, such as {@code n=!tenuto!}. */
  void define(String sign) {
    here.signs().define(sign);
  }

  /** Fields among the music. */
  AbcMusicFields fields() {
    return fields;
  }

  /** The bars read; called once, at the end. */
  List<AbcBar> finish() {
    joins.finish();
    return here.bars().finish();
  }

  /** Reads a line of the text, from one index to another. */
  void line(String text, int from, int to) {
    cursor.enter(text, from, to);
    Matcher field = cursor.match(FIELD);
    if (field.matches()) {
      if (!fields.isOtherVoice() || field.group(1).equals("V")) {
        fields.read(field.group(1).charAt(0), field.group(2), from, to);
      }
      return;
    }
    boolean goesOn = false;
    while (!cursor.isAtEnd() && !fields.isOtherVoice()) {
      goesOn = cursor.next() == '\\';
      sign(cursor.next());
    }
    if (!fields.isOtherVoice() && !goesOn) {
      endLine();
    }
  }

  /** Where a line ends with a full bar, its bar line was forgotten. */
  private void endLine() {
    Optional<AbcBar> full =
        here.bars()
            .open()
            .filter(b -> !b.metre().isFree() && !b.items().isEmpty())
            .filter(b -> b.length().compareTo(b.metre().barLength()) >= 0)
            .filter(b -> !joins.isWaiting());
    if (full.isPresent()) {
      joins.leaveGraces();
      here.closeBar();
      lineEnds.add(full.get());
    }
  }

  /** Bars that were closed by the end of a line, not by a bar line. */
  Set<AbcBar> endedByLines() {
    return lineEnds;
  }

  private boolean isFirstOfLine(int at) {
    return cursor.textBefore(at).isBlank();
  }

  private void sign(char sign) {
    switch (sign) {
      case ' ', '\t', '`', '\r', '$', '*' -> cursor.skip(1);
      case '\\', '%' -> cursor.goTo(cursor.end());
      case '|', ':' -> barLine();
      case '[' -> bracket();
      case '"' -> here.signs().words(cursor);
      case '!' -> here.signs().named(cursor);
      case '(' -> joins.parenthesis();
      case ')' -> joins.closeSlur();
      case '{' -> joins.graceGroup();
      case '>', '<' -> joins.broken(sign);
      case '-' -> joins.tie();
      case 'z', 'x' -> notes.rest();
      case 'Z', 'X' -> restingBars();
      case 'y' -> {
        cursor.skip(1);
        cursor.length(); // a gap in the print
      }
      case '&' -> otherVoiceInBar();
      default -> letter(sign);
    }
  }

  private void letter(char sign) {
    int from = cursor.at();
    if (heads.isNote()) {
      notes.note();
    } else if (!here.signs().letter(cursor)) {
      cursor.skip(1);
      if (AbcSignReader.isOwn(sign)) {
        here.findings()
            .doubt(
                from,
                from + 1,
                here.bars().count() + 1,
                "'" + sign + "' stands for a sign of one's own that no U: line names; left out",
                AbcMend.without(from, from + 1));
      } else if (sign == '~') {
        here.findings().leave("rolls and other free ornaments (~)");
      } else {
        here.problem(
            from,
            from + 1,
            "'" + sign + "' is no sign of ABC; take it out",
            AbcMend.without(from, from + 1));
      }
    }
  }

  /** What sounds beside the first voice of a bar is passed over as far as its line. */
  private void otherVoiceInBar() {
    int from = cursor.at();
    int line = cursor.indexOf('|');
    cursor.goTo(line < 0 ? cursor.end() : line);
    here.problem(from, cursor.at(), "two voices in one bar cannot be held; write one of them");
  }

  // Notes and rests

  private void restingBars() {
    int from = cursor.at();
    cursor.skip(1);
    Fraction count = cursor.length();
    if (here.itemsInBar() > 0) {
      here.problem(from, cursor.at(), "bars of rest begin at a bar line; set one before them");
    } else if (count.getDenominator() != 1
        || count.signum() == 0
        || count.intValue() > MOST_RESTING_BARS
        || here.metre().isFree()) {
      here.problem(
          from, cursor.at(), "write a whole number of bars of rest, at most " + MOST_RESTING_BARS);
    } else {
      for (int i = 0; i < count.intValue(); i++) {
        here.closeBar();
        here.openBar(from).restWhole();
        here.openBar(from).reachTo(cursor.at());
      }
      joins.forgetLast();
    }
  }

  // Bars

  /** Says where the music begins in the text. */
  void beginAt(int at) {
    here.bars().beginAt(at);
  }

  private void barLine() {
    int from = cursor.at();
    joins.leaveGraces();
    if (cursor.next() == ':' && isFirstOfLine(from)) {
      here.bars().startRepeat();
    }
    if (!here.bars().readLine(cursor) && !isFirstOfLine(from)) {
      here.problem(
          from,
          cursor.at(),
          "a colon is no bar line; write |: or :|",
          new AbcMend("Write :|", from, cursor.at(), ":|"),
          AbcMend.without(from, cursor.at()));
    }
    here.pitches().barLine();
  }

  private void bracket() {
    Matcher inline = cursor.match(INLINE);
    if (cursor.ahead(1) == '|') {
      barLine();
    } else if (Character.isDigit(cursor.ahead(1))) {
      int from = cursor.at();
      here.bars().readEnding(cursor);
      cursor.goTo(Math.max(cursor.at(), from + 1));
    } else if (inline.lookingAt()) {
      int from = cursor.at();
      cursor.goTo(inline.end());
      fields.read(inline.group(1).charAt(0), inline.group(2), from, cursor.at());
    } else {
      notes.chord();
    }
  }

  // Fields among the music

}
