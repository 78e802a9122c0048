package app.fret.bench.worked;

import app.fret.files.ReadPassage;
import app.fret.files.ScoreRejectedException;
import app.fret.files.scores.ScoreFiles;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.PlayerSetup;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.fitting.Choice;
import app.fret.lefthand.fitting.Example;
import app.fret.score.Passage;
import app.fret.study.Choices;
import app.fret.study.Study;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/**
 * A passage with the fingers that players agree on.
 *
 * @param id its name
 * @param instrument instrument it is for
 * @param profile the profile it is asked under
 * @param school the bass school, where it is not the usual one
 * @param rule the rule that its group tests, where it belongs to one
 * @param music the passage as an ABC tune
 * @param ways what is agreed on; where there are several, any of them will do as a whole
 * @param why the reason in one line
 */
public record WorkedPassage(
    String id,
    String instrument,
    String profile,
    Optional<String> school,
    Optional<String> rule,
    String music,
    List<List<Want>> ways,
    String why) {
  public WorkedPassage {
    ways = List.copyOf(ways);
  }

  /**
   * The share of agreed notes that a plan takes as agreed, from 0 to 1, by the way it fits best.
   */
  public double agreement(LeftHandPlan plan) {
    return ways.stream().mapToDouble(w -> share(w, plan)).max().orElseThrow();
  }

  private static double share(List<Want> way, LeftHandPlan plan) {
    return (double) (way.size() - misses(way, plan).size()) / way.size();
  }

  /** What of the first way a plan takes otherwise. */
  public List<Want> misses(LeftHandPlan plan) {
    return misses(ways.get(0), plan);
  }

  private static List<Want> misses(List<Want> way, LeftHandPlan plan) {
    return way.stream().filter(w -> !w.isMetBy(plan.notes().get(w.note()).placement())).toList();
  }

  /** The passage planned for its player at the tempo it is marked with. */
  public Study study() {
    try {
      ReadPassage read =
          new ScoreFiles().open(id + ".abc", music.getBytes(StandardCharsets.UTF_8)).read(0);
      PlayerSetup setup = PlayerSetup.usual(instrument).withSchool(school);
      Passage passage = read.passage();
      Choices choices =
          Choices.at(read.intake().target(passage, Optional.empty(), Optional.empty()))
              .withProfile(Profiles.named(profile));
      return Study.of(passage, read.intake().player(setup, ""), choices);
    } catch (ScoreRejectedException | OutOfRangeException | PinConflictException e) {
      throw new IllegalStateException(id + " cannot be planned: " + e.getMessage(), e);
    }
  }

  /** What a fit of the weights learns from it. */
  public Example example() {
    List<List<Choice>> chosen = ways.stream().map(List::<Choice>copyOf).toList();
    return new Example(id, study().brief(), profile, chosen);
  }
}
