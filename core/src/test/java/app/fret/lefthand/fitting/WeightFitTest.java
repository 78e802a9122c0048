package app.fret.lefthand.fitting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.PreparedPassage;
import app.fret.lefthand.Route;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class WeightFitTest {
  private static final Player PLAYER = Player.of("", Instruments.named("violin"));
  private static final WeightFit.Settings SHORT =
      new WeightFit.Settings(40, 0.3, 0.15, 0.01, 2, Double.POSITIVE_INFINITY);
  private static final Weights PLAIN =
      new Weights(Map.of(), Map.of("secure", Map.of("open-string", 1.0)));

  private record By(int note, Finger finger, int string) implements Choice {
    @Override
    public boolean isMetBy(Placement at) {
      return at.top().finger() == finger && at.top().string() == string;
    }
  }

  private static Brief brief(String music) {
    return Briefs.of(Music.passage(music), PLAYER, new Tempo(BeatUnit.QUARTER, 72));
  }

  private static PreparedPassage prepared(Brief brief, Weights weights) {
    return new LeftHandPlanner(PLAYER, weights.profile(Profiles.named("secure"))).prepare(brief);
  }

  /** The plan lies in first position; this player likes the third. */
  @Test
  void whatSomebodyKeepsChoosingIsPlannedAfterwards() {
    Brief brief = brief("G4/8 A4/8 B4/8 A4/8 G4/8 A4/8 B4/8 C5/8");
    List<Choice> first =
        List.of(
            new By(0, Finger.FIRST, 3), new By(2, Finger.THIRD, 3), new By(7, Finger.FOURTH, 3));
    Route before = prepared(brief, PLAIN).route((note, at) -> 0);
    assertThat(first)
        .as("%s", before.placements())
        .anyMatch(c -> !c.isMetBy(before.placements().get(c.note())));
    List<Double> losses = new ArrayList<>();
    Weights fitted =
        new WeightFit(List.of(new Example("first", brief, "secure", List.of(first))), PLAIN, SHORT)
            .run((round, loss) -> losses.add(loss));
    assertThat(losses).hasSize(40);
    assertThat(losses.get(39)).isLessThan(losses.get(0));
    Route after = prepared(brief, fitted).route((note, at) -> 0);
    assertThat(first).allMatch(c -> c.isMetBy(after.placements().get(c.note())));
  }

  /** A way far off lacks a rule; no weight should be bent for it. */
  @Test
  void aWayThatIsDearerThanTheMostLossIsNotLearnedFrom() {
    Brief brief = brief("G4/8 A4/8 B4/8 A4/8 G4/8 A4/8 B4/8 C5/8");
    Example far =
        new Example("far", brief, "secure", List.of(List.of(new By(0, Finger.FOURTH, 4))));
    WeightFit.Settings near = new WeightFit.Settings(4, 0.3, 0.15, 0.01, 2, 0.01);
    assertThat(new WeightFit(List.of(far), PLAIN, near).run((round, loss) -> {})).isEqualTo(PLAIN);
    WeightFit.Settings any =
        new WeightFit.Settings(4, 0.3, 0.15, 0.01, 2, Double.POSITIVE_INFINITY);
    assertThat(new WeightFit(List.of(far), PLAIN, any).run((round, loss) -> {}))
        .isNotEqualTo(PLAIN);
  }

  @Test
  void theSameExamplesGiveTheSameWeightsAndNoWeightChangesItsSign() {
    Example example =
        new Example(
            "third position",
            brief("D5/8 E5/8 F5/8 G5/8 A5/8 G5/8 F5/8 E5/8"),
            "secure",
            List.of(List.of(new By(0, Finger.FIRST, 2), new By(4, Finger.FIRST, 1))));
    Weights once = new WeightFit(List.of(example), PLAIN, SHORT).run((round, loss) -> {});
    Weights again = new WeightFit(List.of(example), PLAIN, SHORT).run((round, loss) -> {});
    assertThat(again).isEqualTo(once);
    assertThat(once.ofTerms()).isNotEmpty().allSatisfy((t, w) -> assertThat(w).isPositive());
    assertThat(once.ofTerms()).as("held").doesNotContainKeys("shift", "sequence");
  }

  @Test
  void whatIsPlannedAsChosenByAMarginChangesNothing() {
    Brief brief = brief("B4/4 C5/4 D5/4 C5/4");
    Route plan = prepared(brief, PLAIN).route((note, at) -> 0);
    List<Choice> asPlanned = new ArrayList<>();
    asPlanned.add(
        new By(
            0, plan.placements().get(0).top().finger(), plan.placements().get(0).top().string()));
    Weights fitted =
        new WeightFit(
                List.of(new Example("plain", brief, "secure", List.of(asPlanned))), PLAIN, SHORT)
            .run((round, loss) -> assertThat(loss).isZero());
    assertThat(fitted).isEqualTo(PLAIN);
  }

  @Test
  void anExampleSaysHowSomethingIsTaken() {
    Brief brief = brief("B4/4 C5/4 D5/4 C5/4");
    assertThatThrownBy(() -> new Example("empty", brief, "secure", List.of()))
        .hasMessage("empty says of no note how it is taken");
  }

  /** What each term adds to a route is its effort, however the route was searched for. */
  @Test
  void theSharesOfARouteAreItsEffort() {
    PreparedPassage passage = prepared(brief("G4/8 A4/8 B4/8 D5/8 G5/8 D5/8 B4/8 G4/8"), PLAIN);
    Route forced =
        passage.route(
            (note, at) -> note == 3 && at.top().string() == 2 ? Double.POSITIVE_INFINITY : 0);
    assertThat(passage.shares(forced).values().stream().mapToDouble(d -> d).sum())
        .isCloseTo(forced.effort(), org.assertj.core.api.Assertions.within(1e-9));
    Route cheered = passage.route((note, at) -> at.top().isOpen() ? -1 : 0);
    assertThat(passage.shares(cheered).values().stream().mapToDouble(d -> d).sum())
        .isCloseTo(cheered.effort(), org.assertj.core.api.Assertions.within(1e-9));
    assertThat(cheered.addedEffort()).isLessThan(cheered.effort());
    Route none = passage.route((note, at) -> Double.POSITIVE_INFINITY);
    assertThat(none.effort()).isInfinite();
    assertThat(none.placements()).isEmpty();
  }
}
