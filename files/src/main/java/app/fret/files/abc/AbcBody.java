package app.fret.files.abc;

import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Sounding;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
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
  private static final Pattern OPEN_CHORD =
      Pattern.compile("\\[(?:(?:![^!]*!)*(?:\\^\\^|\\^|__|_|=)?[A-Ga-g][,']*-?)+");
  private static final int MOST_RESTING_BARS = 1000;

  /** Most slurs that begin at one note. */
  private static final int MOST_SLURS = 8;

  private static final Fraction ONE = Fraction.ONE;

  private final AbcFindings findings;
  private final AbcBars bars = new AbcBars();
  private final List<AbcTempo> tempos = new ArrayList<>();
  private final Set<AbcBar> lineEnds = new HashSet<>();

  private Metre metre;
  private Key key;
  private Clef clef;
  private Fraction unitLength;

  private final AbcPitches pitches = new AbcPitches();
  private final AbcTuplets tuplets = new AbcTuplets();
  private final AbcSignReader signs;
  private final List<AbcItem> graces = new ArrayList<>();
  private int slursWaiting;
  private Fraction brokenNext = ONE;
  private Optional<AbcItem> last = Optional.empty();
  private Optional<String> firstVoice = Optional.empty();
  private boolean otherVoice;

  private AbcCursor cursor = new AbcCursor("", 0, 0);

  /** A tempo or its words at a place. */
  record AbcTempo(int bar, int item, AbcFields.Speed speed) {}

  /** Names the signs of one's own that the head defines, such as {@code n=!tenuto!}. */
  void define(String sign) {
    signs.define(sign);
  }

  /** Reads the clef that the head gives the first voice. */
  void firstVoice(String words) {
    voice(words);
  }

  AbcBody(AbcFindings findings, Metre metre, Fraction unitLength, AbcFields.KeyAndClef start) {
    this.findings = findings;
    this.signs = new AbcSignReader(findings, () -> bars.count() + 1);
    this.metre = metre;
    this.unitLength = unitLength;
    this.key = start.key().orElse(new Key(0));
    this.clef = start.clef().orElse(Clef.TREBLE);
    pitches.setOctaves(start.octaves());
    pitches.setSigns(start.signs());
  }

  /** Sets a tempo for the next note. */
  void tempo(AbcFields.Speed speed) {
    tempos.add(new AbcTempo(bars.count(), itemsInBar(), speed));
  }

  private int itemsInBar() {
    return bars.open().map(bar -> bar.items().size()).orElse(0);
  }

  /** The bars read; called once, at the end. */
  List<AbcBar> finish() {
    leaveGracesHere();
    if (!graces.isEmpty()) {
      int from = graces.get(0).from();
      problem(from, cursor.end(), "the grace notes lead to no note; write one or take them out");
    }
    if (brokenNext != ONE || tuplets.isOpen()) {
      problem(cursor.end() - 1, cursor.end(), "a note is missing at the end; write one");
    }
    return bars.finish();
  }

  List<AbcTempo> tempos() {
    return tempos;
  }

  /** Reads a line of the text, from one index to another. */
  void line(String text, int from, int to) {
    cursor = new AbcCursor(text, from, to);
    Matcher field = cursor.match(FIELD);
    if (field.matches()) {
      if (!otherVoice || field.group(1).equals("V")) {
        field(field.group(1).charAt(0), field.group(2), from, to);
      }
      return;
    }
    boolean goesOn = false;
    while (!cursor.isAtEnd() && !otherVoice) {
      goesOn = cursor.next() == '\\';
      sign(cursor.next());
    }
    if (!otherVoice && !goesOn) {
      endLine();
    }
  }

  /** Where a line ends with a full bar, its bar line was forgotten. */
  private void endLine() {
    Optional<AbcBar> full =
        bars.open()
            .filter(b -> !b.metre().isFree() && !b.items().isEmpty())
            .filter(b -> b.length().compareTo(b.metre().barLength()) >= 0)
            .filter(b -> brokenNext == ONE && !tuplets.isOpen());
    if (full.isPresent()) {
      leaveGracesHere();
      closeBar();
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
      case '"' -> signs.words(cursor);
      case '!' -> signs.named(cursor);
      case '(' -> parenthesis();
      case ')' -> closeSlur();
      case '{' -> graceGroup();
      case '>', '<' -> broken(sign);
      case '-' -> tie();
      case 'z', 'x' -> rest();
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
    if (isNote()) {
      note();
    } else if (!signs.letter(cursor)) {
      cursor.skip(1);
      if (AbcSignReader.isOwn(sign)) {
        findings.doubt(
            from,
            from + 1,
            bars.count() + 1,
            "'" + sign + "' stands for a sign of one's own that no U: line names; left out",
            AbcMend.without(from, from + 1));
      } else if (sign == '~') {
        findings.leave("rolls and other free ornaments (~)");
      } else {
        problem(
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
    problem(from, cursor.at(), "two voices in one bar cannot be held; write one of them");
  }

  private boolean isNote() {
    return AbcPitches.isAt(cursor);
  }

  // Notes and rests

  private void note() {
    AbcItem item = new AbcItem(cursor.at(), unitLength);
    item.heads().add(head());
    Optional<Fraction> length = length();
    length.ifPresent(item::stretch);
    if (length.isPresent()) {
      add(item);
    }
  }

  private AbcItem.Head head() {
    int from = cursor.at();
    return pitches
        .read(cursor, key)
        .orElseGet(
            () -> {
              problem(from, cursor.at(), "no instrument plays in this octave; take out , or '");
              return new AbcItem.Head(new WrittenPitch(Step.A, 0, 4), false);
            });
  }

  /** The length behind a note; empty, and said, where no note can be so long. */
  private Optional<Fraction> length() {
    int from = cursor.at();
    Fraction length = cursor.length();
    if (length.signum() == 0) {
      problem(
          from,
          cursor.at(),
          "a length of nothing; take the 0 out",
          AbcMend.without(from, cursor.at()));
      return Optional.of(ONE);
    }
    Fraction whole = length.multiply(unitLength);
    boolean isValue =
        Integer.bitCount(whole.getDenominator()) == 1
            && whole.getDenominator() <= AbcAssembler.SHORTEST
            && whole.compareTo(AbcAssembler.LONGEST) <= 0;
    if (!isValue) {
      problem(
          from - 1,
          cursor.at(),
          "the length " + whole + " of a whole note is no note value; for a triplet write (3",
          AbcMend.without(from, cursor.at()));
      return Optional.empty();
    }
    return Optional.of(length);
  }

  private void chord() {
    AbcItem item = new AbcItem(cursor.at(), unitLength);
    cursor.skip(1);
    List<Fraction> lengths = new ArrayList<>();
    while (!cursor.isAtEnd() && cursor.next() != ']' && cursor.next() != '|') {
      if (isNote()) {
        lengths.add(chordHead(item));
      } else {
        inChord(cursor.next());
      }
    }
    boolean closed = cursor.next() == ']';
    if (closed) {
      cursor.skip(1);
    } else {
      refuseOpenChord(item);
    }
    if (item.heads().isEmpty()) {
      problem(
          item.from(),
          cursor.at(),
          "a chord without a note; take it out",
          AbcMend.without(item.from(), cursor.at()));
      return;
    }
    // The first note says how long a chord is; in one left open that is most often the last.
    Optional<Fraction> length = length();
    if (length.isEmpty()) {
      return;
    }
    item.stretch(lengths.get(closed ? 0 : lengths.size() - 1).multiply(length.get()));
    add(item);
    item.heads().stream().filter(AbcItem.Head::isTied).forEach(pitches::carry);
  }

  private void refuseOpenChord(AbcItem item) {
    problem(
        item.from(),
        cursor.at(),
        "the chord is not closed; write ] behind its last note",
        closeChord(item.from()),
        new AbcMend("Notes in a row", item.from(), item.from() + 1, ""));
  }

  /** Closes a chord behind the notes that stand without a gap. */
  private AbcMend closeChord(int from) {
    Matcher heads = OPEN_CHORD.matcher(cursor.text(from, cursor.end()));
    return AbcMend.with(
        "Close the chord", heads.lookingAt() ? from + heads.end() : cursor.end(), "]");
  }

  /** Reads a note of a chord and returns its own length. */
  private Fraction chordHead(AbcItem item) {
    AbcItem.Head head = head();
    signs.takeFinger(head);
    boolean doubled =
        head.finger().isEmpty()
            && item.heads().stream().anyMatch(h -> h.pitch().equals(head.pitch()));
    if (doubled) {
      findings.leave("a note head doubled on one pitch");
    } else {
      item.heads().add(head);
    }
    Fraction own = length().orElse(ONE);
    if (cursor.next() == '-') {
      head.tie();
      cursor.skip(1);
    }
    return own;
  }

  private void inChord(char sign) {
    int from = cursor.at();
    if (sign == '!') {
      signs.named(cursor);
    } else if (!signs.letter(cursor)) {
      cursor.skip(1);
      if (sign != ' ') {
        problem(
            from,
            from + 1,
            "'" + sign + "' does not belong in a chord; write ] before it",
            AbcMend.with("Close the chord", from, "]"),
            AbcMend.without(from, from + 1));
      }
    }
  }

  private void rest() {
    AbcItem item = new AbcItem(cursor.at(), unitLength);
    cursor.skip(1);
    Optional<Fraction> length = length();
    length.ifPresent(item::stretch);
    if (length.isPresent()) {
      add(item);
    }
  }

  private void restingBars() {
    int from = cursor.at();
    cursor.skip(1);
    Fraction count = cursor.length();
    if (itemsInBar() > 0) {
      problem(from, cursor.at(), "bars of rest begin at a bar line; set one before them");
    } else if (count.getDenominator() != 1
        || count.signum() == 0
        || count.intValue() > MOST_RESTING_BARS
        || metre.isFree()) {
      problem(
          from, cursor.at(), "write a whole number of bars of rest, at most " + MOST_RESTING_BARS);
    } else {
      for (int i = 0; i < count.intValue(); i++) {
        closeBar();
        openBar(from).restWhole();
        openBar(from).reachTo(cursor.at());
      }
      last = Optional.empty();
    }
  }

  private void add(AbcItem item) {
    if (brokenNext != ONE) {
      item.stretch(brokenNext);
      brokenNext = ONE;
    }
    tuplets.take(item);
    AbcBar open = openBar(item.from());
    if (!item.isRest()) {
      graces.forEach(open.items()::add);
      graces.clear();
      signs.takeFinger(item.heads().get(0));
      pitches.arrive();
    }
    item.setSigns(signs.take());
    item.openSlurs(slursWaiting);
    slursWaiting = 0;
    open.items().add(item);
    item.reachTo(cursor.at());
    open.reachTo(cursor.at());
    last = Optional.of(item);
  }

  private void tie() {
    int from = cursor.at();
    cursor.skip(1);
    if (last.isEmpty() || last.get().isRest()) {
      problem(
          from,
          from + 1,
          "a tie behind no note; write it behind the note it leaves",
          AbcMend.without(from, from + 1));
      return;
    }
    last.get().reachTo(cursor.at());
    last.get().heads().forEach(AbcItem.Head::tie);
    last.get().heads().forEach(pitches::carry);
  }

  private void broken(char sign) {
    int from = cursor.at();
    while (cursor.next() == sign) {
      cursor.skip(1);
    }
    int count = cursor.at() - from;
    if (last.isEmpty() || count > 3 || brokenNext != ONE) {
      problem(
          from,
          cursor.at(),
          "dotted pairs stand between two notes; write A>B or A<B",
          AbcMend.without(from, cursor.at()));
      return;
    }
    Fraction shorter = Fraction.of(1, 1 << count);
    Fraction longer = Fraction.of(2).subtract(shorter);
    last.get().stretch(sign == '>' ? longer : shorter);
    brokenNext = sign == '>' ? shorter : longer;
  }

  private void graceGroup() {
    int from = cursor.at();
    cursor.skip(1);
    boolean slashed = cursor.next() == '/';
    int slursInGroup = 0;
    cursor.skip(slashed ? 1 : 0);
    while (!cursor.isAtEnd() && cursor.next() != '}') {
      if (isNote()) {
        AbcItem grace = grace(slashed ? Sounding.Grace.SLASHED : Sounding.Grace.PLAIN);
        // A slur that was opened before the braces begins at the first of them.
        grace.openSlurs(slursInGroup + slursWaiting);
        slursInGroup = 0;
        slursWaiting = 0;
        graces.add(grace);
      } else if (cursor.next() == '(') {
        slursInGroup++;
        cursor.skip(1);
      } else if (cursor.next() == ')' && !graces.isEmpty()) {
        cursor.skip(1);
        graces.get(graces.size() - 1).closeSlur();
        graces.get(graces.size() - 1).reachTo(cursor.at());
      } else {
        if (cursor.next() != ' ') {
          problem(
              cursor.at(), cursor.at() + 1, "only notes stand among grace notes; take this out");
        }
        cursor.skip(1);
      }
    }
    if (cursor.isAtEnd()) {
      problem(
          from,
          cursor.end(),
          "the grace notes are not closed; write } behind the last",
          AbcMend.with("Close them", cursor.end(), "}"));
    }
    cursor.skip(1);
  }

  private AbcItem grace(Sounding.Grace kind) {
    AbcItem item = new AbcItem(cursor.at(), Fraction.of(1, 8));
    item.heads().add(head());
    item.stretch(length().orElse(ONE));
    item.setGrace(kind);
    item.reachTo(cursor.at());
    return item;
  }

  private void parenthesis() {
    if (!AbcTuplets.isAt(cursor)) {
      openSlur();
      return;
    }
    int from = cursor.at();
    if (!tuplets.read(cursor, metre)) {
      problem(
          from,
          cursor.at(),
          "no such tuplet is known; write (3 or, in full, (5:4:5",
          AbcMend.without(from, cursor.at()));
    }
  }

  private void openSlur() {
    int from = cursor.at();
    cursor.skip(1);
    if (slursWaiting < MOST_SLURS) {
      slursWaiting++;
    } else {
      problem(
          from,
          from + 1,
          "more slurs than a page can show begin here; take some out",
          AbcMend.without(from, from + 1));
    }
  }

  private void closeSlur() {
    int from = cursor.at();
    cursor.skip(1);
    if (last.isEmpty()) {
      problem(
          from,
          from + 1,
          "a slur ends where none began; write ( before its first note",
          AbcMend.without(from, from + 1));
    } else {
      last.get().reachTo(cursor.at());
      last.get().closeSlur();
    }
  }

  // Bars

  /** Says where the music begins in the text. */
  void beginAt(int at) {
    bars.beginAt(at);
  }

  /**
   * Grace notes that lead to no note of their bar stand at its end; where they are all of the bar,
   * they lead on over the line.
   */
  private void leaveGracesHere() {
    if (!graces.isEmpty() && bars.open().filter(AbcBar::hasLength).isPresent()) {
      AbcBar open = openBar(graces.get(0).from());
      graces.forEach(open.items()::add);
      open.reachTo(cursor.at());
      graces.clear();
    }
  }

  private AbcBar openBar(int from) {
    return bars.opened(metre, key, clef, unitLength, from);
  }

  private void closeBar() {
    bars.close();
    pitches.barLine();
  }

  private void barLine() {
    int from = cursor.at();
    leaveGracesHere();
    if (cursor.next() == ':' && isFirstOfLine(from)) {
      bars.startRepeat();
    }
    if (!bars.readLine(cursor) && !isFirstOfLine(from)) {
      problem(
          from,
          cursor.at(),
          "a colon is no bar line; write |: or :|",
          new AbcMend("Write :|", from, cursor.at(), ":|"),
          AbcMend.without(from, cursor.at()));
    }
    pitches.barLine();
  }

  private void bracket() {
    Matcher inline = cursor.match(INLINE);
    if (cursor.ahead(1) == '|') {
      barLine();
    } else if (Character.isDigit(cursor.ahead(1))) {
      int from = cursor.at();
      bars.readEnding(cursor);
      cursor.goTo(Math.max(cursor.at(), from + 1));
    } else if (inline.lookingAt()) {
      int from = cursor.at();
      cursor.goTo(inline.end());
      field(inline.group(1).charAt(0), inline.group(2), from, cursor.at());
    } else {
      chord();
    }
  }

  // Fields among the music

  private void field(char letter, String value, int from, int to) {
    String words = value.replaceFirst("(^|[^\\\\])%.*", "$1").strip();
    try {
      switch (letter) {
        case 'M' -> {
          Metre wanted = AbcFields.metre(words);
          doubtInsideBar("a metre", !wanted.equals(metre), from, to);
          metre = wanted;
        }
        case 'L' -> unitLength = AbcFields.unitLength(words);
        case 'K' -> {
          AbcFields.KeyAndClef wanted = AbcFields.key(words);
          doubtInsideBar("a key", wanted.key().filter(k -> !k.equals(key)).isPresent(), from, to);
          key(wanted);
        }
        case 'Q' -> tempo(AbcFields.tempo(words, unitLength));
        case 'V' -> voice(words);
        case 'w', 'W' -> findings.leave("words to sing under the notes");
        case 'P' -> findings.leave("names of sections (P:)");
        case 's' -> findings.leave("signs on a line of their own (s:)");
        case 'U' -> signs.define(words);
        case 'm' -> findings.leave("macros (m:)");
        default -> {
          // What tells about the tune, remarks and instructions of layout do not change a note.
        }
      }
    } catch (AbcFaultException e) {
      problem(from, to, e.getMessage());
    }
  }

  private void doubtInsideBar(String what, boolean isOther, int from, int to) {
    if (isOther && bars.open().isPresent()) {
      findings.doubt(
          from,
          to,
          bars.count() + 1,
          what + " changes at a bar line and holds from the next bar on; move it there");
    }
  }

  private void key(AbcFields.KeyAndClef wanted) {
    if (wanted.key().isPresent()) {
      key = wanted.key().get();
      pitches.setSigns(wanted.signs());
    }
    pitches.setOctaves(wanted.octaves());
    wanted.unread().forEach(word -> findings.leave("'" + word + "' behind the key"));
    if (wanted.clef().isPresent()) {
      clef = wanted.clef().get();
      bars.open().ifPresent(bar -> bar.setClefFrom(bar.items().size(), clef));
    }
  }

  private void voice(String words) {
    String name = words.split("\\s")[0];
    Optional<Clef> itsClef = AbcFields.clefOfVoice(words);
    if (firstVoice.isEmpty()) {
      firstVoice = Optional.of(name);
    }
    otherVoice = !firstVoice.get().equals(name);
    if (otherVoice) {
      findings.leave("voice " + name + "; the first is read");
    } else if (itsClef.isPresent()) {
      clef = itsClef.get();
      bars.open().ifPresent(bar -> bar.setClefFrom(bar.items().size(), clef));
    }
  }

  private void problem(int from, int to, String words, AbcMend... mends) {
    findings.problem(from, to, bars.count() + 1, words, mends);
  }
}
