package app.fret.instrument;

import app.fret.score.Finger;
import app.fret.score.SoundingPitch;
import app.fret.score.WrittenPitch;
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
import java.util.Map;
import java.util.Properties;

/** The instruments Fret knows, read from the resource files beside this class. */
public final class Instruments {
  /** Names of the instruments whose left hand Fret plans. */
  public static final List<String> NAMES = List.of("violin", "viola");

  private Instruments() {}

  /**
   * An instrument in its usual set-up.
   *
   * @throws IllegalArgumentException when there is no profile of that name
   */
  public static Instrument named(String name) {
    if (!NAMES.contains(name)) {
      throw new IllegalArgumentException(
          "no instrument '" + name + "'; use " + String.join(" or ", NAMES));
    }
    return read(load(name));
  }

  private static Properties load(String name) {
    Properties table = new Properties();
    try (InputStream in = Instruments.class.getResourceAsStream(name + ".properties")) {
      table.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      return table;
    } catch (IOException e) {
      throw new UncheckedIOException("the profile of the " + name + " cannot be read", e);
    }
  }

  private static Instrument read(Properties table) {
    List<String> names = words(table, "strings");
    return new Instrument(
        table.getProperty("name"),
        names.stream().map(n -> new SoundingPitch(WrittenPitch.parse(n).semitone())).toList(),
        names.stream().map(n -> n.substring(0, n.length() - 1)).toList(),
        number(table, "written-above-sounding"),
        Double.parseDouble(table.getProperty("string-length-mm")),
        Double.parseDouble(table.getProperty("bow-hair-mm")),
        number(table, "highest-semitone"),
        words(table, "frames").stream().map(f -> frame(table, f)).toList(),
        positions(table),
        words(table, "landmark-bases").stream().map(Integer::valueOf).toList(),
        new Instrument.HandSize(
            Double.parseDouble(table.getProperty("standard-frame-mm")),
            Double.parseDouble(table.getProperty("greatest-span-factor"))));
  }

  private static HandFrame frame(Properties table, String name) {
    String prefix = "frame." + name + ".";
    List<String> bases = words(table, prefix + "bases");
    Map<Finger, List<HandFrame.Reach>> reaches = new EnumMap<>(Finger.class);
    for (Finger finger : Finger.values()) {
      List<HandFrame.Reach> places = new ArrayList<>();
      for (HandFrame.Use use : HandFrame.Use.values()) {
        String key = prefix + finger.sign() + "." + use.name().toLowerCase(java.util.Locale.ROOT);
        words(table, key).forEach(o -> places.add(new HandFrame.Reach(Integer.parseInt(o), use)));
      }
      if (!places.isEmpty()) {
        reaches.put(finger, List.copyOf(places));
      }
    }
    return new HandFrame(
        name, Integer.parseInt(bases.get(0)), Integer.parseInt(bases.get(1)), reaches);
  }

  private static Map<Integer, String> positions(Properties table) {
    Map<Integer, String> positions = new HashMap<>();
    String prefix = "position.";
    for (String key : table.stringPropertyNames()) {
      if (key.startsWith(prefix)) {
        positions.put(Integer.valueOf(key.substring(prefix.length())), table.getProperty(key));
      }
    }
    return positions;
  }

  private static List<String> words(Properties table, String key) {
    String value = table.getProperty(key, "").strip();
    return value.isEmpty() ? List.of() : Arrays.asList(value.split("\\s+"));
  }

  private static int number(Properties table, String key) {
    return Integer.parseInt(table.getProperty(key));
  }
}
