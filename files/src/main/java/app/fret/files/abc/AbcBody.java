package app.fret.files.abc;

import app.fret.files.abc.AbcSigns.Text;
import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Sounding;
import app.fret.score.Step;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/** Reads the lines of music of one tune, sign by sign, into bars. */
final class AbcBody {
  private static final Pattern LENGTH = Pattern.compile("(\\d{0,4})(/{0,6})(\\d{0,4})");
  private static final Pattern PITCH = Pattern.compile("(\\^\\^|\\^|__|_|=)?([A-Ga-g])([,']{0,8})");
  private static final Pattern TUPLET =
      Pattern.compile("\\((\\d{1,2})(?::(\\d{0,2}))?(?::(\\d{0,2}))?");
  private static final Pattern ENDING = Pattern.compile("\\s{0,8}\\[?([1-9][0-9,.-]{0,10})");
  private static final Pattern INLINE = Pattern.compile("\\[([A-Za-z]):([^\\]\\n]*)\\]");
  private static final Pattern FIELD = Pattern.compile("([A-Zmrsw+]):(.*)");
  private static final int MOST_RESTING_BARS = 1000;
  private static final Fraction ONE = Fraction.ONE;

  private final AbcFindings findings;
  private final List<AbcBar> bars = new ArrayList<>();
  private final List<AbcTempo> tempos = new ArrayList<>();

  private Metre metre;
  private Key key;
  private Clef clef;
  private int octaves;
  private Fraction unitLength;

  private AbcBar bar;
  private boolean repeatStarts;
  private Optional<String> endingStarts = Optional.empty();
  private boolean endingOpen;

  private final Map<Step, Integer> altersInBar = new EnumMap<>(Step.class);
  private final Map<Integer, Integer> altersOfTies = new HashMap<>();
  private AbcSigns signs = new AbcSigns();
  private final List<AbcItem> graces = new ArrayList<>();
  private int slursWaiting;
  private Fraction brokenNext = ONE;
  private Optional<AbcItem> last = Optional.empty();
  private TupletRatio tuplet = TupletRatio.NONE;
  private int tupletLeft;
  private boolean tupletBegins;
  private Optional<String> firstVoice = Optional.empty();
  private boolean otherVoice;

  private String text = "";
  private int at;
  private int end;

  /** A tempo or its words at a place. */
  record AbcTempo(int bar, int item, AbcFields.Speed speed) {}

  AbcBody(AbcFindings findings, Metre metre, Fraction unitLength, AbcFields.KeyAndClef start) {
    this.findings = findings;
    this.metre = metre;
    this.unitLength = unitLength;
    this.key = start.key().orElse(new Key(0));
    this.clef = start.clef().orElse(Clef.TREBLE);
    this.octaves = start.octaves();
  }

  /** Sets a tempo for the next note. */
  void tempo(AbcFields.Speed speed) {
    tempos.add(new AbcTempo(bars.size(), bar == null ? 0 : bar.items().size(), speed));
  }

  /** The bars read; called once, at the end. */
  List<AbcBar> finish() {
    refuseHanging();
    if (bar != null) {
      closeBar();
    }
    if (endingOpen && !bars.isEmpty()) {
      bars.get(bars.size() - 1).stopEnding();
    }
    return bars;
  }

  private void refuseHanging() {
    if (!graces.isEmpty() || brokenNext != ONE || tupletLeft > 0) {
      problem(end - 1, end, "a note is missing at the end");
    }
  }

  List<AbcTempo> tempos() {
    return tempos;
  }

  /** Reads a line of the text, from one index to another. */
  void line(String whole, int from, int to) {
    text = whole;
    at = from;
    end = to;
    Matcher field = FIELD.matcher(text).region(from, to);
    if (field.matches()) {
      boolean ofOtherVoice = otherVoice && field.group(1).charAt(0) != 'V';
      if (ofOtherVoice) {
        return;
      }
      field(field.group(1).charAt(0), field.group(2), from, to);
      return;
    }
    while (at < end && !otherVoice) {
      int before = at;
      sign(text.charAt(at));
      at = Math.max(at, before + 1);
    }
  }

