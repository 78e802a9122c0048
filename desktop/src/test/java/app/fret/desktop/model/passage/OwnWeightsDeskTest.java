package app.fret.desktop.model.passage;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.effort.BowTerms;
import app.fret.bow.search.OtherStroke;
import app.fret.desktop.model.OverDemo;
import app.fret.desktop.model.passage.OwnWeightsDesk.Own;
import app.fret.leaning.OwnWeights;
import app.fret.leaning.Side;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.LikeNotes;
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
    return own().leaningsProperty().get().stream().map(o -> o.leaning().term()).toList();
  }

  @Test
  void aFewChoicesMoveNothing() {
    assertThat(keepCrossings(2)).isEqualTo(2);
    assertThat(book.keptWays(passage().opened().owner().id(), Side.LEFT_HAND)).hasSize(2);
    assertThat(own().leaningsProperty().get()).isEmpty();
  }

  @Test
  void repeatedChoicesMoveAWeightWhichIsSaidInFigures() {
    assertThat(keepCrossings(8)).isEqualTo(8);
    assertThat(moved()).contains("string-crossing");
    Own leaning = own().leaningsProperty().get().get(moved().indexOf("string-crossing"));
    assertThat(leaning.leaning().factor()).isLessThan(1);
    assertThat(own().words(leaning))
        .matches(
            "Crossing of strings now at 0\\.\\d\\d of its weight\\. You kept ways with more of it"
                + " \\d times, with less (never|once|\\d times)\\.");
  }

  /** A pin that holds in every figure alike is one choice of the player's. */
  @Test
  void aPinThatHoldsForLikeFiguresIsLearnedOnce() {
    LikeNotes like = new LikeNotes(passage().study().brief());
    NotePlan note =
        passage().study().leftHand().notes().stream()
            .filter(n -> !like.equalTo(n.note().number()).isEmpty())
            .filter(n -> !n.otherWays().isEmpty())
            .findFirst()
            .orElseThrow();
    passage().leftHand().pinWay(note.note().number(), note.otherWays().get(0).placement());
    assertThat(passage().study().choices().pins()).hasSizeGreaterThan(1);
    assertThat(book.keptWays(passage().opened().owner().id(), Side.LEFT_HAND)).hasSize(1);
  }

  @Test
  void thePassageThatIsPractisedIsPlannedWithThemOnlyWhenToldTo() {
    keepCrossings(8);
    assertThat(own().inForce(Side.LEFT_HAND)).isEqualTo(OwnWeights.NONE);
    own().use();
    assertThat(own().inForce(Side.LEFT_HAND))
        .isEqualTo(own().weights(Side.LEFT_HAND))
        .isNotEqualTo(OwnWeights.NONE);
    passage().undo();
    assertThat(own().inForce(Side.LEFT_HAND)).isEqualTo(OwnWeights.NONE);
  }

  @Test
  void aLeaningTakenBackCountsNoMoreHereEither() {
    keepCrossings(8);
    own().use();
    for (Own leaning : own().leaningsProperty().get()) {
      own().takeBack(leaning);
    }
    assertThat(moved()).doesNotContain("string-crossing");
    assertThat(own().inForce(Side.LEFT_HAND)).isEqualTo(OwnWeights.NONE);
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

  /**
   * Starts strokes elsewhere than planned, at notes far enough apart to be choices of their own.
   */
  private int keepPlaces(int most) {
    int kept = 0;
    for (int i = 0; i < passage().study().bow().strokes().size() && kept < most; i += 7) {
      for (OtherStroke way : passage().study().bow().otherWays(i)) {
        if (way.decided().decision().place().isPresent()) {
          passage().bow().take(way);
          kept++;
          break;
        }
      }
    }
    return kept;
  }

  @Test
  void theBowLearnsFromItsOwnDecisions() {
    int kept = keepPlaces(6);
    assertThat(kept).isGreaterThan(2);
    long player = passage().opened().owner().id();
    assertThat(book.keptWays(player, Side.BOW)).hasSize(kept);
    assertThat(book.keptWays(player, Side.LEFT_HAND)).isEmpty();
    assertThat(own().leaningsProperty().get())
        .isNotEmpty()
        .allSatisfy(o -> assertThat(o.side()).isEqualTo(Side.BOW));
    Own first = own().leaningsProperty().get().get(0);
    assertThat(own().words(first)).contains(BowTerms.inShort(first.leaning().term()).substring(1));
    own().use();
    assertThat(passage().study().choices().bow().own()).isEqualTo(own().weights(Side.BOW));
    own().takeBack(first);
    assertThat(passage().study().choices().bow().own().factors())
        .doesNotContainKey(first.leaning().term());
  }
}
