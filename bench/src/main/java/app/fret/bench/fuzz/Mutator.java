package app.fret.bench.fuzz;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Damages the text of a score in ways that programs, editors and disks do. */
final class Mutator {
  private static final int MOST_MUTATIONS = 6;
  private static final Pattern ELEMENT = Pattern.compile("<([a-z][a-z-]*)(\\s[^<>]*)?(/?)>");
  private static final Pattern NUMBER = Pattern.compile("(?<=[>\"])-?\\d+(\\.\\d+)?(?=[<\"])");
  private static final Pattern ATTRIBUTE = Pattern.compile(" [a-z-]+=\"[^\"]*\"");

  private static final List<String> NUMBERS =
      List.of(
          "0",
          "-1",
          "1",
          "2",
          "3",
          "7",
          "127",
          "128",
          "65535",
          "1000",
          "2147483647",
          "-2147483648",
          "99999999999",
          "0.5",
          "1e9",
          "NaN",
          "",
          "q",
          "+3",
          "٣");

  /** Elements that belong elsewhere, or nowhere. */
  private static final List<String> STRANGERS =
      List.of(
          "<chord/>",
          "<dot/>",
          "<grace/>",
          "<cue/>",
          "<rest/>",
          "<tie type=\"start\"/>",
          "<figured-bass/>",
          "<harmony/>",
          "<voice>2</voice>",
          "<staff>2</staff>",
          "<type>maxima</type>",
          "<backup><duration>1</duration></backup>",
          "<forward><duration>1</duration></forward>",
          "<barline location=\"middle\"><bar-style>dashed</bar-style></barline>",
          "<barline><repeat direction=\"backward\" times=\"0\"/></barline>",
          "<attributes><divisions>7</divisions></attributes>",
          "<attributes><time><beats>0</beats><beat-type>0</beat-type></time></attributes>",
          "<attributes><clef><sign>TAB</sign></clef></attributes>",
          "<attributes><clef><sign>F</sign><line>9</line></clef></attributes>",
          "<attributes><transpose><chromatic>-99</chromatic></transpose></attributes>",
          "<notations><slur type=\"stop\" number=\"9\"/></notations>",
          "<notations><slur type=\"start\"/><slur type=\"start\"/></notations>",
          "<notations><tuplet type=\"stop\"/><tuplet type=\"start\"/></notations>",
          "<notations><ornaments><tremolo>99</tremolo></ornaments></notations>",
          "<notations><technical><fingering>9</fingering><string>0</string></technical></notations>",
          "<direction><direction-type><wedge type=\"stop\"/></direction-type></direction>",
          "<direction><direction-type><wedge type=\"crescendo\"/></direction-type></direction>",
          "<direction><direction-type><octave-shift type=\"up\" size=\"22\"/></direction-type>"
              + "<offset>-9</offset></direction>",
          "<direction><direction-type><words>\u202e\u0085 \u200f</words></direction-type>"
              + "</direction>",
          "<time-modification><actual-notes>11</actual-notes><normal-notes>7</normal-notes>"
              + "</time-modification>");

  private final Random random;

  Mutator(Random random) {
    this.random = random;
  }

  /** A damaged copy. */
  byte[] damage(String score) {
    String text = score;
    int count = 1 + random.nextInt(MOST_MUTATIONS);
    for (int i = 0; i < count; i++) {
      text = mutate(text);
    }
    byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
    return random.nextInt(12) == 0 ? damageBytes(bytes) : bytes;
  }