  private void sign(char sign) {
    switch (sign) {
      case ' ', '\t', '`', '\r', '$', '*' -> at++;
      case '\\' -> at = end;
      case '%' -> at = end;
      case '|', ':' -> barLine();
      case '[' -> bracket();
      case '"' -> annotation();
      case '!' -> decoration();
      case '(' -> parenthesis();
      case ')' -> closeSlur();
      case '{' -> graceGroup();
      case '>', '<' -> broken(sign);
      case '-' -> tie();
      case 'z', 'x' -> rest();
      case 'Z', 'X' -> restingBars();
      case 'y' -> spacer();
      case '&' -> {
        problem(at, end, "two voices in one bar cannot be held; write one of them");
        at = end;
      }
      default -> letter(sign);
    }
  }

  private void letter(char sign) {
    Optional<String> decoration = AbcDecorations.ofLetter(sign);
    if (PITCH.matcher(text).region(at, end).lookingAt()) {
      note();
    } else if (decoration.isPresent()) {
      decorate(decoration.get(), at, at + 1);
      at++;
    } else if (sign == '~') {
      findings.leave("rolls and other free ornaments (~)");
      at++;
    } else {
      problem(at, at + 1, "'" + sign + "' is no sign of ABC; take it out");
      at++;
    }
  }

  // Notes and rests

  private void note() {
    AbcItem item = new AbcItem(at, unitLength);
    item.heads().add(head());
    item.stretch(length());
    add(item);
    remember(item);
  }

  private AbcItem.Head head() {
    Matcher matcher = PITCH.matcher(text).region(at, end);
    matcher.lookingAt();
    char letter = matcher.group(2).charAt(0);
    Step step = Step.valueOf(String.valueOf(Character.toUpperCase(letter)));
    int octave = (Character.isLowerCase(letter) ? 5 : 4) + octaves;
    for (char mark : matcher.group(3).toCharArray()) {
      octave += mark == '\'' ? 1 : -1;
    }
    if (octave < 0 || octave > 9) {
      problem(at, matcher.end(), "this octave is beyond any instrument");
      octave = 4;
    }
    int alter = alter(matcher.group(1), step, octave);
    at = matcher.end();
    return new AbcItem.Head(new WrittenPitch(step, alter, octave), matcher.group(1) != null);
  }

  private int alter(String sign, Step step, int octave) {
    if (sign != null) {
      int alter =
          switch (sign.charAt(0)) {
            case '^' -> sign.length();
            case '_' -> -sign.length();
            default -> 0;
          };
      altersInBar.put(step, alter);
      return alter;
    }
    Integer tied = altersOfTies.get(7 * octave + step.ordinal());
    return tied != null ? tied : altersInBar.getOrDefault(step, key.alterOf(step));
  }

  /** A length behind a note, as a factor of the unit. */
  private Fraction length() {
    Matcher matcher = LENGTH.matcher(text).region(at, end);
    matcher.lookingAt();
    int from = at;
    at = matcher.end();
    int above = matcher.group(1).isEmpty() ? 1 : Integer.parseInt(matcher.group(1));
    int below = 1 << matcher.group(2).length();
    if (!matcher.group(3).isEmpty()) {
      if (matcher.group(2).isEmpty()) {
        return Fraction.of(above);
      }
      below = Integer.parseInt(matcher.group(3)) << (matcher.group(2).length() - 1);
    }
    if (above == 0 || below == 0) {
      problem(from, at, "a length of nothing; take the 0 out");
      return ONE;
    }
    return Fraction.of(above, below);
  }

