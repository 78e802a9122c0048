package app.fret.reading;

import app.fret.score.Directions;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Words of performance in Italian, French, German and English, with what each does (common
 * practice, no source). Phrases go before their words.
 */
public final class Glossary {
  private static final int LONGEST_PHRASE = 4;
  private static final Map<String, Entry> ENTRIES = read();

  /** What surrounds a word and is none of it. */
  private static final Pattern AROUND = Pattern.compile("^[^\\p{L}]+|[^\\p{L}]+$");

  /** Figures, letters of strings, numerals: no words to look up. */
  private static final Pattern NO_WORD = Pattern.compile("[ivx]{1,4}|.|");

  /** Which way a word takes the music. */
  public enum Way {
    SLOW,
    MODERATE,
    FAST,
    SLOWER,
    FASTER,
    FREE,
    BACK,
    LOUD,
    SOFT,
    LOUDER,
    SOFTER,
    NONE
  }

  /**
   * A word or phrase.
   *
   * @param word as it is looked up
   * @param language {@code it}, {@code fr}, {@code de} or {@code en}
   * @param actsOn what it acts on: tempo, change, level, swell, stroke, technique, character,
   *     degree or form
   * @param way which way it takes that
   * @param meaning in plain words
   */
  public record Entry(String word, String language, String actsOn, Way way, String meaning) {}

  /**
   * A word on the page.
   *
   * @param onset where it stands
   * @param text as printed
   * @param entry what it means; empty when it is not known
   */
  public record Found(Fraction onset, String text, Optional<Entry> entry) {}

  private Glossary() {}

  private static Map<String, Entry> read() {
    Map<String, Entry> entries = new HashMap<>();
    try (BufferedReader lines =
        new BufferedReader(
            new InputStreamReader(
                Glossary.class.getResourceAsStream("glossary.txt"), StandardCharsets.UTF_8))) {
      lines
          .lines()
          .filter(line -> !line.startsWith("#"))
          .map(line -> line.split("\\|"))
          .forEach(f -> entries.putIfAbsent(plain(f[0]), entry(f)));
    } catch (IOException e) {
      throw new UncheckedIOException("the glossary cannot be read", e);
    }
    return entries;
  }

  private static Entry entry(String[] fields) {
    Way way = fields[3].equals("-") ? Way.NONE : Way.valueOf(fields[3].toUpperCase(Locale.ROOT));
    return new Entry(fields[0], fields[1], fields[2], way, fields[4]);
  }

  /** How many words and phrases are known. */
  public static int size() {
    return ENTRIES.size();
  }

  /** A word or phrase; empty when it is not known. */
  public static Optional<Entry> lookUp(String word) {
    return Optional.ofNullable(ENTRIES.get(plain(word)));
  }

  private static String plain(String word) {
    return Normalizer.normalize(word, Normalizer.Form.NFC)
        .toLowerCase(Locale.ROOT)
        .replace('’', '\'')
        .strip();
  }

  /** All words of performance of a page in order, the longest phrases that are known. */
  public static List<Found> of(List<Directions.Words> page) {
    List<Found> found = new ArrayList<>();
    page.forEach(words -> addAll(words, found));
    return found;
  }

  private static void addAll(Directions.Words words, List<Found> found) {
    List<String> tokens =
        Arrays.stream(words.text().split("[\\s,;()\\[\\]=]+"))
            .map(token -> AROUND.matcher(token).replaceAll(""))
            .filter(token -> !token.isEmpty())
            .toList();
    int at = 0;
    while (at < tokens.size()) {
      int length = longestKnown(tokens, at);
      String text = String.join(" ", tokens.subList(at, at + Math.max(1, length)));
      if (length > 0 || !NO_WORD.matcher(plain(text)).matches()) {
        found.add(new Found(words.onset(), text, lookUp(text)));
      }
      at += Math.max(1, length);
    }
  }

  private static int longestKnown(List<String> tokens, int at) {
    for (int length = Math.min(LONGEST_PHRASE, tokens.size() - at); length > 0; length--) {
      if (lookUp(String.join(" ", tokens.subList(at, at + length))).isPresent()) {
        return length;
      }
    }
    return 0;
  }
}