  private String mutate(String text) {
    return switch (random.nextInt(13)) {
      case 0, 1 -> replaceOne(text, NUMBER, m -> one(NUMBERS));
      case 2 -> replaceOne(text, ELEMENT, m -> m.group() + one(STRANGERS));
      case 3 -> replaceOne(text, ELEMENT, m -> "<" + m.group(1) + "z>");
      case 4 -> replaceOne(text, ATTRIBUTE, m -> "");
      case 5 -> replaceOne(text, ATTRIBUTE, m -> m.group().replaceAll("\"[^\"]*\"", "\"q\""));
      case 6 ->
          replaceOne(text, ELEMENT, m -> m.group().replaceFirst("<[a-z-]+", "$0 xmlns=\"urn:x\""));
      case 7 -> whole(text, part -> "");
      case 8 -> whole(text, part -> part + part);
      case 9 -> whole(text, part -> part.replaceFirst("(?s)>.*<", "><"));
      case 10 -> move(text);
      case 11 -> replaceOne(text, Pattern.compile("(?<=>)[^<>\\s][^<>]*(?=<)"), m -> unicode());
      default ->
          replaceOne(
              text,
              ELEMENT,
              m ->
                  m.group()
                      .replace(">", " color=\"q\" default-x=\"q\">")
                      .replace("/ color", " color")
                      .replaceFirst("\"q\">$", m.group(3).isEmpty() ? "\"q\">" : "\"q\"/>"));
    };
  }

  private <T> T one(List<T> all) {
    return all.get(random.nextInt(all.size()));
  }

  private interface Change {
    String of(Matcher found);
  }

  private String replaceOne(String text, Pattern pattern, Change change) {
    Matcher matcher = pattern.matcher(text);
    List<Integer> starts = new ArrayList<>();
    while (matcher.find()) {
      starts.add(matcher.start());
    }
    if (starts.isEmpty()) {
      return text;
    }
    matcher.find(one(starts));
    return text.substring(0, matcher.start()) + change.of(matcher) + text.substring(matcher.end());
  }

  private interface Reshape {
    String of(String element);
  }

  /** Changes an element with all it holds. */
  private String whole(String text, Reshape reshape) {
    int[] span = element(text);
    return text.substring(0, span[0])
        + reshape.of(text.substring(span[0], span[1]))
        + text.substring(span[1]);
  }

  private String move(String text) {
    int[] span = element(text);
    String part = text.substring(span[0], span[1]);
    String rest = text.substring(0, span[0]) + text.substring(span[1]);
    return replaceOne(rest, ELEMENT, m -> m.group() + part);
  }

  /** Where some element begins and ends; nothing when there is none that closes. */
  private int[] element(String text) {
    Matcher matcher = ELEMENT.matcher(text);
    List<int[]> spans = new ArrayList<>();
    while (matcher.find()) {
      int close =
          matcher.group(3).isEmpty()
              ? text.indexOf("</" + matcher.group(1) + ">", matcher.end())
              : matcher.end();
      int end = matcher.group(3).isEmpty() ? close + matcher.group(1).length() + 3 : close;
      if (close >= 0) {
        spans.add(new int[] {matcher.start(), end});
      }
    }
    return spans.isEmpty() ? new int[] {0, 0} : one(spans);
  }

  private String unicode() {
    StringBuilder text = new StringBuilder();
    for (int i = 0; i < 8; i++) {
      int character = 0x20 + random.nextInt(0x2FFE0);
      boolean allowed =
          character != '<'
              && character != '&'
              && !(character >= 0xD800 && character <= 0xDFFF)
              && (character & 0xFFFE) != 0xFFFE;
      text.appendCodePoint(allowed ? character : 'x');
    }
    return text.toString();
  }

  /** Flips, cuts or doubles bytes, as disks and networks do. */
  byte[] damageBytes(byte[] bytes) {
    if (bytes.length == 0) {
      return bytes;
    }
    byte[] damaged = bytes.clone();
    switch (random.nextInt(3)) {
      case 0 -> damaged = java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length));
      case 1 -> {
        int from = random.nextInt(bytes.length);
        int until = Math.min(bytes.length, from + 1 + random.nextInt(64));
        java.util.Arrays.fill(damaged, from, until, (byte) random.nextInt(256));
      }
      default -> {
        for (int i = 0; i < 1 + random.nextInt(8); i++) {
          damaged[random.nextInt(damaged.length)] ^= (byte) (1 << random.nextInt(8));
        }
      }
    }
    return damaged;
  }
}