  private void chord() {
    AbcItem item = new AbcItem(at, unitLength);
    int from = at++;
    Optional<Fraction> first = Optional.empty();
    while (at < end && text.charAt(at) != ']') {
      char sign = text.charAt(at);
      if (PITCH.matcher(text).region(at, end).lookingAt()) {
        AbcItem.Head head = head();
        signs.fingers().stream().reduce((a, b) -> b).ifPresent(head::setFinger);
        signs.fingers().clear();
        item.heads().add(head);
        Fraction own = length();
        first = first.or(() -> Optional.of(own));
        if (at < end && text.charAt(at) == '-') {
          head.tie();
          at++;
        }
      } else if (sign == '!') {
        decoration();
      } else if (AbcDecorations.ofLetter(sign).isPresent()) {
        decorate(AbcDecorations.ofLetter(sign).get(), at, at + 1);
        at++;
      } else {
        if (sign != ' ') {
          problem(at, at + 1, "'" + sign + "' does not belong in a chord; close it with ]");
        }
        at++;
      }
    }
    if (at >= end) {
      problem(from, end, "the chord is not closed; write ] behind its last note");
    }
    at = Math.min(end, at + 1);
    if (item.heads().isEmpty()) {
      problem(from, at, "a chord without a note; take it out");
      return;
    }
    item.stretch(first.orElse(ONE).multiply(length()));
    add(item);
    remember(item);
  }

  private void rest() {
    AbcItem item = new AbcItem(at++, unitLength);
    item.stretch(length());
    add(item);
  }

  private void restingBars() {
    int from = at++;
    Fraction count = length();
    if (bar != null && !bar.items().isEmpty()) {
      problem(from, at, "bars of rest begin at a bar line; put one before them");
      return;
    }
    if (count.getDenominator() != 1 || count.intValue() > MOST_RESTING_BARS || metre.isFree()) {
      problem(from, at, "write a whole number of bars of rest, at most " + MOST_RESTING_BARS);
      return;
    }
    for (int i = 0; i < count.intValue(); i++) {
      openBar(from).restWhole();
      bar.reachTo(at);
      if (i + 1 < count.intValue()) {
        closeBar();
      }
    }
    last = Optional.empty();
  }

  private void spacer() {
    at++;
    length();
  }

  private void add(AbcItem item) {
    if (brokenNext != ONE) {
      item.stretch(brokenNext);
      brokenNext = ONE;
    }
    if (tupletLeft > 0) {
      tupletLeft--;
      item.setRatio(tuplet, tupletBegins, tupletLeft == 0);
      tupletBegins = false;
    }
    AbcBar open = openBar(item.from());
    if (!item.isRest()) {
      graces.forEach(open.items()::add);
      graces.clear();
      signs.fingers().stream().reduce((a, b) -> b).ifPresent(item.heads().get(0)::setFinger);
      altersOfTies.clear();
    }
    item.setSigns(signs);
    signs = new AbcSigns();
    item.openSlurs(slursWaiting);
    slursWaiting = 0;
    open.items().add(item);
    open.reachTo(at);
    last = Optional.of(item);
  }

  /** Ties that are written inside a chord carry their alterations on. */
  private void remember(AbcItem item) {
    item.heads().stream().filter(AbcItem.Head::isTied).forEach(this::carry);
  }

  private void carry(AbcItem.Head head) {
    altersOfTies.put(head.pitch().staffStep(), head.pitch().alter());
  }

  private void tie() {
    at++;
    if (last.isEmpty() || last.get().isRest()) {
      problem(at - 1, at, "a tie behind no note; write it behind the note it leaves");
      return;
    }
    last.get().heads().forEach(AbcItem.Head::tie);
    last.get().heads().forEach(this::carry);
  }

  private void broken(char sign) {
    int from = at;
    while (at < end && text.charAt(at) == sign) {
      at++;
    }
    int count = at - from;
    if (last.isEmpty() || count > 3) {
      problem(from, at, "dotted pairs stand between two notes: A>B or A<B");
      return;
    }
    Fraction shorter = Fraction.of(1, 1 << count);
    Fraction longer = Fraction.of(2).subtract(shorter);
    last.get().stretch(sign == '>' ? longer : shorter);
    brokenNext = sign == '>' ? shorter : longer;
  }

  private void graceGroup() {
    int from = at++;
    boolean slashed = at < end && text.charAt(at) == '/';
    at += slashed ? 1 : 0;
    while (at < end && text.charAt(at) != '}') {
      if (PITCH.matcher(text).region(at, end).lookingAt()) {
        AbcItem item = new AbcItem(at, Fraction.of(1, 8));
        item.heads().add(head());
        item.stretch(length());
        item.setGrace(slashed ? Sounding.Grace.SLASHED : Sounding.Grace.PLAIN);
        graces.add(item);
      } else {
        if (text.charAt(at) != ' ') {
          problem(at, at + 1, "only notes stand among grace notes");
        }
        at++;
      }
    }
    if (at >= end) {
      problem(from, end, "the grace notes are not closed; write } behind the last");
    }
    at = Math.min(end, at + 1);
  }

