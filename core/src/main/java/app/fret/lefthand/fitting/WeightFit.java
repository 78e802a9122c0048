package app.fret.lefthand.fitting;

import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.PreparedPassage;
import app.fret.lefthand.Route;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiConsumer;

/**
 * Fits the weights of the terms to choices that somebody made.
 *
 * <p>Method: structured max-margin learning over whole plans (after Taskar, Guestrin and Koller,
 * Max-Margin Markov Networks, 2003, and Ratliff, Bagnell and Zinkevich, Maximum Margin Planning,
 * 2006, from memory), by subgradient steps on the logarithms of the weights. In each round every
 * example is planned twice: the cheapest plan that takes the notes as chosen, and the cheapest plan
 * while every note taken otherwise is made cheaper by a margin. Where the second is the cheaper,
 * the weights of terms of which the chosen plan has more shrink and those of which it has less
 * grow. A pull back to the weights it began with keeps what the examples cannot tell where it was.
 * Logarithms keep every sign. The result is the mean over the later half of the rounds. No chance
 * is involved: the same examples give the same weights.
 */
public final class WeightFit {
  /**
   * How it goes about it.
   *
   * @param rounds number of rounds
   * @param margin effort by which a chosen note should be cheaper than any other way to take it
   * @param step length of the first step in logarithms of weights; later ones shorten to a fifth
   * @param pull how strongly weights are drawn back, per round and unit of logarithm
   * @param mostChange greatest change of a weight's logarithm in either direction
   * @param mostLoss effort by which a chosen way may be dearer and still be learned from; one that
   *     is dearer lacks a rule, and to bend the weights for it would cost the others (a ramp loss,
   *     after Collobert, Sinz, Weston and Bottou, Trading Convexity for Scalability, 2006, from
   *     memory)
   */
  public record Settings(
      int rounds, double margin, double step, double pull, double mostChange, double mostLoss) {
    /** What the shipped weights were found with. */
    public static final Settings USUAL =
        new Settings(36, 0.06, 0.06, 0.02, 1.4, Double.POSITIVE_INFINITY);

    /** For going on from weights that are good already: few small steps, drawn back strongly. */
    public static final Settings NEAR = new Settings(12, 0.04, 0.03, 1, 0.5, 0.8);

    /** The same with another number of rounds. */
    public Settings withRounds(int number) {
      return new Settings(number, margin, step, pull, mostChange, mostLoss);
    }
  }

  private static final double LAST_STEP_SHARE = 0.2;

  /**
   * Terms whose weight stays: a shift is the measure of effort, and figures are held against the
   * plan itself, so that what they say is no matter of weights. What a profile promises by its name
   * is held too: no example may take it away.
   */
  private static final Set<String> HELD =
      Set.of(
          "shift",
          "sequence",
          "still-hand.shift",
          "secure.high-position",
          "secure.entering",
          "even-colour.colour",
          "brilliant.brightness");

  private final List<Example> examples;
  private final Weights first;
  private final Settings settings;
  private final Map<String, Double> changes = new TreeMap<>();
  private final Map<String, Double> sums = new TreeMap<>();

  /** What one example says of the weights. */
  private record Lesson(String profile, Map<String, Double> shares, double loss) {}

  /** The cheapest plan that takes the notes in one chosen way. */
  private record Taken(List<Choice> way, Route route) {}

  /** A fit that starts from these weights. */
  public WeightFit(List<Example> examples, Weights first, Settings settings) {
    this.examples = List.copyOf(examples);
    this.first = first;
    this.settings = settings;
  }

  /**
   * Runs all rounds.
   *
   * @param onRound hears the number of each round and the mean loss in it
   */
  public Weights run(BiConsumer<Integer, Double> onRound) {
    for (int round = 0; round < settings.rounds(); round++) {
      Weights now = changed(changes);
      List<Lesson> lessons =
          examples.parallelStream().map(e -> lesson(e, now)).flatMap(Optional::stream).toList();
      learn(lessons, stepOf(round));
      if (round >= settings.rounds() / 2) {
        changes.forEach((key, value) -> sums.merge(key, value, Double::sum));
      }
      onRound.accept(round, lessons.stream().mapToDouble(Lesson::loss).sum() / examples.size());
    }
    double counted = settings.rounds() - settings.rounds() / 2;
    Map<String, Double> mean = new TreeMap<>();
    sums.forEach((key, value) -> mean.put(key, value / counted));
    return changed(mean);
  }

