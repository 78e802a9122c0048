package app.fret.desktop.model.work;

import app.fret.score.BeatUnit;
import app.fret.score.Metre;
import app.fret.score.Tempo;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Map;

/** Figures and names as they stand on screen. */
public final class Words {
  private static final DateTimeFormatter WEEKDAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

  /** A day such as {@code Thursday 26 November}. */
  public static String weekday(LocalDate day) {
    return WEEKDAY.format(day);
  }

  private static final Map<Integer, String> KEYS =
      Map.ofEntries(
          Map.entry(-7, "C♭ major or A♭ minor"),
          Map.entry(-6, "G♭ major or E♭ minor"),
          Map.entry(-5, "D♭ major or B♭ minor"),
          Map.entry(-4, "A♭ major or F minor"),
          Map.entry(-3, "E♭ major or C minor"),
          Map.entry(-2, "B♭ major or G minor"),
          Map.entry(-1, "F major or D minor"),
          Map.entry(0, "C major or A minor"),
          Map.entry(1, "G major or E minor"),
          Map.entry(2, "D major or B minor"),
          Map.entry(3, "A major or F♯ minor"),
          Map.entry(4, "E major or C♯ minor"),
          Map.entry(5, "B major or G♯ minor"),
          Map.entry(6, "F♯ major or D♯ minor"),
          Map.entry(7, "C♯ major or A♯ minor"));

  private Words() {}

  /** A number without needless decimals. */
  public static String number(double value) {
    return value == Math.rint(value)
        ? String.valueOf((long) value)
        : String.format(Locale.ROOT, "%.1f", value);
  }

  /** Seconds, with one decimal below ten, minutes from two on. */
  public static String seconds(double seconds) {
    if (seconds >= 120) {
      return String.format(Locale.ROOT, "%.1f min", seconds / 60);
    }
    return String.format(Locale.ROOT, seconds < 10 ? "%.1f s" : "%.0f s", seconds);
  }

  /** A tempo such as {@code ♩ = 96}. */
  public static String tempo(Tempo tempo) {
    return beat(tempo.beat()) + " = " + number(tempo.perMinute());
  }

  /** A beat as a note sign where the text font has one, else as a word. */
  public static String beat(BeatUnit beat) {
    return switch (beat.name()) {
      case "quarter" -> "♩";
      case "eighth" -> "♪";
      case "dotted-quarter" -> "♩.";
      default -> beat.name().replace('-', ' ');
    };
  }

  /** The two keys a signature can mean. */
  public static String key(int fifths) {
    return KEYS.get(fifths);
  }

  /** A metre as figures. */
  public static String metre(Metre metre) {
    return metre.isFree() ? "without metre" : metre.toString();
  }

  /** What to say when Fret itself has made a mistake. */
  public static String ownMistake() {
    return "Fret made a mistake of its own. Your book is kept as it was; please try another way.";
  }

  /** A size of a file, such as {@code 1.4 MB}. */
  public static String bytes(long bytes) {
    return bytes >= 1_000_000
        ? String.format(Locale.ROOT, "%.1f MB", bytes / 1e6)
        : Math.max(1, Math.round(bytes / 1e3)) + " kB";
  }

  /** A phrase as a sentence: with a full stop and, unless a file's name begins it, a capital. */
  public static String sentence(String phrase) {
    if (phrase.isEmpty()) {
      return "";
    }
    String firstWord = phrase.split(" ", 2)[0];
    boolean beginsWithFile = firstWord.substring(0, firstWord.length() - 1).contains(".");
    return (beginsWithFile ? phrase : Character.toUpperCase(phrase.charAt(0)) + phrase.substring(1))
        + ".";
  }

  /** One of something or several. */
  public static String count(int number, String one, String several) {
    return number + " " + (number == 1 ? one : several);
  }
}