  private void parenthesis() {
    Matcher matcher = TUPLET.matcher(text).region(at, end);
    if (!matcher.lookingAt()) {
      slursWaiting++;
      at++;
      return;
    }
    int notes = Integer.parseInt(matcher.group(1));
    Optional<Integer> inTimeOf = number(matcher.group(2)).or(() -> usualTimeOf(notes));
    int from = at;
    at = matcher.end();
    if (notes < 2 || inTimeOf.isEmpty() || inTimeOf.get() < 1) {
      problem(from, at, "no such tuplet is known; write (3 or, in full, (5:4:5");
      return;
    }
    tuplet = new TupletRatio(notes, inTimeOf.get());
    tupletLeft = number(matcher.group(3)).orElse(notes);
    tupletBegins = true;
  }

  private static Optional<Integer> number(String digits) {
    return Optional.ofNullable(digits).filter(d -> !d.isEmpty()).map(Integer::valueOf);
  }

  /** In the time of how many, where it is not said (ABC 2.1, section 4.13). */
  private Optional<Integer> usualTimeOf(int notes) {
    boolean compound = metre.unit() == 8 && metre.upper() % 3 == 0 && metre.upper() > 3;
    return switch (notes) {
      case 2, 4, 8 -> Optional.of(3);
      case 3, 6 -> Optional.of(2);
      case 5, 7, 9 -> Optional.of(compound ? 3 : 2);
      default -> Optional.empty();
    };
  }

  private void closeSlur() {
    at++;
    if (last.isEmpty()) {
      problem(at - 1, at, "a slur ends where none began; write ( before its first note");
    } else {
      last.get().closeSlur();
    }
  }

  // Signs before notes

  private void annotation() {
    int close = text.indexOf('"', at + 1);
    if (close < 0 || close >= end) {
      problem(at, end, "the words are not closed; write \" behind them");
      at = end;
      return;
    }
    String words = text.substring(at + 1, close);
    int from = at;
    at = close + 1;
    if (words.isBlank()) {
      return;
    }
    switch (words.charAt(0)) {
      case '^', '<', '>', '@' -> signs.add(new Text(words.substring(1).strip(), true));
      case '_' -> signs.add(new Text(words.substring(1).strip(), false));
      default -> findings.leave("chord symbols such as " + text.substring(from, at));
    }
  }

  private void decoration() {
    int close = text.indexOf('!', at + 1);
    if (close < 0 || close >= end) {
      problem(at, at + 1, "the sign is not closed; write ! behind its name");
      at++;
      return;
    }
    decorate(text.substring(at + 1, close).strip(), at, close + 1);
    at = close + 1;
  }

  private void decorate(String name, int from, int to) {
    AbcDecorations.named(name)
        .ifPresentOrElse(
            effect -> effect.accept(signs),
            () -> findings.leave("the sign !" + text.substring(from, to).replace("!", "") + "!"));
  }

  // Bars

  private AbcBar openBar(int from) {
    if (bar == null) {
      bar = new AbcBar(metre, key, clef, from);
      if (repeatStarts) {
        bar.startRepeat();
        repeatStarts = false;
      }
      endingStarts.ifPresent(bar::startEnding);
      endingOpen |= endingStarts.isPresent();
      endingStarts = Optional.empty();
    }
    return bar;
  }

  private void closeBar() {
    bars.add(bar);
    bar = null;
    altersInBar.clear();
  }

  private void barLine() {
    int from = at;
    StringBuilder token = new StringBuilder();
    while (at < end) {
      char sign = text.charAt(at);
      boolean thick = sign == '[' && at + 1 < end && text.charAt(at + 1) == '|';
      boolean closing = sign == ']' && token.toString().endsWith("|");
      if (sign != '|' && sign != ':' && !thick && !closing) {
        break;
      }
      token.append(sign);
      at++;
      if (closing) {
        break;
      }
    }
    if (token.toString().equals(":")) {
      problem(from, at, "a repeat sign is |: or :|");
      return;
    }
    draw(token.toString());
    ending();
  }

