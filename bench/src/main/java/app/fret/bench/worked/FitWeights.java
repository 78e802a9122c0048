package app.fret.bench.worked;

import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.fitting.WeightFit;
import app.fret.lefthand.fitting.Weights;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.TreeMap;

/**
 * Fits the weights of the left hand's terms to the worked passages and prints the table they make:
 * {@code [ROUNDS] [on] [check] [terms]}. With {@code on} the fit begins at the table that ships and
 * stays near it; with {@code check} it is said too how far plans agree with passages that were left
 * out of a fit ({@link LeftOut}), and with {@code terms} what falls without each term. What is not
 * the table goes to standard error.
 */
public final class FitWeights {
  private static final int DECIMALS = 3;

  /** What the part leaves open in the profile "as printed" is completed like this one. */
  private static final String COMPLETES_AS_PRINTED = "secure";

  /** Weight of a printed sign there: more than anything else can cost. */
  private static final double KEPT_AS_PRINTED = 60;

  private FitWeights() {}

  /** Fits, prints the weights, and with {@code check} also fits without each part in turn. */
  public static void main(String[] args) {
    List<String> words = List.of(args);
    boolean goesOn = words.contains("on");
    WeightFit.Settings usual = goesOn ? WeightFit.Settings.NEAR : WeightFit.Settings.USUAL;
    Optional<Integer> rounds =
        words.stream().filter(w -> w.matches("\\d+")).map(Integer::valueOf).findFirst();
    WeightFit.Settings settings = rounds.map(usual::withRounds).orElse(usual);
    Weights before = goesOn ? shipped() : prior();
    List<Lesson> lessons = Lesson.all();
    LeftOut.report("before", lessons, before);
    if (words.contains("terms")) {
      TermsLeftOut.report(lessons, before);
    }
    Weights after = fit(lessons, before, settings, true);
    LeftOut.report("after", lessons, after);
    print(after);
    if (words.contains("check")) {
      new LeftOut(lessons, before, settings).report();
    }
  }

  /** The weights a player would accept before any fit, from the table beside this class. */
  static Weights prior() {
    return read(FitWeights.class, "prior.properties");
  }

  /** The weights that ship. */
  static Weights shipped() {
    return read(Profiles.class, "profiles.properties");
  }

  private static Weights read(Class<?> beside, String name) {
    Properties table = new Properties();
    try (InputStream in = beside.getResourceAsStream(name)) {
      table.load(new InputStreamReader(in, StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException("the weights in " + name + " cannot be read", e);
    }
    Map<String, Double> terms = new HashMap<>();
    Map<String, Map<String, Double>> profiles = new HashMap<>();
    for (String key : table.stringPropertyNames()) {
      if (key.endsWith(".label")) {
        continue;
      }
      String[] parts = key.split("\\.");
      double weight = Double.parseDouble(table.getProperty(key));
      if (parts[0].equals("term")) {
        terms.put(parts[1], weight);
      } else {
        profiles.computeIfAbsent(parts[0], p -> new HashMap<>()).put(parts[1], weight);
      }
    }
    return new Weights(terms, profiles);
  }

  /** The weights a fit to these passages finds. */
  static Weights fit(
      List<Lesson> lessons, Weights before, WeightFit.Settings settings, boolean aloud) {
    return new WeightFit(lessons.stream().map(Lesson::example).toList(), before, settings)
        .run(
            (round, loss) -> {
              if (aloud) {
                System.err.printf(Locale.ROOT, "round %d: mean loss %.4f%n", round + 1, loss);
              }
            });
  }

  /** Prints the table as it ships, to take the place of profiles.properties. */
  private static void print(Weights after) {
    System.out.println(
        "# Weights of the effort terms. \"term\" holds the weight of each term; one that is");
    System.out.println(
        "# not named counts once. A profile multiplies those it names. Found by fitting to worked");
    System.out.println(
        "# passages (./fret bench fit); docs/left-hand-model.md says how, and what each means.");
    print("term", after.ofTerms());
    for (String name : Profiles.NAMES) {
      boolean printed = name.equals(Profiles.AS_PRINTED);
      Map<String, Double> times =
          new TreeMap<>(after.ofProfiles().get(printed ? COMPLETES_AS_PRINTED : name));
      if (printed) {
        times.put("printed", KEPT_AS_PRINTED);
      }
      System.out.println();
      System.out.println(name + ".label = " + Profiles.named(name).label());
      print(name, times);
    }
  }

  private static void print(String group, Map<String, Double> weights) {
    new TreeMap<>(weights)
        .forEach(
            (term, weight) ->
                System.out.printf(
                    Locale.ROOT,
                    "%s.%s = %s%n",
                    group,
                    term,
                    BigDecimal.valueOf(weight)
                        .setScale(DECIMALS, RoundingMode.HALF_EVEN)
                        .stripTrailingZeros()
                        .toPlainString()));
  }
}
