package app.fret.files.abc;

import app.fret.score.Metre;
import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Reads tunes in ABC notation 2.1.
 *
 * <p>A tune begins with its number, {@code X:}, and its head ends with its key, {@code K:}. A text
 * without either is read as music alone, in C and common time, so that a line of letters is enough.
 */
public final class AbcReader {
  private static final Pattern HEAD = Pattern.compile("([A-Za-z+]):(.*)");
  private static final Pattern LINE = Pattern.compile("[^\\n]*\\n?");

  private final String text;
  private final AbcFindings findings;
  private final Map<Character, String> head = new LinkedHashMap<>();
  private final Map<Character, int[]> headPlaces = new LinkedHashMap<>();
  private final StringBuilder title = new StringBuilder();
  private final List<String> ownSigns = new ArrayList<>();

  private AbcReader(String text) {
    this.text = text;
    this.findings = new AbcFindings(text);
  }

  /** Reads the one tune of a text that is typed. */
  public static AbcTune read(String text) {
    return new AbcReader(text).tune();
  }

  /** The tunes of a file, each as its text; a file without {@code X:} is one tune. */
  public static List<String> tunes(String file) {
    List<String> tunes = new ArrayList<>();
    Matcher starts = Pattern.compile("(?m)^X:").matcher(file);
    int from = starts.find() ? starts.start() : -1;
    if (from < 0) {
      return List.of(file);
    }
    while (from >= 0) {
      int to = starts.find() ? starts.start() : -1;
      tunes.add(file.substring(from, to < 0 ? file.length() : to));
      from = to;
    }
    return tunes;
  }

  private AbcTune tune() {
    AbcBody body = body(readHead());
    List<AbcBar> bars = body.finish();
    AbcAssembler assembler =
        new AbcAssembler(findings, bars, body.fields().tempos(), body.endedByLines());
    Optional<Passage> passage = assembled(assembler);
    if (bars.isEmpty()) {
      findings.problem(
          Math.max(0, text.length() - 1),
          text.length(),
          0,
          "there is no note yet; type letters such as c2 d2 e2 f2 |");
    }
    return new AbcTune(
        title.toString(),
        passage,
        findings.problems(),
        findings.left(),
        assembler.places(),
        bars.stream().map(this::place).toList());
  }

  private AbcBody body(int music) {
    AbcBody body = body();
    head.keySet().stream().filter(l -> l == 'V').forEach(v -> body.fields().voice(head.get(v)));
    ownSigns.forEach(body::define);
    body.beginAt(music);
    Matcher lines = LINE.matcher(text).region(music, text.length());
    while (lines.lookingAt() && lines.end() > lines.start() && !endsTune(lines.group())) {
      int end = lines.end();
      body.line(text, lines.start(), lines.group().endsWith("\n") ? end - 1 : end);
      lines.region(end, text.length());
    }
    return body;
  }

  /** A blank line ends a tune of a file; what follows is text. What is typed goes on behind it. */
  private boolean endsTune(String line) {
    return head.containsKey('X') && line.isBlank();
  }

  /** Lengths that have no common measure cannot be set under each other. */
  private Optional<Passage> assembled(AbcAssembler assembler) {
    try {
      return assembler.assemble(title.toString(), "");
    } catch (ArithmeticException e) {
      findings.problem(
          0, 1, 0, "its note lengths cannot be counted exactly together; write simpler tuplets");
      return Optional.empty();
    }
  }

  /** Where a bar stands, without the space around it and the remarks before it. */
  private AbcTune.BarPlace place(AbcBar bar) {
    int from = bar.musicFrom();
    int to = bar.to();
    while (from < to && (text.charAt(from) == '%' || Character.isWhitespace(text.charAt(from)))) {
      from = text.charAt(from) == '%' ? Math.max(from, text.indexOf('\n', from)) + 1 : from + 1;
    }
    while (to > from && Character.isWhitespace(text.charAt(to - 1))) {
      to--;
    }
    return new AbcTune.BarPlace(from, to, bar.unitLength());
  }

  /** Reads the fields at the head, as far as the key or the first line that is none. */
  private int readHead() {
    Matcher lines = LINE.matcher(text);
    int at = 0;
    while (lines.find() && lines.end() > lines.start()) {
      String line = lines.group().stripTrailing();
      Matcher field = HEAD.matcher(line);
      if (!line.isBlank() && !line.startsWith("%") && !field.matches()) {
        break;
      }
      at = lines.end();
      if (field.matches()) {
        char letter = field.group(1).charAt(0);
        put(letter, field.group(2).replaceFirst("(^|[^\\\\])%.*", "$1").strip(), lines.start(), at);
        if (letter == 'K') {
          break;
        }
      }
    }
    return at;
  }

  private void put(char letter, String value, int from, int to) {
    if (letter == 'T') {
      title.append(title.isEmpty() ? "" : ", ").append(value);
    } else if (letter == 'U') {
      ownSigns.add(value);
    } else if (letter == 'V' && headPlaces.containsKey('V')) {
      findings.leave("other voices than the first");
    } else {
      head.put(letter, value);
      headPlaces.put(letter, new int[] {from, to});
    }
  }

  private AbcBody body() {
    // A tune without a metre is free (ABC 2.1, section 3.1.6); a line of letters is in common time.
    Metre.Sign usual = head.containsKey('X') ? Metre.Sign.NONE : Metre.Sign.COMMON;
    Metre metre = understood('M', AbcFields::metre, new Metre(List.of(4), 4, usual));
    Fraction unit = understood('L', AbcFields::unitLength, AbcFields.unitLength(metre));
    AbcFields.KeyAndClef key = understood('K', AbcFields::key, AbcFields.KeyAndClef.NONE);
    if (!key.signs().isEmpty()) {
      findings.leave("a key with signs of its own; they are written at the notes");
    }
    key.unread().forEach(word -> findings.leave("'" + word + "' behind the key"));
    AbcBody body = new AbcBody(findings, metre, unit, key);
    Optional<AbcFields.Speed> speed =
        understood('Q', text -> Optional.of(AbcFields.tempo(text, unit)), Optional.empty());
    speed.ifPresent(body.fields()::tempo);
    return body;
  }

  private interface Understanding<T> {
    T of(String value) throws AbcFaultException;
  }

  private <T> T understood(char letter, Understanding<T> understanding, T usual) {
    if (!head.containsKey(letter)) {
      return usual;
    }
    try {
      return understanding.of(head.get(letter));
    } catch (AbcFaultException e) {
      int[] place = headPlaces.get(letter);
      findings.problem(place[0], place[1], 0, e.getMessage());
      return usual;
    }
  }
}
