package app.fret.practice.log;

import app.fret.practice.log.SaidPass.Result;
import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.MissKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Reads passes from one line of words: {@code clean}, {@code missed} or {@code hurts}, then in any
 * order a tempo, {@code x3} for three times, a place ({@code bar 7}, {@code bar 7 note 3}, {@code
 * 7:3}) and what went wrong there. Commas part passes; what has no result of its own belongs to the
 * pass before it, so that {@code missed bar 7 low, bar 9 late} is one pass with two misses.
 */
public final class LogLine {
  /** Most passes that one word stands for. */
  public static final int MOST_TIMES = 50;

  /** What can be written, for those who ask. */
  public static final String EXAMPLE = "clean 96 x3, missed bar 7 low, hurts bar 9";

  private static final double MOST_PER_MINUTE = 1000;
  private static final Pattern WORD = Pattern.compile("\\S+");
  private static final Pattern OUT_OF_BOW = Pattern.compile("out of bow", Pattern.CASE_INSENSITIVE);
  private static final Pattern TIMES = Pattern.compile("[x\u00d7](\\d+)|(\\d+)[x\u00d7]");
  private static final Pattern PLACE = Pattern.compile("(\\S+):(\\d+)");
  private static final Pattern NUMBER = Pattern.compile("\\d+(\\.\\d+)?");

  private static final Map<String, Result> RESULTS =
      Map.ofEntries(
          Map.entry("clean", Result.CLEAN),
          Map.entry("missed", Result.MISSED),
          Map.entry("miss", Result.MISSED),
          Map.entry("hurts", Result.HURT),
          Map.entry("hurt", Result.HURT),
          Map.entry("tired", Result.HURT));

  private static final Map<String, MissKind> KINDS =
      Map.ofEntries(
          Map.entry("low", MissKind.LOW),
          Map.entry("flat", MissKind.LOW),
          Map.entry("high", MissKind.HIGH),
          Map.entry("sharp", MissKind.HIGH),
          Map.entry("late", MissKind.LATE),
          Map.entry("early", MissKind.EARLY),
          Map.entry("scratched", MissKind.SCRATCHED),
          Map.entry("scratch", MissKind.SCRATCHED),
          Map.entry("string", MissKind.STRING),
          Map.entry("out-of-bow", MissKind.OUT_OF_BOW),
          Map.entry("forgot", MissKind.MEMORY),
          Map.entry("forgotten", MissKind.MEMORY),
          Map.entry("memory", MissKind.MEMORY));

  /** Words that only make the line read like a sentence. */
  private static final List<String> FILLERS = List.of("at", "in", "and", "wrong", "the", "on", "=");

  private final Predicate<String> isBar;
  private final List<SaidPass> said = new ArrayList<>();
  private Part part = new Part();
  private Result result;

  /** What was said of the pass that is being read. */
  private static final class Part {
    private int times = 1;
    private OptionalDouble perMinute = OptionalDouble.empty();
    private final List<Miss> misses = new ArrayList<>();
    private Optional<String> place = Optional.empty();
    private Optional<MissKind> kind = Optional.empty();

    /** A comma ends what was said of one place. */
    void endPlace() {
      if (place.isPresent() || kind.isPresent()) {
        misses.add(new Miss(place, kind.orElse(MissKind.OTHER)));
      }
      place = Optional.empty();
      kind = Optional.empty();
    }
  }

  private LogLine(Predicate<String> isBar) {
    this.isBar = isBar;
  }

  /**
   * Reads a line.
   *
   * @param isBar whether the passage has a bar of that label
   * @return the passes in the order they were said, at least one
   * @throws LogLineException when anything in it is not understood; then nothing of it counts
   */
  public static List<SaidPass> read(String line, Predicate<String> isBar) throws LogLineException {
    LogLine reader = new LogLine(isBar);
    String plain = OUT_OF_BOW.matcher(line).replaceAll("out-of-bow");
    for (String piece : plain.split("[,;]")) {
      reader.piece(piece);
    }
    reader.endPass();
    if (reader.said.isEmpty()) {
      throw new LogLineException("Nothing was logged. Write for example: " + EXAMPLE + ".");
    }
    return List.copyOf(reader.said);
  }

