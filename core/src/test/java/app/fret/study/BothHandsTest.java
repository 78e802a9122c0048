package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.Pin;
import app.fret.reading.traps.Trap;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Left hand and bow settle on the same strokes. */
class BothHandsTest {
  private static final BowChoices FREE = BowChoices.none().withSchool(BowSchool.FREE);

  private static Study study(String music, double perMinute, BowChoices bow) throws Exception {
    Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, perMinute)).with(bow);
    Player player = Player.of("", Instruments.named("violin"));
    return Study.of(Music.passage(music), player, choices);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "(C5/2 D5/2 | E5/2 F5/2 | G5/1)",
        "(G3/4 D4/4 B4/4 G5/4 | F5/4 B4/4 D4/4 G3/4 | A3/2 E4/2) | C5/1",
        "C5/4 D5/4 E5/4 F5/4 | G5/4 A5/4 B5/4 C6/4"
      })
  void effortOfBothNeverRisesFromRoundToRound(String music) throws Exception {
    Study study = study(music, 44, FREE);
    assertThat(study.rounds()).isNotEmpty().hasSizeLessThanOrEqualTo(BothHands.MOST_ROUNDS);
    for (int i = 1; i < study.rounds().size(); i++) {
      assertThat(study.rounds().get(i)).isLessThanOrEqualTo(study.rounds().get(i - 1) + 1e-9);
    }
  }

  @Test
  void planningASettledPassageAgainChangesNothing() throws Exception {
    Study study = study("(C5/2 D5/2 | E5/2 F5/2 | G5/1) | A5/1", 44, FREE);
    Study again =
        study.with(study.choices().with(FREE.withSchool(BowSchool.PRINTED))).with(study.choices());
    assertThat(again.bow().effort()).isCloseTo(study.bow().effort(), within(1e-9));
    assertThat(again.bow().groups()).isEqualTo(study.bow().groups());
    assertThat(again.leftHand().effort()).isCloseTo(study.leftHand().effort(), within(1e-9));
  }

  @Test
  void theLeftHandReadsASplitSlurAsTwo() throws Exception {
    Study study = study("(C5/4 D5/4 E5/4 F5/4)", 60, BowChoices.none());
    StrokeAt split =
        new StrokeAt(study.places().top(1), StrokeDecision.of(StrokeDecision.Act.SPLIT));
    Study cut = study.with(study.choices().with(BowChoices.none().with(split)));
    assertThat(cut.brief().strokes().groups()).containsExactly(new Span(0, 1), new Span(2, 3));
    assertThat(cut.bow().strokes()).hasSize(2);
    assertThat(study.brief().strokes().groups()).containsExactly(new Span(0, 3));
  }

  @Test
  void aPinAfterSettlingStillBowsThePartAndNotWhatWasSplit() throws Exception {
    Study study = study("(C5/2 D5/2 | E5/2 F5/2 | G5/1) | A5/1", 44, FREE);
    Study pinned = study.with(study.pinned(study.choices(), List.of(Pin.of(0, 2, Finger.SECOND))));
    Study fresh = study("(C5/2 D5/2 | E5/2 F5/2 | G5/1) | A5/1", 44, FREE);
    Study freshPinned = fresh.with(pinned.choices());
    assertThat(pinned.bow().groups()).isEqualTo(freshPinned.bow().groups());
    assertThat(pinned.bow().effort()).isCloseTo(freshPinned.bow().effort(), within(1e-9));
  }

  @Test
  void anOrderOfStringsThatTurnsAgainstTheBeatIsATrap() throws Exception {
    String up = "(A3/16 E4/16 C5/16 A5/16) ";
    String down = "(A5/16 C5/16 E4/16 A3/16)";
    Study flips = study(up + up + up + down, 110, BowChoices.none());
    assertThat(flips.traps())
        .filteredOn(t -> t.kind() == Trap.Kind.PATTERN_FLIPS)
        .extracting(Trap::note)
        .containsExactly(12);
    Study steady = study(up + up + up + up.trim(), 110, BowChoices.none());
    assertThat(steady.traps()).noneMatch(t -> t.kind() == Trap.Kind.PATTERN_FLIPS);
  }
}