  private double stepOf(int round) {
    double through = (double) round / settings.rounds();
    return settings.step() * (1 - through * (1 - LAST_STEP_SHARE));
  }

  private Weights changed(Map<String, Double> by) {
    Map<String, Double> terms = new HashMap<>(first.ofTerms());
    Map<String, Map<String, Double>> profiles = new HashMap<>();
    first.ofProfiles().forEach((name, times) -> profiles.put(name, new HashMap<>(times)));
    by.forEach(
        (key, change) -> {
          int dot = key.indexOf('.');
          if (dot < 0) {
            terms.merge(key, Math.exp(change), (a, b) -> a * b);
          } else {
            profiles
                .get(key.substring(0, dot))
                .merge(key.substring(dot + 1), Math.exp(change), (a, b) -> a * b);
          }
        });
    return new Weights(terms, profiles);
  }

  private void learn(List<Lesson> lessons, double step) {
    Map<String, Double> slopes = new HashMap<>();
    for (Lesson lesson : lessons) {
      Map<String, Double> leaning = first.ofProfiles().getOrDefault(lesson.profile(), Map.of());
      lesson
          .shares()
          .forEach(
              (term, share) -> {
                slopes.merge(term, share, Double::sum);
                if (leaning.containsKey(term)) {
                  slopes.merge(lesson.profile() + "." + term, share, Double::sum);
                }
              });
    }
    slopes.keySet().removeAll(HELD);
    slopes.forEach(
        (key, slope) -> {
          double change = changes.getOrDefault(key, 0.0);
          double steep = Math.max(-1, Math.min(1, slope));
          double next = change - step * steep - settings.pull() * step * change;
          double most = settings.mostChange();
          changes.put(key, Math.max(-most, Math.min(most, next)));
        });
  }

  /** What an example says; empty where it is taken as chosen by a margin, or cannot be. */
  private Optional<Lesson> lesson(Example example, Weights now) {
    PreparedPassage prepared =
        new LeftHandPlanner(
                example.brief().player(), now.profile(Profiles.named(example.profile())))
            .prepare(example.brief());
    Optional<Taken> best =
        example.ways().stream()
            .map(way -> new Taken(way, chosen(prepared, way)))
            .filter(taken -> Double.isFinite(taken.route().effort()))
            .min(Comparator.comparingDouble(taken -> taken.route().effort()));
    if (best.isEmpty()) {
      return Optional.empty();
    }
    Route chosen = best.get().route();
    Route rival = prepared.route(against(best.get().way()));
    double loss = chosen.effort() - rival.addedEffort();
    if (loss <= 0 || loss > settings.mostLoss()) {
      return Optional.empty();
    }
    Map<String, Double> shares = new HashMap<>(prepared.shares(chosen));
    prepared.shares(rival).forEach((term, share) -> shares.merge(term, -share, Double::sum));
    return Optional.of(new Lesson(example.profile(), shares, loss));
  }

  private static Route chosen(PreparedPassage prepared, List<Choice> way) {
    Map<Integer, Choice> choices = byNote(way);
    return prepared.route((note, at) -> isOther(choices, note, at) ? Double.POSITIVE_INFINITY : 0);
  }

  private Route.Extra against(List<Choice> way) {
    Map<Integer, Choice> choices = byNote(way);
    return (note, at) -> isOther(choices, note, at) ? -settings.margin() : 0;
  }

  private static Map<Integer, Choice> byNote(List<Choice> way) {
    Map<Integer, Choice> choices = new HashMap<>();
    way.forEach(choice -> choices.put(choice.note(), choice));
    return choices;
  }

  private static boolean isOther(Map<Integer, Choice> choices, int note, Placement at) {
    Choice choice = choices.get(note);
    return choice != null && !choice.isMetBy(at);
  }
}