  private void piece(String piece) throws LogLineException {
    List<String> words = WORD.matcher(piece).results().map(m -> m.group()).toList();
    int i = 0;
    while (i < words.size()) {
      i += take(words, i);
    }
    part.endPlace();
  }

  /** Takes what begins at a word and says how many words it took. */
  private int take(List<String> words, int at) throws LogLineException {
    String word = words.get(at).toLowerCase(Locale.ROOT);
    if (RESULTS.containsKey(word)) {
      endPass();
      result = RESULTS.get(word);
      return 1;
    }
    if (result == null) {
      throw notUnderstood(word);
    }
    if (KINDS.containsKey(word)) {
      part.kind = Optional.of(KINDS.get(word));
      return 1;
    }
    OptionalInt place = takePlace(words, at);
    return place.isPresent() ? place.getAsInt() : takeFigure(words, at);
  }

  private OptionalInt takePlace(List<String> words, int at) throws LogLineException {
    String word = words.get(at);
    Matcher place = PLACE.matcher(word);
    if (place.matches()) {
      part.place = Optional.of(bar(place.group(1)) + ":" + place.group(2));
      return OptionalInt.of(1);
    }
    if (!word.equalsIgnoreCase("bar") || at + 1 >= words.size()) {
      return OptionalInt.empty();
    }
    String bar = bar(words.get(at + 1));
    boolean hasNote =
        at + 3 < words.size()
            && words.get(at + 2).equalsIgnoreCase("note")
            && NUMBER.matcher(words.get(at + 3)).matches();
    part.place = Optional.of(hasNote ? bar + ":" + words.get(at + 3) : bar);
    return OptionalInt.of(hasNote ? 4 : 2);
  }

  private String bar(String label) throws LogLineException {
    if (!isBar.test(label)) {
      throw new LogLineException(
          "Nothing was logged: this passage has no bar "
              + label
              + ". Its bars are numbered as above.");
    }
    return label;
  }

  private int takeFigure(List<String> words, int at) throws LogLineException {
    String word = words.get(at).toLowerCase(Locale.ROOT);
    if (FILLERS.contains(word)) {
      return 1;
    }
    Matcher times = TIMES.matcher(word);
    if (times.matches()) {
      part.times = times(times.group(1) == null ? times.group(2) : times.group(1));
      return 1;
    }
    if (NUMBER.matcher(word).matches()) {
      boolean isTimes = at + 1 < words.size() && words.get(at + 1).equals("times");
      if (isTimes) {
        part.times = times(word);
        return 2;
      }
      part.perMinute = OptionalDouble.of(perMinute(word));
      return 1;
    }
    throw notUnderstood(word);
  }

  private static int times(String digits) throws LogLineException {
    int times = digits.length() > 4 ? Integer.MAX_VALUE : Integer.parseInt(digits);
    if (times < 1 || times > MOST_TIMES) {
      throw new LogLineException(
          "Nothing was logged: a line counts 1 to " + MOST_TIMES + " passes at a time.");
    }
    return times;
  }

  private static double perMinute(String digits) throws LogLineException {
    double perMinute = Double.parseDouble(digits);
    if (perMinute < 1 || perMinute > MOST_PER_MINUTE) {
      throw new LogLineException(
          "Nothing was logged: a tempo lies between 1 and 1000 beats a minute.");
    }
    return perMinute;
  }

  private static LogLineException notUnderstood(String word) {
    return new LogLineException(
        "Nothing was logged: \u201c"
            + word
            + "\u201d is not understood. Write for example: "
            + EXAMPLE
            + ".");
  }

  private void endPass() throws LogLineException {
    part.endPlace();
    if (result == Result.CLEAN && !part.misses.isEmpty()) {
      throw new LogLineException("Nothing was logged: a clean pass has no place that went wrong.");
    }
    if (result != null) {
      said.add(new SaidPass(result, part.times, part.perMinute, part.misses));
    }
    part = new Part();
    result = null;
  }
}
