package app.fret.instrument;

import app.fret.score.Clef;
import app.fret.score.Finger;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Properties;

/** The resource file of one instrument, read into its types. */
final class InstrumentProfile {
  private static final double USUAL_A4_HZ = 440;
  private static final int NEVER = 99;

  private final Properties table;

  private InstrumentProfile(Properties table) {
    this.table = table;
  }

  static InstrumentProfile read(String name) {
    Properties table = new Properties();
    try (InputStream in = Instruments.class.getResourceAsStream(name + ".properties")) {
      table.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      return new InstrumentProfile(table);
    } catch (IOException e) {
      throw new UncheckedIOException("the profile of the " + name + " cannot be read", e);
    }
  }

  Instrument usual() {
    return new Instrument(
        table.getProperty("name"),
        openStrings("strings"),
        integer("written-above-sounding"),
        number("string-length-mm"),
        number("bow-hair-mm"),
        integer("highest-semitone"),
        schools().isEmpty() ? frames(words("frames")) : framesOf(schools().get(0)),
        positions(),
        words("landmark-bases").stream().map(Integer::valueOf).toList(),
        new Instrument.HandSize(
            number("standard-frame-mm"), number("greatest-span-factor"),
            Double.parseDouble(table.getProperty("across-strings-factor", "1")), pairs()),
        handling(),
        USUAL_A4_HZ);
  }

  InstrumentCustoms customs() {
    return new InstrumentCustoms(
        number("bridge-arch-radius-mm"),
        number("bridge-outer-spacing-mm"),
        table.getProperty("bow-strength"),
        number("vibrato-beside-violin-hz"),
        words("clefs").stream().map(Clef.NAMED::get).toList(),
        integer("midi-program"));
  }

  List<String> schools() {
    return words("schools");
  }

  List<String> setUps() {
    return words("setups");
  }

  List<HandFrame> framesOf(String school) {
    require(schools(), school, "school");
    return frames(words("school." + school + ".frames"));
  }

  Instrument setUp(Instrument instrument, String name) {
    require(setUps(), name, "set-up");
    String prefix = "setup." + name + ".";
    Instrument changed = instrument;
    if (table.containsKey(prefix + "strings")) {
      changed = changed.withStrings(openStrings(prefix + "strings"));
    }
    if (table.containsKey(prefix + "written-above-sounding")) {
      changed = changed.withWrittenAboveSounding(integer(prefix + "written-above-sounding"));
    }
    List<String> lowest = words(prefix + "lowest");
    List<OpenString> strings = new ArrayList<>(changed.strings());
    for (int i = 0; i < lowest.size(); i++) {
      strings.set(i, strings.get(i).withLowestSemitone(Integer.parseInt(lowest.get(i))));
    }
    return changed.withStrings(strings);
  }

  private void require(List<String> names, String name, String what) {
    if (!names.contains(name)) {
      String known = names.isEmpty() ? "it has none" : "use " + String.join(", ", names);
      throw new IllegalArgumentException(
          "no " + what + " '" + name + "' for the " + table.getProperty("name") + "; " + known);
    }
  }

  private List<OpenString> openStrings(String key) {
    return words(key).stream().map(OpenString::sounding).toList();
  }

  private List<HandFrame> frames(List<String> names) {
    return names.stream().map(this::frame).toList();
  }

  private HandFrame frame(String name) {
    String prefix = "frame." + name + ".";
    List<String> bases = words(prefix + "bases");
    Map<Finger, List<HandFrame.Reach>> reaches = new EnumMap<>(Finger.class);
    for (Finger finger : Finger.values()) {
      List<HandFrame.Reach> places = new ArrayList<>();
      for (HandFrame.Use use : HandFrame.Use.values()) {
        String key = prefix + finger.sign() + "." + use.name().toLowerCase(Locale.ROOT);
        words(key).forEach(o -> places.add(new HandFrame.Reach(Integer.parseInt(o), use)));
      }
      if (!places.isEmpty()) {
        reaches.put(finger, List.copyOf(places));
      }
    }
    String region = table.getProperty(prefix + "region", "neck").toUpperCase(Locale.ROOT);
    return new HandFrame(
        name,
        HandFrame.Region.valueOf(region),
        Integer.parseInt(table.getProperty(prefix + "anchor", "0")),
        Integer.parseInt(bases.get(0)),
        Integer.parseInt(bases.get(1)),
        reaches);
  }

  private List<Instrument.PairSpan> pairs() {
    List<Instrument.PairSpan> pairs = new ArrayList<>();
    for (Finger lower : Finger.values()) {
      for (Finger upper : Finger.values()) {
        List<String> spans = words("span." + lower.sign() + "-" + upper.sign());
        if (!spans.isEmpty()) {
          pairs.add(
              new Instrument.PairSpan(
                  lower,
                  upper,
                  Double.parseDouble(spans.get(0)),
                  Double.parseDouble(spans.get(1)),
                  spans.size() > 2 ? Double.parseDouble(spans.get(2)) : Double.POSITIVE_INFINITY));
        }
      }
    }
    return pairs;
  }

  private Handling handling() {
    String crawl = table.getProperty("crawl-from-base");
    return new Handling(
        number("shift-speed-mm-per-second"),
        number("shift-effort"),
        number("open-string-effort"),
        number("stretch-effort-per-mm"),
        crawl == null ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(crawl)),
        Integer.parseInt(table.getProperty("thumb-usual-from", String.valueOf(NEVER))),
        Boolean.parseBoolean(table.getProperty("fourth-backed")),
        Boolean.parseBoolean(table.getProperty("letter-fingers")),
        Boolean.parseBoolean(table.getProperty("compares-travel")),
        integer("highest-unasked-harmonic"),
        number("unasked-harmonic-effort"),
        words("harmonic-fingers").stream().map(Finger::ofSign).toList());
  }

  private Map<Integer, String> positions() {
    Map<Integer, String> positions = new HashMap<>();
    String prefix = "position.";
    for (String key : table.stringPropertyNames()) {
      if (key.startsWith(prefix)) {
        positions.put(Integer.valueOf(key.substring(prefix.length())), table.getProperty(key));
      }
    }
    return positions;
  }

  private List<String> words(String key) {
    String value = table.getProperty(key, "").strip();
    return value.isEmpty() ? List.of() : Arrays.asList(value.split("\\s+"));
  }

  private int integer(String key) {
    return Integer.parseInt(table.getProperty(key));
  }

  private double number(String key) {
    return Double.parseDouble(table.getProperty(key));
  }
}
