package app.fret.lefthand.effort;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;

/** The profiles Fret ships, read from the weight table beside this class. */
public final class Profiles {
  /** Name of the profile that keeps what the part prints. */
  public static final String AS_PRINTED = "as-printed";

  /** Names of the profiles, the default first. */
  public static final List<String> NAMES =
      List.of("secure", "even-colour", "singing", "brilliant", "still-hand", AS_PRINTED);

  private static final String OF_TERMS = "term";

  private Profiles() {}

  /**
   * A profile by name.
   *
   * @throws IllegalArgumentException when there is none of that name
   */
  public static Profile named(String name) {
    if (!NAMES.contains(name)) {
      throw new IllegalArgumentException(
          "no profile '" + name + "'; use " + String.join(", ", NAMES));
    }
    Properties table = load();
    Map<String, Double> weights = weights(table, OF_TERMS);
    weights(table, name).forEach((term, times) -> weights.merge(term, times, (a, b) -> a * b));
    return new Profile(name, table.getProperty(name + ".label"), weights);
  }

  /** What a profile multiplies the weights of terms with; a term that is missing once. */
  public static Map<String, Double> leaning(String name) {
    return weights(load(), name);
  }

  private static Map<String, Double> weights(Properties table, String name) {
    Map<String, Double> weights = new HashMap<>();
    String prefix = name + ".";
    for (String key : table.stringPropertyNames()) {
      if (key.startsWith(prefix) && !key.endsWith(".label")) {
        weights.put(key.substring(prefix.length()), Double.valueOf(table.getProperty(key)));
      }
    }
    return weights;
  }

  private static Properties load() {
    Properties table = new Properties();
    try (InputStream in = Profiles.class.getResourceAsStream("profiles.properties")) {
      table.load(new InputStreamReader(in, StandardCharsets.UTF_8));
      return table;
    } catch (IOException e) {
      throw new UncheckedIOException("the profile table cannot be read", e);
    }
  }
}
