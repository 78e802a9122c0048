package app.fret.files.abc;

import app.fret.files.PlainWords;
import app.fret.score.BeatUnit;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Step;
import app.fret.score.Tempo;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/** Understands what stands behind the letter of a field. */
final class AbcFields {
  private static final Pattern FIGURES =
      Pattern.compile("\\(?(\\d+(?:\\s*\\+\\s*\\d+)*)\\)?/(\\d+)");
  private static final Pattern LENGTH = Pattern.compile("1(?:/(\\d{1,3}))?");
  private static final Pattern TEMPO =
      Pattern.compile("(?:(\\d{1,2})/(\\d{1,2})\\s*=\\s*)?(\\d{1,4}(?:\\.\\d{1,3})?)");
  private static final Pattern QUOTED = Pattern.compile("\"([^\"]*)\"");
  private static final Pattern TONIC = Pattern.compile("([A-G])([#b]?)\\s*([A-Za-z]*)");
  private static final Pattern CLEF =
      Pattern.compile("(treble|alto|tenor|bass|soprano|mezzo|baritone)([1-5])?([+^_-]8|[+^_-]15)?");
  private static final Pattern SIGN = Pattern.compile("(\\^\\^|\\^|__|_|=)([a-gA-G])");
  private static final String FIFTHS_FROM_F = "FCGDAEB";
  private static final Map<String, Integer> MODES =
      Map.of(
          "maj", 0, "ion", 0, "m", -3, "min", -3, "aeo", -3, "mix", -1, "dor", -2, "phr", -4, "lyd",
          1, "loc", -5);

  private AbcFields() {}

  /** A metre, {@code M:}. */
  static Metre metre(String text) throws AbcFaultException {
    String metre = text.strip();
    switch (metre) {
      case "C":
        return new Metre(List.of(4), 4, Metre.Sign.COMMON);
      case "C|":
        return new Metre(List.of(2), 2, Metre.Sign.CUT);
      case "none", "":
        return new Metre(List.of(4), 4, Metre.Sign.NONE);
      default:
        return figures(metre);
    }
  }

  private static Metre figures(String text) throws AbcFaultException {
    Matcher matcher = FIGURES.matcher(text);
    try {
      if (matcher.matches()) {
        List<Integer> groups = new ArrayList<>();
        for (String group : matcher.group(1).split("\\+")) {
          groups.add(Integer.valueOf(group.strip()));
        }
        return new Metre(groups, Integer.parseInt(matcher.group(2)), Metre.Sign.FIGURES);
      }
    } catch (IllegalArgumentException e) {
      // The same words serve.
    }
    throw new AbcFaultException(
        "'" + text + "' is no metre; write M:4/4, M:(2+3)/8, M:C or M:none");
  }

  /** A unit length, {@code L:}. */
  static Fraction unitLength(String text) throws AbcFaultException {
    Matcher matcher = LENGTH.matcher(text.strip());
    int of =
        !matcher.matches() ? 0 : matcher.group(1) == null ? 1 : Integer.parseInt(matcher.group(1));
    if (of < 1 || of > 64 || Integer.bitCount(of) != 1) {
      throw new AbcFaultException("'" + text.strip() + "' is no unit length; write L:1/8");
    }
    return Fraction.of(1, of);
  }

  /** The unit length that a metre implies where none is given. */
  static Fraction unitLength(Metre metre) {
    boolean small = !metre.isFree() && metre.barLength().compareTo(Fraction.of(3, 4)) < 0;
    return small ? Fraction.of(1, 16) : Fraction.of(1, 8);
  }

  /**
   * A tempo with its words, {@code Q:}.
   *
   * @param words the words, empty for none
   * @param tempo the figure, empty for words alone
   */
  record Speed(String words, Optional<Tempo> tempo) {}

