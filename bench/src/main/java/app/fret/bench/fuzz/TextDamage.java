package app.fret.bench.fuzz;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Damages a text value by value, so that it stays near enough to its format to be read far into:
 * the letters of a tune, the description in a packet, a programme.
 */
final class TextDamage {
  private static final Pattern NUMBER = Pattern.compile("-?\\d+(\\.\\d+)?");
  private static final Pattern WORD = Pattern.compile("\"[^\"\\n]{0,80}\"");
  private static final Pattern SIGN = Pattern.compile("[^\\sA-Za-z0-9\"]");

  private static final List<String> NUMBERS =
      List.of(
          "0",
          "-0.0",
          "-1",
          "1",
          "2",
          "7",
          "13",
          "128",
          "1000",
          "99999",
          "2147483648",
          "0.5",
          "1e9",
          "1e400",
          "1e-9",
          "NaN",
          "",
          "\"x\"",
          "true",
          "null",
          "[]",
          "{}");

  private static final List<String> WORDS =
      List.of(
          "\"\"",
          "\" \"",
          "\"x\"",
          "\"violin\"",
          "\"2026-02-30\"",
          "\"9999-12-31\"",
          "\"+12345-01-01\"",
          "\"quarter\"",
          "\"../../x\"",
          "\"\\u202e\\u0000\"",
          "\"\\ud83d\"",
          "null",
          "7",
          "[]",
          "{\"a\":1}");

  /** What stands between notes in one tune or another, or nowhere. */
  private static final List<String> SIGNS =
      List.of(
          "|",
          "||",
          "|:",
          ":|",
          "[1",
          "[2",
          "(",
          ")",
          "(3",
          "(9:8:7",
          "[",
          "]",
          "{",
          "}",
          "-",
          "^",
          "_",
          "=",
          "^^",
          "__",
          "/",
          "//",
          "3/2",
          ">",
          "<<",
          "!trill!",
          "!q",
          "+",
          "\\",
          "&",
          "[K:",
          "[M:none]",
          "[L:1/3]",
          "[K:clef=bass-8]",
          "\"_x\"",
          "z",
          "Z4",
          "x",
          "y",
          "C,,,,",
          "c''''",
          "\n",
          "\nK:H\n",
          "\nM:0/0\n",
          "\nL:0\n",
          "\nQ:1/4=0\n",
          "\nV:2\n",
          "\nU:T=!q!\n",
          "\nw:",
          ",",
          ":",
          "[]",
          "\"",
          "\u0000",
          "é");

  private final Random random;

  TextDamage(Random random) {
    this.random = random;
  }

  /** A damaged copy; one in six is damaged in its bytes too. */
  byte[] of(byte[] text) {
    String now = new String(text, StandardCharsets.UTF_8);
    int count = 1 + random.nextInt(5);
    for (int i = 0; i < count; i++) {
      now = changed(now);
    }
    byte[] bytes = now.getBytes(StandardCharsets.UTF_8);
    return random.nextInt(6) == 0 ? new Mutator(random).damageBytes(bytes) : bytes;
  }

  private String changed(String text) {
    return switch (random.nextInt(7)) {
      case 0, 1 -> replaced(text, NUMBER, one(NUMBERS));
      case 2 -> replaced(text, WORD, one(WORDS));
      case 3 -> replaced(text, SIGN, one(SIGNS));
      case 4 -> inserted(text, one(SIGNS));
      case 5 -> without(text);
      default -> twice(text);
    };
  }

  private <T> T one(List<T> all) {
    return all.get(random.nextInt(all.size()));
  }

  private String replaced(String text, Pattern pattern, String by) {
    Matcher matcher = pattern.matcher(text);
    List<int[]> spans = new ArrayList<>();
    while (matcher.find()) {
      spans.add(new int[] {matcher.start(), matcher.end()});
    }
    if (spans.isEmpty()) {
      return text;
    }
    int[] span = one(spans);
    return text.substring(0, span[0]) + by + text.substring(span[1]);
  }

  private String inserted(String text, String what) {
    int at = random.nextInt(text.length() + 1);
    return text.substring(0, at) + what + text.substring(at);
  }

  /** Without a line, or without a piece of one where there is one line only. */
  private String without(String text) {
    List<String> lines = new ArrayList<>(Arrays.asList(text.split("\n", -1)));
    if (lines.size() > 2) {
      lines.remove(random.nextInt(lines.size()));
      return String.join("\n", lines);
    }
    int from = random.nextInt(text.length() + 1);
    int to = Math.min(text.length(), from + random.nextInt(30));
    return text.substring(0, from) + text.substring(to);
  }

  private String twice(String text) {
    int from = random.nextInt(text.length() + 1);
    int to = Math.min(text.length(), from + random.nextInt(200));
    return text.substring(0, to) + text.substring(from);
  }
}
