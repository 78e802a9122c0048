package app.fret.bench.worked;

import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.Route;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.fitting.Choice;
import app.fret.lefthand.fitting.Example;
import app.fret.lefthand.fitting.WeightFit;
import app.fret.lefthand.fitting.Weights;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;
import java.util.function.Predicate;

/**
 * Fits the weights of the left hand's terms to the worked passages and prints the table they make;
 * with {@code check} also how far plans agree with passages that were left out of a fit: {@code
 * [ROUNDS] [check]}. What is not the table goes to standard error.
 */
public final class FitWeights {
  private static final int FOLDS = 5;
  private static final int DECIMALS = 3;

  /** What the part leaves open in the profile "as printed" is completed like this one. */
  private static final String COMPLETES_AS_PRINTED = "secure";

  /** Weight of a printed sign there: more than anything else can cost. */
  private static final double KEPT_AS_PRINTED = 60;

  private FitWeights() {}

  /** Fits, prints the weights, and with {@code check} also fits without each part in turn. */
  public static void main(String[] args) {
    List<String> words = List.of(args);
    int rounds =
        words.isEmpty() ? WeightFit.Settings.USUAL.rounds() : Integer.parseInt(words.get(0));
    List<Example> examples = new ArrayList<>();
    for (String instrument : WorkedFile.INSTRUMENTS) {
      for (String collection : WorkedFile.COLLECTIONS) {
        WorkedFile.read(collection, instrument).forEach(p -> examples.add(p.example()));
      }
    }
    Weights before = prior();
    System.err.printf(Locale.ROOT, "before: %.1f %%%n", 100 * agreement(examples, before));
    Weights after = fit(examples, before, rounds, true);
    System.err.printf(Locale.ROOT, "after: %.1f %%%n", 100 * agreement(examples, after));
    print(after);
    if (words.contains("check")) {
      check(examples, before, rounds);
    }
  }

  /** The weights a player would accept before any fit, from the table beside this class. */
  static Weights prior() {
    Properties table = new Properties();
    try (InputStream in = FitWeights.class.getResourceAsStream("prior.properties")) {
      table.load(new InputStreamReader(in, StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException("the table of prior weights cannot be read", e);
    }
    Map<String, Double> terms = new HashMap<>();
    Map<String, Map<String, Double>> profiles = new HashMap<>();
    for (String key : table.stringPropertyNames()) {
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

  private static Weights fit(List<Example> examples, Weights before, int rounds, boolean aloud) {
    WeightFit.Settings usual = WeightFit.Settings.USUAL;
    WeightFit.Settings settings =
        new WeightFit.Settings(
            rounds, usual.margin(), usual.step(), usual.pull(), usual.mostChange());
    return new WeightFit(examples, before, settings)
        .run(
            (round, loss) -> {
              if (aloud && round % 10 == 9) {
                System.err.printf(Locale.ROOT, "round %d: mean loss %.3f%n", round + 1, loss);
              }
            });
  }

  /** The mean share of chosen notes that plans take as chosen. */
  static double agreement(List<Example> examples, Weights weights) {
    return examples.parallelStream()
        .mapToDouble(example -> agreement(example, weights))
        .average()
        .orElse(0);
  }

  private static double agreement(Example example, Weights weights) {
    Route route =
        new LeftHandPlanner(
                example.brief().player(), weights.profile(Profiles.named(example.profile())))
            .prepare(example.brief())
            .best();
    return example.ways().stream().mapToDouble(way -> share(way, route)).max().orElseThrow();
  }

  private static double share(List<Choice> way, Route route) {
    long met = way.stream().filter(c -> c.isMetBy(route.placements().get(c.note()))).count();
    return (double) met / way.size();
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

  private static void check(List<Example> examples, Weights before, int rounds) {
    double sum = 0;
    for (int fold = 0; fold < FOLDS; fold++) {
      List<Example> kept = new ArrayList<>();
      List<Example> left = new ArrayList<>();
      for (int i = 0; i < examples.size(); i++) {
        (i % FOLDS == fold ? left : kept).add(examples.get(i));
      }
      sum += agreement(left, fit(kept, before, rounds, false));
    }
    System.err.printf(
        Locale.ROOT, "left out by passage, %d parts: %.1f %%%n", FOLDS, 100 * sum / FOLDS);
    for (String instrument : WorkedFile.INSTRUMENTS) {
      Predicate<Example> isOf = e -> e.brief().player().instrument().name().equals(instrument);
      List<Example> left = examples.stream().filter(isOf).toList();
      List<Example> kept = examples.stream().filter(isOf.negate()).toList();
      System.err.printf(
          Locale.ROOT,
          "%s left out: %.1f %%%n",
          instrument,
          100 * agreement(left, fit(kept, before, rounds, false)));
    }
  }
}
