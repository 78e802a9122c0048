package app.fret.bow;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.search.BowSearch;
import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.DecidedGroups;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A changed passage is planned from the plan before it, with the result of a plan from nothing. */
class ChangedBowingTest {
  private static final List<String> DECISIONS =
      List.of("down", "up", "split", "join", "hook", "two", "retake", "as-it-comes", "at:0.4");
  private static final int CHANGES = 25;

  private final Brief brief =
      Briefs.of(
          Music.passage(
              "(C5/4 D5/8 E5/8) F5/8. G5/16 (A5/8 G5/8) | C5/8 D5/8 E5/8 F5/8 C5/8 D5/8 E5/8 F5/8"
                  + " | C5/8 D5/8 E5/8 F5/8 C5/8 D5/8 E5/8 F5/8 | (G5/2 A5/4 B5/4) | r/4 C6/2."
                  + " | (C5/4 D5/4 E5/4 F5/4) | E5/1"),
          Player.of("", Instruments.named("violin")),
          new Tempo(BeatUnit.QUARTER, 84));

  private Brief decided(BowChoices choices) {
    return brief.bowed(DecidedGroups.of(brief.reading(), choices));
  }

  private BowPlan fromNothing(BowChoices choices) {
    return new BowPlanner().plan(decided(choices), choices, Bowed.strings(brief));
  }

  private BowPlan after(BowPlan earlier, BowChoices choices) {
    return new BowPlanner().plan(decided(choices), choices, Bowed.strings(brief), earlier);
  }

  private BowChoices with(BowChoices choices, int note, String decision) {
    return choices.with(
        new StrokeAt(brief.reading().places().top(note), StrokeDecision.parse(decision)));
  }

  @ParameterizedTest
  @EnumSource
  void aWalkOfChangesEndsWhereEachPlanFromNothingDoes(BowSchool school) {
    Random random = new Random(school.ordinal());
    BowChoices choices = BowChoices.none().withSchool(school);
    BowPlan plan = fromNothing(choices);
    for (int i = 0; i < CHANGES; i++) {
      String decision = DECISIONS.get(random.nextInt(DECISIONS.size()));
      choices = with(choices, random.nextInt(brief.notes().size()), decision);
      plan = after(plan, choices);
      BowPlan anew = fromNothing(choices);
      assertThat(plan.strokes()).as("after %s", choices).isEqualTo(anew.strokes());
      assertThat(plan.effort()).isEqualTo(anew.effort());
      int stroke = random.nextInt(plan.strokes().size());
      assertThat(plan.otherWays(stroke)).isEqualTo(anew.otherWays(stroke));
    }
  }

  @Test
  void anotherSchoolIsNotPlannedFromTheWeightsOfThisOne() {
    BowChoices free = BowChoices.none().withSchool(BowSchool.FREE);
    BowPlan plan = after(fromNothing(BowChoices.none()), free);
    assertThat(plan.effort()).isEqualTo(fromNothing(free).effort());
    assertThat(plan.strokes()).isEqualTo(fromNothing(free).strokes());
  }

  @Test
  void whatLiesBeforeAChangeIsTakenOver() {
    BowPlan plan = fromNothing(BowChoices.none());
    int last = brief.notes().size() - 1;
    BowSearch now = after(plan, with(BowChoices.none(), last, "at:0.4")).answers().search();
    BowSearch before = plan.answers().search();
    assertThat(before.workedOut()).isEqualTo(before.count()).isGreaterThan(20);
    assertThat(now.workedOut()).isEqualTo(1);
  }

  @Test
  void nothingIsWorkedOutWhereNothingChanged() {
    BowPlan plan = fromNothing(BowChoices.none());
    assertThat(after(plan, BowChoices.none()).answers().search().workedOut()).isZero();
  }
}
