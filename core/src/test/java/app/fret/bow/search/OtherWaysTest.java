package app.fret.bow.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.BowPlan;
import app.fret.bow.BowPlanner;
import app.fret.bow.Bowed;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.DecidedGroups;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeKind;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What another way is said to cost is what a plan with it costs more. */
class OtherWaysTest {
  private static final String MUSIC =
      "C5/4 (D5/4 E5/4) F5/4 | (G5/4 A5/4 B5/4) C6/4 | B5/2 r/4 A5/4 | G5/1";

  private final Brief brief =
      Briefs.of(
          Music.passage(MUSIC),
          Player.of("", Instruments.named("violin")),
          new Tempo(BeatUnit.QUARTER, 76));
  private final BowPlan plan = plan(BowChoices.none());

  private BowPlan plan(BowChoices choices) {
    Brief decided = brief.bowed(DecidedGroups.of(brief.reading(), choices));
    return new BowPlanner().plan(decided, choices, Bowed.strings(brief));
  }

  private double effortWith(OtherStroke other) {
    return plan(BowChoices.none().with(other.decided())).effort() - plan.effort();
  }

  @Test
  void theOtherDirectionCostsExactlyThatMuchMore() {
    int looked = 0;
    for (int i = 0; i < plan.strokes().size(); i++) {
      for (OtherStroke other : plan.otherWays(i)) {
        if (other.what().endsWith("-bow")) {
          assertThat(effortWith(other)).isCloseTo(other.extraEffort(), within(1e-9));
          looked++;
        }
      }
    }
    assertThat(looked).isEqualTo(plan.strokes().size());
  }

  @Test
  void anotherPlaceCostsExactlyThatMuchMore() {
    int looked = 0;
    for (int i = 0; i < plan.strokes().size(); i++) {
      for (OtherStroke other : plan.otherWays(i)) {
        if (other.what().startsWith("start at ")) {
          assertThat(effortWith(other))
              .as(other.what())
              .isCloseTo(other.extraEffort(), within(1e-6));
          looked++;
        }
      }
    }
    assertThat(looked).isGreaterThan(5);
  }

  /**
   * A decision is not charged for what it does; a split is. Once it is decided, other figures may
   * come back than those of the part, which is worth up to the price of one that starts the other
   * way.
   */
  @Test
  void aSplitCostsItsPriceBesideWhatThePlanWithItCosts() {
    int looked = 0;
    for (int i = 0; i < plan.strokes().size(); i++) {
      for (OtherStroke other : plan.otherWays(i)) {
        if (other.what().startsWith("split after note ")) {
          double price = other.extraEffort() - effortWith(other);
          assertThat(price).isBetween(0.8 - 0.3 - 1e-9, 1.9 + 0.3);
          looked++;
        }
      }
    }
    assertThat(looked).isEqualTo(3);
  }

  @ParameterizedTest
  @ValueSource(strings = {"hook", "retake"})
  void aJointThatIsDecidedCostsNoMoreThanItWasSaidTo(String what) {
    int looked = 0;
    for (int i = 0; i < plan.strokes().size(); i++) {
      for (OtherStroke other : plan.otherWays(i)) {
        if (other.what().equals(what)) {
          assertThat(effortWith(other)).isLessThanOrEqualTo(other.extraEffort() + 1e-9);
          looked++;
        }
      }
    }
    assertThat(looked).isGreaterThan(3);
  }

  @Test
  void inTheFreeSchoolTheOtherDirectionIsExactToo() {
    BowChoices free = BowChoices.none().withSchool(BowSchool.FREE);
    BowPlan planned = plan(free);
    OtherStroke turned =
        planned.otherWays(0).stream()
            .filter(o -> o.what().endsWith("-bow"))
            .findFirst()
            .orElseThrow();
    double with = plan(free.with(turned.decided())).effort() - planned.effort();
    assertThat(with).isLessThanOrEqualTo(turned.extraEffort() + 1e-9);
  }

  @Test
  void pluckedStrokesHaveNoOtherWay() {
    BowChoices plucked =
        BowChoices.none()
            .with(
                new StrokeAt(
                    brief.reading().places().top(0), StrokeDecision.kind(StrokeKind.PIZZICATO)));
    BowPlan planned = plan(plucked);
    assertThat(planned.strokes().get(0).kind()).isEqualTo(StrokeKind.PIZZICATO);
    assertThat(planned.otherWays(0)).isEmpty();
    assertThat(planned.otherWays(1)).isNotEmpty();
    assertThat(planned.strokeOf(0)).isZero();
    assertThat(planned.strokeOf(2)).isEqualTo(1);
    assertThat(List.copyOf(planned.groups().groups())).hasSameSizeAs(planned.strokes());
  }
}