  private void draw(String token) {
    boolean ends = token.startsWith(":");
    boolean starts = token.endsWith(":");
    boolean isFinal = token.contains("|]") || token.contains("[|");
    boolean isDouble = !isFinal && token.contains("||");
    if (bar != null) {
      bar.reachTo(at);
      closeBar();
    }
    if (!bars.isEmpty()) {
      AbcBar before = bars.get(bars.size() - 1);
      if (ends) {
        before.endRepeat(2);
      }
      if (isFinal || isDouble) {
        before.setBarLine(isFinal ? Bar.Line.FINAL : Bar.Line.DOUBLE);
      }
      if (endingOpen && (ends || isFinal || isDouble)) {
        before.stopEnding();
        endingOpen = false;
      }
    }
    repeatStarts |= starts;
  }

  private void ending() {
    Matcher matcher = ENDING.matcher(text).region(at, end);
    if (!matcher.lookingAt()) {
      return;
    }
    boolean touches = Character.isDigit(text.charAt(at));
    if (touches || matcher.group().contains("[")) {
      if (endingOpen && !bars.isEmpty()) {
        bars.get(bars.size() - 1).stopEnding();
        endingOpen = false;
      }
      endingStarts = Optional.of(matcher.group(1));
      at = matcher.end();
    }
  }

  private void bracket() {
    char next = at + 1 < end ? text.charAt(at + 1) : ' ';
    Matcher inline = INLINE.matcher(text).region(at, end);
    if (next == '|') {
      barLine();
    } else if (Character.isDigit(next)) {
      ending();
    } else if (inline.lookingAt()) {
      int from = at;
      at = inline.end();
      field(inline.group(1).charAt(0), inline.group(2), from, at);
    } else {
      chord();
    }
  }

  // Fields among the music

  private void field(char letter, String value, int from, int to) {
    String words = value.replaceFirst("(^|[^\\\\])%.*", "$1").strip();
    try {
      switch (letter) {
        case 'M' -> metre = atBarLine("a metre", AbcFields.metre(words), metre);
        case 'L' -> unitLength = AbcFields.unitLength(words);
        case 'K' -> key(AbcFields.key(words));
        case 'Q' -> tempo(AbcFields.tempo(words, unitLength));
        case 'V' -> voice(words);
        case 'w', 'W' -> findings.leave("words to sing under the notes");
        case 'P' -> findings.leave("names of sections (P:)");
        case 's' -> findings.leave("signs on a line of their own (s:)");
        case 'U', 'm' -> findings.leave("signs and macros of one's own (U:, m:)");
        default -> {
          // What tells about the tune, remarks and instructions of layout do not change a note.
        }
      }
    } catch (AbcFaultException e) {
      problem(from, to, e.getMessage());
    }
  }

  private <T> T atBarLine(String what, T wanted, T before) throws AbcFaultException {
    if (bar != null && !wanted.equals(before)) {
      throw new AbcFaultException(what + " changes at a bar line; move it there");
    }
    return wanted;
  }

  private void key(AbcFields.KeyAndClef wanted) throws AbcFaultException {
    if (wanted.key().isPresent()) {
      key = atBarLine("a key", wanted.key().get(), key);
    }
    octaves = wanted.octaves();
    wanted.unread().forEach(word -> findings.leave("'" + word + "' behind the key"));
    if (wanted.clef().isPresent()) {
      clef = wanted.clef().get();
      if (bar != null) {
        bar.setClefFrom(bar.items().size(), clef);
      }
    }
  }

  private void voice(String words) {
    String name = words.split("\\s")[0];
    if (firstVoice.isEmpty()) {
      firstVoice = Optional.of(name);
    }
    otherVoice = !firstVoice.get().equals(name);
    if (otherVoice) {
      findings.leave("voice " + name + "; the first is read");
    }
  }

  private void problem(int from, int to, String words) {
    findings.problem(from, to, bars.size() + 1, words);
  }
}