  /** A tempo. */
  static Speed tempo(String text, Fraction unitLength) throws AbcFaultException {
    StringBuilder words = new StringBuilder();
    Matcher quoted = QUOTED.matcher(text);
    while (quoted.find()) {
      words.append(words.isEmpty() ? "" : " ").append(PlainWords.clean(quoted.group(1)));
    }
    String figure = quoted.replaceAll(" ").strip();
    if (figure.isEmpty() && !words.isEmpty()) {
      return new Speed(words.toString(), Optional.empty());
    }
    return new Speed(words.toString(), Optional.of(figure(figure, unitLength)));
  }

  private static Tempo figure(String figure, Fraction unitLength) throws AbcFaultException {
    Matcher matcher = TEMPO.matcher(figure);
    if (matcher.matches()) {
      try {
        Fraction beat =
            matcher.group(1) == null
                ? unitLength
                : Fraction.of(
                    Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2)));
        return Tempo.asked(beatOf(beat), Double.parseDouble(matcher.group(3)));
      } catch (ArithmeticException | IllegalArgumentException e) {
        // The same words serve.
      }
    }
    throw new AbcFaultException(
        "'" + figure + "' is no tempo; write Q:1/4=96 or Q:\"Allegro\" 1/4=132");
  }

  private static BeatUnit beatOf(Fraction length) {
    return BeatUnit.NOTES.stream()
        .filter(b -> b.length().equals(length))
        .findFirst()
        .orElseThrow(IllegalArgumentException::new);
  }

  /**
   * A key with its clef, {@code K:}.
   *
   * @param key the signature; empty where only a clef is named
   * @param clef the clef; empty where none is named
   * @param octaves octaves by which the letters are read otherwise
   * @param signs signs of its own beside or in place of the signature's, by letter
   * @param unread words that were not understood
   */
  record KeyAndClef(
      Optional<Key> key,
      Optional<Clef> clef,
      int octaves,
      Map<Step, Integer> signs,
      List<String> unread) {
    /** Nothing said: C, in treble clef. */
    static final KeyAndClef NONE =
        new KeyAndClef(Optional.empty(), Optional.empty(), 0, Map.of(), List.of());
  }

  /** A key or a clef. */
  static KeyAndClef key(String text) throws AbcFaultException {
    String rest = text.strip();
    Optional<Key> key = Optional.empty();
    if (rest.startsWith("HP") || rest.startsWith("Hp")) {
      // The pipes' scale, which sounds F sharp and C sharp.
      return withClef(Optional.of(new Key(2)), rest.substring(2));
    }
    Matcher tonic = TONIC.matcher(rest);
    if (rest.isEmpty() || rest.startsWith("none")) {
      key = Optional.of(new Key(0));
      rest = rest.isEmpty() ? "" : rest.substring(4);
    } else if (tonic.lookingAt() && !CLEF.matcher(rest.split("\\s")[0]).matches()) {
      boolean mode = MODES.containsKey(mode(tonic.group(3)));
      key = Optional.of(signature(tonic.group(1), tonic.group(2), mode ? tonic.group(3) : ""));
      rest = rest.substring(mode ? tonic.end(3) : tonic.end(2));
    }
    return withClef(key, rest);
  }

  private static String mode(String word) {
    String lower = word.toLowerCase(Locale.ROOT);
    return lower.equals("m")
        ? word.equals("m") ? "m" : "maj"
        : lower.substring(0, Math.min(3, lower.length()));
  }

  private static Key signature(String letter, String sign, String mode) throws AbcFaultException {
    int fifths = FIFTHS_FROM_F.indexOf(letter) - 1;
    fifths += sign.equals("#") ? 7 : sign.equals("b") ? -7 : 0;
    fifths += mode.isEmpty() ? 0 : MODES.get(mode(mode));
    if (Math.abs(fifths) > 7) {
      throw new AbcFaultException(
          letter + sign + " " + mode + " has more than seven signs; spell the key otherwise");
    }
    return new Key(fifths);
  }

  private static KeyAndClef withClef(Optional<Key> key, String words) throws AbcFaultException {
    Optional<Clef> clef = Optional.empty();
    int octaves = 0;
    boolean isExplicit = false;
    Map<Step, Integer> signs = new EnumMap<>(Step.class);
    List<String> unread = new ArrayList<>();
    for (String word : words.strip().split("\\s+")) {
      String value = word.replaceFirst("^clef=", "").replace("\"", "");
      Matcher sign = SIGN.matcher(word);
      if (CLEF.matcher(value).matches()) {
        clef = Optional.of(clef(value));
      } else if (word.matches("octave=-?[0-3]")) {
        octaves = Integer.parseInt(word.substring("octave=".length()));
      } else if (sign.matches()) {
        signs.put(Step.valueOf(sign.group(2).toUpperCase(Locale.ROOT)), alter(sign.group(1)));
      } else if (word.equals("exp")) {
        isExplicit = true;
      } else if (!word.isEmpty()) {
        unread.add(word);
      }
    }
    if (key.isEmpty() && clef.isEmpty() && signs.isEmpty() && !unread.isEmpty()) {
      throw new AbcFaultException("'" + words.strip() + "' is no key; write K:D, K:Bb or K:F#m");
    }
    if (!signs.isEmpty()) {
      return withSigns(
          isExplicit ? new Key(0) : key.orElse(new Key(0)), signs, clef, octaves, unread);
    }
    return new KeyAndClef(key, clef, octaves, Map.of(), unread);
  }

  /** Signs that make a usual signature are one; others are written at the notes. */
  private static KeyAndClef withSigns(
      Key base, Map<Step, Integer> signs, Optional<Clef> clef, int octaves, List<String> unread) {
    Map<Step, Integer> wanted = new EnumMap<>(Step.class);
    for (Step step : Step.values()) {
      wanted.put(step, signs.getOrDefault(step, base.alterOf(step)));
    }
    for (int fifths = -7; fifths <= 7; fifths++) {
      Key key = new Key(fifths);
      if (wanted.entrySet().stream().allMatch(e -> key.alterOf(e.getKey()) == e.getValue())) {
        return new KeyAndClef(Optional.of(key), clef, octaves, Map.of(), unread);
      }
    }
    return new KeyAndClef(Optional.of(base), clef, octaves, wanted, unread);
  }

  private static int alter(String sign) {
    return switch (sign.charAt(0)) {
      case '^' -> sign.length();
      case '_' -> -sign.length();
      default -> 0;
    };
  }

  /**
   * The clef that a voice is given, as in {@code V:1 clef=bass-8}; empty where it is given none.
   */
  static Optional<Clef> clefOfVoice(String words) {
    for (String word : words.split("\\s+")) {
      String value = word.replaceFirst("^clef=", "").replace("\"", "");
      if (!value.equals(word) && CLEF.matcher(value).matches()) {
        return Optional.of(clef(value));
      }
    }
    return Optional.empty();
  }

  private static Clef clef(String word) {
    Matcher matcher = CLEF.matcher(word);
    matcher.matches();
    Clef plain =
        switch (matcher.group(1)) {
          case "treble" -> Clef.TREBLE;
          case "alto" -> Clef.ALTO;
          case "tenor" -> Clef.TENOR;
          case "soprano" -> new Clef(Clef.Sign.C, 1, 0);
          case "mezzo" -> new Clef(Clef.Sign.C, 2, 0);
          case "baritone" -> new Clef(Clef.Sign.F, 3, 0);
          default -> Clef.BASS;
        };
    int line = matcher.group(2) == null ? plain.line() : Integer.parseInt(matcher.group(2));
    String sign = matcher.group(3);
    int octaves =
        sign == null ? 0 : (sign.endsWith("15") ? 2 : 1) * (sign.matches("[+^].*") ? 1 : -1);
    return new Clef(plain.sign(), line, octaves);
  }
}
