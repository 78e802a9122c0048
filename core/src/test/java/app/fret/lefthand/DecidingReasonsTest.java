package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.EffortModel.Reason;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

class DecidingReasonsTest {
  private static LeftHandPlan plan(String music) throws PinConflictException {
    Player player = Player.of("", Instruments.named("violin"));
    return new LeftHandPlanner(player, Profiles.named("secure"))
        .plan(Briefs.of(Music.passage(music), player, new Tempo(BeatUnit.QUARTER, 96)), List.of());
  }

  @Test
  void atMostFourAreSaidAtANoteAndEachHasItsSign() throws PinConflictException {
    LeftHandPlan plan = plan("(A4/16 E5/16 A4/16 E5/16) D6/4 G3/4 B5/4");
    DecidingReasons deciding = new DecidingReasons(plan);
    int said = 0;
    for (LeftHandPlan.NotePlan note : plan.notes()) {
      List<Reason> reasons = deciding.at(note.note().number());
      assertThat(reasons).hasSizeLessThanOrEqualTo(4);
      assertThat(note.reasons()).containsAll(reasons);
      for (Reason reason : reasons) {
        assertThat(DecidingReasons.signed(reason))
            .startsWith(reason.effort() < 0 ? "+ " : "\u2212 ")
            .endsWith(reason.text());
        said++;
      }
    }
    assertThat(said).isGreaterThan(plan.notes().size());
  }

  @Test
  void whatHoldsForMuchOfThePassageIsSaidOnceAndAtNoNote() throws PinConflictException {
    LeftHandPlan plan = plan("B6/8 C7/8 D7/8 C7/8 B6/8 C7/8 D7/8 E7/8");
    DecidingReasons deciding = new DecidingReasons(plan);
    assertThat(deciding.ofPassage())
        .as("said once: %s", deciding.ofPassage())
        .anySatisfy(
            sentence ->
                assertThat(sentence)
                    .startsWith("On 8 of 8 notes: the hand stands in ")
                    .endsWith(" position."));
    assertThat(plan.notes())
        .allSatisfy(
            n ->
                assertThat(deciding.at(n.note().number()))
                    .noneMatch(r -> r.term().equals("high-position")));
  }
}
