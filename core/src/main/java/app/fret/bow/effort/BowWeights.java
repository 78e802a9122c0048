package app.fret.bow.effort;

import app.fret.bow.stroke.BowSchool;
import app.fret.leaning.OwnWeights;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Properties;
import java.util.concurrent.ConcurrentHashMap;

/** What strokes and joints cost in a school: the table beside this class, and the terms' own. */
public final class BowWeights {
  private static final String FOR_ALL = "any";
  private static final Map<BowSchool, BowWeights> KNOWN = new EnumMap<>(BowSchool.class);

  static {
    Properties table = load();
    for (BowSchool school : BowSchool.values()) {
      KNOWN.put(school, new BowWeights(table, school));
    }
  }

  private static final Map<Leaned, BowWeights> LEANED = new ConcurrentHashMap<>();

  private final OwnWeights own;
  private final Map<String, Double> prices = new HashMap<>();

  /** Whose weights: alike ones are one object, so that what was worked out by them serves again. */
  private record Leaned(BowSchool school, OwnWeights own) {}

  private BowWeights(BowWeights plain, OwnWeights own) {
    this.own = own;
    prices.putAll(plain.prices);
  }

  private BowWeights(Properties table, BowSchool school) {
    this.own = OwnWeights.NONE;
    for (String key : table.stringPropertyNames()) {
      double value = Double.parseDouble(table.getProperty(key));
      int dot = key.indexOf('.');
      String of = key.substring(0, dot);
      if (of.equals(FOR_ALL) || of.equals(school.id())) {
        prices.put(key.substring(dot + 1), value);
      }
    }
  }

  /** The weights of a school. */
  public static BowWeights of(BowSchool school) {
    return KNOWN.get(school);
  }

  /** The weights of a school for a player of own weights. */
  public static BowWeights of(BowSchool school, OwnWeights own) {
    return own.isNone()
        ? of(school)
        : LEANED.computeIfAbsent(
            new Leaned(school, own), key -> new BowWeights(KNOWN.get(school), own));
  }

  /** The price of this name. */
  public double price(String name) {
    Double price = prices.get(name);
    if (price == null) {
      throw new IllegalArgumentException("the bow's table has no price " + name);
    }
    return price;
  }

  /** What a term's effort is multiplied with, after the player's own weight. */
  public double term(BowTerm term) {
    return term.weight().orElseGet(() -> price(term.name())) * own.factor(term.name());
  }

  private static Properties load() {
    Properties table = new Properties();
    try (InputStream in = BowWeights.class.getResourceAsStream("schools.properties");
        InputStreamReader reader = new InputStreamReader(in, StandardCharsets.UTF_8)) {
      table.load(reader);
      return table;
    } catch (IOException e) {
      throw new UncheckedIOException("the bow's weights cannot be read", e);
    }
  }
}
