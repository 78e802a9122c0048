package app.fret.lefthand;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.effort.Profiles;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.Passage;
import app.fret.score.PlayedNote;
import app.fret.score.Tempo;
import app.fret.testing.Music;
import java.util.List;
import org.junit.jupiter.api.Test;

class FiguresTest {
  private static List<Figures.Family> figures(String music) {
    Passage passage = Music.passage(music);
    return Figures.of(passage, PlayedNote.of(passage));
  }

  @Test
  void barsThatRepeatAreOneFigureWhereverTheyStand() {
    String figure = "C5/8 D5/8 E5/8 C5/8 G4/2";
    List<Figures.Family> found = figures(figure + " | A4/1 | " + figure);
    assertThat(found).hasSize(1);
    assertThat(found.get(0).samePitch()).isTrue();
    assertThat(found.get(0).spans()).extracting(s -> s.first()).containsExactly(0, 6);
  }

  @Test
  void aFigureOnOtherDegreesIsASequenceWhenItFollows() {
    List<Figures.Family> found = figures("C5/8 D5/8 E5/8 C5/8 D5/8 E5/8 F5/8 D5/8 | G5/1");
    assertThat(found).isEmpty();
    found = figures("C5/4 D5/4 E5/4 C5/4 | D5/4 E5/4 F5/4 D5/4 | G5/1");
    assertThat(found).hasSize(1);
    assertThat(found.get(0).samePitch()).isFalse();
    assertThat(found.get(0).size()).isEqualTo(4);
  }

  @Test
  void beatsOfAFastPassageAreFiguresToo() {
    List<Figures.Family> found = figures("C5/16 D5/16 E5/16 F5/16 D5/16 E5/16 F5/16 G5/16 A4/2");
    assertThat(found).hasSize(1);
    assertThat(found.get(0).size()).isEqualTo(4);
  }

  @Test
  void otherRhythmIsAnotherFigure() {
    assertThat(figures("C5/4 D5/4 E5/4 C5/4 | C5/4. D5/8 E5/4 C5/4")).isEmpty();
  }

  @Test
  void theSameBarHasTheSameFingersEachTime() throws PinConflictException {
    String figure = "C5/16 E5/16 G5/16 E5/16 C5/16 G4/16 E4/16 G4/16 C5/2";
    Passage passage = Music.passage(figure + " | D6/4 C6/4 B5/4 A5/4 | " + figure);
    LeftHandPlan plan =
        new LeftHandPlanner(Player.of("", Instruments.named("violin")), Profiles.named("secure"))
            .plan(passage, new Tempo(BeatUnit.QUARTER, 80), List.of());
    List<Finger> fingers =
        plan.notes().stream().map(NotePlan::placement).map(p -> p.top().finger()).toList();
    assertThat(fingers.subList(13, 22)).isEqualTo(fingers.subList(0, 9));
  }

  @Test
  void leapsInPairsAreASequenceWhereThreeFollowEachOther() {
    assertThat(figures("B4/8 B5/8 C5/8 C6/8 D5/8 D6/8 r/4 | G5/1")).hasSize(1);
    assertThat(figures("B4/8 B5/8 C5/8 C6/8 r/2 | G5/1")).isEmpty();
    assertThat(figures("B4/8 C5/8 C5/8 D5/8 D5/8 E5/8 r/4 | G5/1"))
        .as("steps in pairs are a scale, no figure")
        .isEmpty();
  }
}
