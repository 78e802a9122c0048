package app.fret.lefthand.moment;

import app.fret.brief.Brief;
import app.fret.instrument.Instrument;
import app.fret.reading.PlayedNote;
import app.fret.score.Directions.Words;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Words that bind notes to a string: {@code sul G}, {@code IV corda}, {@code G-Saite}. They hold
 * until other words of this kind or {@code ord.}, a rest of half a whole note, or a note that the
 * string does not have (common practice, no source).
 */
final class StringWords {
  private static final Fraction ENDING_REST = Fraction.of(1, 2);

  private static final Pattern BY_LETTER =
      Pattern.compile(
          "^(?:sulla |sul |auf der |on (?:the )?|sur )?\\b([a-h])\\b(?:[ -]?(?:saite|string))?$");
  private static final Pattern BY_NAME =
      Pattern.compile("^(?:sulla )?(?:corde de |corda |sur )(sol|ré|re|la|mi|ut|do)\\b");
  private static final Pattern BY_NUMBER =
      Pattern.compile(
          "^(?:sulla |auf der |on (?:the )?)?(iv|v|i{1,3}|[1-5])(?:a|e|th|rd|nd|st|\\.|ª)?[ -]?"
              + "(?:corda|corde|cordas?|saite|string)\\b");
  private static final Map<String, Integer> NUMERALS =
      Map.of("i", 1, "ii", 2, "iii", 3, "iv", 4, "v", 5);
  private static final Map<String, String> LETTERS =
      Map.of("sol", "G", "ré", "D", "re", "D", "la", "A", "mi", "E", "ut", "C", "do", "C");
  private static final List<String> ENDINGS = List.of("ord", "modo ord", "nat", "loco", "pos. ord");

  private final Instrument instrument;
  private int bound;

  private StringWords(Instrument instrument) {
    this.instrument = instrument;
  }

  /** By note: the string it is bound to, 1 the highest; 0 for none. */
  static int[] of(Brief brief) {
    return new StringWords(brief.player().instrument()).read(brief);
  }

  private int[] read(Brief brief) {
    List<Words> words = brief.passage().directions().words();
    int[] strings = new int[brief.notes().size()];
    int next = 0;
    for (int i = 0; i < strings.length; i++) {
      PlayedNote note = brief.notes().get(i);
      if (i > 0 && restBefore(brief, i).compareTo(ENDING_REST) >= 0) {
        bound = 0;
      }
      while (next < words.size() && words.get(next).onset().compareTo(note.onset()) <= 0) {
        hear(words.get(next++).text());
      }
      bound = has(brief, i) ? bound : 0;
      strings[i] = bound;
    }
    return strings;
  }

  private static Fraction restBefore(Brief brief, int note) {
    return brief.notes().get(note).onset().subtract(brief.notes().get(note - 1).end());
  }

  private void hear(String text) {
    String plain = text.strip().toLowerCase(Locale.ROOT);
    OptionalInt string = stringOf(plain);
    if (string.isPresent()) {
      bound = string.getAsInt();
    } else if (ENDINGS.stream().anyMatch(plain::startsWith)) {
      bound = 0;
    }
  }

  private OptionalInt stringOf(String plain) {
    Matcher number = BY_NUMBER.matcher(plain);
    if (number.find()) {
      String sign = number.group(1);
      int string = NUMERALS.getOrDefault(sign, Character.digit(sign.charAt(0), 10));
      return string <= instrument.stringCount() ? OptionalInt.of(string) : OptionalInt.empty();
    }
    Matcher name = BY_NAME.matcher(plain);
    if (name.find()) {
      return named(LETTERS.get(name.group(1)));
    }
    Matcher letter = BY_LETTER.matcher(plain);
    boolean says = plain.startsWith("sul") || plain.length() > 1;
    return says && letter.find()
        ? named(letter.group(1).toUpperCase(Locale.ROOT))
        : OptionalInt.empty();
  }

  private OptionalInt named(String letter) {
    for (int string = 1; string <= instrument.stringCount(); string++) {
      if (instrument.writtenOpen(string).step().name().equals(letter)) {
        return OptionalInt.of(string);
      }
    }
    return OptionalInt.empty();
  }

  private boolean has(Brief brief, int note) {
    return bound > 0
        && brief.pitches().get(note).stream()
            .allMatch(p -> p.semitonesAbove(instrument.open(bound)) >= 0);
  }
}
