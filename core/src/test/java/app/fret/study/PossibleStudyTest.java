package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.NoteRef;
import app.fret.score.Tempo;
import app.fret.shape.ShapeChoices;
import app.fret.testing.Music;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Decisions for bow and shape that find no note any more are named and change nothing else. */
class PossibleStudyTest {
  private static final NoteRef THERE = NoteRef.parse("0@0/1 D5");
  private static final NoteRef GONE = NoteRef.parse("0@0/1 F5");
  private final Player player = Player.of("", Instruments.named("violin"));
  private final Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, 80));

  private PossibleStudy study(Choices decided) throws Exception {
    return PossibleStudy.of(Music.passage("D5/4 E5/4 F5/4 G5/4"), player, decided);
  }

  @Test
  void aStrokeDecidedOnANoteThatIsGoneIsNamed() throws Exception {
    StrokeAt gone = new StrokeAt(GONE, StrokeDecision.parse("up"));
    PossibleStudy possible = study(choices.with(BowChoices.none().with(gone)));
    assertThat(possible.remarks())
        .containsExactly(
            "A decision for the bow on F5 in bar 1 finds no such note there any more; it is kept,"
                + " but not in force.");
    assertThat(possible.study().bow().strokes().get(0).direction()).isEqualTo(BowDirection.DOWN);
    assertThat(possible.study().choices().bow().strokes()).containsExactly(gone);
  }

  @Test
  void aPeakOfAPhraseThatIsGoneIsNamed() throws Exception {
    ShapeChoices moved = ShapeChoices.none().withPeak(GONE, Optional.of(THERE));
    assertThat(study(choices.with(moved)).remarks())
        .hasSize(1)
        .allMatch(r -> r.startsWith("A peak that was moved on F5 in bar 1"));
  }

  @Test
  void whatFindsItsNoteIsInForceWithoutAWord() throws Exception {
    StrokeAt up = new StrokeAt(THERE, StrokeDecision.parse("up"));
    PossibleStudy possible = study(choices.with(BowChoices.none().with(up)));
    assertThat(possible.remarks()).isEmpty();
    assertThat(possible.study().bow().strokes().get(0).direction()).isEqualTo(BowDirection.UP);
  }

  @Test
  void aDecisionThatSaysNothingOnItsNoteSaysWhy() {
    assertThat(StrokeDecision.parse("join").whyWithoutEffect(0, 4)).isPresent();
    assertThat(StrokeDecision.parse("join").whyWithoutEffect(1, 4)).isEmpty();
    assertThat(StrokeDecision.parse("split").whyWithoutEffect(3, 4)).isPresent();
    assertThat(StrokeDecision.parse("up").whyWithoutEffect(0, 4)).isEmpty();
  }
}
