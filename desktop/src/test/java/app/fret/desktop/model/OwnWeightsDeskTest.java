package app.fret.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.effort.OwnWeights;
import app.fret.lefthand.leaning.Leaning;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Ways kept again and again move the player's own weights, and can be taken back. */
class OwnWeightsDeskTest extends OverDemo {
  OwnWeightsDeskTest() {
    super(0);
  }

  private OwnWeightsDesk own() {
    return passage().ownWeights();
  }

  private static boolean crossesMore(OtherWay way) {
    return way.why().stream()
        .limit(1)
        .anyMatch(d -> d.term().equals("string-crossing") && d.share() > 0);
  }

  /** Pins ways that cost more crossing of strings than anything else, up to a number of them. */
  private int keepCrossings(int most) {
    int kept = 0;
    for (int i = 0; i < passage().study().notes().size() && kept < most; i++) {
      NotePlan note = passage().study().leftHand().notes().get(i);
      List<OtherWay> ways =
          note.otherWays().stream().filter(OwnWeightsDeskTest::crossesMore).toList();
      if (!ways.isEmpty()) {
        passage().leftHand().pinWay(i, ways.get(0).placement());
        kept++;
      }
    }
    return kept;
  }

  private List<String> moved() {
    return own().leaningsProperty().get().stream().map(Leaning::term).toList();
  }

  @Test
  void aFewChoicesMoveNothing() {
    assertThat(keepCrossings(2)).isEqualTo(2);
    assertThat(book.keptWays(passage().opened().owner().id())).hasSize(2);
    assertThat(own().leaningsProperty().get()).isEmpty();
  }

  @Test
  void repeatedChoicesMoveAWeightWhichIsSaidInFigures() {
    assertThat(keepCrossings(8)).isEqualTo(8);
    assertThat(moved()).contains("string-crossing");
    Leaning leaning = own().leaningsProperty().get().get(moved().indexOf("string-crossing"));
    assertThat(leaning.factor()).isLessThan(1);
    assertThat(own().words(leaning))
        .matches(
            "Crossing of strings now at 0\\.\\d\\d of its weight\\. You kept ways with more of it"
                + " \\d times, with less (never|once|\\d times)\\.");
  }

  @Test
  void thePassageThatIsPractisedIsPlannedWithThemOnlyWhenToldTo() {
    keepCrossings(8);
    assertThat(own().inForce()).isEqualTo(OwnWeights.NONE);
    own().use();
    assertThat(own().inForce()).isEqualTo(own().weights()).isNotEqualTo(OwnWeights.NONE);
    passage().undo();
    assertThat(own().inForce()).isEqualTo(OwnWeights.NONE);
  }

  @Test
  void aLeaningTakenBackCountsNoMoreHereEither() {
    keepCrossings(8);
    own().use();
    for (Leaning leaning : own().leaningsProperty().get()) {
      own().takeBack(leaning);
    }
    assertThat(moved()).doesNotContain("string-crossing");
    assertThat(own().inForce()).isEqualTo(OwnWeights.NONE);
  }

  @Test
  void pinsTakenBackTakeTheirLeaningAlong() {
    int kept = keepCrossings(8);
    assertThat(moved()).contains("string-crossing");
    for (int i = 0; i < kept; i++) {
      passage().undo();
    }
    assertThat(own().leaningsProperty().get()).isEmpty();
  }
}
